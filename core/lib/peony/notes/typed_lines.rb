# frozen_string_literal: true

module Peony
  module Notes
    # Lines that somebody typed one below the other in a Markdown file, without the signs that Markdown asks for: there they would run into one paragraph, or into
    # the last entry of a list. They are read as plain text is.
    module TypedLines
      RUN = %i[paragraph list].freeze
      # Signs of Markdown within the words: such lines are Markdown.
      MARKUP = /[*_`]\S|\]\(|<\w|\\\S/

      module_function

      # @param nodes [Array<CommonMarker::Node>] the outermost nodes of a document
      # @param lines [Array<String>] of the file
      # @return [Array<Array(Array<CommonMarker::Node>, Document)>] nodes that stand together, and what they say as plain text; nil where they are Markdown
      def parted(nodes, lines)
        nodes.slice_when { |one, two| RUN.include?(one.type) != RUN.include?(two.type) }.flat_map do |stretch|
          next [[stretch, nil]] unless RUN.include?(stretch.first.type)

          alike = sections(stretch, lines)
          alike ? [[stretch, alike]] : runs(stretch).map { |run| [run, read(run, lines)] }
        end
      end

      # Those that no blank line parts.
      def runs(nodes) = nodes.slice_when { |one, two| two.sourcepos[:start_line] != one.sourcepos[:end_line] + 1 }.to_a

      # "Step 1" over a line that says what is done, and again and again: a head and its words in each of several paragraphs.
      def sections(stretch, lines)
        return nil if stretch.count { |n| n.type == :paragraph && n.sourcepos[:end_line] > n.sourcepos[:start_line] } < 2

        document = plain(stretch, lines)
        document if document && document.blocks.count { |b| b.heading? && b.level == 3 } > 1
      end

      def read(nodes, lines)
        return nil if nodes.all? { |n| n.type == :list } && raw(nodes, lines).all? { |line| entry?(line) }

        document = plain(nodes, lines)
        document if document && document.blocks.size > 1
      end

      def raw(nodes, lines) = lines[(nodes.first.sourcepos[:start_line] - 1)..(nodes.last.sourcepos[:end_line] - 1)]

      def plain(nodes, lines) = raw(nodes, lines).then { |told| Text.read(told.join) if told.size > 1 && told.none? { |line| line.match?(MARKUP) } }

      # "- bread", "  a line that goes on", and a blank one; not "1.1 rye", which Markdown does not know.
      def entry?(line) = line.strip.empty? || (line.match?(/\A(?:\s{2,}|\s*(?:[-*+]|\d+[.)])\s)/) && !line.match?(Text::DOTTED))

      # A single head over the lines leads them, unless it is the title of all.
      def head(block, builder, alone:)
        return builder.heading(block.text, 1) if builder.empty?

        alone ? builder.paragraph(block.text) : builder.heading(block.text, 3)
      end

      # @param document [Document] as read here
      # @param builder [Builder] what it is added to
      # @return [void]
      def add(document, builder)
        return document.tables.each { |table| builder.table([table.columns, *table.rows]) } if document.blocks.all?(&:table)

        heads = document.blocks.count(&:heading?)
        document.blocks.each do |block|
          case block.type
          when "heading" then head(block, builder, alone: heads == 1)
          when "item" then builder.item(block.text, level: block.level.to_i, ordered: block.ordered)
          else builder.paragraph(block.text)
          end
        end
      end
    end
  end
end
