# frozen_string_literal: true

module Peony
  module Tables
    # A table, understood. +left+: rows of the sheet that hold no data, each with why (:title, :blank, :header, :total, :note).
    # +from+: where each row of data stands in the sheet, counted from 0.
    Table = Struct.new(:name, :columns, :from, :left, :title, keyword_init: true) do
      def size = from.size
      def column(name) = columns.find { |c| c.name == name }
      def numeric = @numeric ||= columns.select { |c| c.numeric? && !c.counter? }
      def time = @time ||= columns.find(&:time?)
      def words = @words ||= columns.select(&:words?)
    end
  end
end
