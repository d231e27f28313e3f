# frozen_string_literal: true

module Peony
  module Output
    # A reading as the command line prints it.
    module Readings
      module_function

      # @param within_file [Boolean] evidence counts characters of the file, not of the passage
      # @return [Hash]
      def hash(file, reading, within_file: false)
        passage = reading.passage
        at = ->(n) { within_file ? passage.in_file(n) : n }
        hash = { file: file, heading: passage.heading, title: reading.title || reading.items.first&.title, text: passage.text,
                 why_no_picture: reading.silence, families: reading.findings.map { |f| { family: f.family, fit: f.fit, reason: f.reason } },
                 items: reading.items.map { |i| item(i, at) },
                 quantities: reading.quantities.map { |q| { value: q.value, unit: q.unit, text: q.text, evidence: [at[q.from], at[q.to]] } },
                 derived: reading.derived.map { |d| { value: d.value, unit: d.unit, working: d.working } },
                 queries: reading.queries.map { |q| { kind: q.kind, message: q.message, working: q.working } },
                 proposals: Figures::Proposals.for(reading).map { |p| { form: p.form, family: p.family, fit: p.fit, reason: p.reason } } }
        hash.delete(:why_no_picture) unless reading.silence
        hash
      end

      def item(item, at)
        { title: item.title, detail: item.detail, value: item.value, unit: item.unit, date: item.date, evidence: item.spans.map do |s|
          [at[s.from], at[s.to]]
        end,
          children: item.children.map { |c| item(c, at) } }.compact
      end
    end
  end
end
