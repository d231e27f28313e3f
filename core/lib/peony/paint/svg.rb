# frozen_string_literal: true

module Peony
  module Paint
    # Scene to SVG 1.1: shapes, paths and real text. Only what a print renderer also has: no filters, no foreignObject, no style attributes.
    class SVG
      XML = { "&" => "&amp;", "<" => "&lt;", ">" => "&gt;", '"' => "&quot;" }.freeze
      LETTER = { start: nil, middle: "middle", end: "end" }.freeze

      # @param picture [Scene::Picture]
      # @param embed [Boolean] put the used letters of each font into the file, so that it looks the same anywhere
      # @param scale [Numeric] px of the file for each px of the picture
      # @param prefix [String] before ids, so that several pictures fit in one page
      # @param live [Boolean] whether points that say something can be reached by keys
      # @return [String]
      def self.paint(picture, embed: false, scale: 1, prefix: "", live: false)
        new(picture, embed, scale, prefix, live: live).to_s
      end

      # @param nodes [Array] scene nodes
      # @return [String] the same as markup without the surrounding svg element
      def self.fragment(nodes, prefix: "") = new(Scene::Picture.new(nodes: nodes), false, 1, prefix).body

      def initialize(picture, embed, scale, prefix, live: false)
        @picture = picture
        @embed = embed
        @scale = scale
        @prefix = prefix
        @live = live
        @out = +""
      end

      def to_s
        width = number(@picture.width)
        height = number(@picture.height)
        @out << %(<svg xmlns="http://www.w3.org/2000/svg" width="#{number(@picture.width * @scale)}" height="#{number(@picture.height * @scale)}" ) \
             << %(viewBox="0 0 #{width} #{height}" role="img"#{attribute('lang', @picture.lang)}>)
        @out << "<title>#{escape(@picture.title)}</title>" if @picture.title.to_s != ""
        @out << "<desc>#{escape(@picture.description)}</desc>" if @picture.description.to_s != ""
        @out << fonts if @embed
        body
        @out << "</svg>"
      end

      def body
        @picture.nodes.each { |node| paint(node) }
        @out
      end

      private

      def paint(node)
        case node
        when Scene::Text then text(node)
        when Scene::Rect then rect(node)
        when Scene::Path then path(node)
        when Scene::Ellipse then ellipse(node)
        when Scene::Group then group(node)
        end
      end

      def group(node)
        @out << "<g" << attribute("id", node.id && "#{@prefix}#{node.id}") << attribute("data-kind", node.kind) << attribute("data-ref", node.id) \
             << attribute("data-item", node.item) << attribute("data-clock", @live ? node.clock : nil)
        @out << %( role="img" aria-label="#{escape(node.label)}") if node.label.to_s != ""
        @out << %( tabindex="0" role="img" aria-label="#{escape(node.tip)}") if @live && node.tip
        @out << ">"
        @out << "<title>#{escape(node.tip)}</title>" if node.tip
        node.children.each { |child| paint(child) }
        @out << "</g>"
      end

      def rect(node)
        @out << %(<rect x="#{number(node.x)}" y="#{number(node.y)}" width="#{number(node.w)}" height="#{number(node.h)}")
        @out << %( rx="#{number(node.radius)}") if node.radius.to_f.positive?
        colours(node)
        @out << attribute("data-part", node.part) << "/>"
      end

      def ellipse(node)
        @out << %(<ellipse cx="#{number(node.cx)}" cy="#{number(node.cy)}" rx="#{number(node.rx)}" ry="#{number(node.ry)}")
        colours(node)
        @out << attribute("data-part", node.part) << "/>"
      end

      def path(node)
        @out << '<path d="' << node.commands.map { |letter, *numbers| letter + numbers.map { |n| number(n) }.join(" ") }.join << '"'
        colours(node)
        @out << attribute("stroke-dasharray", node.dash&.map { |n| number(n) }&.join(" "))
        @out << %( stroke-linejoin="round") if node.stroke
        @out << attribute("stroke-linecap", node.cap) << attribute("data-part", node.part) << "/>"
      end

      def colours(node)
        @out << %( fill="#{node.fill || 'none'}")
        @out << %( stroke="#{node.stroke}" stroke-width="#{number(node.line || 1)}") if node.stroke
      end

      def text(node)
        return if node.lines.empty?

        @out << %(<text font-family="'#{node.font.family}'" font-weight="#{node.font.weight}" font-size="#{number(node.size)}" fill="#{node.fill}") \
             << attribute("text-anchor", LETTER.fetch(node.anchor)) << attribute("data-part", node.part)
        if node.lines.size == 1
          words, x, y = node.lines.first
          @out << %( x="#{number(x)}" y="#{number(y)}">#{escape(words)}</text>)
        else
          # The closing space keeps words apart when the text is copied or read aloud. It has a place of its own: behind the words it would move a line that is set from its end or middle.
          @out << ">"
          last = node.lines.size - 1
          node.lines.each_with_index do |(words, x, y), i|
            @out << %(<tspan x="#{number(x)}" y="#{number(y)}">#{escape(words)}</tspan>)
            @out << %(<tspan x="#{number(x)}"> </tspan>) unless i == last
          end
          @out << "</text>"
        end
      end

      def fonts
        used = @picture.texts.group_by(&:font)
        return "" if used.empty?

        faces = used.map do |font, texts|
          data = [font.subset("#{texts.flat_map { |t| t.lines.map(&:first) }.join} ")].pack("m0")
          %(@font-face{font-family:"#{font.family}";font-weight:#{font.weight};src:url(data:font/ttf;base64,#{data}) format("truetype")})
        end
        "<defs><style>#{faces.join}</style></defs>"
      end

      def attribute(name, value) = value.nil? || value == "" ? "" : %( #{name}="#{escape(value)}")

      def escape(value) = value.to_s.gsub(/[&<>"]/, XML).gsub(/[\u0000-\u0008\u000B\u000C\u000E-\u001F\uFFFE\uFFFF]/, "")

      def number(value)
        rounded = value.round(2)
        whole = rounded.to_i
        whole == rounded ? whole.to_s : rounded.to_s
      end
    end
  end
end
