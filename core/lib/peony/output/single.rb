# frozen_string_literal: true

module Peony
  module Output
    # One figure of a text, as a file.
    module Single
      module_function

      # @param file [String] a text
      # @param options [Hash] as on the command line
      def run(file, options)
        house = Style.fetch(options[:style]).with(finish: options[:finish])
        width, height = size(options[:size])
        edge = [width, height].min / 16.0
        title, drawing = drawn(file, house, width - (edge * 2), height - (edge * 2), options)
        picture = Figures.picture(drawing, house, title: title, ground: false)
        nodes = picture.nodes.map { |n| Scene::Boxes.moved(n, edge, edge) }
        nodes.unshift(Scene::Rect.new(x: 0, y: 0, w: width, h: height, radius: 0, fill: house.colour("surface"))) unless options[:transparent]
        whole = Scene::Picture.new(width: width, height: height, nodes: nodes, title: title, lang: "en")
        File.binwrite(options[:out], Paint.file([whole], File.extname(options[:out]).delete("."), scale: options[:scale] || 1))
      end

      # @return [Array(String, Figures::Drawing)]
      def drawn(file, house, width, height, options)
        return chart(file, house, width, height, options) if options[:chart] || (options[:form].nil? && table?(file))

        reading = Reading.of(Notes.open(file))
        [reading.title, drawing(reading, house, width, height, options)]
      end

      def table?(file) = [".csv", ".tsv", ".tab", ".json", *Peony::Tables::BOOKS].include?(File.extname(file).downcase)

      def chart(file, house, width, height, options)
        shape = Peony::Tables::Shape.new(Peony::Tables::Reader.table(Peony::Tables.pick(Peony::Tables.open(file), options[:sheet])))
        Charts::Chart.fetch(options[:chart]) if options[:chart]
        list = Charts::Proposals.for(shape, house: house, width: width, height: height)
        made = options[:chart] ? list.find { |p| p.chart == options[:chart] } : list.first
        raise Error.new("This table does not make that chart.", hint: "It makes: #{list.map(&:chart).join(', ')}.") if made.nil? && list.any?
        raise Error.new("Peony finds nothing to draw in this table.", hint: "Bring one that has a column of numbers.") unless made

        [made.heading, made.drawing]
      end

      def drawing(reading, house, width, height, options)
        if reading.findings.empty?
          raise Error.new("Peony finds nothing to draw in this text.",
                          hint: "Bring steps, dates, shares, a comparison, a list or a number.")
        end

        unless options[:form]
          best = Figures::Proposals.for(reading, house: house, width: width, height: height).first
          raise Error.new("No form holds this text at that size.", hint: "Take a larger size.") unless best

          return best.drawing
        end
        facts = Figures::Form.fetch(options[:form]).facts
        finding = reading.finding(facts.family) || reading.best
        Figures.draw(facts.form, Figures::Proposals.items(finding, reading.passage), house: house, width: width, height: height, heading: reading.title)
      end

      def size(text)
        match = text.to_s.match(/\A(\d{2,5})x(\d{2,5})\z/) or raise Error.new("“#{text}” is not a size.", hint: "Write it as 1080x1080.")
        [match[1].to_f, match[2].to_f]
      end
    end
  end
end
