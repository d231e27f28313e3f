# frozen_string_literal: true

require "yaml"
require "open3"
require "zip"

# The same documents in every format that people bring.
RSpec.describe "Documents in their formats" do
  folder = File.join(__dir__, "documents")

  def opened(path) = Peony::Notes.open(path)
  def headings(document) = document.blocks.select(&:heading?).map(&:text)
  def tables(document) = document.tables.map { |t| [t.columns, t.rows.size] }
  def entries(document) = document.blocks.select { |b| b.item? && !b.table }.map { |b| [b.level, b.ordered ? true : false, b.text] }

  Dir[File.join(folder, "*.yml")].each do |path|
    name = File.basename(path, ".yml")
    want = YAML.safe_load_file(path)
    [File.join(folder, "#{name}.md"), *Dir[File.join(folder, "files", "#{name}.*")]].each do |file|
      context File.basename(file) do
        let(:document) { opened(file) }

        it("has its title and headings, in order") do
          expect(document.title).to eq want["title"]
          expect(headings(document)).to eq(want["headings"].map { |h| h["text"] })
        end
        it("has its tables") { expect(tables(document)).to eq(want["tables"].map { |t| [t["columns"], t["rows"]] }) }
        it("has its entries, nested and numbered as in the original") { expect(entries(document)).to eq entries(opened(File.join(folder, "#{name}.md"))) }
      end
    end

    want["sections"].each do |section|
      it "#{name}: “#{section['heading']}” is #{section['visual'] ? section['families'].first : 'no picture'}" do
        passage = Peony::Reading::Passages.of(opened(File.join(folder, "#{name}.md"))).find { |p| p.heading == section["heading"] }
        reading = Peony::Reading.of(passage)
        expect(reading.findings.first&.family).to eq(section["visual"] ? section["families"].first : nil)
        expect(reading.silence).to be_a(String) unless section["visual"]
      end
    end
  end

  describe "files that cannot be read" do
    def trouble(bytes, extension)
      Peony::Notes.parse(bytes, extension)
      nil
    rescue Peony::Error => e
      e.full
    end

    def zipped(parts)
      Zip::OutputStream.write_buffer { |zip| parts.each { |name, text| zip.put_next_entry(name) && zip.write(text) } }.string
    end

    it "says what is wrong and what to do, in one sentence each" do
      expect(trouble("", ".docx")).to match(/empty.*Choose another/)
      expect(trouble("nonsense", ".docx")).to match(/broken.*save it again/)
      expect(trouble("PK\u0003\u0004broken", ".odt")).to match(/broken/)
      expect(trouble("\xD0\xCF\x11\xE0\xA1\xB1\x1A\xE1".b + ("x" * 600), ".docx")).to match(/password, or of an old kind/)
      expect(trouble(zipped("hello.txt" => "hi"), ".docx")).to match(/no text/)
      expect(trouble(zipped("hello.txt" => "hi"), ".pptx")).to match(/no slides/)
      expect(trouble("%PDF-1.4 but no more", ".pdf")).to match(/broken/)
      expect(trouble("not a pdf", ".pdf")).to match(/not a PDF/)
      expect(trouble("\x00\x01\x02" * 50, ".txt")).to match(/does not hold text/)
      expect(trouble("x", ".exe")).to match(/does not read “.exe” files/)
    end

    it "does not unpack an archive that grows without measure" do
      bomb = zipped("word/document.xml" => "<w>#{'a' * (Peony::Notes::Package::PART + 1)}</w>")
      expect(bomb.bytesize).to be < 200_000
      expect(trouble(bomb, ".docx")).to match(/unpacks to more/)
    end

    it "refuses an archive of very many parts" do
      expect(trouble(zipped((0..Peony::Notes::Package::ENTRIES).to_h { |n| ["p#{n}", ""] }), ".odt")).to match(/too many parts/)
    end

    it "follows no outside entity and fetches nothing" do
      secret = Tempfile.new("secret").tap { |f| f.write("hidden words") && f.flush }
      xml = %(<?xml version="1.0"?><!DOCTYPE w [<!ENTITY x SYSTEM "file://#{secret.path}">]><document><body><p><r><t>Seen &x; words</t></r></p></body></document>)
      expect(Peony::Notes.parse(zipped("word/document.xml" => xml), ".docx").blocks.map(&:text).join).to include("Seen").and(satisfy { |t| !t.include?("hidden") })
    end

    it "reads entities that multiply as nothing much" do
      levels = (1..9).map { |n| %(<!ENTITY l#{n} "#{"&l#{n - 1};" * 10}">) }.join
      xml = %(<?xml version="1.0"?><!DOCTYPE w [<!ENTITY l0 "ha">#{levels}]><document><body><p><r><t>Words &l9;</t></r></p></body></document>)
      expect(Peony::Notes.parse(zipped("word/document.xml" => xml), ".docx").blocks.sum { |b| b.text.length }).to be < 1000
    end
  end

  describe "web pages" do
    def page(body) = Peony::Notes.parse("<!doctype html><html><head><title>Site</title></head><body>#{body}</body></html>", ".html")

    it "leaves menus, banners, scripts and footers out" do
      found = page("<header><nav><a href=/>Home</a></nav></header><div class='cookie-banner'>We use cookies</div><main><h1>Opening hours</h1><p>Daily from ten.</p>" \
                   "<script>alert(1)</script><aside>Related</aside></main><footer>Imprint</footer>")
      expect(found.blocks.map { |b| [b.type, b.text] }).to eq [["heading", "Opening hours"], ["paragraph", "Daily from ten."]]
    end

    it "takes the title of the page where no heading leads" do
      expect(page("<article><p>Words without a heading, but enough of them.</p></article>").title).to eq "Site"
    end

    it "stands tags nested a thousand deep" do
      expect(page("#{'<div>' * 900}deep words#{'</div>' * 900}").blocks.map(&:text).join).to include("deep words")
    end
  end

  it "reads documents also after a picture was painted in the same process" do
    code = <<~RUBY
      require "peony"
      Peony::Paint.file([Peony::Scene::Picture.new(width: 20, height: 20, nodes: [], title: "x", lang: "en")], "png", scale: 1)
      puts %w[html docx].map { |kind| Peony::Notes.open("#{File.join(__dir__, 'documents/files')}/season.\#{kind}").blocks.size }.uniq.join(",")
    RUBY
    out, err, = Open3.capture3("bundle", "exec", "ruby", "-I", File.expand_path("../lib", __dir__), "-e", code)
    expect(out.strip).to eq("28"), err
  end

  it "reads rows between strokes and under rules as tables" do
    expect(tables(Peony::Notes.parse("Lamp | Power\n-----|------\nSodium | 150 W\nAmber | 60 W\n", ".txt"))).to eq [[%w[Lamp Power], 2]]
    expect(tables(Peony::Notes.parse("Lamp     Power\n-------- -------\nSodium   150 W\nAmber    60 W\n", ".txt"))).to eq [[%w[Lamp Power], 2]]
  end
end
