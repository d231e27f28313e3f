# frozen_string_literal: true

module Peony
  module Reading
    module Finders
      # Shares that make up a whole: at least two percentages (or fractions), each with what it is a share of.
      class Parts < Finder
        family "parts"

        CUES = /\b(share|split|made up|make up|of (?:all|our|the|every)|came from|goes? to|went to|budget|income|divided|rest|remainder)\b/

        def find
          items = of_entries || of_clauses
          return nil unless items && items.size.between?(2, 12)

          sum = items.sum(&:value)
          return nil if sum > 125 || sum < 20

          near = 1 - ((100 - sum).abs / 60.0).clamp(0, 1)
          fit = 0.3 + (0.5 * near) + (text.all_words.match?(CUES) ? 0.12 : 0) + (items.size > 2 ? 0.05 : -0.1)
          finding([fit, 0.96].min, "#{count(items.size, 'share')}, #{Arithmetic.show(sum)} % in all", items)
        end

        private

        def of_entries
          spans = text.outer.map(&:span)
          items = spans.filter_map { |span| entry(span) }
          items if items.size >= 2 && items.size >= spans.size * 0.7
        end

        def entry(span)
          share = share_in(span)
          return nil unless share

          title, detail = Titles.of(without(span, share))
          made(title, detail.sub(share.text, "").strip, share, [span]) unless title.empty?
        end

        # "45 % came with a school, 30 % on star nights and 10 % for talks": each share and the words up to the next one.
        def of_clauses
          text.sentences.flat_map do |sentence|
            shares = text.quantities_in(sentence).select { |q| q.unit == "%" && q.value.positive? }
            next [] if shares.empty?

            first = sentence.text[0...(shares.first.from - sentence.from)].strip
            leads = shares.size == 1 || trailing?(sentence, shares)
            shares.each_with_index.filter_map { |_share, i| leads ? before(sentence, shares, i) : after(sentence, shares, i, first) }
          end.then { |items| items.size >= 2 ? items : nil }
        end

        # Whether each share stands behind its words ("schools 45 %, talks 10 %"), not before them ("45 % yes, 55 % no").
        def trailing?(sentence, shares)
          letters = ->(words) { words.gsub(/[[:punct:]\s]/, "").length }
          letters[sentence.text[(shares.last.to - sentence.from)..]] < 3 && letters[sentence.text[0...(shares.first.from - sentence.from)]] > 1
        end

        def after(sentence, shares, index, _first)
          share = shares[index]
          ending = shares[index + 1]&.from || sentence.to
          words = tidy(text.string[share.to...ending])
          build(words, share, text.span(share.from, ending))
        end

        def before(sentence, shares, index)
          share = shares[index]
          start = index.zero? ? sentence.from : after_comma(shares[index - 1].to, share.from)
          words = tidy(text.string[start...share.from])
          words = tidy(text.string[share.to...sentence.to]) if words.split.empty? || shares.size == 1
          build(words, share, text.span(start, [share.to, sentence.to].min))
        end

        # "48 % of our parts, the flea market 22 %": what stands behind the last comma belongs to the share that follows.
        def after_comma(from, to)
          gap = text.string[from...to]
          at = gap.rindex(/,\s+(?:and\s+)?\S|\s+and\s+\S/)
          at ? from + at : from
        end

        def build(words, share, span)
          return nil if words.empty?

          title, detail = Titles.of(words.sub(/\A(?:of (?:the|all|our|them)\s+(?=\S+\s\S)|of\s+)/i, ""))
          made(title, detail, share, [trimmed(span)])
        end

        # The thread without the comma or the "and" that led to the next share.
        def trimmed(span)
          from = span.from + span.text[/\A[\s,;]*/].length
          to = span.from + span.text.sub(/[\s,;.:]*(?:\b(?:and|while|but))?\s*\z/, "").length
          text.span(from, to)
        end

        def tidy(words)
          words.strip.sub(/[,;.:]?\s*(?:and|while|but|with|another|a further|about|only|nearly)?(?:\s+(?:the|a))?\s*\z/i, "").sub(/\A[,;:]?\s*(?:and|while|but|is|are|was|were)?\s+/i, "").strip
               .sub(/[.,;:]+\z/, "")
        end

        def without(span, share)
          (span.text[0...(share.from - span.from)].sub(/[\s(:–—-]+\z/, "") + span.text[(share.to - span.from)..].to_s).strip.sub(/\A(?:of\s+)?[,:–—-]?\s*/, "").sub(
            /\)\s*\z/, ""
          )
        end

        def share_in(span) = text.quantities_in(span).find { |q| q.unit == "%" && q.value.positive? }

        def made(title, detail, share, spans)
          Item.new(title: title, detail: detail, spans: spans, value: share.value, unit: "%", children: [], aspects: [])
        end
      end
    end
  end
end
