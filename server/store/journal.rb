# frozen_string_literal: true

module PeonyServer
  module Store
    # The only way a piece changes. A change, its inverse and the new snapshot are one transaction; only then is it acknowledged.
    class Journal
      # Someone else changed the same thing first.
      class Conflict < Peony::Error; end

      # What a change led to.
      Entry = Struct.new(:seq, :before, :after, :touched, keyword_init: true)

      LOCKS = Hash.new { |hash, key| hash[key] = Mutex.new }
      GUARD = Mutex.new

      # @param id [String] of the piece
      # @param person [Integer, nil]
      # @param tab [String] names the browser tab, so that it does not conflict with itself
      def initialize(id, person: nil, tab: "")
        @id = id
        @person = person
        @tab = tab.to_s[0, 60]
      end

      # @param operation [Hash]
      # @param base [Integer, nil] the sequence number the sender knew
      # @param kind [String] "do" for what a person does; "fetch" for what comes by itself, which undo passes over
      # @return [Entry]
      # @raise [Peony::Error, Conflict]
      def apply(operation, base: nil, kind: "do")
        locked do |kept|
          change = kept.piece.apply(operation)
          refuse_conflict(change.touched, base) if base && base < kept.seq
          db[:changes].where(piece_id: @id, state: "undone").update(state: "lost") if kind == "do"
          record(kept, change, operation, kind)
        end
      end

      # Takes back the latest change that still stands.
      # @return [Entry, nil] nil when there is none
      def undo = step(row: changes.where(kind: "do", state: "done").reverse(:seq).first, take: :inverse, kind: "undo", state: "undone")

      # Does again what was undone last.
      # @return [Entry, nil]
      def redo = step(row: changes.where(kind: "do", state: "undone").order(:seq).first, take: :operation, kind: "redo", state: "done")

      # @return [Hash] whether there is something to undo and to redo
      def steps
        { undo: !changes.where(kind: "do", state: "done").empty?, redo: !changes.where(kind: "do", state: "undone").empty? }
      end

      private

      def db = Store.db
      def changes = db[:changes].where(piece_id: @id)

      def locked
        lock = GUARD.synchronize { LOCKS[@id] }
        lock.synchronize do
          db.transaction(mode: :immediate) do
            kept = Pieces.find(@id) or raise Peony::Error.new("This piece is not there any more.", hint: "Go back to the shelf.")
            yield kept
          end
        end
      end

      def step(row:, take:, kind:, state:)
        return nil unless row

        locked do |kept|
          change = kept.piece.apply(JSON.parse(row[take]))
          changes.where(seq: row[:seq]).update(state: state)
          record(kept, change, JSON.parse(row[take]), kind, of: row[:seq])
        end
      end

      def record(kept, change, operation, kind, of: nil)
        seq = kept.seq + 1
        now = Time.now.to_f
        json = change.piece.to_json
        db[:changes].insert(piece_id: @id, seq: seq, kind: kind, of: of, tab: @tab, person_id: @person, operation: JSON.generate(operation),
                            inverse: JSON.generate(change.inverse), touched: JSON.generate(change.touched), at: now)
        db[:pieces].where(id: @id).update(document: json, seq: seq, title: change.piece.title, kind: change.piece.data["kind"], updated_at: now)
        db.after_commit { Pieces.keep(@id, seq, change.piece) }
        Entry.new(seq: seq, before: kept.piece, after: change.piece, touched: change.touched)
      end

      # Changes to other things are taken; a change to the same thing by another tab is refused.
      def refuse_conflict(touched, base)
        others = changes.where { seq > base }.exclude(tab: @tab).select_map(:touched).flat_map { |json| JSON.parse(json) }
        clash = (others & touched).grep_v(/\Ap\d|proof\z/)
        return if clash.empty?

        raise Conflict.new("This was changed in another window a moment ago.", hint: "It is shown as it is now; make your change again.")
      end
    end
  end
end
