# frozen_string_literal: true

# Makes the sample pieces from their notes, through the same operations that the app uses.
#   bundle exec ruby demo/make.rb        writes demo/pieces/*.peony
require "bundler/setup"
require "peony"

# A piece being composed.
class Composer
  attr_reader :piece

  def initialize(title, kind, style, notes = nil, size: nil)
    @piece = Peony::Piece.blank(title: title, kind: kind, style: style, size: size)
    @piece.data["notes"] = Peony::Notes.open(File.join(__dir__, "notes", "#{notes}.md")).blocks.map(&:to_h) if notes
    @piece = Peony::Piece.new(@piece.data)
    @page = "p1"
    @count = 0
  end

  def ground(role) = apply("op" => "page.change", "id" => @page, "ground" => role)

  def page
    @page = "p#{piece.pages.size + 1}"
    apply("op" => "page.add", "page" => { "id" => @page, "ground" => "surface", "objects" => [] })
  end

  def text(words, x, y, width, role, **more)
    add("type" => "text", "text" => words, "role" => role, "box" => [x, y, width, 20], **more.transform_keys(&:to_s))
  end

  def shape(kind, x, y, w, h, **more) = add("type" => "shape", "shape" => kind, "box" => [x, y, w, h], **more.transform_keys(&:to_s))

  # A figure of the passage under a heading.
  def figure(heading, form, x, y, w, h, described: true, says: heading, strong: nil, **more)
    passages = Peony::Reading::Passages.of(piece.notes)
    passage = passages.find { |p| p.heading == heading } or raise "no passage #{heading}"
    passage = Peony::Notes::Passage.whole(piece.notes) if passages.size < 2
    reading = Peony::Reading.of(passage)
    object = Peony::Piece::Placing.figure(piece, reading, form: form, family: more.delete(:family))
    object["items"][strong]["strong"] = true if strong
    object = object.merge("box" => [x, y, w, h], "heading" => says, **more.transform_keys(&:to_s)).compact
    object["description"] = Peony::Proof::Checks::Description.words(object.merge("heading" => heading)) if described
    add(object)
  end

  def table(name, title)
    rows = Peony::Tables.open(File.join(__dir__, "tables", "#{name}.csv")).first.rows
    apply("op" => "table.add", "table" => { "id" => name, "name" => title, "cells" => Peony::Tables::Cells.text(rows) })
  end

  # A chart of a table, with events typed as a list.
  def chart(table, kind, x, y, w, h, column: nil, events: "", **more)
    object = Peony::Piece::Placing.chart(piece.table(table), chart: kind, column: column).merge("box" => [x, y, w, h], **more.transform_keys(&:to_s))
    marks, left = Peony::Charts::Events.read(events, object)
    raise "no place for #{left}" if left.any?

    object["marks"] = object["marks"].reject { |m| marks.any? { |own| own["at"] == m["at"] } } + marks if marks.any?
    object["description"] = Peony::Charts::Describing.words(object)
    add(object)
  end

  def save(name)
    Peony::Piece::Schemas.check(piece.data)
    File.write(File.join(__dir__, "pieces", "#{name}.peony"), "#{JSON.pretty_generate(piece.data)}\n")
    remarks = Peony::Proof.of(piece).remarks
    puts "#{name}: #{remarks.empty? ? 'in order' : remarks.map(&:title).join('; ')}"
  end

  private

  def add(object) = apply("op" => "object.add", "page" => @page, "object" => object.merge("id" => "o#{@count += 1}"))

  def apply(operation)
    @piece = piece.apply(operation).piece
  end
end

