# frozen_string_literal: true

module PeonyServer
  module Store
    # Pieces and their snapshots.
    class Pieces
      # A piece as kept: its document as a value, its sequence number.
      Kept = Struct.new(:id, :owner_id, :seq, :piece, :updated_at, keyword_init: true)

      ALPHABET = [*"a".."z", *"2".."9"].freeze
      CACHE = 60

      class << self
        # @return [String] a new unguessable name
        def name(length = 12) = Array.new(length) { ALPHABET[SecureRandom.random_number(ALPHABET.size)] }.join

        # @param owner [Integer] account
        # @param piece [Peony::Piece]
        # @return [Kept]
        def create(owner, piece, at: Time.now.to_f)
          id = name
          Store.db[:pieces].insert(id: id, owner_id: owner, title: piece.title, kind: piece.data["kind"], document: piece.to_json, seq: 0,
                                   created_at: at, updated_at: at)
          find(id)
        end

        # @param id [String]
        # @return [Kept, nil]
        def find(id)
          row = Store.db[:pieces].where(id: id).select(:id, :owner_id, :seq, :updated_at).first
          row && Kept.new(id: id, owner_id: row[:owner_id], seq: row[:seq], updated_at: row[:updated_at], piece: document(id, row[:seq]))
        end

        # @param owner [Integer]
        # @param search [String] words in the title or the document
        # @return [Array<Hash>] newest first
        def list(owner, search: "")
          rows = Store.db[:pieces].where(owner_id: owner).reverse(:updated_at)
          search.to_s.split.first(8).each do |word|
            like = "%#{Store.db.dataset.escape_like(word)}%"
            rows = rows.where(Sequel.ilike(:title, like) | Sequel.ilike(:document, like))
          end
          editions = Store.db[:editions].where(taken_back_at: nil).group_and_count(:piece_id).as_hash(:piece_id, :count)
          rows.limit(500).select(:id, :title, :kind, :seq, :updated_at, :document).map { |row| row.merge(editions: editions[row[:id]].to_i) }
        end

        def delete(id) = Store.db[:pieces].where(id: id).delete

        # @param piece [Peony::Piece] becomes the value of this sequence number without being parsed again
        def keep(id, seq, piece)
          @lock.synchronize do
            @kept.delete(id)
            @kept.shift while @kept.size >= CACHE
            @kept[id] = [seq, piece]
          end
        end

        private

        def document(id, seq)
          held = @lock.synchronize { @kept[id] }
          return held[1] if held && held[0] == seq

          # Read again with its number: a change may have come in between.
          row = Store.db[:pieces].where(id: id).select(:document, :seq).first
          piece = Peony::Piece.new(JSON.parse(row[:document]))
          keep(id, row[:seq], piece)
          piece
        end
      end

      @kept = {}
      @lock = Mutex.new
    end
  end
end
