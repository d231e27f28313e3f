# frozen_string_literal: true

module Peony
  module Notes
    # Office Open XML slides: the title of each slide is a heading, its text boxes entries or paragraphs, in the order of the slides.
    module PPTX
      module_function

      # @param bytes [String]
      # @return [Document]
      # @raise [Peony::Error]
      def read(bytes)
        package = Package.new(bytes, "slide file")
        slides = order(package)
        raise Error.new("This slide file has no slides.", hint: "Bring another one.") if slides.empty?

        builder = Builder.new
        slides.each_with_index { |name, index| (xml = package.xml(name)) && slide(xml, builder, index.zero?) }
        builder.document
      end

      # The slides in the order in which they are shown.
      def order(package)
        found = package.names.grep(%r{\Appt/slides/slide\d+\.xml\z}).sort_by { |n| n[/\d+(?=\.xml)/].to_i }
        targets = package.xml("ppt/_rels/presentation.xml.rels")&.xpath("//Relationship").to_h { |r| [r["Id"], "ppt/#{r['Target'].to_s.sub(%r{\A/ppt/}, '')}"] }
        ids = package.xml("ppt/presentation.xml")&.xpath("//sldId")&.map { |s| s.attribute_nodes.map(&:value).find { |v| targets[v] } } || []
        shown = ids.filter_map { |id| targets[id] } & found
        shown.empty? ? found : shown
      end

      def slide(xml, builder, first)
        shapes = xml.xpath("//spTree//sp | //spTree//graphicFrame").to_a
        title, rest = shapes.partition { |s| s.at_xpath("nvSpPr/nvPr/ph")&.[]("type").to_s.match?(/\A(?:title|ctrTitle)\z/) }
        title.each { |s| builder.heading(words(s.at_xpath("txBody")), first ? 1 : 2) }
        rest.each { |s| s.name == "graphicFrame" ? table(s, builder) : box(s, builder) }
      end

      def words(body) = body ? body.xpath(".//p").map { |p| line(p) }.reject(&:empty?).join(" ") : ""
      def line(node) = node.xpath(".//t | .//br").map { |n| n.name == "br" ? " " : n.text }.join.strip

      PLAIN = %w[subTitle dt ftr sldNum].freeze

      # A body placeholder holds entries unless it has only one paragraph or switches its bullets off.
      def box(shape, builder)
        holder = shape.at_xpath("nvSpPr/nvPr/ph")
        return if %w[dt ftr sldNum].include?(holder&.[]("type"))

        lines = shape.xpath("txBody/p").reject { |p| line(p).empty? }
        lines.each do |p|
          props = p.at_xpath("pPr")
          marked = props&.at_xpath("buChar | buAutoNum | buBlip")
          bare = props&.at_xpath("buNone") || PLAIN.include?(holder&.[]("type")) || (holder.nil? && marked.nil?) || (lines.size == 1 && marked.nil?)
          next builder.heading(line(p), 2) if bare && lines.size > 1 && bold?(p)

          if bare
            builder.paragraph(line(p))
          else
            builder.item(line(p), level: props&.[]("lvl").to_i, ordered: props&.at_xpath("buAutoNum") ? true : false)
          end
        end
      end

      # A short line that is all bold leads what follows.
      def bold?(node)
        runs = node.xpath("r").reject { |r| r.text.strip.empty? }
        runs.any? && runs.all? { |r| r.at_xpath("rPr")&.[]("b") == "1" } && line(node).length < 90 && !line(node).match?(/[.,;]\z/)
      end

      def table(frame, builder)
        rows = frame.xpath(".//tbl/tr").map { |tr| tr.xpath("tc").map { |tc| words(tc.at_xpath("txBody")) } }
        builder.table(rows)
      end
    end
  end
end