season = Composer.new("Season report", "own", "Dome", "season", size: { "width" => 1080, "height" => 1920, "unit" => "px" })
season.piece.data["kind"] = "infographic"
season.shape("rectangle", 0, 0, 1080, 356, fill: "accent-4", square: true)
season.text("Quillmere Observatory · season report", 72, 84, 900, "label", colour: "accent-3", size: 20)
season.text("One clear week brought\na third of the year’s guests", 72, 122, 936, "title", size: 66, colour: "surface")
season.text("Guests on open nights, August to October", 72, 288, 900, "lead", colour: "accent-3", size: 24)
season.figure("The season in numbers", "numbers", 72, 430, 936, 230, says: nil)
season.figure("Schools bring almost every second guest", "split-bar", 72, 724, 936, 310)
season.figure("How the season went", "scaled-line", 72, 1096, 936, 660, strong: 1)
season.shape("line", 72, 1806, 936, 0, stroke: "line", line: 1.5)
season.text("Source: door counts of the season team, 1 August to 1 October.\nquillmere.example", 72, 1826, 860, "source", size: 17)
season.save("season-report")

stars = Composer.new("Count falling stars", "a3", "Dome", "stars")
stars.ground("ink")
stars.shape("path", -20, 1075, 1170, 530, fill: "accent-1", share: 0.34, curve: true,
                                          points: [[0, 0.16], [0.16, 0.06], [0.4, 0.0], [0.66, 0.1], [0.85, 0.08], [1, 0.0], [1, 1], [0, 1], [0, 0.16]])
[[676, 214, 240, -170], [836, 356, 116, -80], [760, 520, 168, -116], [872, 640, 96, -66], [690, 742, 70, -48]].each_with_index do |(x, y, w, h), i|
  stars.shape("line", x, y, w, h, stroke: "signal", line: i.zero? ? 6 : 3.5)
  r = i.zero? ? 8 : 5
  stars.shape("ellipse", x - r, y - r, r * 2, r * 2, fill: "surface")
end
random = Random.new(13)
46.times do
  r = [1.2, 1.6, 2.2, 3].sample(random: random)
  stars.shape("ellipse", random.rand(30..1090).to_f, random.rand(30..1010).to_f, r * 2, r * 2, fill: "accent-3", share: 0.85)
end
stars.shape("ellipse", 812, 930, 190, 190, fill: "surface")
stars.shape("rectangle", 800, 1026, 214, 104, fill: "accent-3", square: true)
stars.shape("path", 900, 906, 106, 100, fill: "signal", points: [[0.0, 0.62], [0.72, 0.0], [1.0, 0.3], [0.26, 0.98]])
stars.text("Quillmere Observatory", 84, 150, 620, "label", colour: "signal", size: 26)
stars.text("Count\nfalling\nstars", 84, 192, 640, "title", size: 172, colour: "surface")
stars.text("with us", 88, 800, 400, "title", size: 72, colour: "signal")
stars.piece.notes.blocks.select(&:item?).each_with_index do |block, i|
  title, detail = block.text.split(": ", 2)
  x = 84 + (i * 328)
  stars.shape("line", x, 1240, 290, 0, stroke: "signal", line: 3)
  stars.text(title, x, 1262, 290, "heading", size: 40, colour: "surface")
  stars.text(detail, x, 1316, 280, "lead", size: 25, colour: "accent-3")
end
stars.text("No torches, please: eyes need 20 minutes of dark.", 84, 1450, 900, "lead", size: 27, colour: "surface")
stars.text("quillmere.example/august", 84, 1494, 700, "label", size: 24, colour: "signal")
stars.save("falling-stars")

scope = Composer.new("Which telescope?", "slide", "Meadow", "telescopes")
scope.text("Which telescope to take home?", 72, 64, 1100, "title", size: 54)
scope.text("Weekend hire, members’ price", 72, 132, 900, "lead", size: 22, colour: "ink-2")
scope.figure("Which telescope to take home?", "aspects-table", 72, 204, 1136, 440, says: nil, strong: 1)
scope.save("telescopes")

moon = Composer.new("Finding your way on the Moon", "square", "Dusk", "moon")
moon.text("Quillmere Observatory · first looks", 72, 72, 900, "label", colour: "accent-1", size: 20)
moon.text("Finding your way on the Moon", 72, 106, 936, "title", size: 62)
moon.figure("Finding your way on the Moon", "staircase", 72, 236, 936, 700, says: nil, strong: 5, finish: "flat")
moon.text("quillmere.example/moon", 72, 980, 900, "source", size: 19)
moon.save("moon")

