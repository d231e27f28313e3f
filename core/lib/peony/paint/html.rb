# frozen_string_literal: true

require "cgi"

module Peony
  module Paint
    # Pages as one web page: SVG with real text, each scaled to the width at hand. Made for editions and for sending by mail.
    module HTML
      CSS = <<~TEXT
        :root{color-scheme:light}body{margin:0;background:#e4e8e3;font-family:"Hanken Grotesk",sans-serif;color:#1b2420}
        main{display:block;max-width:1080px;margin:0 auto;padding:clamp(0px,2.5vw,32px)}
        figure{margin:0 0 clamp(8px,2vw,24px)}svg{display:block;width:100%;height:auto;background:#fff}
        details{margin:6px clamp(12px,2vw,24px) 24px;font-size:15px}summary{cursor:pointer;padding:6px 0;font-weight:600}table{border-collapse:collapse;background:#fff;margin:6px 0 16px}
        th,td{border:1px solid #c9d1c9;padding:4px 12px;text-align:right}th:first-child,td:first-child{text-align:left}caption{text-align:left;padding:4px 0;font-weight:600}.hold{overflow-x:auto}
        footer{max-width:1080px;margin:0 auto;padding:0 clamp(16px,2.5vw,32px) 32px;font-size:14px;color:#56625b}
        .words{position:absolute;width:1px;height:1px;overflow:hidden;clip-path:inset(50%)}
        .narrow{display:none}@media screen and (max-width:640px){.wide{display:none}.narrow{display:block}main{padding:0}}
        @media print{details{display:none}body{background:#fff}main{padding:0;max-width:none}footer{display:none}figure{margin:0;break-after:page}}
      TEXT

      PRESENT = '<link rel="stylesheet" href="/present.css"><script src="/present.js" defer></script>'

      module_function

      # @param pictures [Array<Scene::Picture>]
      # @param narrow [Array<Scene::Picture>] the same pages laid out for a phone, shown there instead
      # @param title [String, nil]
      # @param css [String] rules for fonts; by default the letters in use are embedded
      # @param note [String, nil] a line at the foot
      # @param present [Boolean] one page at a time, over the whole window; needs +css+
      # @return [String] a complete document
      def paint(pictures, narrow: [], title: nil, css: nil, note: nil, present: false)
        name = title || pictures.first&.title || "Peony"
        figures = pictures.each_with_index.map do |picture, index|
          small = narrow[index] unless narrow[index].nil? || narrow[index].width == picture.width
          wide = figure(picture, css, "p#{index + 1}-", small && "wide")
          [wide, small && figure(small, css, "n#{index + 1}-", "narrow"), numbers(picture)].join
        end
        <<~DOCUMENT
          <!doctype html>
          <html lang="#{CGI.escapeHTML(pictures.first&.lang || 'en')}"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width,initial-scale=1">
          <title>#{CGI.escapeHTML(name)}</title>#{%(<link rel="icon" href="/peony.svg">) if css}#{css ? %(<link rel="stylesheet" href="#{css}">) : "<style>#{CSS}</style>"}#{PRESENT if present}</head>
          <body#{' class="present"' if present}><main><h1 class="words">#{CGI.escapeHTML(name)}</h1>#{figures.join("\n")}</main>#{"<footer>#{CGI.escapeHTML(note)}</footer>" if note}#{script(pictures, css)}</body></html>
        DOCUMENT
      end

      CLOCK = File.read(File.join(ASSETS, "edition", "clock.js")).freeze

      # What runs the clocks, where there are some: beside the style sheet, or in the page itself.
      def script(pictures, css)
        clocks = 0
        pictures.each { |picture| picture.walk { |node| clocks += 1 if node.is_a?(Scene::Group) && node.clock } }
        return "" if clocks.zero?

        css ? %(<script src="#{css.sub(/edition\.css\z/, 'edition.js')}" defer></script>) : "<script>#{CLOCK}</script>"
      end

      # The tables behind the charts of a page, for readers who cannot see them or want the numbers.
      def numbers(picture)
        return "" if picture.numbers.nil? || picture.numbers.empty?

        cells = ->(row, tag) { row.each_with_index.map { |cell, i| i.zero? && tag == "td" ? %(<th scope="row">#{CGI.escapeHTML(cell)}</th>) : "<#{tag}>#{CGI.escapeHTML(cell)}</#{tag}>" }.join }
        tables = picture.numbers.map do |title, columns, rows|
          %(<div class="hold"><table><caption>#{CGI.escapeHTML(title)}</caption><thead><tr>#{cells.call(columns, 'th')}</tr></thead>) +
            "<tbody>#{rows.map { |row| "<tr>#{cells.call(row, 'td')}</tr>" }.join}</tbody></table></div>"
        end
        "<details><summary>The numbers behind #{picture.numbers.size == 1 ? 'the chart' : 'the charts'}</summary>#{tables.join}</details>"
      end

      def figure(picture, css, prefix, kind) = "<figure#{%( class="#{kind}") if kind}>#{SVG.paint(picture, embed: css.nil?, prefix: prefix, live: true)}</figure>"
    end
  end
end
