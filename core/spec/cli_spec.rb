# frozen_string_literal: true

require "open3"

RSpec.describe "bin/peony" do
  let(:program) { File.expand_path("../../bin/peony", __dir__) }

  around { |example| Dir.mktmpdir { |dir| Dir.chdir(dir) { example.run } } }

  def peony(*args)
    out, err, status = Open3.capture3(program, *args)
    [out, err, status.exitstatus]
  end

  def lines(*args) = peony(*args, "--json").first.each_line.map { |line| JSON.parse(line) }

  it "reads a file as one passage, with evidence in characters of the file" do
    File.write("a.txt", "Who came\n\n#{Samples::SLIP}\n")
    got = lines("read", "a.txt").first
    expect(got["families"].first["family"]).to eq "parts"
    from, to = got["items"].first["evidence"].first
    expect(File.read("a.txt")[from...to]).to eq "45 % came with a school"
    expect(got["queries"].first["kind"]).to eq "mismatch"
    expect(got["proposals"].first.keys).to include("form", "family", "fit", "reason")
  end

  it "reads each passage, in order, and outlines the document" do
    File.write("a.md", "# One\n\n#{Samples::STEPS}\n\n## Two\n\nThank you all.\n")
    expect(lines("read", "a.md", "--each").map { |o| [o["heading"], o["families"].any?] }).to eq [["One", true], ["Two", false]]
    expect(lines("outline", "a.md").first["blocks"].map { |b| b["type"] }).to eq %w[heading paragraph heading paragraph]
  end

  it "lists forms, finishes and styles" do
    expect(lines("forms").first.keys).to include("form", "family", "least", "most", "sees")
    expect(lines("finishes").map { |f| f["finish"] }).to contain_exactly("flat", "line", "tint", "night", "cut paper", "pencil")
    expect(lines("styles").map { |s| s["style"] }).to eq %w[Dome Dusk Meadow Chalk Lamplight Harvest Ledger Tide]
  end

  it "draws a text to SVG, PNG and PDF" do
    File.write("a.txt", Samples::STEPS)
    %w[svg png pdf].each { |kind| expect(peony("draw", "a.txt", "--form", "rail", "--size", "800x600", "-o", "a.#{kind}").last).to eq 0 }
    expect(words_in(File.read("a.svg"))).to include("Centre it")
    expect(File.binread("a.png", 24)[16, 8].unpack("N2")).to eq [800, 600]
    expect(File.binread("a.pdf", 4)).to eq "%PDF"
  end

  it "draws many in one process and says what was refused" do
    jobs = [{ name: "good", form: "cards", items: items(3), width: 600, height: 400 }, { name: "bad", form: "cards", items: items(40) },
            { name: "../out", form: "cards", items: items(2) }]
    File.write("jobs.jsonl", jobs.map { |job| "#{JSON.generate(job)}\n" }.join)
    out, = peony("draw", "--batch", "jobs.jsonl", "-o", "out", "--format", "svg")
    results = out.each_line.map { |l| JSON.parse(l) }
    expect(results.map { |r| r["ok"] }).to eq [true, false, false]
    expect(Dir.children("out")).to eq ["good.svg"]
  end

  it "proofs and exports a piece" do
    File.write("p.peony", piece_of("Who\n\n#{Samples::SLIP}", form: "ring").to_json)
    expect(lines("proof", "p.peony").map { |r| r["check"] }).to include("numbers", "description")
    expect(peony("export", "p.peony", "--scale", "2", "-o", "p.png").last).to eq 0
    expect(File.binread("p.png", 24)[16, 8].unpack("N2")).to eq [2160, 3840]
  end

  it "reads and writes UTF-8 in any locale" do
    File.write("p.peony", piece_of("Who\n\nCafé guests: 45 % came “early”, 60 % came late.", form: "ring").to_json)
    out, err, status = Open3.capture3({ "LC_ALL" => "C", "LANG" => "C" }, program, "proof", "p.peony", "--json")
    expect([err, status.exitstatus]).to eq ["", 0]
    expect(out.dup.force_encoding("UTF-8")).to include("Came “early” 45")
  end

  it "answers bad input with one plain sentence and 1, wrong usage with 2" do
    File.write("a.txt", "Nothing.")
    [%w[read none.txt], %w[draw a.txt -o x.svg], %w[proof a.txt], %w[draw a.txt --size big -o x.svg],
     %w[draw a.txt --style Plaid -o x.svg]].each do |args|
      _, err, status = peony(*args)
      expect([status, err.lines.size]).to eq([1, 1]), "#{args}: #{err}"
    end
    expect(peony("fly").last).to eq 2
    expect(peony("read").last).to eq 2
  end
end