founding = Composer.new("How Quillmere got its dome", "a4", "Meadow", "founding")
founding.shape("rectangle", 0, 0, 794, 12, fill: "accent-1", square: true)
founding.text("Ninety years on one hill", 56, 68, 660, "label", colour: "accent-1", size: 17)
founding.text("How Quillmere got its dome", 56, 94, 690, "title", size: 52)
founding.figure("How Quillmere got its dome", "spine", 56, 210, 682, 800, says: nil, strong: 6)
founding.text("Source: minute books of the Quillmere society.", 56, 1052, 600, "source", size: 14)
founding.save("founding")

night = Composer.new("A night at the dome", "own", "Lamplight", "night", size: { "width" => 1080, "height" => 2160, "unit" => "px" })
night.piece.data["kind"] = "infographic"
night.text("Quillmere Observatory · for first visits", 72, 72, 900, "label", colour: "accent-1", size: 20)
night.text("A night at the dome", 72, 104, 936, "title", size: 76)
night.figure("What to bring", "tiles", 72, 250, 936, 330)
night.figure("How the night goes for most", "lanes", 72, 640, 936, 560, finish: "flat")
night.figure("Should we stay open past midnight?", "balance", 72, 1270, 936, 400)
night.figure("Who looks after what", "tree-down", 72, 1730, 936, 310)
night.text("quillmere.example/nights", 72, 2094, 900, "source", size: 18)
night.save("night")

handbook = Composer.new("Volunteers’ handbook", "a4", "Dome", "handbook")
handbook.shape("rectangle", 0, 0, 794, 150, fill: "accent-4", square: true)
handbook.text("Volunteers’ handbook", 56, 50, 680, "title", size: 50, colour: "surface")
handbook.figure("Aligning the finder", "numbered-column", 56, 196, 682, 400)
handbook.figure("The evening", "rail", 56, 650, 682, 400)
handbook.page
handbook.figure("Who came last year", "ring", 56, 60, 682, 320, described: false)
handbook.figure("Safety in the dome", "cards", 56, 440, 682, 380)
handbook.figure("What a night brings", "numbers", 56, 880, 682, 180)
handbook.save("handbook")

nights = Composer.new("Night by night", "wide", "Dome", size: { "width" => 1200, "height" => 750, "unit" => "px" })
nights.piece.data["kind"] = "own"
nights.table("visitor-nights", "Guests, night by night")
nights.chart("visitor-nights", "line", 64, 56, 1072, 590, column: "Guests", heading: "One clear night brought 301 guests, two clouded weeks almost none",
                                                          events: "13 August: Meteor shower: 301\n28 August to 10 September: clouded out\n3 October: lamps-out night")
nights.text("Source: door counts of the season team, 1 August to 31 October. quillmere.example", 64, 684, 900, "source", size: 17)
nights.save("nights")

year = Composer.new("The observatory in figures", "own", "Meadow", size: { "width" => 1600, "height" => 1360, "unit" => "px" })
year.table("income", "Income by month")
year.table("street-lamps", "Street lamps and the sky")
year.table("countries", "Where guests came from")
year.table("survey", "What guests said")
year.text("The observatory in figures", 72, 60, 1100, "title", size: 64)
year.text("Two years of income, a summer of guests, forty streets", 72, 142, 1100, "lead", size: 26, colour: "ink-2")
year.chart("income", "stacked", 72, 230, 880, 480, heading: "Membership grows month by month; grants come twice a year")
year.chart("countries", "map", 1010, 230, 518, 480)
year.chart("street-lamps", "scatter", 72, 780, 700, 500)
year.chart("survey", "bar", 840, 780, 688, 500, column: "I would come again")
year.text("Sources: books of the society; door counts; lamp walk, March; cards filled in at the door. quillmere.example", 72, 1304, 1400, "source", size: 21)
year.save("figures")
