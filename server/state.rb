# frozen_string_literal: true

module PeonyServer
  # What the browser is told of a piece: everything when it opens, only what changed after a change.
  module State
    @lock = Mutex.new
    @drawn = {}

    module_function

    # @param kept [Store::Pieces::Kept]
    # @return [Hash]
    def whole(kept)
      piece = kept.piece
      { id: kept.id, seq: kept.seq, updatedAt: kept.updated_at, piece: piece.data.merge("pages" => nil, "tables" => tables(piece)).compact, pages: skeleton(piece),
        objects: piece.objects.to_h { |o| [o["id"], o] }, svg: fragments(piece), margin: Peony::Piece::Layout.margin(piece) }
        .merge(proof(piece)).merge(steps(kept.id)).merge(editions: editions(kept.id))
    end

    # @param entry [Store::Journal::Entry]
    # @return [Hash] the answer to a change
    def difference(id, entry)
      before = entry.before
      after = entry.after
      old = before.objects.to_h { |o| [o["id"], o] }
      new = after.objects.to_h { |o| [o["id"], o] }
      drawn = fragments(before)
      head = after.data.reject { |key, value| %w[pages tables].include?(key) || before.data[key] == value }
      # What is gone altogether is told too.
      (before.data.keys - after.data.keys).each { |key| head[key] = [] }
      head["tables"] = tables(after) if after.data["tables"] != before.data["tables"]
      { seq: entry.seq, updatedAt: Time.now.to_f, touched: entry.touched, piece: head, pages: skeleton(after), removed: old.keys - new.keys,
        objects: new.reject { |key, object| old[key] == object }, svg: fragments(after).reject { |key, svg| drawn[key] == svg } }
        .merge(proof(after)).merge(steps(id))
    end

    # Tables without their cells, which are fetched where they are shown; +stamp+ tells when they changed.
    # @return [Array<Hash>]
    def tables(piece)
      (piece.data["tables"] || []).map do |t|
        said = t["steps"]&.map { |s| Peony::Tables::Steps.said(s) }
        t.slice("id", "name", "correct", "source", "of", "steps").merge("stamp" => Zlib.crc32(t["cells"]), "said" => said).compact
      end
    end

    # @return [Array<Hash>] pages without their objects' insides
    def skeleton(piece)
      piece.pages.map { |page| { id: page["id"], ground: page["ground"] || "surface", fill: Peony::Scene::Pages.ground_of(piece, page), objects: page["objects"].map { |o| o["id"] } } }
    end

    # @return [Hash{String => String}] the SVG of every object by its id
    def fragments(piece)
      held = @lock.synchronize { @drawn[piece.object_id] }
      return held[1] if held && held[0].equal?(piece)

      made = piece.pages.each_with_object({}) do |page, all|
        Peony::Scene::Pages.objects(piece, page).each { |object, group| all[object["id"]] = Peony::Paint::SVG.fragment([group]) }
      end
      @lock.synchronize do
        @drawn.shift while @drawn.size >= 40
        @drawn[piece.object_id] = [piece, made]
      end
      made
    end

    # What would look otherwise on one page.
    # @return [Hash{String => String}] SVG by the id of the object
    def tried(before, after, page)
      known = fragments(before)
      shown = after.pages.find { |p| p["id"] == page } or raise Peony::Error.new("There is no such page.", hint: "Reload the piece.")
      Peony::Scene::Pages.objects(after, shown).to_h { |object, group| [object["id"], Peony::Paint::SVG.fragment([group])] }.reject { |id, svg| known[id] == svg }
    end

    def proof(piece)
      report = Peony::Proof.of(piece)
      { remarks: report.remarks.map(&:to_h), orderly: report.orderly }
    end

    def steps(id) = Store::Journal.new(id).steps

    def editions(id)
      Store::Editions.of(id).map { |e| { id: e[:id], number: e[:number], seq: e[:seq], madeAt: e[:made_at], takenBackAt: e[:taken_back_at], path: "/e/#{e[:id]}" } }
    end
  end
end
