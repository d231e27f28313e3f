# frozen_string_literal: true

module Peony
  module Figures
    # How glad the words of an item are, -1..1: by words that say so, else by the vectors of its words between glad and sorry ones; and the face that shows it.
    module Mood
      GLAD = %w[happy glad proud delighted love pleased joy excited relieved fond hopeful laugh].freeze
      SORRY = %w[sad afraid angry worried lost tired lonely ashamed nervous cold bored hate hurt].freeze
      # What says outright how somebody feels.
      GLAD_TOLD = /\b(?:at home|amus\w+|brave\w*|calm\w*|cheer\w*|comfortabl\w*|confiden\w+|cosy|curious|delight\w*|eager\w*|easy|easily|elated|enjoy\w*|excit\w+|fond|fun|glad|glow\w*|grateful|great|
                   happ(?:y|ily)|hop(?:e|es|ed|eful)|impressed|inspired|joy\w*|keen|kind|laugh\w*|lik(?:es|ed)|lov(?:e|es|ed|ely)|nice\w*|nod\w*|pleas(?:ed|ant)|prais\w+|prid\w+|proud\w*|
                   reassur\w+|relie\w+|satisf\w+|smil\w+|thank\w*|thrilled|touched|trust\w*|warm\w*|welcom\w+|win|wins|won|wonderful)\b/xi
      SORRY_TOLD = /\b(?:afraid|alarm\w+|angr\w+|annoy\w+|anx\w+|ashamed|awkward|bad|baffl\w+|bewilder\w+|blurred|bor(?:ed|ing)|clums\w+|cold|complain\w*|confus\w+|cross|cr(?:y|ies|ied|ying)|
                    dazed|desperat\w+|difficult|disappoint\w+|discourag\w+|dismay\w*|dizzy|doubt\w*|dread\w*|exhaust\w+|fear\w*|fret\w*|fright\w+|frustrat\w+|furious|gloom\w*|grief|grump\w+|
                    guilt\w*|hat(?:e|es|ed)|hesitat\w+|homesick|horrif\w+|hurt\w*|impatien\w+|irritat\w+|jealous|lonely|lost|mad|miserabl\w+|muddle\w*|nerv\w+|numb|overwhelm\w+|pain\w*|
                    panic\w*|puzzl\w+|regret\w*|reluctan\w+|sad\w*|scar(?:ed|y)|shak(?:y|es|ing)|shock\w*|shy|sick|sigh\w*|sorry|stress\w*|stupid\w*|suspicious|tears|terrif\w+|tired|trembl\w+|
                    uneas\w+|unhapp\w+|unsure|upset\w*|wary|weary|worr\w+)\b/xi
      NOT = /\b(?:not|never|no|nobody|without|hardly|less)\b[^,.;]{0,12}\z|n['’]t\b[^,.;]{0,12}\z/i
      # Words nearer to neither than this say nothing.
      LEAST = 0.42
      # How much of a mood is left that no word of a figure tells.
      UNTOLD = 0.15

      private

      # @param item [Item]
      # @return [Float]
      def mood(item)
        @moods ||= {}
        @moods[item.id] ||= (told_mood("#{item.title} #{item.detail}") * swing).clamp(-1.0, 1.0)
      end

      # Moods are told against each other: the strongest of a figure comes near the edge of the scale, but a calm story is not made wild,
      # and where nobody is said to feel anything all look on calmly.
      def swing
        @swing ||= begin
          words = items.map { |i| "#{i.title} #{i.detail}" }
          strongest = words.map { |told| told_mood(told).abs }.max.to_f
          if words.none? { |told| told.match?(GLAD_TOLD) || told.match?(SORRY_TOLD) } then UNTOLD
          else
            strongest < 0.05 ? 1.0 : (0.95 / strongest).clamp(1.0, 2.6)
          end
        end
      end

      def told_mood(words)
        told = [[GLAD_TOLD, 0.75], [SORRY_TOLD, -0.75]].flat_map { |pattern, mood| words.to_enum(:scan, pattern).map { Regexp.last_match.pre_match.match?(NOT) ? mood * -0.5 : mood } }
        meant = meant_mood(words)
        told.any? ? ((told.sum / told.size) + (meant * 0.5)).clamp(-1.0, 1.0) : meant
      end

      # What no word says outright is only leant to one side.
      def meant_mood(words)
        glad, sorry = [GLAD, SORRY].map { |list| Reading::Vectors.middle(list) }
        scores = words.downcase.scan(/[[:alpha:]]{3,}/).uniq.filter_map do |word|
          own = Reading::Vectors.middle([word]) or next
          one = Reading::Vectors.cosine(own, glad)
          two = Reading::Vectors.cosine(own, sorry)
          [one - two, [one, two].max] if [one, two].max > LEAST
        end
        return 0.0 if scores.empty?

        strongest = scores.max_by(3, &:last)
        (strongest.sum { |difference, weight| difference * weight } / strongest.sum(&:last) * 1.2).clamp(-0.4, 0.4)
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
