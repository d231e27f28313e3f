# frozen_string_literal: true

require "tmpdir"

# What is exported looks as the browser shows it: the whole catalogue on one sheet, compared by pixels.
RSpec.describe "Exports of the catalogue" do
  def grey(path)
    image = Vips::Image.new_from_file(path)
    flat = image.has_alpha? ? image.flatten(background: [255, 255, 255]) : image
    flat.colourspace(:b_w)[0].cast(:uchar)
  end

  # The share of places that differ, after a blur that forgives half a pixel.
  def difference(one, other)
    other = other.resize(one.width.to_f / other.width, vscale: one.height.to_f / other.height) unless [other.width, other.height] == [one.width, one.height]
    ((one.gaussblur(1.5) - other.gaussblur(1.5)).abs > 40).avg / 255.0
  end

  %w[flat pencil].each do |finish|
    it "PNG and PDF show what the browser's SVG shows, #{finish}" do
      picture = Peony::Figures::Specimen.sheet(Peony::Style.fetch("Dome"), finish, across: 7)
      Dir.mktmpdir do |folder|
        paths = %w[svg png pdf].to_h { |kind| [kind, File.join(folder, "sheet.#{kind}")] }
        paths.each { |kind, path| File.binwrite(path, Peony::Paint.file([picture], kind, scale: kind == "png" ? 0.5 : 1)) }
        shot = shot_of(paths["svg"], picture, File.join(folder, "shot.png"))
        expect(difference(grey(paths["png"]), shot)).to be < 0.002
        system("pdftoppm", "-r", "36", "-png", "-singlefile", paths["pdf"], File.join(folder, "pdf"), exception: true)
        expect(difference(grey(File.join(folder, "pdf.png")), shot)).to be < 0.002
      end
    end
  end

  def shot_of(svg, picture, path)
    size = [(picture.width / 2).ceil, (picture.height / 2).ceil]
    browser = Ferrum::Browser.new(window_size: size, browser_options: { "no-sandbox" => nil }, timeout: 60, process_timeout: 60)
    browser.main_frame.content = "<style>body{margin:0}img{width:#{size[0]}px;display:block}</style><img src='data:image/svg+xml;base64,#{[File.binread(svg)].pack('m0')}'>"
    sleep 1.5
    browser.screenshot(path: path, full: true)
    FileUtils.cp(path, ENV["KEEP_SHOT"]) if ENV["KEEP_SHOT"]
    grey(path)
  ensure
    browser&.quit
  end
end
