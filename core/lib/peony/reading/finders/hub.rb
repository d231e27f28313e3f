# frozen_string_literal: true

module Peony
  module Reading
    module Finders
      # One thing in the middle, and the things around it that belong to it.
      class Hub < Finder
        family "hub"

        # "One server in the cupboard runs:", and what it runs.
        RUNS = /\b(?:one|the|our|this) [^.:;]{2,50} (?:runs|feeds|drives|supplies|serves|powers|does|lights|looks after)(?: [[:alpha:]]+){0,3}:/i

        # What a sentence says of something else: "on it", "from her", "is kept there", "to his desk".
        AROUND = /\b(?:(?:on|from|to|in|under|by|beside|behind|near|past|around|with|of|into|at|off|through|over|for|round|against|out of|without) (?:it|him|her|them)\b(?! (?:own|self))|
          there\b(?! (?:is|are|was|were)\b|['’]s)|(?<!\A)\b(?:his|her|its) \w+|here\b|
          (?:ask|tell|ring|needs?|uses?|share[sd]?|have|has|lends?|fetch|want|see|find|keep)s? (?:him|her|it)\b)/xi

        # "At the centre: 'made slowly'", above what lies around it.
        CENTRE = /\A(?:(?:at|in) the (?:very )?(?:centre|center|middle|heart|core)|(?:the )?(?:centre|center|middle|heart|core|hub))\s*[:–—-]\s*(?<words>\S.*)\z/i

        # "In the middle: the pupil", and below it "Around: teachers, parents, friends".
        AROUND_IT = /\A(?:all )?(?:a?round)(?: (?:it|them|her|him|this))?\s*[:–—-]\s*/i
        # "Our centre is the pupil; teachers, parents and friends work with her."
        # "The kitchen table is where this school is run."
        IS_CENTRE = /\A(?:the|our|my|this) [^,.;:]{3,40} is (?:where|what|how) [^,.;]{3,60}\.?\z|\b(?:centre|center|middle|heart|core|hub) (?:is|of [^,;]{3,30} is)\b|\b(?:is|stands|lies|sits) (?:at|in) the (?:very )?(?:centre|center|middle|heart|core)\b/i

        def find
          centred || around_one&.tap { |f| f.heading = Middles.of(text.sentences) if text.passage.heading.to_s.empty? && nodes.size < 2 }
        end

        private

        def around_one = later(strength, 3..) { without_centre(alike).then { |items| [items, "#{count(items.size, 'thing')} around one in the middle"] } }

        def without_centre(items) = items.size > 3 && nodes.size < 2 && items.first.spans.first.text.match?(IS_CENTRE) ? items.drop(1) : items

        def centred
          middle = nodes.size == 2 && nodes.first.span.text.match(CENTRE)
          lead = middle && nodes.last.span.text[AROUND_IT]
          return around_it(middle, text.span(nodes.last.span.from + lead.length, nodes.last.span.to)) if lead

          middle = nodes.size > 3 && nodes.first.children.empty? && nodes.first.span.text.match(CENTRE) or return nil
          around(middle, nodes.drop(1).map { |n| node_item(n) })
        end

        def around(middle, items)
          finding(0.95, "#{count(items.size, 'thing')} around one in the middle", items)&.tap do |f|
            f.heading = Titles.capital(middle[:words].delete(%("“”)).chomp("."))
            f.centred = true
          end
        end

        def around_it(middle, span)
          parts = Series.split(span)
          return nil if parts.size < 3

          around(middle, parts.map { |s| item(s) })
        end

        # Most of what is told of one thing comes back to it.
        def strength
          told = cue?(:centre) || text.frame.match?(RUNS) ? 0.6 : 0.2
          told += 0.4 * share(text.sentences) { |s| s.text.match?(AROUND) } if nodes.size < 2 && text.sentences.size >= 4
          [told, 0.95].min
        end
      end
    end
  end
end
