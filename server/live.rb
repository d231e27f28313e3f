# frozen_string_literal: true

module PeonyServer
  # Tables that follow a file or an address: fetched on demand or on a schedule. What cannot be fetched, read, or fitted keeps the last good cells and says why.
  module Live
    # Seconds between two looks for what is due.
    BEAT = 15
    # No fetch is tried again sooner after it failed, seconds.
    PATIENCE = 60

    module_function

    # @param at [String] an address, or the name of a file in the server's folder
    # @param every [Integer, nil] minutes
    # @return [Hash] the operation that brings the table, live
    # @raise [Peony::Error] when it cannot be fetched or read
    def follow(piece, at, name, every: nil, sheet: nil)
      at = at.to_s.strip
      raise Peony::Error.new("Nothing was named to follow.", hint: "Give an address or choose a file.") if at.empty?

      operation = Peony::Tables::Bringing.operation(piece, [sheet(at, sheet)], name.to_s.strip.empty? ? plain_name(at) : name.to_s.strip, ids: Routes::Readings.ids)
      operation["table"]["source"] = { "at" => at, "sheet" => sheet, "every" => every, "fetched" => now, "tried" => now }.compact
      operation
    end

    # @param id [String] of the piece
    # @param table [String] its id
    # @return [Store::Journal::Entry]
    # @raise [Peony::Error] where the table is not live
    def fetch(id, table, tab: "", person: nil)
      kept = Store::Pieces.find(id)
      known = kept.piece.table(table)
      source = known["source"] or raise Peony::Error.new("This table follows nothing.", hint: "Bring it from an address or a file of the server.")
      set = renewed(known, source)
      # It may have been let go while the answer was on its way.
      now_at = Store::Pieces.find(id).piece.table(table).dig("source", "at")
      raise Peony::Error.new("This table no longer follows #{source['at']}.", hint: "Its cells stay as they are.") unless now_at == source["at"]

      Store::Journal.new(id, person: person, tab: tab).apply({ "op" => "table.change", "id" => table, "set" => set }, kind: "fetch")
    end

    # What a fetch changes: new cells where they differ, else only when it was; the trouble where there is some.
    def renewed(known, source)
      cells = Peony::Tables::Cells.text(sheet(source["at"], source["sheet"]).rows)
      raise Peony::Error.new("The table holds more than 8 MB of cells now.", hint: "Follow a smaller one.") if cells.size > 8_000_000

      Peony::Tables::Kept.of(known).fits!(Peony::Tables::Kept.of(known.merge("cells" => cells))) unless cells == known["cells"]
      { "source" => source.except("trouble").merge("fetched" => now, "tried" => now) }.merge(cells == known["cells"] ? {} : { "cells" => cells })
    rescue Peony::Error => e
      { "source" => source.merge("tried" => now, "trouble" => e.full[0, 500]) }
    end

    # Fetches everything that is due.
    # @return [Integer] how many
    def beat
      due.each do |id, table|
        Hub.tell(id, State.difference(id, fetch(id, table)).merge(tab: ""))
      rescue Peony::Error
        next
      end.size
    end

    # @return [Array(String, String)] pieces and their tables that are to be fetched now
    def due
      ids = Store.db[:pieces].where(Sequel.like(:document, '%"source":{%')).select_map(:id)
      ids.flat_map do |id|
        (Store::Pieces.find(id).piece.data["tables"] || []).filter_map { |t| [id, t["id"]] if t["source"] && due?(t["source"]) }
      end
    end

    def due?(source)
      return false unless source["every"]

      wait = source["trouble"] ? [source["every"] * 60, PATIENCE].max : source["every"] * 60
      now - source.fetch("tried", 0) >= wait
    end

    # Looks for what is due as long as the server runs.
    def start
      Thread.new do
        loop do
          sleep BEAT
          beat
        rescue StandardError => e
          warn "live tables: #{e.class}: #{e.message}"
        end
      end
    end

    def sheet(at, name)
      found = Sources.fetch(at)
      Peony::Tables.pick(Peony::Tables.sheets(found.bytes, found.extension), name)
    end

    def plain_name(at) = File.basename(at.sub(/[?#].*\z/, ""), ".*").tr("-_", "  ").strip.then { |n| n.empty? ? "Table" : n[0, 1].upcase + n[1, 150].to_s }
    def now = Time.now.to_f.round(1)
  end
end
