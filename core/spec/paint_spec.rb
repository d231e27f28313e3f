# frozen_string_literal: true

require "open3"
require "nokogiri"

RSpec.describe Peony::Paint do
  let(:piece) { piece_of("Aligning\n\n#{Samples::STEPS}", form: "staircase") }
  let(:pictures) { Peony::Scene::Pages.all(piece) }

  def in_file(bytes, extension)
    Dir.mktmpdir do |dir|
      path = File.join(dir, "file.#{extension}")
      File.binwrite(path, bytes)
      yield path
    end
  end

  describe "SVG" do
    let(:svg) { described_class.file(pictures, "svg") }

    it "is well-formed, has its size, a title, and the words as text" do
      root = Nokogiri::XML(svg, &:strict).remove_namespaces!.root
      expect([root["width"], root["height"]]).to eq %w[1080 1920]
      expect(root.at("title").text).to eq "Trial"
      expect(words_in(svg)).to include("Point the main tube").or include("Point the main")
    end

    it "keeps the space between two lines out of the first, which it would move" do
      font = Peony::Style.fetch("Dome").font("body")
      lines = Peony::Scene::Text.new(lines: [["Knapweed and", 160, 50], ["seed", 160, 70]], font: font, size: 20, fill: "#000000", anchor: :end)
      parts = Nokogiri::XML(Peony::Paint::SVG.fragment([lines])).root.children
      expect(parts.map { |part| [part.name, part.text, part["x"]] }).to eq [["tspan", "Knapweed and", "160"], ["tspan", " ", "160"], ["tspan", "seed", "160"]]
    end

    it "uses nothing that a print renderer lacks" do
      expect(svg).not_to match(/<filter|foreignObject|<script|<image|style="|href="http/)
    end

    it "carries its letters with it" do
      expect(svg).to include("@font-face", 'font-family:"Brygada 1918"', "data:font/ttf;base64,")
    end

    it "ties every item to its figure" do
      items = Nokogiri::XML(svg).css("[data-ref=f1] [data-kind=item]").map { |g| g["data-item"] }
      expect(items).to eq %w[i1 i2 i3 i4 i5]
    end

    it "escapes what could be markup, and drops what no file may hold" do
      odd = piece.apply({ "op" => "item.change", "id" => "f1", "item" => "i1", "set" => { "title" => "<b>&\"\u0001</b>" } }).piece
      painted = described_class.file(Peony::Scene::Pages.all(odd), "svg")
      expect(Nokogiri::XML(painted, &:strict).root).not_to be_nil
      expect(words_in(painted)).to include("<b>&\"</b>")
    end

    it "leaves out the ground when asked" do
      plain = described_class.file(Peony::Scene::Pages.all(piece, ground: false), "svg")
      expect(svg).to include('<rect x="0" y="0" width="1080" height="1920"')
      expect(plain).not_to include('<rect x="0" y="0" width="1080" height="1920"')
    end
  end

  describe "PNG" do
    def size(bytes) = bytes[16, 8].unpack("N2")

    it "has the picture's size, once to three times" do
      [1, 2, 3].each { |scale| expect(size(described_class.file(pictures, "png", scale: scale))).to eq [1080 * scale, 1920 * scale] }
    end

    it "is drawn in the shipped fonts, as wide as was measured" do
      require "vips"
      font = house.font("title")
      setting = Peony::Type::Composing.text("Quillmere", font, 200, 2000)
      pen = Peony::Scene::Builder.new
      pen.rect(0, 0, 1200, 400, fill: "#ffffff")
      pen.text(setting, 50, 50, fill: "#000000")
      image = Vips::Image.new_from_buffer(described_class.file([Peony::Scene::Picture.new(width: 1200, height: 400, nodes: pen.nodes)], "png"), "")
      _left, _top, width, = image.flatten(background: 255).colourspace(:b_w).find_trim(threshold: 40, background: [255])
      expect(width).to be_within(24).of(font.width("Quillmere", 200))
    end

    it "is clear without a ground" do
      require "vips"
      clear = Vips::Image.new_from_buffer(described_class.file(Peony::Scene::Pages.all(piece, ground: false), "png"), "")
      expect(clear.getpoint(2, 2).last).to eq 0
    end

    it "refuses a picture that is too large" do
      expect { described_class.file(pictures, "png", scale: 40) }.to raise_error(Peony::Error, /px long/)
    end
  end

  describe "PDF" do
    it "has a page for each page, real text in reading order, and only shipped fonts" do
      two = piece.apply({ "op" => "page.add",
                          "page" => { "id" => "p2",
                                      "objects" => [{ "id" => "t1", "type" => "text", "text" => "Café £5 on the second page",
                                                      "box" => [80, 80, 600, 30] }] } }).piece
      in_file(described_class.file(Peony::Scene::Pages.all(two), "pdf"), "pdf") do |path|
        first = Open3.capture2("pdftotext", "-l", "1", path, "-").first
        second = Open3.capture2("pdftotext", "-f", "2", path, "-").first
        expect(first.split).to include("Centre", "screws", "low-power", "everything")
        expect(second).to include("Café £5 on the second page")
        expect(Open3.capture2("pdffonts", path).first).to match(/Hanken/)
        expect(Open3.capture2("pdffonts", path).first).not_to match(/DejaVu|Helvetica/)
      end
    end

    it "has the paper's size" do
      in_file(described_class.file(Peony::Scene::Pages.all(piece_of("x", kind: "a4")), "pdf"), "pdf") do |path|
        expect(Open3.capture2("pdfinfo", path).first).to match(/Page size:\s+595\.\d+ x 841\.\d+ pts \(A4\)/)
      end
    end
  end

  it "writes one web page with every page of the piece, in its language" do
    html = described_class.file(pictures, "html")
    expect(html).to start_with("<!doctype html>").and include('lang="en"', 'name="viewport"', "Centre it")
  end

  it "names the formats it can write" do
    expect { described_class.file(pictures, "bmp") }.to raise_error(Peony::Error) { |e| expect(e.full).to include(".png", ".pdf") }
  end
end
