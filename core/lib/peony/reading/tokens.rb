# frozen_string_literal: true

require "engtagger"

module Peony
  module Reading
    # Words with their places and parts of speech (Penn tags in lower case: "nn", "nns", "vbd", "jj", "in", "cd" ...).
    module Tokens
      FINITE = %w[vbd vbz vbp md].to_set.freeze

      # What a verb can take.
      TAKEN = /\A(?:det|prps?|cd|nns?)\z/

      OBJECT = /\A(?:det|prps?)\z/

      LED_BY = /\A(?:is|was|costs?|has|had)\z/
      BREAK = /\A(?:cc|pp.*)\z/
      DEED = /\Avb[zp]?\z/
      # "A shower 60", "the bath,": what stands between an article and a number or a stop is a thing.
      ARTICLE = /\A(?:an?|the)\z/i
      BEHIND = /\A(?:cd|pp|ppc)\z/

      # +finite+: a verb that can stand with a subject: "stands", "stood", not "standing" or "to stand". +said+: a noun, a verb or an adjective.
      Token = Struct.new(:text, :low, :tag, :from, :to, :noun, :verb, :finite, :said) do
        alias_method :noun?, :noun
        alias_method :verb?, :verb
        alias_method :finite?, :finite
        def word? = text.match?(/\A[[:alpha:]]/)
      end

      # What a tag says of its word, in the order of a token's members. There are some forty tags, and each word is asked often.
      KINDS = Hash.new { |kinds, tag| kinds[tag] = [tag.start_with?("nn"), tag.start_with?("vb"), FINITE.include?(tag), tag.start_with?("nn", "vb", "jj")].freeze }

      # The tagger takes every word in single letters to write its first one small, asks for the same words again and again, and tries all tags on each.
      class Tagger < EngTagger
        def lcfirst(word) = word[0].downcase + word[1..]
        def split_punct(text) = (@split ||= {}).fetch(text) { @split.size < KEPT ? @split[text] = super : super }
        def clean_word(word) = (@cleaned ||= {}).fetch(word) { @cleaned.size < KEPT ? @cleaned[word] = super : super }

        # Whatever the tagger would answer, sought among the tags that the word can have. It has an answer of its own for words it does not know ("-unknown-").
        def assign_tag(before, word)
          known = EngTagger.lexicon[word]
          return super if known.nil? || OWN.include?(word)

          best = nil
          likeliest = 0
          chances = EngTagger.hmm[before] || {}
          known.each do |tag, often|
            chance = (chances[tag] || next) * (often + 1)
            next unless chance > likeliest || (chance == likeliest && earlier?(chances, tag, best))

            best = tag
            likeliest = chance
          end
          best.to_s
        end

        def earlier?(chances, tag, other) = other && chances.keys.index(tag) < chances.keys.index(other)

        # Whether a stop belongs to its word is told by the word and what follows it: by a capital letter or a sign.
        def split_sentences(words)
          words.each_with_index.flat_map do |word, i|
            behind = words[i + 1]
            next [word] unless word.end_with?(".") && (behind.nil? || behind.match?(/[A-Z\W]/))

            next [word.chop, "."] if word.match?(NO_ABBREVIATION)

            kept = (@stops ||= {})[behind.nil?] ||= {}
            kept.fetch(word) do
              parted = behind ? super([word, "A"])[0..-2] : super([word])
              kept.size < KEPT ? kept[word] = parted : parted
            end
          end
        end

        NO_ABBREVIATION = /\A[[:alpha:]]{6,}\.\z/
        OWN = %w[-unknown- -sym-].freeze
        KEPT = 20_000
      end

      @lock = Mutex.new

      module_function

      # @param string [String]
      # @return [Array<Token>] in order; what the tagger splits otherwise than the text is left out
      def of(string)
        position = 0
        plain = string.tr("’‘“”", "''\"\"")
        mended(tagged(plain)).filter_map do |word, tag|
          at = plain.index(word, position)
          # The tagger turns quotation marks into others: such a word is not found close by.
          next if at.nil? || at - position > 12

          position = at + word.length
          Token.new(word, word.downcase, tag, at, position, *KINDS[tag])
        end
      end

      # "The token is quick": what stands between an article and a verb is a thing, though the tagger may not know it as one.
      def mended(words)
        each_with_neighbours(words) do |(lead, before), (word, tag), (_, after), i|
          words[i + 1] = [word, "nn"] if (tag == "jj" && OBJECT.match?(before) && FINITE.include?(after)) || (DEED.match?(tag) && ARTICLE.match?(lead) && BEHIND.match?(after))
        end
        foreign(words)
        firms(words)
        named(words)
        done(words)
        said(words)
      end

      # Three in a row, as they are before any of them is put right.
      # @yieldparam i [Integer] the place of the first
      def each_with_neighbours(words)
        before, word = words
        words.dup.each_with_index do |after, i|
          next if i < 2

          yield before, word, after, i - 2
          before = word
          word = after
        end
      end

      # "The theatre 1,150": behind an article no word is a foreign one, and a number is no name.
      def foreign(words)
        words.each_with_index do |(word, tag), i|
          words[i] = [word, "nn"] if tag == "fw" && i.positive? && %w[det prps jj].include?(words[i - 1].last)
          words[i] = [word, "cd"] if tag == "nnp" && word.match?(/\A\d[\d,.]*\z/)
        end
      end

      # "Skippers trust the screen", "wind and frost break the rock": behind several things, what takes something is what they do.
      def done(words)
        each_with_neighbours(words) do |(_, before), (word, tag), (_, after), i|
          next unless tag == "nn" && OBJECT.match?(after) && (several?(words, i) || (before == "nn" && i > 1 && words[i - 1].last == "cc" && words[i - 2].last.start_with?("nn"))) && deed?(word)

          words[i + 1] = [word, "vbp"] unless words[i + 2, 3].take_while { |_, t| !BREAK.match?(t) }.any? { |_, t| FINITE.include?(t) }
        end
      end

      # "Gull & Sons": one name.
      def firms(words)
        return unless words.any? { |word, _| word == "&" }

        each_with_neighbours(words) do |(one, _), (sign, _), (other, _), i|
          words[i, 3] = [one, sign, other].map { |word| [word, "nnp"] } if sign == "&" && [one, other].all? { |word| word.match?(/\A[[:upper:]]/) }
        end
      end

      # "Start is for small shops": what a sentence begins with, and what is or has something, is a name, whatever else it may mean.
      def named(words)
        words.each_index do |i|
          word, tag = words[i]
          verb, = words[i + 1]
          words[i] = [word, "nnp"] if verb && LED_BY.match?(verb) && %w[vb vbp].include?(tag) && word.match?(/\A[[:upper:]][[:lower:]]+\z/) && (i.zero? || words[i - 1].last == "pp")
        end
      end

      # A plural; at the beginning of a sentence the tagger takes it for a name.
      def several?(words, at)
        word, tag = words[at]
        tag == "nns" || (tag == "nnp" && (at.zero? || words[at - 1].last == "pp") && Words.plural?(word))
      end

      # "The stove burns logs", "the old one kneads 12 kg": a thing in the plural behind a single one, which takes something, is what it does.
      def said(words)
        each_with_neighbours(words) do |(lead, before), (word, tag), (_, after), i|
          # "A child of six needs 11"
          aged = before == "cd" && i.positive? && words[i - 1].first == "of"
          next unless tag == "nns" && word != "times" && TAKEN.match?(after) && (before == "nn" || lead == "one" || aged) && deed?(word)
          # "Two mountain rescues trust her": what is counted is a thing.
          next if !aged && words[[i - 2, 0].max..i].any? { |counted, t| t == "cd" && counted.downcase != "one" }

          words[i + 1] = [word, "vbz"] unless words[i + 2, 3].take_while { |_, t| !BREAK.match?(t) }.any? { |_, t| FINITE.include?(t) }
        end
        words
      end

      # Whether a word in -s may be what one thing does: the tagger knows it or its stem as a verb.
      def deed?(word)
        low = word.downcase
        stems = [low.delete_suffix("s"), low.delete_suffix("es"), low.sub(/ies\z/, "y")] - [low]
        stems.any? { |stem| Words::IMPERATIVES.include?(stem) } || [low, *stems].any? { |form| EngTagger.lexicon.fetch(form, {}).keys.any? { |tag| DEED.match?(tag.to_s) } }
      end

      # Short words that the tagger takes for abbreviations at the end of a sentence, each with its tag.
      SHORT = { "is" => "vbz", "me" => "prp", "it" => "prp", "us" => "prp", "in" => "in", "on" => "in", "up" => "rp", "so" => "rb", "do" => "vbp" }.freeze

      # The tagger leaves a stop on its word where a number follows.
      # @return [Array(Array(String, String), Array(String, String)), nil] the word and the stop, each with its tag; nil where there is none
      def stopped(word, tag)
        return nil unless word.end_with?(".", "!", "?")
        return [[word[0, 2], SHORT.fetch(word[0, 2].downcase)], [".", "pp"]] if word.length == 3 && word.end_with?(".") && SHORT.key?(word[0, 2].downcase)

        match = word.match(/\A([[:alpha:]]{3,})([.!?])\z/) or return nil

        [[match[1], tag == "nn" && Words.plural?(match[1]) ? "nns" : tag], [match[2], "pp"]]
      end

      def tagged(string)
        pairs = @lock.synchronize { (@tagger ||= Tagger.new).tag_pairs(string.tr("/", " ")) }
        pairs.each_with_object([]) do |(word, tag), list|
          parted = stopped(word, tag.name)
          parted ? list.concat(parted) : list << [word, tag.name]
        end
      end
    end
  end
end
