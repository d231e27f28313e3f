# frozen_string_literal: true

module PeonyServer
  # Who may do what. Every read and write asks here first.
  class Policy
    # Asked for something that is not theirs; answered as if it were not there.
    class Refused < StandardError; end

    # @param person [Hash, nil] the signed-in account
    def initialize(person)
      @person = person
    end

    # @return [Hash] the signed-in person
    # @raise [Refused]
    def person! = @person || raise(Refused)

    # @param kept [Store::Pieces::Kept, nil]
    # @return [Store::Pieces::Kept] the same, when the person may see and change it
    # @raise [Refused]
    def piece!(kept)
      raise Refused unless kept && @person && kept.owner_id == @person[:id]

      kept
    end

    # @param edition [Hash, nil]
    # @return [Hash] the same, when the person may manage it
    # @raise [Refused]
    def edition!(edition)
      raise Refused unless edition

      piece!(Store::Pieces.find(edition[:piece_id]))
      edition
    end
  end
end
