# frozen_string_literal: true

require "erb"

module Peony
  module Paint
    # Tells the print renderers (libvips, librsvg) where the shipped fonts are, and only those.
    module Raster
      LOCK = Mutex.new

      module_function

      # Sets FONTCONFIG_FILE for this process and its children, once.
      # @return [String] path of the fontconfig file
      def prepare
        LOCK.synchronize do
          @prepare ||= write.tap { |path| ENV["FONTCONFIG_FILE"] = path }
        end
      end

      def write
        folder = File.join(ENV["XDG_CACHE_HOME"] || File.join(Dir.tmpdir, "peony-#{Process.uid}"), "fontconfig")
        FileUtils.mkdir_p(folder)
        path = File.join(folder, "fonts.conf")
        File.write("#{path}.#{Process.pid}", <<~XML)
          <?xml version="1.0"?><!DOCTYPE fontconfig SYSTEM "fonts.dtd">
          <fontconfig><dir>#{ERB::Util.h(Type::Fonts::FOLDER)}</dir><cachedir>#{ERB::Util.h(File.join(folder, 'cache'))}</cachedir></fontconfig>
        XML
        File.rename("#{path}.#{Process.pid}", path)
        path
      end
    end
  end
end
