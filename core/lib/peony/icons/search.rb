# frozen_string_literal: true

module Peony
  module Icons
    # Icons by meaning: a word that is their name counts most, then their tags, then names whose vectors lie near.
    module Search
      NAME = 1.0
      TAG = 0.6
      # Names farther away than this mean something else.
      NEAR = 0.62
      # Those worth a look beside one that was chosen.
      LIKE = 0.42
      # An item takes an icon by itself only from here on: a wrong icon is worse than none.
      SURE = 0.72
      # What belongs to screens although it is a thing.
      SCREEN = /\b(?:computer|desktop|rows|columns|eye|text|list|layout|device|app)\b/

      # "The small one": no picture of a 1.
      NO_THING = /\A(?:#{Reading::Numbers::WORD}|ones)\z/i

      module_function

      # Reads the catalogue, so that the first person who draws does not wait for it.
      def prepare = index(DEFAULT) && nil

      # @param query [String]
      # @param set [String]
      # @return [Array<Icon>] best first
      def find(query, set: DEFAULT, most: 60)
        wished = query.downcase.scan(/[[:alpha:]]+/).uniq.first(6)
        return [] if wished.empty?

        scores = Hash.new(0.0)
        wished.each { |word| matches(word, set).each { |name, score| scores[name] += score } }
        beginnings(wished.last, set).each { |name| scores[name] += 0.5 }
        icons = Icons.sets.fetch(set)
        scores.sort_by { |name, score| [-score, name.length, name] }.first(most).map { |name, _| icons[name] }
      end

      # Those that share words with an icon first, then those whose names lie near in meaning.
      # @param icon [Icon]
      # @return [Array<Icon>]
      def like(icon, set)
        index = index(set)
        words = icon.words.reject { |w| w.length < 3 }
        scores = Hash.new(0.0)
        words.each do |word|
          matches(word, set).each { |name, score| scores[name] += score }
          near(word, index, LIKE, 12).each { |other, cosine| index[:names][other].each { |i| scores[i.name] += cosine * 0.5 / i.words.size } }
        end
        icon.tags.first(4).each { |tag| (index[:tags][tag] || []).each { |i| scores[i.name] += 0.3 } }
        icons = Icons.sets.fetch(set)
        scores.sort_by { |name, score| [-score, name] }.filter_map { |name, _| icons[name] }
      end

      # One icon for each item, none twice; nil where none surely fits.
      # @param titles [Array<String>]
      # @return [Array<String, nil>] names
      def for_items(titles, set: DEFAULT)
        taken = []
        titles.map do |title|
          name = best(title, set, taken)
          taken << name if name
          name
        end
      end

      def best(title, set, taken)
        nouns = Reading::Tokens.of(title).select(&:noun?).map(&:low).reject { |w| w.length < 3 || w.match?(NO_THING) }.last(3)
        icons = Icons.sets.fetch(set)
        scores = Hash.new(0.0)
        # The last noun names the thing; those before it say of what kind it is.
        nouns.reverse.each_with_index do |noun, i|
          matches(noun, set, sure: true).each { |name, score| scores[name] += score * (i.zero? ? 1.0 : 0.85) if icons[name].group == "thing" && !name.match?(SCREEN) }
        end
        name, score = scores.except(*taken).max_by { |n, s| [s, -n.length] }
        name if name && score >= SURE
      end

      # @param sure [Boolean] leaves out tags that mean something far from the name
      # @return [Hash{String => Float}] names of icons and how well one word fits them
      def matches(word, set, sure: false)
        @found ||= {}
        @found.clear if @found.size > 3000
        @found[[word, set, sure]] ||= matched(word, set, sure)
      end

      def matched(word, set, sure)
        index = index(set)
        forms = forms(word)
        found = {}
        forms.each do |w|
          (index[:names][w] || []).each { |icon| found[icon.name] = sure && icon.words.size > 1 ? name_worth(icon, w) : NAME / (1 + (0.22 * (icon.words.size - 1))) }
          (index[:tags][w] || []).each { |icon| found[icon.name] ||= (sure ? tag_worth(icon, w) : TAG) }
        end
        near(word, index).each { |name_word, cosine| index[:names][name_word].each { |icon| found[icon.name] ||= cosine * 0.95 / (1 + (0.22 * (icon.words.size - 1))) } } if found.empty?
        found.reject { |_, score| score < 0.3 }
      end

      # A name of several words must mean something near as a whole: a desktop tower is no water tower.
      def name_worth(icon, word)
        cosine = Reading::Vectors.cosine(Reading::Vectors.middle([word]), Reading::Vectors.middle(icon.words))
        cosine > 0.68 ? 0.35 + (0.5 * cosine) : 0.3
      end

      # A tag is trusted as far as it lies near the name.
      def tag_worth(icon, word)
        cosine = Reading::Vectors.cosine(Reading::Vectors.middle([word]), Reading::Vectors.middle(icon.words))
        cosine > 0.48 ? 0.5 + (0.5 * cosine) : 0.3
      end

      # "berries", "berry"; "boxes", "box".
      def forms(word) = [word, word.delete_suffix("s"), word.delete_suffix("es"), word.sub(/ies\z/, "y")].uniq.reject { |w| w.length < 3 }

      def near(word, index, least = NEAR, most = 5)
        own = index[:known].any? && Reading::Vectors.middle([word])
        return [] unless own

        index[:known].zip(index[:vectors].dot(own).to_a).select { |_, cosine| cosine >= least }.max_by(most, &:last)
      end

      def beginnings(word, set) = word.length < 2 ? [] : Icons.sets.fetch(set).each_key.select { |name| name.start_with?(word) }.first(40)

      def index(set)
        @index ||= {}
        @index[set] ||= begin
          names = Hash.new { |hash, key| hash[key] = [] }
          tags = Hash.new { |hash, key| hash[key] = [] }
          Icons.sets.fetch(set).each_value do |icon|
            icon.words.each { |word| names[word] << icon if word.length > 2 }
            icon.tags.each { |tag| tags[tag] << icon }
          end
          known = names.keys.select { |word| Reading::Vectors.known?(word) }
          { names: names.to_h, tags: tags.to_h, known: known, vectors: Reading::Vectors.rows(known) }
        end
      end
    end
  end
end
