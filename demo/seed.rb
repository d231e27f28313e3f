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
      PeonyServer::Store::Pieces.create(person, piece, at: now - ((ORDER.size - index) * 7300))
    end
    PeonyServer::Store::Editions.make(kept[ORDER.index("falling-stars")])
  end
end

Demo.seed if $PROGRAM_NAME == __FILE__
