# frozen_string_literal: true

module Peony
  module Figures
    # Whether items lead to one another, as the links of a chain do, or stand side by side, as the reasons for one thing do.
    module Linked
      LEADS = /\A(?:so|then|this|that|these|it|they|therefore|thus|hence|consequently|from (?:there|it|them|these|that)|as a result|in (?:consequence|turn)|because of (?:this|that|it)|without)\b/i

      # From this share on they are a chain.
      CHAIN = 0.5

      module_function

      # @param items [Array<Item>]
      # @return [Float] 0..1: in how many places an item takes up what the one before it says
      def share(items)
        told = items.map { |item| "#{item.title}. #{item.detail}" }
        stems = told.map { |words| words.downcase.scan(/[[:alpha:]]{4,}/).reject { |w| Reading::Words::STOP.include?(w) }.map { |w| w[0, 5] } }
        pairs = (1...items.size).map { |i| stems[i].intersect?(stems[i - 1]) || [items[i].title, items[i].detail].any? { |words| words.match?(LEADS) } }
        pairs.empty? ? 0.0 : pairs.count(true).to_f / pairs.size
      end

      # How well a way of drawing causes suits items: an arrow says that one brings the next, bones and roots that all bring one thing, the ice that one hides the others.
      # @param way [Symbol] :linked, :apart or :below
      # @return [Float] 0..1
      def suits(way, items)
        chain = share(items) >= CHAIN
        case way
        when :linked then chain ? 1.0 : 0.8
        # "What is seen, and what is behind it" says more than that all of them are reasons.
        when :below then 0.7
        else chain ? 0.9 : 1.0
        end
      end
    end
  end
end
