# frozen_string_literal: true

require "zlib"

module Peony
  module Tables
    # Countries: their names in several languages, their codes, their shapes on the map.
    module Places
      PATH = File.join(ASSETS, "maps", "world.json.gz")
      WIDTH = 2000.0
      HEIGHT = 973.0
      FURTHER = { "uk" => "GB", "great britain" => "GB", "britain" => "GB", "england" => "GB", "scotland" => "GB", "wales" => "GB", "holland" => "NL", "usa" => "US",
                  "america" => "US", "czech republic" => "CZ", "ivory coast" => "CI", "south korea" => "KR", "north korea" => "KP", "russia" => "RU", "burma" => "MM",
                  "turkey" => "TR", "türkiye" => "TR", "cape verde" => "CV", "swaziland" => "SZ", "macedonia" => "MK", "tanzania" => "TZ", "vietnam" => "VN", "bolivia" => "BO",
                  "syria" => "SY", "iran" => "IR", "laos" => "LA", "moldova" => "MD", "venezuela" => "VE", "brunei" => "BN", "taiwan" => "TW" }.freeze

      # +shapes+: rings as lists of points on a map 2,000 wide.
      Country = Struct.new(:code, :name, :shapes, keyword_init: true)

      module_function

      # @param text [String] a name or a code of two or three letters in capitals
      # @return [String, nil] the code of two letters
      def code(text)
        words = text.strip
        return codes[words] if words.match?(/\A[A-Z]{2,3}\z/) && codes[words]

        names[plain(words)]
      end

      def all = @all ||= raw.to_h { |_, two, _, name, _, steps| [two, Country.new(code: two, name: name, shapes: steps.map { |s| ring(s) }.freeze)] }.freeze

      def names
        @names ||= raw.each_with_object({}) { |(_, two, _, name, others), found| [name, *others].each { |n| found[plain(n)] ||= two } }.merge(FURTHER).freeze
      end

      def codes = @codes ||= raw.flat_map { |_, two, three| [[two, two], [three, two]] }.to_h.freeze

      def plain(name) = name.downcase.unicode_normalize(:nfd).gsub(/\p{Mn}/, "").tr("’`", "''").gsub(/\s+/, " ").delete_prefix("the ").strip

      def raw = @raw ||= Zlib::GzipReader.open(PATH) { |gz| ::JSON.parse(gz.read) }

      def ring(steps)
        x = y = 0
        steps.each_slice(2).map { |dx, dy| [(x += dx) / 10.0, (y += dy) / 10.0] }
      end
    end
  end
end
