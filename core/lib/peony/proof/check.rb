# frozen_string_literal: true

module Peony
  module Proof
    # Base of the checks: each looks at a piece for one thing. One file each in checks/.
    class Check
      extend Registry

      members_in "proof/checks"

      class << self
        attr_reader :facts

        # @param name [String]
        # @param group [String] what the interface files it under: Numbers, Legible, For everyone, Up to date
        # @param orderly [String] what is said when there is nothing to remark
        def check(name, group:, orderly:)
          @facts = { check: name, group: group, orderly: orderly }
          Check.register(name, self)
        end
      end

      # @param piece [Piece]
      def initialize(piece)
        @piece = piece
      end

      # @return [Array<Remark>]
      def remarks = raise(NotImplementedError)

      private

      attr_reader :piece

      def remark(title, detail, page: nil, object: nil, place: nil, state: "", mends: [], accept: nil)
        facts = self.class.facts
        Remark.new(check: facts[:check], group: facts[:group], title: title, detail: detail, page: page && page["id"], object: object.is_a?(Hash) ? object["id"] : object.to_s,
                   place: place || (object.is_a?(Hash) ? object["box"] : nil), state: state.to_s, mends: mends, accept: accept)
      end

      def each_object
        piece.pages.flat_map { |page| page["objects"].filter_map { |object| yield page, object } }.flatten
      end

      def figures
        each_object { |page, object| yield page, object if object["type"] == "figure" }
      end

      # Everything Peony draws: figures and charts.
      def pictures
        each_object { |page, object| yield page, object if Scene::Drawn.type?(object) }
      end

      # @return [String] the name of a figure or chart in remarks
      def called(object) = Scene::Drawn.called(object)
    end
  end
end
