# frozen_string_literal: true

module Peony
  module Reading
    # Things named one after the other in one sentence: "the pump house, the hydrant, four farm taps and the duck pond".
    module Series
      PART = /[,;]\s+(?:and |or |nor |then )?|\s+(?:and|or)\s+(?=[^,;]+\z)/
      MOST_WORDS = 16
      # What those named in a row do, together.
      DEED = / (?:all|each|both|can all|may all) (?=[[:lower:]]+ )/
      ARROW = /\s*(?:→|⟶|->|=>)\s*|\s+>\s+/

      module_function

      # @param text [Reading::Text]
      # @param sentence [Span]
      # @return [Array<Span>] at least three parts, or none
      def in(text, sentence) = text.at(:series, sentence.from, sentence.to) { row(text, sentence) }

      def row(text, sentence)
        numbered = Enumerated.parts(sentence)
        return numbered if numbered.any?

        body = after_colon(sentence) || sentence
        return along(sentence) if arrows?(sentence)

        parts = named_in(text, body)
        return [] if parts.size < 3 || parts.any? { |p| p.text.split.size > MOST_WORDS }
        return infinitives(text, parts) if parts.drop(1).all? { |p| p.text.match?(TO_DO) }
        return led_alike(text, parts) if parts.drop(1).map { |p| p.text[LED, 1] }.then { |words| words.uniq.one? && words.first && parts.first.text.match?(/ #{words.first} /) }

        return without_remarks(text, parts) if body != sentence || clauses?(text, parts)

        phrases(text, parts)
      end

      def named_in(text, body)
        parts = body.text.count(";") >= 2 ? Sentences.clauses(body, /;\s+(?:and |or )?/) : split(body)
        parts = without_deed(text, joined(text, without_thanks(parts.select { |p| p.text.match?(/[[:alnum:]]/) && !p.text.match?(PLEASE) })))
        parts = parts.drop(1) if parts.size > 3 && parts.first.text.match?(TO_WHAT_END) && Words.imperative?(parts[1].text)
        parts.size > 2 && parts.last.text.match?(/\A(?:each|all|both|most) (?:of|in|with|on|at|for|by|\w+ing)\b/i) ? parts[0..-3] + split(parts[-2]) : parts
      end

      # "A drummer, and please, | please somebody who counts": said, and nothing named.
      PLEASE = /\A(?:and )?(?:please|yes|no|well|oh|sorry)\z/i

      # "To make tea, | boil water, warm the pot, pour"
      TO_WHAT_END = /\A(?:in order )?to [[:lower:]]+/i

      # "Passengers are asked | to keep to the marked ways, to hold on to the rail and not to feed the gulls."
      TO_DO = /\A(?:and |or )?(?:not )?to [[:lower:]]+/

      def infinitives(text, parts)
        at = parts.first.text.index(/\b(?:not )?to (?=[[:lower:]]+ )/) or return parts
        [text.span(parts.first.from + at, parts.first.to), *parts.drop(1)].map { |p| text.span(p.from + p.text[/\A(?:(?:and|or) )?(?:to (?=[[:lower:]]))?/].length, p.to) }
      end

      # "You are home when the halyards rattle, when gulls quarrel and when the pilot boat coughs": what each is led by leads to the first.
      LED = /\A(?:and |or )?(when|if|because|whether|where|how|why)\b/

      def led_alike(text, parts)
        word = parts[1].text[LED, 1]
        first = parts.first
        [text.span(first.from + first.text.index(" #{word} ") + 1, first.to), *parts.drop(1)].map { |p| text.span(p.from + p.text[/\A(?:(?:and|or) )?#{word} /].to_s.length, p.to) }
      end

      # "... and the good coffee, | which you never saw"
      # "... the fair, and | who has the key" is named like the others.
      def without_remarks(text, parts)
        parts.size > 3 ? parts.reject { |p| p.text.match?(/\A(?:which|who|whose) /) && !text.before(p, 6).match?(/[,;] and \z/) } : parts
      end

      # "... and twenty metres of string. | thanks!! jo"
      def without_thanks(parts)
        last = parts.last
        at = last && last.text.index(/[.!] +(?:thanks|thank you|cheers|bye|see you|yours|best|love)\b/i) or return parts
        [*parts[0..-2], Span.new(last.text[0...at], last.from, last.from + at)]
      end

      # "Smoking, a fatty diet and stress | all increase the risk": what they do is no part of the last.
      def without_deed(text, parts)
        last = parts.last
        return parts unless parts.size > 2 && (at = last.text.index(DEED)) && at.positive?

        [*parts[0..-2], text.span(last.from, last.from + at)]
      end

      # "A bath and, on Sundays, the whisky", "the ledger and, asleep, the cat": what is put in behind the last "and" is no part of the row.
      def joined(text, parts)
        parts.each_with_object([]) do |part, list|
          before = list[-2]
          next list << part unless before&.text&.match?(/\s(?:and|or)\z/)

          list[-2] = text.span(before.from, before.to - before.text[/\s+(?:and|or)\z/].length)
          list[-1] = text.span(list[-1].from, part.to)
        end
      end

      # "Fares went up → fewer visitors → the café shut → fares went up": the beginning is not said twice.
      def along(sentence)
        parts = Sentences.clauses(sentence, ARROW).reject { |p| p.text.strip.empty? }
        parts[0] = unled(parts.first)
        again = parts.size > 3 && (words(parts.first) - words(parts.last)).size <= 1 && (words(parts.last) - words(parts.first)).empty?
        again || once_more?(parts) ? parts[0..-2] : parts
      end

      # "Our wool: shear → spin": the words up to the colon lead to the first.
      def unled(part)
        lead = part.text[/\A[^:]{2,60}:\s+/].to_s.length
        Span.new(part.text[lead..], part.from + lead, part.to)
      end

      # "... → unravel → spin again": that has been said.
      def once_more?(parts)
        last = parts.last
        last.text.match?(AND_SO_ON) || (last.text.match?(/\b(?:again|once more)\W*\z/) && parts[0..-2].any? { |p| (words(last) - %w[again once more]).intersect?(words(p)) })
      end
      AND_SO_ON = /\A(?:and )?(?:(?:so |over )?again|so on|(?:the same )?(?:back to|from) the (?:start|beginning))\W*\z/i

      def words(span) = span.text.downcase.scan(/[[:alpha:]]+/)

      def arrows?(sentence) = sentence.text.match?(/[→⟶>]/) && sentence.text.scan(ARROW).size >= 2

      # "It held: a veil, a return, a ukulele."
      def after_colon(sentence)
        return nil unless sentence.text.match?(/[:–—]/)

        match = sentence.text.match(/\A.{3,120}?(?::|\s[–—])\s+(?<body>[^:]+)\z/m)
        Span.new(match[:body], sentence.from + match.begin(:body), sentence.to) if match && match[:body].match?(/[,;]/)
      end

      def split(span)
        plain = unbracketed(span.text)
        start = 0
        parts = []
        while (match = plain.match(PART, start))
          parts << [start, match.begin(0)]
          start = match.end(0)
        end
        (parts << [start, plain.length]).filter_map { |a, b| Span.new(span.text[a...b], span.from + a, span.from + b) if b > a }
      end

      # The same words, but what stands in brackets is not parted.
      def unbracketed(words)
        return words unless words.include?("(")

        depth = 0
        words.each_char.map do |c|
          depth += { "(" => 1, ")" => -1 }.fetch(c, 0)
          depth.positive? && ",;".include?(c) ? "_" : c
        end.join
      end

      # Every part says something by itself: "the joiners build the frames, the mill gives its ends".
      def clauses?(text, parts) = parts.size >= 3 && parts.count { |p| subject_verb?(text, p) && !p.text.match?(WHICH) } >= parts.size * 0.6

      # "The fact that the toilets are at the bottom": a thing, and what is said of it.
      WHICH = /\A(?:the|an?) [[:lower:]]+ (?:that|which|who|whose|where)\b/i

      def subject_verb?(text, span)
        tokens = text.tokens_in(span)
        verb = tokens.index(&:finite?)
        verb&.positive? && tokens.first(verb).any? { |t| t.noun? || t.tag == "prp" }
      end

      # A run of phrases without verbs of their own; what leads to the first and follows the last is left off.
      def phrases(text, parts)
        runs = parts.each_with_index.chunk_while { |(_, i), (b, j)| j == i + 1 && (j == parts.size - 1 || phrase?(text, b)) }.map { |run| run.map(&:first) }
        run = runs.max_by(&:size)
        return [] if run.nil? || run.size < 3

        run = run.drop(1).drop_while { |p| p.text.match?(BY_WHEN) } if run.first.text.match?(THERE_LIE)
        return [] if run.size < 3

        first = led(text, run.first)
        last = trailing(text, run.last)
        [first, *run[1..-2], last].compact.then { |list| list.size >= 3 ? list : [] }
      end

      # "In the lost property lie, | this week, | eleven gloves, ...": the row begins behind it.
      THERE_LIE = /\A(?:in|on|under|among|behind|above|below|beside) .+ (?:lie|lies|lay|are|is|were|was|stand|stands|stood|hang|hangs|hung|live|lives|lived)\z/i
      BY_WHEN = /\A(?:(?:this|last|every|each) [[:lower:]]+|today|now|at present|at the moment|usually|often)\z/i

      def phrase?(text, span)
        tokens = text.tokens_in(span)
        # "Warmer springs": things that the tagger takes for what is done.
        deeds = tokens.first&.tag.to_s.match?(/\A(?:jj|det)/) ? %w[vbn vbd vb vbp vbz] : %w[vbn vbd vb vbp]
        return true if tokens.size <= 3 && tokens.any? { |t| deeds.include?(t.tag) }

        told = tokens.index { |t| t.finite? && t != tokens.first }
        # "a man who sharpens knives": a verb of its own only behind "who" or "that".
        tokens.any?(&:noun?) && (told.nil? || tokens.first(told).any? { |t| t.low.match?(/\A(?:who|that|which|where|you|we)\z/) }) && tokens.size <= 12
      end

      # The first part without the words that lead to the list: from the last verb or preposition on.
      def led(text, span)
        tokens = text.tokens_in(span)
        verb = tokens.rindex { |t| t.finite? || t.low.match?(/\A(?:be|are|is)\z/) }
        at = verb && verb < tokens.size - 1 ? verb : tokens.rindex { |t| %w[with of at].include?(t.low) || t.tag == "vbg" }
        # "If it doesn't, | towel, vet"
        at = nil if at && tokens.drop(at + 1).all? { |t| t.low.match?(/\A(?:not|n['’]t)\z/) }
        tokens = tokens.drop(at + 1) if at && at < tokens.size - 1
        # "They do | not love | the queue"
        tokens = tokens.drop_while { |t| t.low.match?(/\A(?:not|n['’]t|never|really)\z/) || t.tag == "vb" } if at && tokens.size > 2 && tokens.first.low.match?(/\A(?:not|n['’]t)\z/)
        # "They watch | for | more earthquakes"
        tokens = tokens.drop(1) if at && tokens.size > 1 && tokens.first.low.match?(/\A(?:for|of|on|at|to|from|about)\z/)
        text.span(tokens.first.from, span.to) if tokens.any?
      end

      def trailing(text, span)
        tokens = text.tokens_in(span)
        at = tokens.index { |t| t.finite? && t != tokens.first }
        at = nil if at && tokens.first(at).any? { |t| t.low.match?(/\A(?:who|that|which|where|you|we)\z/) }
        # "A whistle": the tagger takes the thing for a deed.
        at && tokens.first(at).any? { |t| t.noun? || t.tag == "prp" } ? text.span(span.from, tokens[at - 1].to) : span
      end
    end
  end
end
