# frozen_string_literal: true

module Peony
  class Piece
    # Makes a whole piece of its notes: one proposal for each composition, and the operation that takes one over.
    module Composing
      # A composed draft: +piece+ shows its pages, +operation+ puts them into the piece as one change.
      Draft = Struct.new(:name, :title, :sees, :piece, :operation, :figures, keyword_init: true)

      module_function

      # @param piece [Piece]
      # @param ids [#call] gives a fresh id for a prefix
      # @return [Array<Draft>] different from each other; empty when no passage is worth a figure
      def drafts(piece, ids:)
        Composition.members.values.each_with_index.filter_map do |composition, index|
          picks = Picks.of(piece, shift: index)
          draft(piece, composition, picks, ids) if picks.any?
        end
      end

      # @param name [String] of a composition
      # @return [Draft]
      # @raise [Peony::Error] when there is nothing to draw
      def draft_of(piece, name, ids:)
        composition = Composition.fetch(name)
        picks = Picks.of(piece, shift: Composition.members.keys.index(name.to_s))
        raise Error.new("No passage of these notes asks for a picture.", hint: "Write steps, dates, numbers or things side by side, or draw single passages in Draw.") if picks.empty?

        draft(piece, composition, picks, ids)
      end

      def draft(piece, composition, picks, ids)
        pages = composition.new(piece, picks, ids).pages.first(60)
        operation = operation(piece, pages)
        Draft.new(name: composition.name_of, title: composition.title, sees: composition.sees, piece: Piece.new(piece.data.merge("pages" => pages)), operation: operation, figures: picks.size)
      end

      # New pages behind those that are there; empty pages give way. One batch, so that one undo takes all of it back.
      def operation(piece, pages)
        empty = piece.pages.select { |p| p["objects"].empty? }.map { |p| p["id"] }
        adding = pages.map { |page| { "op" => "page.add", "page" => page } }
        { "op" => "batch", "operations" => adding + empty.map { |id| { "op" => "page.remove", "id" => id } } }
      end
    end
  end
end
