# frozen_string_literal: true

# Fills an empty database with the sample person's pieces, and publishes one of them.
require_relative "../server/boot"

module Demo
  ORDER = %w[moon founding telescopes falling-stars night handbook figures nights season-report].freeze

  module_function

  def seed
    accounts = PeonyServer::Store.db[:accounts]
    return unless PeonyServer::Store.db[:pieces].empty?

    person = accounts.where(email: PeonyServer::Accounts::DEMO[:email]).get(:id) || accounts.insert(PeonyServer::Accounts::DEMO)
    now = Time.now.to_f
    kept = ORDER.each_with_index.map do |name, index|
      piece = Peony::Piece.parse(File.read(File.join(__dir__, "pieces", "#{name}.peony")))
      piece = followed(piece) if name == "nights"
      PeonyServer::Store::Pieces.create(person, piece, at: now - ((ORDER.size - index) * 7300))
    end
    PeonyServer::Store::Editions.make(kept[ORDER.index("falling-stars")])
  end

  # A table that follows the stand-in sheet server, and one that is worked out from another.
  def followed(piece)
    at = "http://127.0.0.1:#{ENV.fetch('PORT', 9292)}/stand-in/sheets/gate.csv"
    cells = PeonyServer::StandIn::Sheets.new.gate(Time.now)
    now = Time.now.to_f.round(1)
    nights = piece.data["tables"].find { |t| t["id"] == "visitor-nights" } || piece.data["tables"].first
    [{ "id" => "gate", "name" => "At the gate", "cells" => cells, "source" => { "at" => at, "every" => 5, "fetched" => now, "tried" => now } },
     { "id" => "weekdays", "name" => "Guests by day of the week", "cells" => "", "of" => nights["id"],
       "steps" => [{ "do" => "filter", "column" => "Sky", "how" => "is", "value" => "clear" }, { "do" => "group", "column" => "Night", "by" => "weekday", "how" => "mean" }] }]
      .reduce(piece) { |made, table| made.apply({ "op" => "table.add", "table" => table }).piece }
  end
end

Demo.seed if $PROGRAM_NAME == __FILE__
