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
        blocks = []
        collect(CommonMarker.render_doc(text, :DEFAULT, %i[table strikethrough]), blocks, level: 0)
        blocks.reject! { |block| block.text.strip.empty? }
        blocks.each_with_index { |block, index| block.id = "b#{index + 1}" }
        Document.new(blocks: blocks, title: Notes.title_of(blocks))
      end

      def collect(node, blocks, level:)
        node.each do |child|
          case child.type
          when :header then blocks << inline(child, "heading", level: [child.header_level, 3].min)
          when :paragraph then blocks << inline(child, "paragraph")
          when :blockquote then quote(child, blocks)
          when :list then list(child, blocks, level)
          when :code_block then blocks << Block.new(type: "paragraph", text: child.string_content.strip, marks: [])
          when :table then table(child, blocks)
          end
        end
      end

      def quote(node, blocks)
        inside = []
        collect(node, inside, level: 0)
        inside.each { |block| block.type = "quote" if block.type == "paragraph" }
        blocks.concat(inside)
      end

      def list(node, blocks, level)
        ordered = node.list_type == :ordered_list
        node.each do |entry|
          first = true
          entry.each do |child|
            if child.type == :list then list(child, blocks, level + 1)
            elsif first && child.type == :paragraph
              blocks << inline(child, "item", level: level, ordered: ordered)
              first = false
            else
              inside = []
              collect(child.type == :paragraph ? [child] : child, inside, level: level)
              blocks.concat(inside)
            end
          end
        end
      end

      # Until tables have a home of their own, a row reads as "first: head second, head third".
      def table(node, blocks)
        rows = node.map { |row| row.map { |cell| inline(cell, "item").text } }
        head, *body = rows
        body.each do |cells|
          rest = cells.drop(1).each_with_index.map { |cell, index| "#{head[index + 1]} #{cell}" }.join(", ")
          blocks << Block.new(type: "item", level: 0, text: "#{cells.first}: #{rest}", marks: [])
        end
      end

      def inline(node, type, level: nil, ordered: nil)
        text = +""
        marks = []
        spans(node, text, marks)
        Block.new(type: type, level: level, ordered: ordered || nil, text: text.strip, marks: marks)
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
