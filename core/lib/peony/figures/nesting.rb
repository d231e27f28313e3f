# frozen_string_literal: true

module Peony
  module Figures
    # Items made of items: laid flat for forms that cannot show nesting, and walked by those that can.
    module Nesting
      # Between two sentences, and not behind "Mr." or "St."
      SENTENCE = /(?<!Mrs\.)(?<=[[:lower:]]{2}[.!?]|\d[.!?]|[)”"’][.!?])\s+(?=[[:upper:]\d“"‘])/

      module_function

      # @param items [Array<Item>]
      # @return [Array<Item>] the parts of a single thing, else the items with their parts told in the detail
      def flat(items)
        # "Trust, head grower, three wardens": what first parts.
        items = items.first.children while items.one? && items.first.children.one? && items.first.children.first.children.any?
        return items.first.children.map { |child| told(child) } if items.one? && items.first.children.size >= 2

        items.map { |item| told(item) }
      end

      def told(item)
        return item if item.children.empty?

        item.dup.tap { |copy| copy.detail = detail(item) }
      end

      # A detail that says what the parts say is not repeated.
      def detail(item)
        parts = item.children.map { |child| line(child) }
        own = parts.all? { |part| item.detail.downcase.include?(part.split.first(3).join(" ").downcase) } ? "" : item.detail
        own.empty? && !item.detail.empty? ? item.detail : [own, parts.join("; ")].reject(&:empty?).join(": ")
      end

      # An item in one line. A detail that says the title again stands alone: not "November That nobody was fined in November".
      # @param item [Item]
      # @return [String]
      def line(item)
        item.detail.downcase.include?(item.title.downcase) ? item.detail : [item.title, item.detail].reject(&:empty?).join(" ")
      end

      # What an item is made of: its parts, else its detail cut at semicolons or, where it is told in several sentences, into these; else nothing.
      # @return [Array<Item>]
      def parts(item)
        return item.children if item.children.any?

        pieces = item.detail.split(SENTENCE)
        pieces = item.detail.split(/;\s+/) if pieces.size < 2
        pieces.size < 2 ? [] : pieces.map { |words| part(item, words) }
      end

      # @return [Item] some words of an item, to stand by themselves
      def part(item, words) = Item.new(id: item.id, title: words, detail: "", aspects: [], children: [])

      # @return [Integer] how many leaves hang below
      def leaves(item) = item.children.empty? ? 1 : item.children.sum { |child| leaves(child) }

      # @return [Integer] levels from this item down
      def depth(item) = 1 + (item.children.map { |child| depth(child) }.max || 0)
    end
  end
end
