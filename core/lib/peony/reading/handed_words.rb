# frozen_string_literal: true

module Peony
  module Reading
    # What a bare number counts, told by the word right before or behind it.
    module HandedWords
      ALTOGETHER = /\b(?:in all|altogether|in total|total|sum|makes|together|comes to|came to)\b/
      SOLD = /\b(?:sold|sells?) (?:only |just |another |about )?\z/i
      SAID = /\bsaid (?:only |just |about )?\z/
      IT_IS = /\A(?:and |but )?it(?: is|['’]s) (?:only |just |about |nearly )?\z/i
      NOW_IT_IS = /\A(?:and |but )?(?:now|today|nowadays) it(?: is|['’]s) (?:only |just |about |nearly )?\z/i
      SINCE_IT_IS = /\A(?:since|when|after|once|with|now that)\b[^.;]*\bit (?:has been|is|was|had been|will be)(?: (?:now|only|just|about|nearly|over|under|below|above|less|more|than|down|up|to))* \z/i

      SO_OFTEN = / (?:an?|per|each|every) (?:day|week|month|year|term): \z/
      LABELLED = /\A(?:(?:only|even|just) )?(?:(?:the|our) )?(?<noun>[[:alpha:]]{3,}s) (?:[^:.;\d]{0,60}:\s+(?:(?:only|just|about) )?(?:[^:]*, )?|(?:[[:lower:]]+ed|sold|lent|seen|caught|found|made|born|lost|kept|grown|read|eaten) [^:.;\d]{0,40}:\s+(?:[^:]*, )?[^:;.,]{2,30} )\z/i
      # "Hours of sun in August, stations of the county: Gull Island | 241"
      MEASURE_OF = /\A(?<noun>[[:alpha:]]+) of [^:\d]{3,70}:\s+(?:[^:]*, )?[^:;.,]{2,30} \z/
      # "Steps | counted by the lamplighters on Friday: Hill Ward 21,400"
      COUNTED_BY = /\A(?:the |our )?[[:alpha:]]{3,}s (?:[[:lower:]]{2,}ed|sold|lent|seen|caught|found|made|taken|won|given|picked|baked|walked|read|drawn|sent) (?:by|in|at|on|to|from) /i
      OF_WHICH = /\b([[:lower:]]+s), of (?:whom|which) there (?:are|were) (?:only |now )?\z|(?:\A|[.;] )([[:upper:]][[:lower:]]+s)(?: [[:lower:]]+){0,3}, of (?:which|whom) (?:there (?:were|are|had been)(?: only| just| about)?|[^,;:.\d]{2,24} (?:counted|found|saw|noted|had)) \z/

      private

      # "About 50 gulden ... 12 gulden in 1460": a thing behind several numbers is what they count, though its plural has no -s.
      def counted_alike
        bare = @list.select { |q| q.unit.empty? }.group_by do |q|
          text.tokens_after(q.to, 1).first&.then do |t|
            t.low if t.from <= q.to + 1 && t.tag == "nn" && t.low.length > 2 && !Words::STOP.include?(t.low)
          end
        end
        bare.each { |word, list| list.each { |q| q.unit = word } if word && list.size > 1 && !Tokens.deed?(word) && !Units.measure?(word) }
      end

      # "Of the 70 stallholders 44 sell food, 35 sell crafts": what several numbers of them do is no part of what is counted.
      def done_alike
        said = @list.select { |q| q.said && q.value > 1 && q.text.match?(/\A[\d,]+\z|\A[[:alpha:]-]+\z/) && Units.counted?(q.unit) }
        bare = @list - said
        doing = said.group_by { |q| text.tokens_after(q.to, 1).first&.low.to_s }
        doing.each do |verb, list|
          next if verb.empty? || Words.plural?(verb) || !Tokens.deed?(verb) || list.any? { |q| q.unit == verb }
          next unless list.size > 1 || bare.any? { |q| text.tokens_after(q.to, 1).first&.low == verb }

          list.each do |q|
            q.unit = ""
            q.said = false
          end
        end
      end

      # "Hall 900, band 1,200, printing 340, drinks 760. That makes 3,200 euros in all.": bare numbers that make a sum are of its kind.
      def summed
        bare = @list.select { |q| q.unit.empty? }
        rows = bare.size > 2 && rows?(bare) ? bare : leading
        bare = rows if rows.size > 2
        return unless bare.size > 2 && (rows.size > 2 || text.all_words.match?(ALTOGETHER) || behind_sum?(bare))

        sum = bare.sum(&:value)
        whole = wholes(bare, rows).find { |q| q.unit != "%" && (q.value - sum).abs < 0.01 } or return
        bare.each { |q| q.unit = whole.unit }
        # Amounts of nothing that is told stay so.
        @summed = bare if whole.unit.empty?
      end

      # "Use of the grant, €48,000: staff 26,000; boat hire 9,500; ..."
      def behind_sum?(bare) = text.sentences.any? { |s| s.from <= bare.first.from && bare.last.to <= s.to && text.before(bare.first, bare.first.from - s.from).match?(/\d[^:]*: [^:]*\z/) }

      # Among what the whole may be: above rows whatever is told there, else what is measured.
      def wholes(bare, rows)
        return @list.select { |q| q.said && measured?(q) } if rows.size < 3

        text.heading_quantities + @list.select { |q| (q.said || bare.equal?(leading)) && q.from < bare.first.from }
      end

      # "22,000 the well itself", "13,500 pipes": rows that each begin with their number.
      def leading
        @leading ||= text.entries.map { |e| @list.find { |q| q.from == e.span.from } }.then { |found| found.any? && found.all? ? found : [] }
      end

      def measured?(quantity) = Units.money?(quantity.unit) || Units::MEASURES.value?(quantity.unit)

      # "How we used the ninety minutes", and then "new steps: 25" line by line: what they add up to says what they are.
      def rows?(bare) = text.entries.size == bare.size && bare.zip(text.entries).all? { |q, e| e.span.from <= q.from && q.to == e.span.to && e.children.empty? }

      # "When it cost 2 euros we sold 140": pieces, not money. "For books, said 412 of those we asked": people, not books.
      def sold_or_said(quantity, before, last)
        return what_is_sold(quantity) || (counted_before(quantity).to_s if last && Units.money?(last.unit)) if before.match?(SOLD)

        "people" if last&.unit != "%" && quantity.value > 2 && before.match?(SAID) && text.all_words.match?(/\bpeople\b/)
      end

      # "The only thing that fell is sandwiches: the canteen sold 140 a day"
      def what_is_sold(quantity)
        text.before(quantity, 100)[/\b(?:is|are|was|were) ([[:lower:]]+s): [^.;:!?\d]*\z/, 1].then { |word| word if word && Words.plural?(word) }
      end

      # "A caller waited for seven minutes. Since the two desks were put together it has been under three": what was told of before is meant, not the desks.
      def gone_on(quantity, last)
        sentence = text.sentence_of(quantity) or return nil
        lead = text.string[sentence.from...quantity.from]
        return nil unless now?(lead, text.string[quantity.to, 5].to_s) || (lead.match?(SINCE_IT_IS) && (last.nil? || last.from >= sentence.from))

        @list.take_while { |q| q.to <= sentence.from }.reverse.find { |q| q.unit != "" }&.unit
      end

      # "It's | 60 | now"
      def now?(lead, behind) = lead.match?(NOW_IT_IS) || (lead.match?(IT_IS) && behind.match?(/\A now\b/))

      # "The old boathouse holds 14 boats and stands 300 metres away. The new one will hold 22": what was done so much before is done so much again.
      def same_deed(quantity)
        verb = deed_before(quantity) or return nil
        @said.reverse.find { |q| q.from < quantity.from && q.said && deed_before(q) == verb }&.unit
      end

      def deed_before(quantity)
        at = text.tokens.bsearch_index { |t| t.to > quantity.from } || text.tokens.size
        token = text.tokens[at - 1] if at.positive?
        token.low.sub(/(?:es|s|ed)\z/, "").delete_suffix("e") if token && token.to >= quantity.from - 2 && token.verb? && token.low.length > 3 && !Words::STOP.include?(token.low)
      end

      # "Keys lost in a term: 64 under the old window, 18 under the new"
      def labelled(quantity)
        sentence = text.sentence_of(quantity) or return nil
        lead = text.string[sentence.from...quantity.from]
        unit = Units::MEASURES[lead[MEASURE_OF, :noun].to_s.downcase]
        return unit if unit

        label = lead.match(LABELLED)
        return nil if label.nil? || @said.any? { |q| q.said && q.from.between?(sentence.from, quantity.from - 1) }

        noun = text.tokens_in(sentence).find { |t| t.from >= sentence.from + label.begin(:noun) }
        # "Detentions a week: 14"
        thing = noun.tag == "nns" || label[0].match?(COUNTED_BY) || (noun.from == sentence.from && noun.noun? && label[0].match?(SO_OFTEN))
        told_by_label(noun.low) if thing && !HandedOn::TIME.include?(noun.low)
      end

      # "Kilometres cycled in May: Class 9 1,120" are measured.
      def told_by_label(word)
        Units::MEASURES[word] || (word if Words.plural?(word) && !word.match?(HandedColumns::MEASURED) && !HandedOn::VAGUE.include?(word))
      end

      # "Collisions, of which there were 26"
      def whose(quantity)
        word = text.before(quantity, 60).match(OF_WHICH)&.captures.to_a.compact.first.to_s.downcase
        word if Words.plural?(word)
      end
    end
  end
end
