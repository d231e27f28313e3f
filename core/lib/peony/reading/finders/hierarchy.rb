# frozen_string_literal: true

module Peony
  module Reading
    module Finders
      # A whole with parts that have parts; who reports to whom; kinds and sub-kinds.
      class Hierarchy < Finder
        include Reporting
        include InBrackets
        include NumberedParts
        include EitherOr
        include NamedBranches

        family "hierarchy"

        ABOVE = /\s+(?:>|is over|are over|over|rules?|ruled|leads?|led|heads?|headed|commands?|commanded|runs?|ran|appoints?|appointed|looks? after|supervises?|manages?|managed|directs?|oversees?|employs?|answers? for)\s+/i

        UNDER = /\b(?:under|below|beneath|reports? to|answers? to|answerable to|takes? orders from|looks after|holds|sections?|hang|elects?|appoints?|has|over|commanded|splits? into|divides? into|divided into|may be|are|is)\b/i

        # Says outright who stands over all.
        TOP = /\b(?:at the (?:very )?(?:top|head)\b|(?:is|['’]s|are) in charge\b(?! of)|(?:is|['’]s) the (?:head|boss|chief|director)\b|above (?:them|us|everyone|everybody|all)\b|over all (?:of it|of them|this)\b|answers? to nobody|st(?:ands|ood) (?:over|above)\b)/i

        # Names one who is over all the others.
        HEAD = /\b(?:is run by an? \w+|at the (?:very )?(?:top|head)\b|(?:is|['’]s) (?:in charge|the (?:boss|head|chief)|top \w+)|directs, so|runs the \w+, full stop|top of the heap|one queen|(?:has|have) (?:two|three|four) (?:heads|deputies|captains) (?:under|below))/i

        # "Bo has six guides, Ines has two millers"
        ANOTHER = /,\s+(?:and |while )?(?=(?:(?:Mr|Mrs|Ms|Dr|Sister) )?[[:upper:]][[:lower:]]+ (?:has|had|leads|runs|looks after|an?|one|two|three|four|five|six|seven|eight|\d+)\b)/

        # Made once: a pattern with another in it is costly to make.
        LINKS = /;\s+(?:and |but )?|,\s+(?:and |but |which in turn |who in turn )?(?=(?:the|a) [^,;]{2,30}#{ABOVE})/
        LINK = /\A(?<upper>[^,;]{2,40}?)#{ABOVE}(?<lower>.+)\z/mi

        # "Shop > Ground floor > bread"
        PATH = %r{\A[^>→/]+(?:\s+[>→/]\s+[^>→/]+){1,5}\z}
        STEP = %r{\s+[>→/]\s+}

        # "Is not a computer": no part of anything.
        NO_PART = /\A(?:is|are|was|were) not\b/i

        # "The Cole gathers the Ash Brook and the Mere Brook on its way": the two that an "and" joins.
        TWO = /(?<one>\b(?:(?:the|an?|his|her|its|their|my|our) )?[\p{L}'’-]+(?: \p{Lu}[\p{L}'’-]+)?) and (?<other>(?:(?:the|an?|his|her|its|their) )?[\p{L}'’-]+(?: \p{Lu}[\p{L}'’-]+)?)/

        # "Woven cloth | can be | plain, twill or satin"
        KINDS_OF = /\A(?:the |an? )?(?<name>(?:\S+ ){0,3}\S+) (?:can be|may be|is|are|has|have|includes?|comprises?)(?: either)? ?\z/i

        # "Red watch is led by Osk and has a pump crew and a ladder crew": what it has, and not who leads it.
        HELD = /\A[^;:]{3,}(?:,| (?:is|are|was) [^;:]+? and) (?:has|have|holds?|includes?|contains?|consists? of|is made up of) (?=\S)/

        # "Below the board | come three crews. | Rhea's crew ...": what only says how many follow.
        HOW_MANY = /\b(?:comes?|came|stands?|stood|are|sit|has|have|had|into|work) (?<many>two|three|four|five|six|seven|eight) [[:lower:]]+[.:]?\z/

        def find
          items = of_paths || of_nodes || of_labels || of_numbered_parts || of_two_kinds || of_links || of_ranks || (of_prose || of_rows unless posts?)
          return nil if items.nil? || items.empty? || columns?(items)

          depth = items.map { |i| depth(i) }.max
          return nil if depth < 2

          finding(@strength, depth > 2 ? "a whole in #{count(depth, 'level')}" : "#{count(items.size, 'part')} with parts of their own", items)
        end

        # "At the top of the orchestra is the conductor. ...": one who is told to stand over all the others, whatever is said of these.
        def closer
          return headed if nodes.size.between?(2, 8)
          return nil if !text.sentences.size.between?(2, 8) || [TOP, HEAD].none? { |over| text.sentences.first.text.match?(over) }

          @lead = text.sentences.first
          below = text.sentences.drop(1).map { |s| branch_of(s) }
          finding(0.1, "one over #{count(below.size, 'other')}", [root([]).tap { |top| top.children = below }]) if below.size > 1
        end

        private

        # "Email: spent 2,400, orders 1,210", "Search: spent 5,100, orders 890": numbers under the same heads are a table.
        def columns?(items)
          heads = items.map { |i| i.children.map { |c| c.spans.first.text[/\A[^\d£€$]+(?=[£€$]?\d)/] } }
          items.size > 2 && heads.first.size > 1 && heads.first.all? && heads.uniq.one?
        end

        # Who does what is no order of who stands below whom.
        def posts? = text.sentences.any? { |s| s.text.match?(RankWords::POST) }

        def depth(item) = 1 + (item.children.map { |c| depth(c) }.max || 0)

        # "Shop > Ground floor > bread", line by line.
        def of_paths
          spans = nodes.size > 2 && nodes.all? { |n| n.children.empty? && n.span.text.match?(PATH) } ? nodes.map { |n| Sentences.clauses(n.span, STEP) } : []
          return nil unless spans.size > 2 && spans.map(&:first).map(&:text).uniq.size < spans.size && spans.any? { |path| path.size > 2 }

          @strength = 0.9
          grown(spans)
        end

        # @param paths [Array<Array<Span>>] from the root on
        def grown(paths)
          paths.group_by { |path| path.first.text.strip }.map do |name, alike|
            made(name, "", [alike.first.first]).tap { |i| i.children = grown(alike.map { |path| path.drop(1) }.reject(&:empty?)) }
          end
        end

        def of_nodes
          return nil if nodes.empty? || nodes.none? { |n| n.children.any? }

          # One entry among many with something under it makes no tree.
          parted = share(nodes) { |n| n.children.any? }
          @strength = if parted >= 0.6 then 0.7
                      elsif parted >= 0.4 then 0.4
                      else 0.15
                      end
          nodes.map { |n| node_item(n) }
        end

        # "Nature: animals, plants, rocks and weather", line by line or "town (upright, folding), load (two wheels, three wheels)".
        def of_labels
          rows = nodes.map(&:span)
          rows = bracketed if rows.size < 2
          rows = dashed if rows.size < 2
          return nil if rows.size < 2

          items = rows.map { |s| branch(s) }
          return nil unless items.count { |i| i.children.size >= 2 } >= items.size * 0.6

          @strength = 0.4
          items
        end

        # "The abbot ruled the prior; the prior ruled cellarer, sacrist and infirmarer": who stands under one stands over others.
        def of_links
          return nil if nodes.size >= 2

          roots = []
          known = {}
          clauses = text.sentences.flat_map { |s| Sentences.clauses(s, LINKS) }
          clauses.each { |clause| link(clause, roots, known) }
          return nil unless roots.size == 1 && depth(roots.first) >= 3

          @strength = 0.8
          roots.first.children.size > 1 || roots.first.children.none? { |c| c.children.any? } ? roots : [roots.first]
        end

        def link(clause, roots, known)
          match = clause.text.match(LINK) or return nil
          upper = text.span(clause.from, clause.from + match.end(:upper))
          lower = text.span(clause.from + match.begin(:lower), clause.from + clause.text.sub(/[.;\s]+\z/, "").length)
          above = known[key(upper.text)]
          roots << (known[key(upper.text)] = above = item(upper)) if above.nil?
          Series.split(lower).each { |s| above.children << (known[key(s.text)] ||= item(s)) unless above.children.include?(known[key(s.text)]) || known[key(s.text)].equal?(above) }
        end

        def key(words) = words.downcase.scan(/[[:alpha:]]+/).reject { |w| Words::STOP.include?(w) || w.match?(Numbers::WORD) }.last.to_s.delete_suffix("s")

        # What is told in statements, "these stand below that": see {Ranks}.
        def of_ranks
          return nil if nodes.size >= 2 || text.sentences.size < 2 || !(cue?(:reports, :kinds) || text.all_words.match?(RankWords::HINT))

          trees = Ranks.new(text).trees(kinds: kinds?) or return nil
          @strength = said_often
          trees.map { |n| ranked(n) }
        end

        # How strongly the turns of phrase speak for it.
        def said_often = text.cues[:reports] >= 3 || text.cues[:kinds] >= 2 ? 0.5 : 0.2

        def ranked(node)
          made(node.name.text, node.told&.text.to_s, [node.name]).tap { |i| i.children = node.children.map { |n| ranked(n) } }
        end

        # Sentences: the first names the top, each further one a branch with what hangs below it; kinds stand side by side.
        def of_prose
          return nil if nodes.size >= 2 || text.sentences.size < 2 || !cue?(:reports, :kinds)

          @strength = said_often
          spans = Points.candidates(text).flat_map { |s| Sentences.clauses(s, ANOTHER) }.drop_while { |s| s.text.match?(/\?\z|\ALearn|\ARight/) }
          @top = spans.index { |s| s.text.match?(TOP) }
          spans = spans.drop(@top) if @top && @top < spans.size - 2
          @lead = spans.first
          announced(spans) || own_branches(spans) || below(spans)
        end

        # @return [Array<Span>, nil] as many as are announced, whatever is said of them
        def so_many_below(spans)
          at = (1...spans.size).find { |i| (told = spans[i].text[HOW_MANY, :many]) && Numbers.spelled(told) == spans.size - i - 1 }
          spans.drop(at + 1) if at
        end

        def below(spans)
          branches = (so_many_below(spans) || spans.drop(1).select { |s| kinds? || s.text.match?(UNDER) || s.text.match?(HAS) }).map { |s| branch_of(s) }
          return announced(spans) || alone(spans) if branches.size < 2 || branches.none? { |b| b.children.any? }

          announced(spans) || (kinds? ? branches : [root(branches)])
        end

        # "Vertebrates are divided into five classes: … Invertebrates include …": the first sentence is a branch like the others.
        def own_branches(spans)
          all = kinds? ? spans.map { |s| branch_of(s) } : []
          all if all.size.between?(2, 5) && spans.first.text.include?(":") && all.all? { |b| b.children.size >= 2 }
        end

        # "There are two halls. The land hall has … The sea hall …": as many branches as the first sentence announces, and nothing over them.
        def announced(spans)
          number = spans.first&.text.to_s[/\b(two|three|four|five|six)\b/i, 1] or return nil
          all = spans.drop(1).map { |s| branch_of(s) }
          branches = all.select { |b| b.children.any? }
          number = Numbers.spelled(number.downcase)
          branches.select! { |b| text.sentences.any? { |s| s.from == b.spans.first.from } } if branches.size > number
          # One of them may have nothing below it.
          return all if all.size == number && number > 2 && branches.size == number - 1

          return nil unless branches.size.between?(number, number + 1) && number >= 2 && branches.size >= 2

          # "At the top sits the director, and he shouts at the heads of the three divisions."
          @top ? [root(branches.first(number))] : branches.first(number)
        end

        # One at the top, and what stands below in one sentence: "A hive has one queen. Her daughters fall into nurses, builders and guards."
        def alone(spans)
          return nil if text.cues[:reports] + text.cues[:kinds] < 3 || spans.size < 2

          @strength = 0.15
          below = spans.drop(1).map { |s| branch_of(s) }
          below.any? { |b| b.children.any? } ? [root(below)] : nil
        end

        # Sentences of which most name several things: the scorer weighs whether they are branches.
        def of_rows
          return nil if nodes.size >= 2 || !text.sentences.size.between?(2, GUESSED)

          @lead = text.sentences.first
          @strength = 0.1
          told = announced(text.sentences)
          return told if told

          branches = text.sentences.map { |s| branch_of(s).tap { |b| b.children = two_in(s) if b.children.size < 2 } }.select { |b| b.children.size.between?(2, 8) }
          branches.reject! { |b| b.children.any? { |c| c.spans.first.text.match?(NO_PART) } }
          return nil unless branches.size >= 2 && branches.size * 2 >= text.sentences.size

          @strength = 0.05
          head = text.sentences.first(3).find { |s| s.text.match?(HEAD) }
          return branches unless head

          @lead = head
          [root(branches.reject { |b| b.spans.first.from == head.from })]
        end

        def two_in(span)
          match = span.text.match(TWO) or return []
          %i[one other].map { |name| item(span.group(match, name)) }
        end

        # @return [Array<Span>, nil]
        def what_it_has(span)
          lead = span.text[HELD] or return nil
          rest = text.span(span.from + lead.length, span.to)
          parts = Series.split(rest)
          parts if parts.size.between?(2, 8) && parts.none? { |s| text.tokens_in(s).any?(&:finite?) }
        end

        def kinds?
          return false if @top || text.cues[:reports] >= 5

          text.all_words.match?(/\b(?:kinds|sorts|sorted|types|groups|made of|classes|come in|families)\b/) || (text.all_words.match?(/\bdivided? into\b/) && text.cues[:reports] < 2)
        end

        def root(branches)
          lead = @lead
          item(lead).tap do |top|
            top.children = placed(branches)
            top.spans = [lead]
          end.then { |top| at_the_top(top) }
        end

        def branch_of(span)
          named = named_branch(span)
          return named if named

          own = what_it_has(span)
          parts = own || Series.in(text, span)
          made = item(span)
          parts = Series.split(text.span(span.from + span.text.index(": ") + 2, span.to)) if parts.empty? && span.text.match?(/: \S.* and /)
          parts = parts.reject { |s| s.text.match?(/\A(?:which|who|that|like|such as)\b/) }
          made.children = by_post(parts) if parts.any?
          made.children = Sentences.clauses(span, /,\s+(?:and\s+|or\s+)?|\s+(?:and|or)\s+/).drop(1).map { |s| item(s) } if made.children.empty?
          own.nil? && parts.any? && (lead = text.string[span.from...parts.first.from].match(KINDS_OF)) ? made.naming { |i| i.title = Titles.capital(lead[:name]) } : made
        end
      end
    end
  end
end
