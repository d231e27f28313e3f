# frozen_string_literal: true

module Peony
  module Reading
    # Two things that are called as the heading calls them. Part of the finder of comparisons.
    module NamedAbove
      private

      # "Honey bee or wild bee?", "Old boathouse and new boathouse": the heading names them in a few words.
      def named_above(items)
        names = text.headed_two
        return if names.empty? || names.any? { |name| name.match?(/\b(?:and|or)\b|\A(?:on|in|at|by|with|for|from)\b/i) } || names.map { |name| name.split.size }.uniq.size > 1

        pairs = [names, names.reverse].map { |order| items.zip(order) }.find { |list| list.all? { |item, name| named_so?(name.downcase, item.title.downcase) || opens?(item, name) } }
        pairs&.each { |item, name| item.title = Titles.capital(name) unless name.downcase.delete_suffix("s") == item.title.downcase }
      end

      def named_so?(name, title) = title.include?(name.split.last.delete_suffix("s")) || name.start_with?("#{title} ")

      # "In the morning the water is clear ...", below "Morning or afternoon?"
      def opens?(item, name) = item.spans.first.text.match?(/\A(?:(?:in|on|at|by|with) )?(?:the |an? )?#{Regexp.escape(name)}\b/i)
    end
  end
end
