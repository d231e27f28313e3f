# frozen_string_literal: true

module Peony
  module Tables
    # Base of the findings: one thing worth saying of a table. A file each in findings/, which names its statistics.
    #
    #   class Spike < Finding; finding "spike"; def find = ...; end
    class Finding
      extend Registry

      members_in "tables/findings"

      # +at+: key of the row ("2025-05-20") or label; +value+: plain number; +cells+: [[name of the column, [rows]]], rows counted from 0;
      # +sure+: the statistic, in words; +weight+ 0..1: how much a reader would miss it.
      Said = Struct.new(:kind, :column, :with, :at, :value, :direction, :from, :to, :sentence, :cells, :sure, :weight, keyword_init: true) do
        def to_h = super.compact.except(:weight)
      end

      class << self
        attr_reader :kind

        def finding(kind)
          @kind = kind
          Finding.register(kind, self)
        end

        # @param shape [Shape]
        # @return [Array<Said>] what is found, the most telling first
        def all(shape)
          return [] if shape.bare?

          members.values.flat_map { |member| member.new(shape).find }.sort_by { |said| -said.weight }
        end
      end

      attr_reader :shape

      def initialize(shape)
        @shape = shape
      end

      # @return [Array<Said>]
      def find = raise(NotImplementedError)

      private

      def table = shape.table

      def say(sentence, weight:, series: nil, index: nil, **more)
        cells = more.delete(:cells) || [[series&.column&.name, index ? [series&.rows&.at(index)] : series&.rows]].select(&:first)
        Said.new(kind: self.class.kind, sentence: sentence, weight: weight, cells: cells, column: series&.column&.name, direction: nil, **more)
      end

      def amount(value, column = nil) = Amounts.text(value, column)

      # What is counted, as it stands in a sentence: "visitor nights".
      def named(column) = Amounts.lower(column.plain)

      def times = shape.kind == :series ? shape.series : []
    end
  end
end
