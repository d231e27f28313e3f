# frozen_string_literal: true

require "commonmarker"

module Peony
  module Notes
    # CommonMark with tables: headings, paragraphs, lists (nested, numbered), quotes; bold, italic and links become marks.
    module Markdown
      MARKS = { strong: "strong", emph: "em", link: "link", code: "code" }.freeze

      module_function

      # @param text [String]
      # @return [Document]
      def read(text)
        builder = Builder.new
        lines = text.lines
        TypedLines.parted(CommonMarker.render_doc(text, :DEFAULT, %i[table strikethrough]).to_a, lines).each do |nodes, typed|
          typed ? TypedLines.add(typed, builder) : collect(nodes, builder)
        end
        builder.document
      end

      # @param nodes [Enumerable<CommonMarker::Node>]
      def collect(nodes, builder, level: 0, quoted: false)
        nodes.each do |child|
          case child.type
          when :header then inline(child) { |words, marks| builder.heading(words, child.header_level, marks: marks) }
          when :paragraph then paragraph(child, builder, quoted)
          when :blockquote then collect(child, builder, quoted: true)
          when :list then list(child, builder, level)
          when :code_block then builder.paragraph(child.string_content)
          when :table then builder.table(child.map { |row| row.map { |cell| inline(cell) { |words, _| words } } })
          end
        end
      end

      def paragraph(node, builder, quoted)
        return inline(node) { |words, marks| builder.quote(words, marks: marks) } if quoted

        lines = lines(node)
        return inline(node) { |words, marks| builder.paragraph(words, marks: marks) } unless rows?(lines)

        # Those who write "Design: £6,800" line by line mean a list, though no sign says so.
        lead = rows?([lines.first] * 2) ? nil : lines.shift
        inline(lead) { |words, marks| builder.paragraph(words, marks: marks) } if lead
        lines.each { |line| inline(line) { |words, marks| builder.item(words, marks: marks) } }
      end

      # @return [Array<Array<CommonMarker::Node>>] the nodes of each line
      def lines(node) = node.to_a.slice_when { |one, _| %i[softbreak linebreak].include?(one.type) }.map { |line| line.reject { |n| %i[softbreak linebreak].include?(n.type) } }

      # Whether all lines, but perhaps for the first, have a label or end in their number.
      def rows?(lines)
        return false if lines.size < 2

        words = lines.map { |line| inline(line) { |text, _| text } }
        return false if Text.wrapped?(words)

        rest = words.drop(words.size > 2 ? 1 : 0)
        rest.all? { |line| line.length < 120 && [Text::LABELLED, Text::ROW, Text::COUNT, Text::DATED_ROW, Text::LEADS_TO].any? { |row| line.match?(row) } }
      end

      # Only the first paragraph of an entry is the entry; what follows stands below it.
      def list(node, builder, level)
        ordered = node.list_type == :ordered_list
        node.each do |entry|
          first = true
          entry.each do |child|
            if child.type == :list then list(child, builder, level + 1)
            elsif first && child.type == :paragraph
              inline(child) { |words, marks| builder.item(words, level: level, ordered: ordered, marks: marks) }
              first = false
            elsif child.type == :paragraph then inline(child) { |words, marks| builder.paragraph(words, marks: marks) }
            else
              collect(child, builder, level: level)
            end
          end
        end
      end

      # Yields the words of a node and the marks on them: [from, to, kind, address].
      def inline(node)
        text = +""
        marks = []
        spans(node, text, marks)
        yield text.strip, marks
      end

      def spans(node, text, marks)
        node.each do |child|
          from = text.length
          case child.type
          when :text, :code then text << child.string_content
          when :softbreak, :linebreak then text << " "
          when :image then next
          else spans(child, text, marks)
          end
          kind = MARKS[child.type]
          marks << [from, text.length, kind, *(child.url if child.type == :link)] if kind
        end
      end
    end
  end
end
