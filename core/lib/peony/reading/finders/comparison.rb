# frozen_string_literal: true

module Peony
  module Reading
    module Finders
      # Two or more things set side by side on the same aspects.
      class Comparison < Finder
        include Aspects
        include EachOfAKind
        include NamedAbove
        include ChangingSubjects

        family "comparison"

        WHILE = /,\s+(?:while|whereas) |\A(?:while|whereas|where) (?=[^,]+, )/i

        # Leads to one of several ways out, and to what it is.
        OPTION = /\A(?:(?:one|the first|the other|a|the|another|an alternative)(?: (?:second|third|fourth|last))?)(?: (?:option|way|idea|plan|choice|possibility|answer|solution|suggestion|proposal))?(?:,? of course,?)? (?:is|was|would be)(?: simply)? (?:to )?(?=\S+ \S)/i
        FIRST, SECOND = [/\A(?:one|the first)\b/i, /\A(?:another|the (?:other|second)|a second|an alternative)\b/i].freeze
        # What is tried, one after the other.
        WAYS = %i[of_columns of_nodes of_compared of_paragraphs of_options of_announced of_each of_two of_subjects of_while of_one_verb].freeze

        def find
          items = WAYS.lazy.filter_map { |way| send(way) }.first
          items = items.drop(1) if items && announced?(items)
          items = items[0..-2] if items && one_more?(items)
          return nil unless items && items.size.between?(2, 8)

          named_above(items) if items.size == 2
          shared = items.map { |i| i.aspects.map(&:first) }.reduce(:&)
          finding(@strength + (0.1 * [shared.size, 3].min), reason(items, shared), items)
        end

        # "Ash burns hot and fast; oak burns slowly and wants two years; pine spits": the clauses of one sentence, each with a subject of its own.
        def closer
          return nil unless nodes.size < 2 && text.sentences.size == 1

          parts = Sentences.clauses(text.sentences.first, /;\s+(?:and |but )?/)
          parts = Sentences.clauses(text.sentences.first, /,\s+(?:and |but |while )?|:\s+/).take_while { |s| Series.subject_verb?(text, s) } if parts.size < 2
          finding(0.1, "#{count(parts.size, 'thing')} set side by side", parts.map { |s| portrait([s]) }) if parts.size.between?(2, 5)
        end

        private

        # "The bike is cheap and slow, the bus is dear and quick": one sentence that says the same kind of thing of each.
        def of_one_verb
          return nil unless nodes.size < 2 && text.sentences.size <= 3

          rows = text.sentences.map { |s| Sentences.clauses(s, /[,;]\s+(?:and |but |while |whereas )?(?=the |an? )/) }.select { |list| list.size > 1 }
          return nil unless rows.one?

          parts = rows.first
          said = parts.map { |s| s.text.match(/\A(?:the |an? )?(?<who>[[:lower:]]+) (?<does>is|are|has|have|costs?|takes?|needs?|lasts?|keeps?) \S/i) }
          return nil unless parts.size.between?(2, 4) && said.all? && said.map { |m| m[:does] }.uniq.one? && said.map { |m| m[:who] }.uniq.size == parts.size
          return nil if parts.sum { |s| text.quantities_in(s).size } > parts.size

          @strength = 0.3
          parts.map { |s| portrait([s]) }
        end

        # "Two places are left for the trip. Hagg Farm ... Skarv Lodge ...": the first says how many follow.
        def announced?(items)
          number = items.size > 2 && nodes.size < 2 && text.sentences.first.text[/\A(?:there are |we have |we found |only )?(two|three|four|five)\b/i, 1]
          number && Numbers.spelled(number.downcase) == items.size - 1 && items.first.spans.first.from == text.sentences.first.from
        end

        # "Two ways of heating the nave ... The bills would come to the same.": what is told last is none of as many as the first says there are.
        def one_more?(items)
          number = items.size > 2 && nodes.size < 2 && text.sentences.first.text[/\b(two|three|four|five) (?!(?:years|months|weeks|days|hours|minutes|miles)\b)[[:lower:]]+s\b/i, 1]
          return false if items.last.spans.first.text.match?(/\A(?:and |but )?(?:our|ours|mine|my|the third|a third)\b/i)

          number && Numbers.spelled(number.downcase) == items.size - 1 && items.first.spans.first.from > text.sentences.first.from
        end

        def reason(items, shared) = shared.empty? ? "#{count(items.size, 'thing')} set side by side" : "#{count(items.size, 'thing')}, #{count(shared.size, 'shared aspect')}"

        # A table whose columns are the things: see {Crossed}.
        def of_columns
          rows, columns = Crossed.of(text, nodes)
          @strength = 0.7
          columns&.map { |c| made(c.name, c.values.join("; "), c.cells).tap { |i| i.aspects = rows.zip(c.values) } }
        end

        def of_nodes
          return nil if nodes.size < 2

          items = nodes.map { |n| compared(n) }
          in_table(items)
          rich = items.count { |i| i.aspects.size >= 2 }
          @strength = rich == items.size ? 0.7 : 0.2 * rich / items.size
          items if rich >= items.size * 0.7 || share(nodes) { |n| clauses(n).size >= 2 } >= 0.7
        end

        # Things in the lines of a table, told in words: the heads of its columns are the aspects.
        def in_table(items)
          _, columns = Crossed.table(text, nodes) if text.table?
          items.each_with_index { |item, i| item.aspects = columns.map { |c| [c.name, c.values[i]] } } if columns
        end

        def compared(node)
          made = node_item(node)
          below = node.children.map(&:span) + node.body
          made.aspects = below.filter_map { |s| (m = s.text.match(ASPECT)) && [m[:name].strip, m[:words].strip.chomp(".")] }
          made.aspects = aspects(node.span) if made.aspects.empty?
          further(made, node.children.map(&:span), "; ")
        end

        def clauses(node)
          return node.children if node.children.any?

          (node.body.any? ? node.body : [node.span]).flat_map { |s| Sentences.clauses(s, /[,;.]\s+/) }
        end

        # Two that are announced and told of one after the other: see {Compared}.
        def of_compared
          sides = Compared.of(text) or return nil

          @strength = 0.3 + (cue?(:than, :comparative, :choose) ? 0.2 : 0) + (Rivals.of_one_kind?(sides) ? 0.2 : 0)
          sides.zip(in_full(sides.map(&:name))).map { |side, name| portrait(side.spans).tap { |i| i.title = Titles.capital(Titles.cut(name).first) } }
        end

        # One paragraph a thing.
        def of_paragraphs
          blocks = text.stretches.reject { |s| s.block.heading? || s.block.item? }
          return nil unless blocks.size.between?(2, 4) && text.entries.empty? && blocks.all? { |b| b.block.text.split.size >= 15 }

          @strength = 0.5
          blocks.map { |b| portrait(Sentences.of(text.string, b.from, b.to)) }
        end

        def portrait(spans)
          lead = begun(spans.first)
          verb = lead.index { |t| (t.finite? && !named?(lead, t)) || t.tag == "prp" || t.low.match?(/\A(?:there|nobody|everybody|everyone|somebody|someone|anyone)\z/) } || [lead.size, 5].min
          lead = up_to_article(lead.first(verb))
          name = lead.any? ? text.string[lead.first.from...lead.last.to] : spans.first.text.chomp(".")
          made(Titles.cut(name.sub(/\A(?:the|a|an)\s+/i, "")).first, joined(spans), spans).tap { |i| i.aspects = spans.flat_map { |s| aspects(s) }.uniq(&:first) }
        end

        # "One option is to build a wall. … Another is to plant trees. …": each with what is said of it.
        def of_options
          list = text.entries.any? ? [] : text.sentences
          at = list.each_index.select { |i| list[i].text.match?(OPTION) }
          return nil unless at.size.between?(2, 5) && list[at.first].text.match?(FIRST) && list[at[1]].text.match?(SECOND)

          @strength = 0.45
          at.each_with_index.map do |from, i|
            spans = list[from...(at[i + 1] || list.size)]
            body = text.span(spans.first.from + spans.first.text[OPTION].length, spans.first.to)
            portrait(spans).tap { |made| made.title = Titles.capital(Titles.of(body.text).first) }
          end
        end

        # The words of stretches, with the "but" or the comma that joins neighbours.
        def joined(spans) = spans.slice_when { |a, b| !text.string[a.to...b.from].match?(/\A[,;]? ?(?:and |but )?\z/) }.map { |run| text.string[run.first.from...run.last.to] }.join(" ")

        # "Three glues": as many subjects as are announced.
        def of_announced
          number = text.all_words[/\b(three|four|five)(?: \w+){1,2}/, 1] or return nil
          count = Numbers.spelled(number)
          of_subjects.then { |items| items if items && items.size == count } || (each_sentence(count) if text.passage.heading.to_s.match?(/\b(?:three|four|five)\b/i))
        end

        # "Three plants and their tricks", and three sentences, each about another.
        def each_sentence(count)
          names = text.entries.empty? && text.sentences.size == count ? text.sentences.map { |s| Rivals.subject(text, s) } : []
          return nil unless names.size == count && names.all? && names.uniq.size == count

          @strength = 0.35
          text.sentences.zip(names).map { |s, name| portrait([s]).tap { |i| i.title = Titles.capital(Rivals.called(text, s, name)) } }
        end

        # "While the bus is cheap and slow, the train is dear and quick."
        def of_while
          sentence = nodes.size < 2 && text.sentences.size <= 3 ? text.sentences.first : nil
          return nil unless sentence&.text&.match?(WHILE)

          parts = sentence.text.match?(/\Awh/i) ? Sentences.clauses(text.span(sentence.from + sentence.text.index(" ") + 1, sentence.to), /,\s+/) : Sentences.clauses(sentence, WHILE)
          return nil unless parts.size == 2 && parts.all? { |s| Series.subject_verb?(text, s) }

          names = parts.map { |s| head(s) }
          further = text.sentences.drop(1)
          named = further.map { |s| names.select { |name| name && s.text.downcase.include?(name) } }
          return nil if named.any?(&:empty?)

          @strength = 0.4
          # What names both of them is nobody's.
          parts.zip(names).map { |s, name| portrait([s, *further.zip(named).select { |_, list| list == [name] }.map(&:first)]) }
        end

        # Two things told in turn, each by its own name and by what goes on about it: see {Rivals}.
        def of_two
          sides = text.entries.any? ? nil : text.rivals
          return nil if sides.nil? || (sides.size == 2 && sides.any? { |s| s.spans.one? && row?(s.spans.first) })

          @strength = 0.3 + (cue?(:than, :comparative, :choose) ? 0.2 : 0) + (Rivals.of_one_kind?(sides) ? 0.2 : 0)
          told = sides.zip(in_full(sides.map(&:name))).map { |side, name| portrait(side.spans).tap { |i| i.title = Titles.capital(name) } }
          told.size == 2 ? of_both(told) : told
        end

        # "The old pool ... The new one": a new pool.
        def in_full(names)
          return names unless names.map { |name| name.split.size }.sort == [1, 2] && (kind = names.find { |name| name.split.one? }) && text.string.match?(/\b#{Regexp.escape(kind)} ones?\b/i)

          noun = names.find { |name| name != kind }.split.last
          names.map { |name| name == kind ? "#{name} #{noun}" : name }
        end
      end
    end
  end
end
