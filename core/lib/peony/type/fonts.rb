# frozen_string_literal: true

module Peony
  module Type
    # The shipped font families. Read-only.
    module Fonts
      FOLDER = File.join(ASSETS, "fonts")
      FILES = {
        "Brygada 1918" => { 400 => "Brygada1918_400Regular", 600 => "Brygada1918_600SemiBold" },
        "Hanken Grotesk" => { 400 => "HankenGrotesk_400Regular", 600 => "HankenGrotesk_600SemiBold", 700 => "HankenGrotesk_700Bold" },
        "Young Serif" => { 400 => "YoungSerif_400Regular" },
        "Figtree" => { 400 => "Figtree_400Regular", 600 => "Figtree_600SemiBold", 700 => "Figtree_700Bold" },
        "Bitter" => { 400 => "Bitter_400Regular", 600 => "Bitter_600SemiBold" },
        "Karla" => { 400 => "Karla_400Regular", 600 => "Karla_600SemiBold", 700 => "Karla_700Bold" },
        "Nunito" => { 400 => "Nunito_400Regular", 700 => "Nunito_700Bold", 800 => "Nunito_800ExtraBold" },
        "Lora" => { 400 => "Lora_400Regular", 600 => "Lora_600SemiBold" },
        "Zilla Slab" => { 400 => "ZillaSlab_400Regular", 600 => "ZillaSlab_600SemiBold" },
        "Libre Franklin" => { 400 => "LibreFranklin_400Regular", 600 => "LibreFranklin_600SemiBold", 700 => "LibreFranklin_700Bold" },
        "Archivo" => { 400 => "Archivo_400Regular", 600 => "Archivo_600SemiBold", 700 => "Archivo_700Bold" }
      }.freeze

      ALL = FILES.to_h do |family, weights|
        [family, weights.to_h { |weight, file| [weight, Font.new(family, weight, File.join(FOLDER, "#{file}.ttf"))] }.freeze]
      end.freeze

      module_function

      # @param family [String] CSS family name
      # @param weight [Integer] CSS weight; the nearest shipped one is taken
      # @return [Font]
      # @raise [Peony::Error] when the family is not shipped
      def get(family, weight)
        weights = ALL.fetch(family) { raise Error.new("The font “#{family}” is not here.", hint: "There are: #{ALL.keys.join(', ')}.") }
        weights[weight] || weights[weights.keys.min_by { |w| (w - weight).abs }]
      end
    end
  end
end
