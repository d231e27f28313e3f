# frozen_string_literal: true

module Peony
  # The standing check of a piece.
  module Proof
    # One thing it points out. +place+ is the box on the page; +mends+ are operations; +state+ tells one occurrence from a later one.
    Remark = Struct.new(:check, :group, :title, :detail, :page, :object, :place, :state, :mends, :accept, keyword_init: true) do
      # @return [String] the same remark keeps its name while nothing about it changes
      def id = Digest::SHA256.hexdigest([check, object, state].join("\u0000"))[0, 12]

      # @return [Hash] for the interface and the command line
      def to_h
        { id: id, check: check, group: group, title: title, detail: detail, page: page, object: object, place: place, state: state,
          mends: (mends || []).map { |m| { label: m[:label] } }, accept: accept || "It is meant so" }
      end
    end

    # What a proof found: remarks in reading order, and what is in order.
    Report = Struct.new(:remarks, :orderly, keyword_init: true)

    module_function

    # @param piece [Piece]
    # @return [Report]
    def of(piece)
      checks = Check.members.values
      accepted = (piece.data["accepted"] || []).map { |a| a.values_at("check", "object", "state") }
      found = checks.to_h { |check| [check, check.new(piece).remarks] }
      remarks = found.values.flatten.reject { |r| accepted.include?([r.check, r.object, r.state]) }
      order = piece.pages.map { |p| p["id"] }
      sorted = remarks.sort_by.with_index { |r, i| [order.index(r.page) || 99, r.place ? r.place[1] : 0, i] }
      Report.new(remarks: sorted, orderly: checks.reject { |c| found[c].intersect?(remarks) }.map { |c| c.facts[:orderly] })
    end

    # @param piece [Piece]
    # @param id [String] of a remark
    # @param which [Integer] which of its mends
    # @return [Hash] the operation that mends it
    # @raise [Peony::Error] when the remark is gone or cannot be mended in one step
    def mend(piece, id, which = 0)
      remark = of(piece).remarks.find { |r| r.id == id } or raise(Error, "That remark is settled already.")
      mend = (remark.mends || [])[which] or raise Error.new("That cannot be mended in one step.", hint: remark.detail)
      mend[:operation].respond_to?(:call) ? mend[:operation].call : mend[:operation]
    end
  end
end
