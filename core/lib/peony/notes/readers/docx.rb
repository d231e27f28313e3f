# frozen_string_literal: true

module Peony
  module Notes
    # Office Open XML text (ECMA-376): headings by style or outline level, lists by their numbering, tables, quotes.
    module DOCX
      MAIN = "word/document.xml"

      module_function

      # @param bytes [String]
      # @return [Document]
      # @raise [Peony::Error]
      def read(bytes)
        package = Package.new(bytes, "Word file")
        main = package.xml(MAIN) || package.xml(package.names.find { |n| n.match?(%r{\Aword/document\d*\.xml\z}) }.to_s)
        raise Error.new("This Word file has no text in it.", hint: "Open it, save it again as .docx and bring that.") unless main

        Reader.new(main, styles(package.xml("word/styles.xml")), numbering(package.xml("word/numbering.xml"))).document
      end

      # @return [Hash{String => Hash}] for each style its outline level, name, numbering and base
      def styles(xml)
        return {} unless xml

        xml.xpath("//style[@type='paragraph']").to_h do |style|
          [style["styleId"], { name: style.at_xpath("name")&.[]("val").to_s.downcase, base: style.at_xpath("basedOn")&.[]("val"), outline: style.at_xpath(".//outlineLvl")&.[]("val"),
                               num: style.at_xpath(".//numPr/numId")&.[]("val"), level: style.at_xpath(".//numPr/ilvl")&.[]("val") }]
        end
      end

      # @return [Hash{String => Hash{Integer => Boolean}}] for each list and level whether it is numbered
      def numbering(xml)
        return {} unless xml

        kinds = xml.xpath("//abstractNum").to_h { |a| [a["abstractNumId"], a.xpath("lvl").to_h { |l| [l["ilvl"].to_i, !%w[bullet none].include?(l.at_xpath("numFmt")&.[]("val"))] }] }
        xml.xpath("//num").to_h { |n| [n["numId"], kinds[n.at_xpath("abstractNumId")&.[]("val")] || {}] }
      end

      # Walks the body once.
      class Reader
        def initialize(main, styles, numbering)
          @main = main
          @styles = styles
          @numbering = numbering
          @builder = Builder.new
        end

        # @return [Document]
        def document
          body = @main.at_xpath("//body")
          walk(body) if body
          @builder.document
        end

        private

        def walk(node)
          node.element_children.each do |child|
            case child.name
            when "p" then paragraph(child)
            when "tbl" then table(child)
            when "sdt" then child.at_xpath("sdtContent")&.then { |c| walk(c) }
            when "customXml", "ins", "smartTag" then walk(child)
            end
          end
        end

        def paragraph(node)
          text = words(node)
          return if text.strip.empty?

          style = node.at_xpath("pPr/pStyle")&.[]("val")
          name = @styles.dig(style, :name) || style.to_s.downcase
          level = heading_level(node, style)
          if name == "title" then @builder.heading(text, 1)
          elsif name.match?(/\A(?:toc|header|footer)\b/) then nil
          elsif level then @builder.heading(text, level)
          elsif (list = list_of(node, style)) then @builder.item(text, level: list[1], ordered: @numbering.dig(list[0], list[1]) || false)
          elsif name.include?("quot") || name == "blocktext" || name == "block text" then @builder.quote(text)
          else @builder.paragraph(text)
          end
        end

        def heading_level(node, style)
          own = node.at_xpath("pPr/outlineLvl")&.[]("val")
          return own.to_i + 1 if own && own.to_i < 9

          chain(style).each do |facts|
            return facts[:outline].to_i + 1 if facts[:outline] && facts[:outline].to_i < 9

            number = facts[:name][/\A(?:heading|überschrift|titre|título) ?(\d)/, 1]
            return number.to_i if number
          end
          style.to_s[/\Aheading(\d)/i, 1]&.to_i
        end

        # A style and those it is based on.
        def chain(style)
          list = []
          while style && @styles[style] && list.size < 12
            list << @styles[style]
            style = @styles[style][:base]
          end
          list
        end

        def list_of(node, style)
          own = node.at_xpath("pPr/numPr")
          id = own&.at_xpath("numId")&.[]("val")
          return nil if id == "0"
          return [id, own.at_xpath("ilvl")&.[]("val").to_i] if id

          from = chain(style).find { |s| s[:num] }
          return [from[:num], from[:level].to_i] if from

          name = @styles.dig(style, :name).to_s
          [nil, name[/\d/].to_i.clamp(1, 9) - 1] if name.match?(/\Alist (?:bullet|number|paragraph)/) && name.match?(/bullet|number/)
        end

        def words(node)
          node.xpath(".//t | .//tab | .//br | .//noBreakHyphen").reject { |n| n.ancestors("del").any? || n.ancestors("txbxContent").any? != node.ancestors("txbxContent").any? }
              .map { |n| { "t" => n.text, "noBreakHyphen" => "-" }.fetch(n.name, " ") }.join
        end

        # A table of one cell is only a frame around words.
        def table(node)
          rows = node.xpath("tr").map do |tr|
            tr.xpath("tc").flat_map do |tc|
              [tc.xpath(".//p").map { |p| words(p) }.join(" ")] + ([""] * [tc.at_xpath("tcPr/gridSpan")&.[]("val").to_i - 1,
                                                                           0].max)
            end
          end
          rows.size == 1 && rows.first.size == 1 ? node.xpath("tr/tc").each { |tc| walk(tc) } : @builder.table(rows)
        end
      end
    end
  end
end
