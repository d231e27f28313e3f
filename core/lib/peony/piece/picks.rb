# frozen_string_literal: true

module Peony
  class Piece
    # Which passages of a piece are worth a figure, and which one each gets: the best, but not the same form again and again.
    module Picks
      Pick = Struct.new(:object, :heading, :fit, :family, keyword_init: true)

      LEAST = 0.25
      MOST = 24
      LEAD_WORDS = 45

      module_function

      # @param shift [Integer] how far down the sheet of proposals to begin, so that compositions differ in their forms
      # @return [Array<Pick>] in the order of the notes
      def of(piece, shift: 0)
        used = []
        Proof::Readings.of(piece).filter_map do |reading|
          next if reading.findings.empty? || reading.best.fit < LEAST || used.size >= MOST

          proposal = choose(piece, reading, used, shift) or next
          used << proposal.form
          object = Placing.figure(piece, reading, form: proposal.form, family: proposal.family)
          Pick.new(object: object, heading: reading.title, fit: proposal.fit, family: proposal.family)
        end
      end

      # How much less than the best a form may say, to be taken for the sake of another look.
      WORSE = 0.85

      def choose(piece, reading, used, shift)
        list = Figures::Proposals.for(reading, house: piece.house, width: 700, height: 460, used: used, most: 6).select { |p| p.family == reading.best.family }
        best = list.map(&:fit).max
        list = list.select { |p| p.fit >= best * WORSE }
        list = list.reject { |p| p.form == used.last } + list.select { |p| p.form == used.last }
        list[[shift, list.size - 1].min] unless list.empty?
      end

      # The first paragraph of the notes, where it is short and nothing is drawn from it.
      # @return [String, nil]
      def lead(piece)
        first = piece.notes.blocks.find { |b| !b.heading? }
        # "Dear friends of the mill pond," leads to nothing on a page.
        return nil unless first&.type == "paragraph" && first.text.split.size.between?(5, LEAD_WORDS) && !first.text.match?(/,\s*\z/)

        reading = Proof::Readings.of(piece).first
        first.text if reading && reading.passage.blocks.size == 1 && reading.findings.empty?
      end
    end
  end
end
