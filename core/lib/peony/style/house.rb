# frozen_string_literal: true

module Peony
  module Style
    # One house style, resolved. Ask it for colours and fonts by what they do.
    class House
      attr_reader :name, :note, :roles, :type, :radius, :finish, :icons, :own, :tone

      # @param data [Hash] as in assets/styles/*.json
      # @return [House]
      def self.from(data)
        new(name: data.fetch("name"), note: data.fetch("note"), roles: data.fetch("roles"), type: data.fetch("type"),
            radius: data.fetch("radius"), finish: data.fetch("finish"), icons: data.fetch("icons"))
      end

      # @param roles [Hash{String => String}] a colour for every role
      # @param type [Hash{String => Array(String, Integer)}] family and weight for title, number, body, label
      # @param radius [Integer] corner radius in px at 1080 px width: 0, 6 or 16
      # @param icons [String] the set that all icons are of
      # @param tone [Float] 0..1, how strong the second tone of icons is
      # @param own [Hash{String => Icons::Icon}] a person's own icons by name
      def initialize(name:, note:, roles:, type:, radius:, finish:, icons: Icons::DEFAULT, own: {}, tone: 0)
        @name = name
        @note = note
        @roles = roles.freeze
        @type = type.freeze
        @radius = radius
        @finish = finish
        @icons = icons
        @own = own
        @tone = tone
        @fonts = type.transform_values { |family, weight| Type::Fonts.get(family, weight) }.freeze
      end

      # @param role [String]
      # @return [String] "#rrggbb"
      def colour(role) = roles[role] || roles.fetch("ink")

      # @param role [String] title, number, body or label
      # @return [Type::Font]
      def font(role) = @fonts.fetch(role)

      # An ink for text on a ground: the role's own colour where it reads, else moved or exchanged until it does.
      # @param ground [String] hex
      # @param ratio [Float] wanted contrast
      # @return [String] hex
      def ink(ground = colour("surface"), role: "ink", ratio: Colour::Mixing::TEXT)
        wished = colour(role)
        return wished if Colour::Mixing.contrast(wished, ground) >= ratio + 0.03
        return Colour::Mixing.legible(wished, ground, ratio) unless %w[ink ink-2].include?(role)

        Colour::Mixing.ink_on(ground, [colour("ink"), colour("surface"), "#ffffff"], ratio)
      end

      # @param role [String] a colour role
      # @param share [Float] 0..1 of that colour over the ground
      # @return [String] hex
      def tint(role, share, ground: colour("surface")) = Colour::Mixing.tint(colour(role), ground, share)

      # @return [House] this style with some colours changed, another finish, another set of icons
      def with(roles: {}, finish: nil, icons: nil, own: nil, tone: nil)
        return self if roles.empty? && finish.nil? && icons.nil? && own.nil? && tone.nil?

        House.new(name: name, note: note, roles: self.roles.merge(roles), type: type, radius: radius, finish: finish || self.finish, icons: icons || self.icons, own: own || self.own,
                  tone: tone || self.tone)
      end

      # This style on another ground (a coloured page or band): inks, lines and quiet grounds chosen anew for it.
      # @param ground [String] hex
      # @return [House]
      def on(ground)
        return self if ground == colour("surface")

        @on ||= {}
        @on[ground] ||= begin
          ink = Colour::Mixing.ink_on(ground, [colour("ink"), colour("surface"), "#ffffff"], 7.0)
          mix = ->(share) { Colour::Mixing.tint(ink, ground, share) }
          accents = %w[accent-1 accent-2 signal].to_h { |r| [r, Colour::Mixing.legible(colour(r), ground, Colour::Mixing::LARGE)] }
          with(roles: { "surface" => ground, "surface-2" => mix.call(0.1), "ink" => ink, "line" => mix.call(0.28), "accent-3" => mix.call(0.24),
                        "ink-2" => Colour::Mixing.legible(mix.call(0.72), ground) }.merge(accents))
        end
      end

      # @return [String] hex of a dark ground: the style's ink, darkened until every accent stands off it
      def night
        l, c, h = Colour::OKLCH.from_hex(colour("ink"))
        Colour::OKLCH.to_hex([l, 0.26].min, [c, 0.05].min, h)
      end

      # @return [Hash] as the command line and the interface show it
      def to_h
        { style: name, note: note, roles: roles, radius: radius, finish: finish, icons: icons,
          type: type.transform_values { |family, weight| { family: family, weight: weight } } }
      end
    end
  end
end
