# frozen_string_literal: true

module Peony
  # A catalogue that its members join by declaring themselves, each from a file of its own.
  # Members are loaded from a folder on first use, so adding a form, finder, check, painter or operation is adding a file.
  #
  #   class Forms; extend Registry; members_in "figures/forms"; end
  module Registry
    # @param folder [String] folder below lib/peony whose files hold the members
    def members_in(folder)
      @folder = folder
    end

    # @param key [String] the name a member is known by
    # @param member [Object]
    def register(key, member)
      (@members ||= {})[key] = member
    end

    # @return [Hash{String => Object}] every member by its name, in the order of file names
    def members
      @loaded ||= begin
        @members ||= {}
        Peony::LOADER.eager_load_dir(File.join(__dir__, @folder))
        @members = @members.sort.to_h.freeze
      end
    end

    # @param key [String]
    # @return [Object] the member
    # @raise [Peony::Error] naming what there is
    def fetch(key)
      members.fetch(key.to_s) { raise Error.new("There is no #{noun} called “#{key}”.", hint: "There are: #{members.keys.join(', ')}.") }
    end

    # @return [String] what a member is called in messages
    def noun = name.split("::").last.downcase
  end
end
