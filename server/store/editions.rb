# frozen_string_literal: true

module PeonyServer
  module Store
    # Published, fixed states of pieces. Nothing else is served to readers.
    class Editions
      class << self
        # @param kept [Pieces::Kept]
        # @return [Hash] the edition's row
        def make(kept)
          number = Store.db[:editions].where(piece_id: kept.id).max(:number).to_i + 1
          id = "#{slug(kept.piece.title)}-#{Pieces.name(16)}"
          now = Time.now.to_f
          Store.db[:editions].insert(id: id, piece_id: kept.id, number: number, seq: kept.seq, title: kept.piece.title, page: page(kept.piece, number, now),
                                     document: kept.piece.to_json, made_at: now)
          find(id)
        end

        # Brings an edition up to date at the same address.
        def renew(id, kept)
          row = find(id)
          now = Time.now.to_f
          Store.db[:editions].where(id: id).update(seq: kept.seq, title: kept.piece.title, page: page(kept.piece, row[:number], now),
                                                   document: kept.piece.to_json, made_at: now)
          find(id)
        end

        # @return [Hash, nil]
        def find(id) = Store.db[:editions].where(id: id).first

        # @return [Hash, nil] for readers: only while it is not taken back
        def published(id) = Store.db[:editions].where(id: id, taken_back_at: nil).select(:id, :title, :page, :number, :made_at).first

        # @return [Array<Hash>] newest first, without the pages
        def of(piece_id)
          Store.db[:editions].where(piece_id: piece_id).select(:id, :number, :seq, :title, :made_at, :taken_back_at).reverse(:number).all
        end

        def take_back(id) = Store.db[:editions].where(id: id).update(taken_back_at: Time.now.to_f)

        private

        def page(piece, number, now)
          note = "Edition #{number}, #{Time.at(now).strftime('%-d %B %Y')}"
          Peony::Paint::HTML.paint(Peony::Scene::Pages.all(piece), narrow: Peony::Scene::Narrow.all(piece), title: piece.title, css: "/edition.css",
                                                                   note: note)
        end

        def slug(title)
          title.downcase.unicode_normalize(:nfkd).gsub(/[^a-z0-9]+/, "-").gsub(/\A-+|-+\z/, "")[0, 40].then { |s| s.empty? ? "piece" : s }
        end
      end
    end
  end
end
