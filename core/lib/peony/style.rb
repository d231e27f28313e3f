# frozen_string_literal: true

module Peony
  # House styles: palette roles, type roles, corner radius and finish. The shipped ones are data, one file each in assets/styles.
  module Style
    ROLES = %w[surface surface-2 ink ink-2 line accent-1 accent-2 accent-3 accent-4 signal].freeze

    module_function

    # @return [Hash{String => House}] the shipped styles by name, in a fixed order
    def all
      @all ||= Dir[File.join(ASSETS, "styles", "*.json")].map { |file| JSON.parse(File.read(file)) }.sort_by { |data| data["order"] }
                                                         .to_h { |data| [data["name"], House.from(data)] }.freeze
    end

    # @param name [String]
    # @return [House]
    # @raise [Peony::Error]
    def fetch(name)
      all.fetch(name.to_s) do
        all.values.find { |house| house.name.casecmp?(name.to_s) } or
          raise Error.new("There is no house style called “#{name}”.", hint: "There are: #{all.keys.join(', ')}.")
      end
    end

    # The style of a piece: a shipped one with the person's changes.
    # @param chosen [Hash] {"name", "roles", "finish"}
    # @return [House]
    def resolve(chosen)
      @resolved ||= {}
      @resolved.clear if @resolved.size > 500
      @resolved[chosen] ||= fetch(chosen.fetch("name", "Dome")).with(roles: chosen.fetch("roles", {}), finish: chosen["finish"], icons: chosen["icons"], tone: chosen["tone"])
    end
  end
end
