# frozen_string_literal: true

require "roo"

module Peony
  module Tables
    module Readers
      # Spreadsheet files, XLSX and ODS, each sheet by its name.
      module Workbook
        KINDS = { ".xlsx" => "spreadsheet", ".ods" => "spreadsheet" }.freeze
        WIDEST = 400

        module_function

        # @param bytes [String]
        # @param kind [String] ".xlsx" or ".ods"
        # @return [Array<Sheet>]
        # @raise [Peony::Error] when it is broken, locked or too large
        def sheets(bytes, kind)
          Notes::Package.new(bytes, KINDS.fetch(kind))
          book = Roo::Spreadsheet.open(StringIO.new(bytes), extension: kind.delete("."))
          book.sheets.map { |name| Sheet.new(name: name, rows: rows(book.sheet(name))) }
        rescue Peony::Error
          raise
        rescue StandardError
          raise Error.new("This spreadsheet cannot be opened: it is damaged, or not of the kind its name says.", hint: "Save it again, or as CSV, and bring that.")
        end

        def rows(sheet)
          return [] if sheet.first_row.nil? || sheet.last_row.nil?

          last = [sheet.last_column, sheet.first_column + WIDEST].min
          (sheet.first_row..sheet.last_row).map { |r| (sheet.first_column..last).map { |c| text(sheet, r, c) } }
        end

        # What the cell says, as text that any reader of cells takes: 12.0 is "12", a date is "2025-03-03", a share keeps its sign.
        def text(sheet, row, column)
          value = sheet.cell(row, column)
          case value
          when nil then ""
          when DateTime, Time then value.hour.zero? && value.min.zero? ? value.strftime("%F") : value.strftime("%F %H:%M")
          when Date then value.iso8601
          when Float then number(sheet, row, column, value)
          else value.to_s
          end
        rescue NoMethodError
          value.to_s
        end

        def number(sheet, row, column, value)
          percent = sheet.respond_to?(:excelx_format) && sheet.excelx_format(row, column).to_s.include?("%")
          return "#{trim((value * 100).round(6))}%" if percent

          trim(value)
        end

        def trim(value) = value == value.round ? value.round.to_s : value.to_s
      end
    end
  end
end
