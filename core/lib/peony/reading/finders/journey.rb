# frozen_string_literal: true

module Peony
  module Reading
    module Finders
      # Stages that a person goes through, with what they do, meet or feel at each.
      class Journey < Finder
        family "journey"

        # "On the way | you are sure", "when they clap | you want to do it again", "the evening before | you lie awake".
        WHEN = /\A(?:and |but |then )?(?<when>(?:(?:at|after|before|during|when|while|on|in|by|over) [^,.;:\d]{2,28}?|the [[:lower:]]+ (?:before|after)))(?=,|\s(?:it|he|she|they|we|i|you|there|his|her|their|its|my|your|our|nobody|somebody|everybody|most|some|each|none|both|all|people)\b)/i

        def find
          felt = nodes.size >= 2 ? share(nodes) { |n| Cues.felt?("#{n.span.text} #{n.inside}") } : share(text.sentences) { |s| text.felt?(s) }
          later(felt, 3..) { alike(series: dense?).then { |items| [items.each { |i| staged(i) }, "#{count(items.size, 'stage')} that a person goes through"] } }
        end

        private

        # A stage that one word of when it is would name ("Way", "Clap") is named by all of them.
        def staged(item)
          told = item.spans.first.text[WHEN, :when] or return
          item.naming do |i|
            next unless told.split.size.between?(2, 5) && named_by?(i.title.downcase, told.downcase)

            i.title = Titles.capital(told)
            # "At the desk | she gets shoes that pinch"
            i.detail = i.detail.sub(/\A#{Regexp.escape(told)},?\s+/i, "")
          end
        end

        # "Way", "first month most of them": all of it, or what it begins with.
        def named_by?(title, told) = title.split.one? ? told.include?(title) : "#{title} ".start_with?("#{told.split.drop(1).last(2).join(' ')} ")

        def dense? = text.sentences.size <= 2
      end
    end
  end
end
