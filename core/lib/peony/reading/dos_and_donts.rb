# frozen_string_literal: true

module Peony
  module Reading
    # What to do, and what not to do: orders of which some forbid. Part of the finder of two sides.
    module DosAndDonts
      # What is not to be done.
      NOT_TO = /\A(?:please |but |and )?(?:do not|don['’]t|never|avoid)\b/i
      DO_NOT = /\A(?:please |but |and )?(do not|don['’]t)\b/i

      private

      # "Send the questions the day before. Start on time. Do not read slides aloud. Do not meet if a mail would do": what to do, and what not, in any order.
      def of_orders
        rows = nodes.size >= 4 ? nodes.map(&:span) : text.sentences
        against, in_favour = rows.partition { |s| s.text.match?(NOT_TO) }
        word = against.filter_map { |s| s.text[DO_NOT, 1] }.first
        return nil unless word && nodes.size != 2 && against.size > 1 && in_favour.size > 1 && in_favour.count { |s| text.told?(s) } >= in_favour.size * 0.7

        @strength = 0.6
        [[word[0, 2], in_favour], [word, against]].map do |name, list|
          made(name, list.map(&:text).join(" "), list).tap { |i| i.children = list.map { |s| item(s) } }
        end
      end
    end
  end
end
