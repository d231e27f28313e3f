# frozen_string_literal: true

module Peony
  module Reading
    module Finders
      # Steps of one process, in order: numbered entries, sentences that tell what to do, or words of order.
      class Sequence < Finder
        family "sequence"

        JOIN = /;\s+|,?\s+(?:and then|then)\s+|,?\s+and\s+(?=(?:#{Words::IMPERATIVES.to_a.join('|')})\s)|,\s+(?=(?:#{Words::IMPERATIVES.to_a.join('|')})\s)/
        CUES = /\b(steps?|how (?:to|we)|stages|procedure|instructions?|routine|recipe|method|order in which|one after)\b/

        def find
          of_entries || of_sentences
        end

        private

        def of_entries
          entries = text.outer
          return nil if entries.size < 2

          telling = entries.count { |e| Words.imperative?(e.span.text) }.to_f / entries.size
          ordered = entries.all?(&:ordered)
          fit = 0.2 + (ordered ? 0.5 : 0) + (telling * 0.3) + (cues? ? 0.2 : 0)
          fit -= 0.3 if text.dates.size >= entries.size * 0.6
          fit -= 0.25 if !ordered && telling < 0.5
          finding(fit.clamp(0, 0.95), "#{count(entries.size, 'step')} in order", entries.map { |e| item(e.span) })
        end

        def of_sentences
          steps = text.sentences.flat_map { |s| steps_in(s) }
          return nil if steps.size < 3

          all = text.sentences.size.to_f
          marked = text.sentences.count { |s| s.text.match?(Words::ORDER) }
          told = text.sentences.count { |s| Words.imperative?(s.text) }
          fit = 0.25 + (0.45 * [told / all, 1].min) + (0.35 * [marked / all, 1].min) + (cues? ? 0.2 : 0)
          finding([fit, 0.95].min, "#{count(steps.size, 'step')} in order", steps.map { |s| item(s) })
        end

        def cues? = text.frame.match?(CUES)

        # A clause stands by itself when the one before it is a step too and both are more than a tail.
        def whole?(before, clause)
          return false unless Words.imperative?(before.text)

          glue = text.string[before.to...clause.from]
          glue.match?(/;|then/) || [before, clause].all? { |s| s.text.split.size >= 5 }
        end

        # Sentences that tell what to do, or begin with a word of order; joined commands are parted.
        def steps_in(sentence)
          imperative = Words.imperative?(sentence.text)
          return [] unless imperative || sentence.text.match?(Words::LEADS)
          return [sentence] unless imperative

          Sentences.clauses(sentence, JOIN).each_with_object([]) do |clause, steps|
            if steps.empty? || (Words.imperative?(clause.text) && whole?(steps.last, clause)) then steps << clause
            else
              last = steps.last
              steps[-1] = Span.new(text: text.string[last.from...clause.to], from: last.from, to: clause.to)
            end
          end
        end
      end
    end
  end
end
