# frozen_string_literal: true

RSpec.describe Peony::Piece::Composing do
  def ids
    count = 0
    ->(prefix) { "#{prefix}x#{count += 1}" }
  end

  def piece_from(name, kind: "infographic", **more)
    document = Peony::Notes.open(File.join(__dir__, "documents", "#{name}.md"))
    Peony::Piece.new(Peony::Piece.blank(title: document.title, kind: kind, **more).data.merge("notes" => document.blocks.map(&:to_h)))
  end

  let(:piece) { piece_from("season") }
  let(:drafts) { described_class.drafts(piece, ids: ids) }

  it "offers three compositions that differ in their forms" do
    expect(drafts.map(&:name)).to match_array(%w[lead ledger spine])
    forms = drafts.map { |d| d.piece.objects.filter_map { |o| o["form"] } }
    expect(forms.uniq.size).to eq 3
    forms.each { |list| expect(list.each_cons(2).count { |a, b| a == b }).to be <= 1 }
  end

  it "gives dots more than a low strip, in which all would seem to lie on one line" do
    mill = "# The mill\n\nTwo coats of varnish lasted three years, four coats lasted seven, and six coats lasted eleven. With eight it was twelve.\n\n" \
           "## The wait\n\nThe wait, which was 50 minutes, is now 22. Diesel went down from 410 litres a month to 280.\n\n## Who came\n\nSeven out of ten visitors come back within a year.\n"
    notes = Peony::Notes::Markdown.read(mill).blocks.map(&:to_h)
    drawn = described_class.drafts(Peony::Piece.new(Peony::Piece.blank(title: "The mill", kind: "infographic").data.merge("notes" => notes)), ids: ids)
    dots = drawn.flat_map { |d| d.piece.objects.select { |o| o["form"] == "scatter" } }
    expect(dots).not_to be_empty
    expect(dots.map { |o| o["box"][3] / o["box"][2] }).to all(be > 0.5)
  end

  it "takes the title of the notes where the piece has none of its own" do
    titles = ["New piece", "My own"].map do |name|
      named = Peony::Piece.new(piece.data.merge("title" => name))
      described_class.drafts(named, ids: ids).first.piece.objects.find { |o| o["role"] == "title" || o["text"].to_s.match?(/season|own/) }["text"]
    end
    expect(titles).to eq ["The season at the dome", "My own"]
  end

  it "takes no greeting for what leads the page, nor for its source" do
    letter = "Dear friends of the mill pond,\n\nWe counted what people do there. 38 % walk a dog, 27 % feed the ducks, 19 % fish and 16 % simply sit.\n"
    blocks = Peony::Notes::Text.read(letter).blocks.map { |b| b.to_h.merge("type" => "paragraph").except("level") }
    named = Peony::Piece.new(Peony::Piece.blank(title: "The mill pond").data.merge("notes" => blocks))
    words = described_class.drafts(named, ids: ids).first.piece.objects.filter_map { |o| o["text"] }
    expect(words).to include("The mill pond", "Source: The mill pond")
    expect(words.grep(/Dear/)).to be_empty
  end

  it "names the whole for its source, and no section of it" do
    sections = "## Who came\n\n38 % walk a dog, 27 % feed the ducks, 19 % fish and 16 % simply sit.\n\n## How to help\n\nRing Marit. Bring boots. Cut the reeds.\n"
    sources = ["", "# The pond in May\n\n"].map do |over|
      named = Peony::Piece.new(Peony::Piece.blank(title: "The mill pond").data.merge("notes" => Peony::Notes.parse(over + sections, ".md").blocks.map(&:to_h)))
      described_class.drafts(named, ids: ids).first.piece.objects.filter_map { |o| o["text"] }.grep(/Source/)
    end
    expect(sources).to eq([["Source: The mill pond"], ["Source: The pond in May"]])
  end

  it "draws every passage that is worth it, with the title and the source" do
    drafts.each do |draft|
      words = draft.piece.pages.map { |p| words_in(Peony::Paint::SVG.paint(Peony::Scene::Pages.picture(draft.piece, p))) }.join(" ")
      ["The season at the dome", "Who came", "How an evening runs", "Telescopes for hire", "How we got here", "Source:"].each { |said| expect(words.delete("-")).to include(said) }
      expect(words).not_to include("Our thanks go")
    end
  end

  it "puts no figure into a box in which it cannot be drawn" do
    notes = "# The boathouse\n\n## Since Ken\n\nSince Ken came: boats mended 22 (was 9), members waiting for a boat 4 (was 31), fees paid on time 88 of 96 (was 51 of 90).\n\n" \
            "## Where the €48,000 went\n\nGrant use, €48,000: wages 22,800; timber 9,500; paint 7,000; printing 3,700; put by 5,000.\n\n" \
            "## Walks\n\n| Walk | People | Benches |\n|---|---|---|\n| Shore | 11400 | 9 |\n| Mill | 8950 | 6 |\n| Gorse Hill | 3100 | 2 |\n"
    %w[infographic square slide a4].each do |kind|
      named = Peony::Piece.new(Peony::Piece.blank(title: "The boathouse", kind: kind).data.merge("notes" => Peony::Notes.parse(notes, ".md").blocks.map(&:to_h)))
      described_class.drafts(named, ids: ids).each do |draft|
        words = draft.piece.pages.map { |p| words_in(Peony::Paint::SVG.paint(Peony::Scene::Pages.picture(draft.piece, p))) }.join(" ")
        expect(words).not_to include("too little room")
        expect(words.delete("-")).to include("Printing", "Fees paid on time", "Gorse Hill")
      end
    end
  end

  it "goes in as one change and comes out as one" do
    change = piece.apply(drafts.first.operation)
    expect(change.piece.objects.count { |o| o["type"] == "figure" }).to eq drafts.first.figures
    expect { Peony::Piece::Schemas.check(change.piece.data) }.not_to raise_error
    expect(change.piece.apply(change.inverse).piece.data).to eq piece.data
  end

  it "keeps pages that are in use, and gives way only with empty ones" do
    used = piece.apply({ "op" => "object.add", "page" => "p1", "object" => { "id" => "t1", "type" => "text", "text" => "Mine", "box" => [80, 80, 400, 40] } }).piece
    after = used.apply(described_class.draft_of(used, "spine", ids: ids).operation).piece
    expect(after.pages.first["id"]).to eq "p1"
    expect(after.pages.size).to be > 1
    expect(piece.apply(described_class.draft_of(piece, "spine", ids: ids).operation).piece.pages.map { |p| p["id"] }).not_to include("p1")
  end

  # How far down each page its figures reach, 0..1.
  def filled(made) = made.pages.map { |p| p["objects"].reject { |o| o["role"] == "source" }.map { |o| o["box"][1] + o["box"][3] }.max / made.height.to_f }

  %w[lead ledger spine].each do |name|
    it "leaves no page of #{name} with a single figure behind one that has room to give" do
      %w[season handbook].each do |notes|
        made = described_class.draft_of(piece_from(notes), name, ids: ids).piece
        made.pages.each_cons(2) do |before, after|
          figures = [before, after].map { |p| p["objects"].count { |o| o["type"] == "figure" } }
          next if figures.last > 1 || figures.first < 3

          # The row that would go over does not fit, or is so high that the page before would be emptier than this one.
          row = before["objects"].select { |o| o["type"] == "figure" }.max_by { |o| o["box"][1] }
          expect(row["box"][3]).to be > made.height * 0.25
        end
        expect(filled(made)).to all(be <= 1)
      end
    end
  end

  it "prints nothing small beside something else: what needs the whole width has it" do
    notes = Peony::Notes::Text.read("# Year\n\n## In figures\n\nWe saw 4,310 animals, 2,150 dogs, 1,480 cats and 12 emus. 312 operations were done. The bell rang 640 times. " \
                                    "Gifts came to £27,400.\n\n## The day\n\nFirst the patient is weighed. Then blood is taken. After that the owner signs. " \
                                    "Next it falls asleep. Then the vet operates. Finally it goes home.\n\n" \
                                    "## Money\n\nOf every pound 46p was spent on medicines, 31p on wages, 14p on the X-ray and 9p on heating.\n")
    blank = Peony::Piece.blank(title: "Year", kind: "infographic")
    made = described_class.draft_of(Peony::Piece.new(blank.data.merge("notes" => notes.blocks.map(&:to_h))), "lead", ids: ids).piece
    smallest = made.pages.flat_map { |p| made.objects.select { |o| p["objects"].include?(o) && o["type"] == "figure" } }.map do |figure|
      drawing = Peony::Scene::Pages.drawing(made, figure, made.house.colour("surface"))
      Peony::Scene::Picture.new(nodes: drawing.nodes).texts.map(&:size).min
    end
    expect(smallest).to all(be >= 14)
  end

  it "says so when nothing asks for a picture" do
    empty = Peony::Piece.blank(title: "x")
    expect { described_class.draft_of(empty, "spine", ids: ids) }.to raise_error(Peony::Error, /No passage/)
    expect(described_class.drafts(empty, ids: ids)).to eq []
  end

  %w[infographic square slide a4].each do |kind|
    Peony::Piece::Composition.members.each_key do |name|
      it "lays #{name} out on a #{kind} without overlap, inside the page" do
        made = described_class.draft_of(piece_from("handbook", kind: kind), name, ids: ids).piece
        made.pages.each do |page|
          boxes = page["objects"].reject { |o| o["type"] == "shape" }.map { |o| o["box"] }
          boxes.each { |x, y, w, h| expect([x >= 0, y >= 0, x + w <= made.width + 0.5, y + h <= made.height + 0.5]).to all(be true) }
          boxes.combination(2) do |a, b|
            expect([a[0] + a[2], b[0] + b[2]].min - [a[0], b[0]].max > 1 && [a[1] + a[3], b[1] + b[3]].min - [a[1], b[1]].max > 1).to be(false),
                                                                                                                                      "#{kind} #{name} #{a} #{b}"
          end
        end
      end
    end
  end

  it "lets figures grow where a page would stay half empty, and keeps them on it" do
    words = "## Fees\n\n- Rowing: 180 euros\n- Tennis: 150 euros\n- Judo: 96 euros\n\n## Where it goes\n\nRent takes 60 %, coaches get 30 % and boats 10 %."
    notes = Peony::Notes::Text.read(words).blocks.map(&:to_h)
    short = Peony::Piece.new(Peony::Piece.blank(title: "Fees", kind: "infographic").data.merge("notes" => notes))
    described_class.drafts(short, ids: ids).each do |draft|
      figures = draft.piece.objects.select { |o| o["type"] == "figure" }
      low = figures.map { |o| o["box"][1] + o["box"][3] }.max
      expect(low).to be_between(short.height * 0.3, short.height), draft.name
      expect(figures.combination(2).none? { |a, b| overlap?(a["box"], b["box"]) }).to be true
    end
  end

  def overlap?(one, two) = [0, 1].all? { |side| one[side] < two[side] + two[side + 2] - 0.5 && two[side] < one[side] + one[side + 2] - 0.5 }
end
