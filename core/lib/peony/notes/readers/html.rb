# frozen_string_literal: true

require "nokogiri"

module Peony
  module Notes
    # A web page: the article without menus, banners, forms and footers. Nothing that the page refers to is fetched.
    module HTML
      AWAY = "script, style, noscript, template, nav, form, iframe, svg, canvas, object, button, select, " \
             "[hidden], [aria-hidden=true], [role=navigation], [role=banner], [role=search], [role=contentinfo], [role=complementary], dialog"
      MENU = /\b(?:nav(?:bar|igation)?|menu|breadcrumbs?|sidebar|cookies?|consent|banner|advert\w*|ads?|share|sharing|social|related|comments?|newsletter|subscribe|footer|site-header|masthead|pagination|skip-link|toc)\b/i
      INLINE = %w[a b strong i em u s span small sub sup code mark abbr cite q time kbd var br img wbr label font del ins].freeze
      DEEPEST = 200

      module_function

      # @param text [String]
      # @return [Document]
      def read(text)
        page = Nokogiri::HTML5(text, max_tree_depth: 1200, max_errors: 0)
        root = article(page)
        builder = Builder.new
        title(page, root, builder)
        Walk.new(builder).block(root, 0)
        builder.document
      rescue ArgumentError
        raise Error.new("This page is nested too deeply to be read.", hint: "Copy the words you need and paste them.")
      end

      # The part that holds the article.
      def article(page)
        body = page.at_css("body") || page.root
        body.css(AWAY).each(&:remove)
        best = [*body.css("main"), *body.css("[role=main]"), *body.css("article")].max_by { |n| n.text.length }
        best = nil if best && best.text.length < body.text.length * 0.25
        root = best || body
        root.css("header, footer, aside").each { |n| n.remove if n.name != "header" || (best.nil? && n.css("h1").empty?) }
        root.css("*[class], *[id]").each { |n| n.remove if menu?(n) }
        root
      end

      # By its name a menu, and it holds mostly links.
      def menu?(node)
        return false unless [node["class"], node["id"]].join(" ").tr("_", "-").match?(MENU)

        links = node.css("a").sum { |a| a.text.length }
        links * 2 >= node.text.strip.length || node.text.length < 240
      end

      # The title of the page stands in for a heading that is missing.
      def title(page, root, builder)
        return if root.at_css("h1")

        words = page.at_css("title")&.text.to_s.strip
        builder.heading(words, 1) unless words.empty? || root.at_css("h2")&.text.to_s.strip == words
      end

      # Walks the tree and hands on what it meets.
      class Walk
        def initialize(builder)
          @builder = builder
        end

        # @param depth [Integer] a page nested deeper than this is read as one line
        def block(node, depth)
          loose = +""
          node.children.each do |child|
            if child.text? || INLINE.include?(child.name) then loose << inline(child)
            else
              flush(loose)
              element(child, depth + 1)
            end
          end
          flush(loose)
        end

        private

        def flush(loose)
          @builder.paragraph(loose) unless loose.strip.empty?
          loose.clear
        end

        def element(node, depth)
          return @builder.paragraph(node.text) if depth > DEEPEST

          case node.name
          when /\Ah([1-6])\z/ then @builder.heading(inline(node), node.name[1].to_i)
          when "p", "pre", "dt", "dd", "address", "summary", "figcaption" then @builder.paragraph(inline(node))
          when "ul", "ol", "menu" then list(node, 0, depth)
          when "blockquote" then quote(node)
          when "table" then table(node, depth)
          when "hr", "head", "title", "meta", "link", "comment" then nil
          else block(node, depth)
          end
        end

        def inline(node)
          return node.text if node.text?
          return " " if %w[br wbr].include?(node.name)
          return "" if %w[img comment].include?(node.name)

          node.children.map { |c| inline(c) }.join
        end

        def list(node, level, depth)
          node.element_children.each do |entry|
            next list(entry, level + 1, depth + 1) if %w[ul ol].include?(entry.name)

            own, nested = entry.children.partition { |c| !%w[ul ol].include?(c.name) }
            @builder.item(own.map { |c| c.text? || INLINE.include?(c.name) || c.name == "p" ? "#{inline(c)}#{' ' if c.name == 'p'}" : c.text }.join, level: level, ordered: node.name == "ol")
            nested.each { |n| list(n, level + 1, depth + 1) } if depth < DEEPEST
          end
        end

        def quote(node)
          parts = node.css("p").map { |p| inline(p) }
          (parts.empty? ? [inline(node)] : parts).each { |words| @builder.quote(words) }
        end

        # A table for layout holds other tables, or has a single column.
        def table(node, depth)
          return block(node, depth) if node.at_css("table")

          rows = node.css("tr").map { |tr| tr.css("th, td").flat_map { |c| [inline(c)] + ([""] * [[c["colspan"].to_i - 1, 0].max, 20].min) } }
          @builder.table(rows)
        end
      end
    end
  end
end
