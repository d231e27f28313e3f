# frozen_string_literal: true

require "zlib"

module Peony
  # Pictures of things, from the shipped open sets: found by meaning, drawn as paths. A piece keeps to one set.
  module Icons
    # +group+ is "thing" or "sign" (arrows, letters, marks of screens); +box+ the side of its square; +stroked+ whether its paths are lines.
    Icon = Struct.new(:set, :name, :group, :tags, :paths, keyword_init: true) do
      def box = set.start_with?("fine") || set == "own line" ? 24.0 : 256.0
      def stroked? = ["fine", "own line"].include?(set)
      def words = name.split("-")
    end

    SETS = { "fine" => "thin lines", "fine full" => "full shapes, few of them", "round" => "round lines", "round light" => "light round lines", "round bold" => "bold round lines",
             "round full" => "full round shapes" }.freeze
    DEFAULT = "round"

    module_function

    # @param set [String]
    # @raise [Peony::Error]
    def known!(set)
      raise Error.new("There is no set of icons called “#{set}”.", hint: "There are: #{SETS.keys.join(', ')}.") unless SETS.key?(set)
    end

    # @param set [String]
    # @param name [String]
    # @return [Icon, nil]
    def get(set, name) = sets.fetch(SETS.key?(set) ? set : DEFAULT)[name.to_s] || sets.fetch(DEFAULT)[name.to_s] || sets.fetch("fine")[name.to_s]

    # @return [Hash{String => Hash{String => Icon}}] icons by set and name
    def sets
      @sets ||= Zlib::GzipReader.open(File.join(ASSETS, "icons", "icons.tsv.gz"), &:read).force_encoding("UTF-8").each_line(chomp: true).with_object(SETS.transform_values { {} }) do |line, sets|
        set, name, group, tags, paths = line.split("\t")
        sets.fetch(set)[name.freeze] = Icon.new(set: set, name: name, group: group, tags: tags.split, paths: paths.split("|"))
      end.freeze
    end

    # Icons that are like one: they share its name, its tags or lie near in meaning.
    # @return [Array<Icon>]
    def like(name, set: DEFAULT, most: 60)
      icon = get(set, name)
      icon ? Search.like(icon, set).reject { |i| i.name == name }.first(most) : []
    end

    FULL = { "fine" => "fine full", "round" => "round full", "round light" => "round full", "round bold" => "round full" }.freeze

    # The full shape of an icon drawn in lines, for its second tone.
    # @return [Icon, nil]
    def full(icon) = FULL[icon.set] && sets.fetch(FULL[icon.set])[icon.name]

    # @param icon [Icon]
    # @return [Array<Array>] commands of its paths in its own box, absolute M, L, C and Z
    def commands(icon)
      @commands ||= {}
      @commands.clear if @commands.size > 4000
      @commands[[icon.set, icon.name]] ||= icon.paths.map { |data| Outline.parse(data) }
    end
  end
end
