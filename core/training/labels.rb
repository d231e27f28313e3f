# frozen_string_literal: true

# Where the labelled items of a passage stand in its words, and what that says of its sentences:
# which joints part two items (seams), and which parts carry an item (strays do not).
module Labels
  module_function

  # @param passage [Corpus::Passage]
  # @param text [Peony::Reading::Text]
  # @return [Array<Integer>] places of the items in the text, in order
  def places(passage, text)
    last = [0, -1]
    passage.items.filter_map do |item|
      found = place(text, item, last)
      last = found if found && (found <=> last).positive?
      found&.last
    end.sort
  end

  # Number of the sentence and place of an item: the first behind the one before it, else the first of all.
  def place(text, item, last)
    words = item["words"].map(&:downcase)
    inner = [*words, *item["children"].to_a.flat_map { |c| c["words"] }.map(&:downcase)]
    holding = text.sentences.each_with_index.select { |s, _| words.all? { |w| s.text.downcase.include?(w) } }
    holding = text.sentences.each_with_index.select { |s, _| inner.any? { |w| s.text.downcase.include?(w) } } if holding.empty?
    behind = holding.filter_map do |s, i|
      at = inner.filter_map { |w| s.text.downcase.index(w, i == last[0] ? [last[1] - s.from + 1, 0].max : 0) }.first
      [i, s.from + at] if at && ([i, s.from + at] <=> last).positive?
    end
    behind.min || holding.first&.then { |s, i| [i, s.from + inner.filter_map { |w| s.text.downcase.index(w) }.first.to_i] }
  end

  # Between two items of one sentence the last joint is the seam before which a new statement begins, else the last one.
  # @return [Array<Integer>] where the seams begin
  def seams(text, places)
    text.sentences.flat_map do |sentence|
      joints = Peony::Reading::Seams.joints(sentence)
      places.select { |at| at.between?(sentence.from, sentence.to - 1) }.each_cons(2).filter_map do |one, two|
        between = joints.select { |j| j.from >= one && j.to <= two }
        (between.select { |j| Peony::Reading::Series.subject_verb?(text, after(text, sentence, joints, j)) }.last || between.last)&.from
      end
    end
  end

  def after(text, sentence, joints, joint) = text.span(joint.to, joints.find { |j| j.from > joint.from }&.from || sentence.to)
end
