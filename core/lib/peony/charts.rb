# frozen_string_literal: true

module Peony
  # Pictures of a table: marks, scales and guides. A chart is one file in charts/kinds/.
  module Charts
    # Everything a chart needs. Sizes in px; +marks+ are what is said of single places: see {Marking};
    # +axis+ is the scale as a person wants it, +patterns+ whether areas are hatched too.
    Job = Struct.new(:data, :marks, :heading, :subtitle, :width, :height, :house, :finish, :direction, :colour, :least, :highlight, :axis, :patterns, keyword_init: true)

    # A chart that could be put on the page. +data+ and +marks+ as kept in a piece.
    Proposal = Struct.new(:chart, :title, :family, :fit, :reason, :heading, :subtitle, :data, :marks, :highlight, :drawing, keyword_init: true)

    module_function

    # @param chart [String]
    # @param data [Hash] as kept in a piece: {"x" => {...}, "series" => [...]}
    # @param house [Style::House]
    # @return [Figures::Drawing]
    # @raise [Figures::Refusal] with the reason
    def draw(chart, data, house:, width:, height:, finish: nil, heading: nil, subtitle: nil, marks: [], direction: "ltr", colour: "accent-1", least: 12, highlight: nil, axis: nil,
             patterns: false)
      finish = Figures::Finish.fetch(finish || house.finish)
      finish.framed(house, width.to_f, height.to_f) do |dressed, w, h|
        job = Job.new(data: Data.from(data), marks: marks || [], heading: Figures.clean(heading), subtitle: Figures.clean(subtitle), width: w, height: h, house: dressed, finish: finish,
                      direction: direction, colour: colour || "accent-1", least: least, highlight: highlight, axis: axis || {}, patterns: patterns)
        Chart.fetch(chart).draw(job)
      end
    end
  end
end
