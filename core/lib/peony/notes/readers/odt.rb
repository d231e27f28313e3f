# frozen_string_literal: true

module Peony
  module Notes
    # OpenDocument text (ISO 26300).
    module ODT
      module_function

      # @param bytes [String]
      # @return [Document]
      # @raise [Peony::Error]
      def read(bytes)
        package = Package.new(bytes, "OpenDocument file")
        content = package.xml("content.xml")
        body = content&.at_xpath("//body/text")
        raise Error.new("This OpenDocument file holds no text.", hint: "Bring a text document (.odt).") unless body

        Reader.new(content, package.xml("styles.xml")).document(body)
      end

      # Walks the text once.
      class Reader
        def initialize(content, styles)
          @builder = Builder.new
          @parents = [content, styles].compact.flat_map { |x| x.xpath("//style") }.to_h { |s| [s["name"], s["parent-style-name"]] }
          @ordered = [content, styles].compact.flat_map { |x| x.xpath("//list-style") }.to_h do |s|
            [s["name"], s.xpath("*").to_h do |l|
              [l["level"].to_i - 1,
               l.name == "list-level-style-number" && l["num-format"].to_s != ""]
            end]
          end
        end

        # @return [Document]
        def document(body)
          walk(body)
          @builder.document
        end

        private

        def walk(node)
          node.element_children.each do |child|
            case child.name
            when "h" then @builder.heading(words(child), [child["outline-level"].to_i, 1].max)
            when "p" then paragraph(child)
            when "list" then list(child, 0, child["style-name"])
            when "table" then table(child)
            when "section", "text-box", "frame", "index-body" then walk(child) unless child.parent&.name == "table-of-content"
            end
          end
        end

        def paragraph(node)
          names = styles(node["style-name"])
          return node.xpath(".//text-box").each { |box| walk(box) } if node.at_xpath(".//text-box") && words(node).strip.empty?

          text = words(node)
          if names.any? { |n| n.match?(/\ATitle\z/i) } then @builder.heading(text, 1)
          elsif (level = names.filter_map { |n| n[/\AHeading(?:_20_| )(\d)/, 1] }.first) then @builder.heading(text, level.to_i)
          elsif names.any? { |n| n.match?(/quot/i) } then @builder.quote(text)
          else @builder.paragraph(text)
          end
        end

        def styles(name)
          list = []
          while name && list.size < 12
            list << name
            name = @parents[name]
          end
          list
        end

        def list(node, level, style)
          node.xpath("list-item | list-header").each do |entry|
            first = true
            entry.element_children.each do |child|
              case child.name
              when "p" then @builder.item(words(child), level: level, ordered: ordered?(style, level)) if first
                            @builder.paragraph(words(child)) unless first
                            first = false
              # A heading that is numbered stands inside a list.
              when "h" then @builder.heading(words(child), [child["outline-level"].to_i, 1].max)
              when "list" then list(child, level + 1, child["style-name"] || style)
              when "table" then table(child)
              end
            end
          end
        end

        def ordered?(style, level) = @ordered.dig(style, level) || false

        def words(node)
          node.children.map do |child|
            case child.name
            when "text" then child.text
            when "s", "tab", "line-break" then " "
            when "note", "annotation", "frame", "bookmark-start", "tracked-changes" then ""
            else words(child)
            end
          end.join
        end

        def table(node)
          rows = node.xpath(".//table-row[not(ancestor::table-row)]").map do |row|
            row.xpath("table-cell | covered-table-cell").map do |cell|
              cell.xpath(".//p | .//h").map do |p|
                words(p)
              end.join(" ")
            end
          end
          @builder.table(rows)
        end
      end
    end
  end
end
