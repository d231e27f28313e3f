# frozen_string_literal: true

require "csv"
require "date"

module PeonyServer
  module StandIn
    # A small sheet server in place of a real one, for the demo: counts at the observatory's gate that grow while one looks.
    # Reached by an address like any other; it knows nothing of Peony.
    class Sheets
      NIGHTS = 28
      OPEN = 120

      def call(env)
        case env["PATH_INFO"].delete_prefix("/stand-in/sheets")
        when "/gate.csv" then [200, { "content-type" => "text/csv; charset=utf-8", "cache-control" => "no-store" }, [gate(Time.now)]]
        when "/gate-renamed.csv" then [200, { "content-type" => "text/csv" }, [gate(Time.now).sub("Visitors", "Guests")]]
        else [404, { "content-type" => "text/plain" }, ["There is no such sheet."]]
        end
      end

      # Visitors of the last four weeks; tonight's row grows every minute.
      # @return [String] CSV
      def gate(now)
        today = now.to_date
        rows = (0...NIGHTS).map do |back|
          day = today - (NIGHTS - 1 - back)
          last = back == NIGHTS - 1
          share = last ? (((now.hour * 60) + now.min) % OPEN) / OPEN.to_f : 1.0
          [day.iso8601, (visitors(day) * share).round, (visitors(day) * share * 0.3).round]
        end
        CSV.generate { |csv| [%w[Date Visitors Children], *rows].each { |row| csv << row } }
      end

      private

      # The same for the same day; busier on Fridays and Saturdays.
      def visitors(day) = 60 + ((day.jd * 7919) % 41) + ([5, 6].include?(day.wday) ? 70 : 0)
    end
  end
end
