# frozen_string_literal: true

module Peony
  module Reading
    module Finders
      # Shares that make up a whole: percentages, fractions, or counts that add up to a total that is named.
      class Parts < Finder
        include CountedParts
        include SharesTold

        family "parts"

        # "Half | of it, near enough, is | potatoes", "a quarter |'s | beans".
        OF_IT = /\A(?:of (?:it|that|them|this|those)\b(?:, [^,.;]{2,20},)? (?:is|was|are|were|goes (?:to|on)|went (?:to|on)|on|for)|of (?:the|an?|your|our|my|their|its|his|her) [[:lower:]-]+ (?:goes (?:to|on|into)|went (?:to|on|into)|should be|is|was|are|were)(?! [[:lower:]]+ed\b)|['’]s|of what [[:lower:]]+ [[:lower:]]+ (?:is|was|goes (?:to|on|into)|went (?:to|on|into)))\s+(?=\S)/i

        PENCE = %w[pence cents].freeze
        # "46 cents | to the | musicians", "15 cents | for | light"
        SPENT = /\A(?:to|on|into|for) (?:the |our )?(?=\S)/i
        POUND = /\b(?:of|in|from) (?:every|each|a|the) (?:pound|euro|dollar)\b/
        ASKED = /\b(?:of those (?:we |who were )?asked|we asked|asked (?:about|what|why)|survey|answered)\b/

        BREAK = /[,;:]\s+(?:and\s+)?\S|\s+and\s+\S|\.\s+\S/
        LIGHT = /\A(?:(?:just|only|about|nearly|almost|some|barely|hardly|still|even|(?:in|on|at|by) [[:upper:]][[:lower:]]+)[\s,]*)*\z/

        # What stands right behind a share where that leads its thing.
        THING = /\A (?!of\b|in\b|and\b|for\b|on\b|at\b|to\b|by\b|from\b|with\b|(?:is|are|was|were)\b)[[:lower:]-]{3,}(?: [[:lower:]-]{3,})?(?:,| and|\.|\z)/

        # What leads from its thing to a share: "cakes, and just", "of tea a little more than".
        LED_TO = /[,;.:]?\s*(?:and|while|but|with|another|a further|about|only|just|barely|hardly|nearly|(?:rather |a little )?(?:more|less) than)?(?:\s+(?:the|a)(?: (?:last|other|remaining|final|further))?)?\s*\z/i

        # "Heating accounts for 42 %, transport for 31 %"
        TAKES = /(?<=\S)\s+(?:account(?:s|ed)? for|(?:is|are|was|were) responsible for|for)\z/i

        # "In a survey of 1,200 pupils aged 13 to 16, only": whom was asked, not what they said.
        SURVEYED = /\A(?:in|of|among|from) (?:a|an|the|our|this|that) (?:\w+ )?(?:survey|study|poll|sample|questionnaire)\b.*,\s*(?:only |just |about |nearly |almost )*\z/im

        # "Beans, fish, eggs or meat"
        ROW = /\A(?=(?:\S+ ?){3,5}\z)[[:alpha:]-]+(?:, [[:alpha:]-]+)+,? (?:and|or) [[:alpha:]-]+\z/

        SO_MUCH = /\A,? ?(?:(?:an?|little|bit|good|just|about|nearly|some|over|under|more|less|than) )*\z/

        def find
          items = of_entries || of_clauses || of_counts
          return nil unless items && items.size.between?(2, 12)

          without_leads(items)
          shares = items.filter_map(&:value)
          sum = percent?(items) ? shares.sum : 100
          return nil unless sum.between?(20, 130) && !several_answers?(items, sum)

          told = "#{Arithmetic.show(sum)} % in all"
          items << left(sum) and told = "with what is left" if items.last.value && percent?(items) && sum < 99.95 && rest
          near = @open || (1 - ((100 - sum).abs / 60.0).clamp(0, 1))
          finding((0.6 * near) + (cue?(:share_of) ? 0.25 : 0) + (items.size > 2 && @open != 0.0 ? 0.1 : 0),
                  percent?(items) ? "#{count(items.size, 'share')}, #{told}" : "#{count(items.size, 'part')} of one whole", items)
        end

        private

        # "From fees, from the town and from companies": where all are led by the same word, none needs it.
        def without_leads(items)
          # "41,000 came from tickets, 27,000 from the town"
          word = items.first.title[/\A(?:From|Into|To|For|On|By|In)(?= \S)/]
          word ||= "From" if items.drop(1).count { |i| i.title.start_with?("From ") } > 1
          return unless word

          led = items.select { |i| i.title.match?(/\A#{word} \S/) }
          return strip_lead(led, word) if word == "From"

          strip_lead(led, word) if led.size >= [items.size - 1, 2].max
        end

        def strip_lead(items, word) = items.each { |i| i.title = Titles.capital(i.title.sub(/\A#{word} (?:the )?/, "")) }

        # "61 % are afraid of noise. 44 % fear the longer way.": who may say several things is no part of a whole.
        def several_answers?(items, sum)
          return true if sum > 104 && items.size > 2 && own_deeds?(items)

          return false unless sum > 104 && nodes.size < 2 && (items.size == 2 || !cue?(:share_of))

          items.map { |i| text.sentences.index { |s| s.from <= i.spans.first.from && i.spans.first.from < s.to } }.uniq.size == items.size
        end

        # "46 % want to lose weight, 31 % have a bad back, 29 % like the company": who does the one may do the other.
        def own_deeds?(items)
          deeds = items.filter_map { |i| i.spans.flat_map { |s| text.tokens_in(s) }.find { |t| t.finite? || t.tag == "vb" }&.low }
          deeds.uniq.size == deeds.size && deeds.size >= (text.all_words.match?(ASKED) ? 2 : items.size)
        end

        def percent?(items) = items.all? { |i| i.unit == "%" || i.value.nil? }

        # The share that is left is worked out, for it is a part like the others.
        def left(sum)
          rest.tap do |i|
            i.value = Numbers.plain((100 - sum).round(1))
            i.unit = "%"
          end
        end

        # "Everything else is repeats": the share that is left for the reader to work out.
        def rest
          @rest ||= begin
            behind = ->(s) { text.quantities_in(s).none? { |q| share?(q) && q.from > s.from + s.text.index(REST) } }
            span = nodes.map(&:span).find { |s| s.text.match?(REST) && text.quantities_in(s).empty? }
            span ||= text.sentences.select { |s| s.text.match?(REST) && behind[s] }.map { |s| left_in(s) }.first
            span ||= text.sentences.flat_map { |s| Sentences.clauses(s, /,\s+(?:and )?/) }.find { |s| s.text.match?(REST) && text.quantities_in(s).none? { |q| share?(q) } && !told_so?(s) }
            span && left_over(span)
          end
        end

        # "The rest, a little over a fifth, is drunk": how much it is has been said.
        def told_so?(span)
          return false unless span.text.match?(/\A[^,]*#{REST}\W*\z/o)

          text.quantities.any? { |q| share?(q) && q.from.between?(span.to, span.to + 28) && text.string[span.to...q.from].match?(SO_MUCH) }
        end

        # Of a sentence that tells other shares first, only what speaks of the rest.
        def left_in(sentence)
          return sentence if text.quantities_in(sentence).none? { |q| share?(q) }

          Sentences.clauses(sentence, TO_REST).reverse.find { |s| s.text.match?(REST) && text.quantities_in(s).none? { |q| share?(q) } } || sentence
        end

        def of_entries
          spans = nodes.map(&:span)
          items = spans.filter_map { |span| entry(span) }
          items if items.size >= 2 && items.size >= spans.size * 0.7
        end

        def entry(span)
          share = share_in(span)
          return nil unless share

          title, detail = Titles.of(without(span, share))
          title.empty? ? nil : part(title, detail.sub(share.text, "").strip, share, [span])
        end

        # "45 % came with a school, 30 % on star nights and 10 % for talks": each share and the words up to the next one.
        def of_clauses
          items = text.sentences.flat_map do |sentence|
            shares = shares_in(sentence)
            next [] if shares.empty?

            leads = (shares.size == 1 || trailing?(sentence, shares)) && !whole_leads?(sentence, shares) && !announced?(sentence, shares)
            shares.each_index.filter_map { |i| leads || eaten?(sentence, shares, i) ? before(sentence, shares, i) : after(sentence, shares, i) || before(sentence, shares, i) }
          end
          items if items.size >= 2
        end

        # "Of every pound that comes in, 46 pence goes on wages": what is parted stands in front.
        def whole_leads?(sentence, shares) = shares.size == 1 && sentence.text[0...(shares[0].from - sentence.from)].match?(/\A(?:out )?(?:of|from) (?:every|each|the|all|our)\b[^,]*,\s*\z/i)

        # "Grease made up nearly | a third", and then "sweat | 14 per cent"
        def gapped?(words, share) = words.size.between?(1, 3) && words.all?(&:noun) && !text.string[share.to, 12].to_s.match?(/\A (?:was|were|is|are|of)\b/)

        # "By my notebook: a third of it on doors": what leads up to a colon names no share.
        def announced?(sentence, shares) = sentence.text[0...(shares[0].from - sentence.from)].match?(/:\s+(?:(?:a good|about|nearly|almost|some|just|over|under|only|well) )*\z/)

        # "Food for helpers | swallowed 9, the town hall kept 8": what took the share stands before it, whatever the other shares do.
        def eaten?(sentence, shares, index)
          from = index.zero? ? sentence.from : after_comma(shares[index - 1].to, shares[index].from)
          words = text.tokens_in(text.span(from, shares[index].from))
          return true if index.positive? && gapped?(words, shares[index]) && eaten?(sentence, shares, index - 1)

          words = words[0..-2] while words.size > 2 && words.last.tag.match?(/\A(?:rb|rp|jjr)/)
          words.size.between?(2, 6) && %w[vbd vbn].include?(words.last.tag) && words[0..-2].any?(&:noun?) && words[0..-2].none?(&:finite?)
        end

        # Whether each share stands behind its words ("schools 45 %, talks 10 %"), not before them ("45 % yes, 55 % no").
        def trailing?(sentence, shares)
          letters = ->(words) { words.gsub(/[[:punct:]\s]/, "").length }
          # "..., the newsletter 18 %, and direct visits made up the rest."
          tail = sentence.text[(shares.last.to - sentence.from)..].sub(/,? (?:and|while) (?:[[:lower:]]+ ){0,5}#{REST}.*/mo, "")
          lead = sentence.text[0...(shares.first.from - sentence.from)]
          return true if letters[tail] < 3 && letters[lead] > 1
          # "Dry air is 78% nitrogen, 21% oxygen and 0.9% argon"
          return false if tail.match?(THING) && shares.each_cons(2).all? { |a, b| text.string[a.to...b.from].match?(THING) }

          # A verb or a noun before every share: "Paper was 24 %, plastic 19 % and glass 12 %".
          shares.each_cons(2).all? { |a, b| letters[text.string[a.to...b.from].sub(/\A\s*(?:of \w+|and|,)/, "")] > 3 } &&
            lead.strip.match?(/\b(?:is|are|was|were|up|takes?|took|drinks?|needs?|gets?|got|pays?|paid|gives?|gave|bears?|covers?|covered|with|goes)\z/)
        end

        def after(sentence, shares, index)
          share = shares[index]
          ending = shares[index + 1]&.from || sentence.to
          build(without_rest(smooth(text.string[share.to...ending])), share, text.span(share.from, ending))
        end

        def before(sentence, shares, index)
          share = shares[index]
          start = index.zero? ? after_lead(sentence, share, shares.size) : after_comma(shares[index - 1].to, share.from)
          # "Of the price of a pair of jeans, | the shop gets half"
          start += text.string[start...share.from][/\A(?:out )?of (?:the|all|our|every|each)\b[^,]*,\s+(?=\S)/i].to_s.length
          start += text.string[start...share.from][SURVEYED].to_s.length
          words = smooth(text.string[start...share.from])
          words = smooth(text.string[shares[index - 1].to...share.from]) if words.empty? && index.positive?
          behind = smooth(text.string[share.to...sentence.to])
          words = behind if words.match?(/\A(?:the |those |all )?(?:remaining|others?|rest|last)\z/i)
          words = behind if words.split.empty? || (shares.size == 1 && words.split.size < 2 && !behind.empty?)
          ending = shares[index + 1] ? after_comma(share.to, shares[index + 1].from) : sentence.to
          build(words, share, text.span(start, [share.to, ending].max))
        end

        # "Where the money goes: tea 22 %, cakes 41 %": what leads the list is not part of its first share.
        def after_lead(sentence, share, count)
          lead = text.string[sentence.from...share.from]
          colon = count > 2 ? lead.rindex(/:\s+\S/) : nil
          # "Blood is made up of plasma (55%), ..."
          made = lead[/\A.*\b(?:made up|consists?|composed|made) of (?=\S)/m] if lead.end_with?("(")
          return sentence.from + made.length if made
          return Measures.behind_deed(text, sentence.from, share.from) if count > 2 && lead.end_with?("(")

          colon ? sentence.from + colon + 2 : sentence.from
        end

        # "48 % of our parts, the flea market 22 %": what stands behind the last comma belongs to the share that follows.
        def after_comma(from, to)
          gap = text.string[from...to]
          # "plasma (55%), white blood cells and platelets (1%)": all that stands between the brackets.
          return from + gap[/\A\s*\),?(?: and)?\s*/].length if gap.match?(/\A\s*\).*\(\s*\z/m)

          # "Transport 11 %, cotton and cloth 13 %": both.
          both = gap.match(/[,;]\s+(?=[[:alpha:]-]+(?: [[:alpha:]-]+)? and [[:alpha:]-]+(?: [[:alpha:]-]+)?\s*\z)/)
          return from + both.end(0) if both

          at = gap.rindex(BREAK)
          # "And the lambs, in April, just 17 %": when it was, and how little it is, name nothing.
          at = gap.rindex(BREAK, at - 1) || at while at&.positive? && smooth(gap[at..]).match?(LIGHT) && gap.rindex(BREAK, at - 1)
          at ? from + at : from
        end

        def build(words, share, span)
          return nil if words.empty?

          words = words.sub(/\A(?:of (?:the|all|our|them)\s+(?=\S+\s\S)|of\s+)/i, "")
          words = words.sub(SPENT, "") if PENCE.include?(share.unit)
          words = words.sub(TAKES, "").sub(/\Afor (?=[[:lower:]]+,)/i, "")
          title, detail = words.match?(ROW) ? [words, ""] : thing_that(words) || named(span, share, words)
          part(title, detail, share, [trimmed(span)])
        end

        # "Kitchen waste | that belongs on the compost"
        def thing_that(words)
          match = words.match(/\A(?<name>(?!those|what|ones?\b)[[:lower:]-]{3,}(?: [[:lower:]-]{3,}){0,2}?) (?<rest>(?:that|which|who) .+)\z/m)
          [match[:name], match[:rest]] if match && Tokens.of(match[:name]).last.noun?
        end

        # The thread without the comma or the "and" that led to the next share.
        def trimmed(span)
          from = span.from + span.text[/\A[\s,;]*/].length
          to = span.from + span.text.sub(/[\s,;.:]*(?:\b(?:and|while|but))?\s*\z/, "").length
          text.span(from, to)
        end

        def smooth(words)
          words.strip.sub(OF_IT, "").sub(WENT_TO, "").sub(/\Ashould be (?=\S)/, "").sub(LED_TO, "").sub(/\Ato (?:the )?(?=[[:lower:]-]+\z)/, "")
               .sub(/\A[,;:]?\s*(?:and|while|but|is|are|was|were)?(?:\s+(?:really|simply|actually))?\s+/i, "").strip
               .sub(/[.,;:]+\z/, "")
        end

        # Pence of a pound and cents of a euro are shares too.
        def share?(quantity) = quantity.value.positive? && (quantity.unit == "%" || (PENCE.include?(quantity.unit) && text.all_words.match?(POUND)))

        def share_in(span) = text.quantities_in(span).find { |q| ["%", *PENCE].include?(q.unit) && q.value.positive? }

        def part(title, detail, share, spans)
          Item.new(title: Titles.capital(title), detail: detail, spans: spans, value: share.value, unit: PENCE.include?(share.unit) ? "%" : share.unit, children: [], aspects: [])
        end
      end
    end
  end
end
