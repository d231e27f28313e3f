# frozen_string_literal: true

module Peony
  module Reading
    # Two sides of which it is told only that they speak, or that they are told of in turn. Part of {Finders::Opposition}.
    module Speakers
      private

      # Two who are told of in turn, without a word that says that they disagree.
      def of_rivals
        sides = nodes.size >= 2 ? nil : text.rivals
        return nil unless sides&.size == 2

        @strength = 0.2
        sides.map { |told| side(told.spans) }
      end

      # "Dr Varga holds that ... Dr Ames would keep them open": two who speak, each with what is said until the other does.
      def of_speakers
        list = text.sentences
        return nil if nodes.size >= 2 || list.size < 2

        places = where(:speaker, :wish, :takes_side?)
        # "The council would like motors. | Anglers are for it. ... The purists answer ...": what it is about is on neither side.
        places.shift if places.size > 2 && places.first.zero? && !speaker(list.first) && takes_side?(list[places[1]])
        of_turns_to_speak(places.first(2))
      end

      # "Parents say ... The town answers ...", "The hotel has asked us ... The bakers would miss it": two of whom it is told outright that they speak, or wish.
      def of_two_speakers
        return nil if nodes.size >= 2

        said = where(:speaker)
        said = where(:speaker, :wish) if said.size != 2 && where(:takes_side?).empty?
        of_turns_to_speak(said) if said.size == 2
      end

      # @return [Array<Integer>] of the sentences of which one of these holds
      def where(*ways) = text.sentences.each_index.select { |i| ways.any? { |way| send(way, text.sentences[i]) } }

      # @param places [Array<Integer>] of the sentences in which one and the other begin
      def of_turns_to_speak(places)
        one, other = places
        return nil unless other && one < 2

        @strength = 0.2
        [side(text.sentences[one...other]), side(text.sentences[other..])]
      end

      # Words that speak for and against, but none with which the other side begins: they are parted where both halves are least alike.
      def of_halves
        list = text.sentences
        return nil if nodes.size >= 2 || !list.size.between?(4, Finder::GUESSED)

        @strength = text.cues[:for_against] < 2 ? 0.03 : 0.1
        at = (2...(list.size - 1)).min_by { |i| Vectors.cosine(*[list[0...i], list[i..]].map { |half| Vectors.middle(half.flat_map { |s| Manner.content(text, s) }) }) }
        [side(list[1...at]), side(list[at..])]
      end
    end
  end
end
