# frozen_string_literal: true

module Peony
  module Figures
    # How glad the words of an item are, -1..1, by the vectors of its words between glad and sorry ones; and the face that shows it.
    module Mood
      GLAD = %w[happy glad proud delighted love pleased joy excited relieved fond hopeful laugh].freeze
      SORRY = %w[sad afraid angry worried lost tired lonely ashamed nervous cold bored hate hurt].freeze
      # Words nearer to neither than this say nothing.
      LEAST = 0.42

      private

      # @param item [Item]
      # @return [Float]
      def mood(item)
        @moods ||= {}
        @moods[item.id] ||= (told_mood("#{item.title} #{item.detail}") * swing).clamp(-1.0, 1.0)
      end

      # Moods are told against each other: the strongest of a figure comes near the edge of the scale, but a calm story is not made wild.
      def swing
        @swing ||= begin
          strongest = items.map { |i| told_mood("#{i.title} #{i.detail}").abs }.max.to_f
          strongest < 0.05 ? 1.0 : (0.95 / strongest).clamp(1.0, 2.6)
        end
      end

      def told_mood(words)
        glad, sorry = [GLAD, SORRY].map { |list| Reading::Vectors.middle(list) }
        scores = words.downcase.scan(/[[:alpha:]]{3,}/).uniq.filter_map do |word|
          own = Reading::Vectors.middle([word]) or next
          one = Reading::Vectors.cosine(own, glad)
          two = Reading::Vectors.cosine(own, sorry)
          [one - two, [one, two].max] if [one, two].max > LEAST
        end
        return 0.0 if scores.empty?

        strongest = scores.max_by(3, &:last)
        (strongest.sum { |difference, weight| difference * weight } / strongest.sum(&:last) * 3.2).clamp(-1.0, 1.0)
      end

      # A round face whose mouth bends with the mood.
      def face(x, y, r, mood, colour)
        pen.circle(x, y, r, fill: surface, stroke: colour, line: shape)
        [-1, 1].each { |way| pen.circle(x + (way * r * 0.34), y - (r * 0.2), [r * 0.1, 1.2].max, fill: colour) }
        bend = mood * r * 0.34
        low = y + (r * 0.34)
        pen.path([["M", x - (r * 0.4), low - (bend * 0.4)], ["C", x - (r * 0.2), low + bend, x + (r * 0.2), low + bend, x + (r * 0.4), low - (bend * 0.4)]],
                 stroke: colour, line: [r * 0.13, 1.4].max, cap: "round")
      end
    end
  end
end
