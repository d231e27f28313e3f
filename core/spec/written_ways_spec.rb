# frozen_string_literal: true

# The same facts in all the ways in which people type them: whatever the marks, the family is seen and every number and name is right.
RSpec.describe "Ways of writing" do
  include WordsRead

  marks = ["", "- ", "* ", :number]
  between = [": ", " – ", " - ", " = ", " ", "\t", " … ", " ....... ", ", ", "; ", " | ", " → "]

  def lines(head, rows, mark)
    "#{head}\n#{rows.each_with_index.map { |row, i| "#{mark == :number ? "#{i + 1}. " : mark}#{row}" }.join("\n")}\n"
  end

  # As plain text; +kind+ tells whether it came in a Markdown file.
  def seen(family, words, kind = ".txt") = Peony::Reading.of(Peony::Notes.parse(words, kind)).findings.first(3).find { |f| f.family == family }

  amounts = {
    "parts" => ["Where our 1,200 letters come from", { "members" => 640, "schools" => 310, "suppliers" => 150, "other people" => 100 }],
    "ranking" => ["Complaints in October", { "late parcels" => 143, "wrong size" => 197, "rude driver" => 31, "box too big" => 88, "nice letter" => 6 }],
    "funnel" => ["From advert to order", { "saw the advert" => 9000, "clicked on it" => 2700, "put a lamp in the basket" => 410, "paid" => 96 }],
    "trend" => ["Visitors of the museum", { "2019" => 4100, "2020" => 900, "2021" => 2300, "2022" => 3980, "2023" => 5120 }]
  }

  amounts.each do |family, (head, rows)|
    it "reads the #{family} of names and numbers, whatever stands between them" do
      between.each_with_index do |join, i|
        [false, *(true unless family == "trend")].each_with_index do |turned, k|
          capital = i.odd? && family != "trend"
          told = rows.map { |name, value| [capital ? name.sub(/\A./, &:upcase) : name, value.to_s.gsub(/(?<=\d)(?=(\d{3})+\z)/, ",")] }.map { |pair| (turned ? pair.reverse : pair).join(join) }
          words = lines(head, told, marks[(i + k) % 4])
          [".txt", ".md"].each { |kind| expect(seen(family, words, kind)&.items.to_a.map(&:value)).to eq(rows.values), "#{kind}\n#{words}" }
        end
      end
    end
  end

  changed = { "portions of salad" => [60, 145], "sausages" => [210, 160], "plates broken" => [19, 11] }
  ways = {
    "Canteen, before and after" => ["%<a>s → %<b>s", "%<a>s -> %<b>s", "%<a>s to %<b>s", "%<a>s, %<b>s", "%<a>s %% → %<b>s %%", "%<a>s vs. %<b>s"], "Canteen, before / after" => ["%<a>s / %<b>s"],
    "What changed in the canteen" => ["from %<a>s to %<b>s", "%<b>s (was %<a>s)", "%<b>s, was %<a>s", "%<b>s instead of %<a>s"], "Canteen, then and now" => ["%<a>s – %<b>s"],
    "The canteen" => ["%<a>s before, %<b>s after", "before %<a>s, after %<b>s", "before: %<a>s, after: %<b>s", "%<a>s then, %<b>s now", "%<a>s, now %<b>s", "%<a>s, before; %<b>s, now",
                      "%<a>s in 2020, %<b>s in 2024", "2020 %<a>s, 2024 %<b>s", "%<a>s (2020), %<b>s (2024)", "2020: %<a>s, 2024: %<b>s", "last year %<a>s, this year %<b>s"]
  }

  it "reads what was and what is, however both are told" do
    ways.each_with_index do |(head, told), i|
      told.each_with_index do |way, k|
        words = lines(head, changed.map { |name, (a, b)| "#{name}: #{format(way, a: a, b: b)}" }, marks[(i + k) % 4])
        expect(seen("change", words)&.items.to_a.map { |item| item.aspects.map { |_, value| value[/\d+/].to_i } }).to eq(changed.values), words
      end
    end
  end

  moments = [
    "3 March, 17 March, 28 April, 2 June", "March 3, March 17, April 28, June 2", "3rd March, 17th March, 28th April, 2nd June", "3 Mar, 17 Mar, 28 Apr, 2 Jun", "3.3., 17.3., 28.4., 2.6.",
    "03/03, 17/03, 28/04, 02/06",
    "03.03.2026, 17.03.2026, 28.04.2026, 02.06.2026", "03/03/2026, 17/03/2026, 28/04/2026, 02/06/2026", "2026-03-03, 2026-03-17, 2026-04-28, 2026-06-02",
    "Mon 3 March, Tue 17 March, Tue 28 April, Tue 2 June",
    "March, April, May, June", "March 2024, June 2024, January 2025, May 2025", "1921, 1934, 1950, 1961", "1920s, 1930s, 1950s, 1960s", "9:00, 9:45, 10:30, 12:00",
    "09:00, 09:45, 10:30, 12:00", "9 am, 10 am, 11.30 am, 1 pm",
    "9am, 10am, 11.30am, 1pm", "9 o'clock, 10 o'clock, 11 o'clock, 12 o'clock", "9:00–9:45, 9:45–10:30, 10:30–11:00, 11:00–12:00", "Week 1, Week 3, Week 5, Week 8", "Day 1, Day 2, Day 3, Day 4",
    "Weeks 1–2, Weeks 3–4, Weeks 5–6, Week 8", "Monday, Tuesday, Thursday, Friday", "Q1, Q2, Q3, Q4", "Q1 2025, Q2 2025, Q3 2025, Q4 2025",
    "12th century, 14th century, 17th century, 19th century",
    "1st quarter, 2nd quarter, 3rd quarter, 4th quarter", "300 BC, 120 BC, AD 40, AD 410", "Month 1, Month 2, Month 3, Month 6"
  ].map { |told| told.split(", ") }
  events = ["posters go up", "tasting in the market hall", "radio spots begin", "first figures"]

  it "reads dates in all styles, and leaves them out of what happened" do
    moments.each_with_index do |dates, i|
      [": ", " – ", " - ", " ", "\t", " | "].each_with_index do |join, k|
        words = lines("Launch of the oat drink", dates.zip(events).map { |pair| pair.join(join) }, marks[(i + k) % 2])
        [".txt", ".md"].each { |kind| expect(seen("timeline", words, kind)&.items.to_a.map { |item| item.title.downcase }).to eq(events), "#{kind}\n#{words}" }
      end
    end
  end

  floors = { "Ground floor" => %w[bread vegetables], "First floor" => %w[toys paper lamps], "Cellar" => %w[wine] }
  trees = {
    "spaces" => ->(name, below) { [name, *below.map { |word| "  #{word}" }] }, "tabs" => ->(name, below) { [name, *below.map { |word| "\t#{word}" }] },
    "marks" => ->(name, below) { ["- #{name}", *below.map { |word| "  - #{word}" }] },
    "rings" => ->(name, below) { ["• #{name}", *below.map { |word| "   o #{word}" }] }, "a head and dashes" => ->(name, below) { [name, *below.map { |word| "– #{word}" }] },
    "strokes" => ->(name, below) { ["├── #{name}", *below.map { |word| "│   ├── #{word}" }] }, "a colon" => ->(name, below) { ["#{name}: #{below.join(', ')}"] }
  }

  it "reads what belongs to what, however it is shown" do
    trees.each_value do |way|
      words = "Our shop\n#{floors.flat_map { |name, below| way.call(name, below) }.join("\n")}\n"
      expect(seen("hierarchy", words)&.items.to_a.to_h { |i| [i.title, i.children.map { |c| c.title.downcase }] }).to eq(floors), words
    end
    numbered = floors.each_with_index.flat_map { |(name, below), i| ["#{i + 1} #{name}", *below.each_with_index.map { |word, k| "#{i + 1}.#{k + 1}. #{word}" }] }
    expect(seen("hierarchy", "Our shop\n#{numbered.join("\n")}\n").items.map(&:title)).to eq(floors.keys)
    paths = floors.flat_map { |name, below| below.map { |word| "Shop > #{name} > #{word}" } }
    expect(seen("hierarchy", "#{paths.join("\n")}\n").items.flat_map { |i| i.children.map(&:title) }).to eq(floors.keys)
  end

  sides = [%w[Pros Cons], %w[For Against], %w[Advantages Disadvantages], %w[Do Don't], %w[Yes No], %w[Benefits Drawbacks], %w[Then Now], %w[Myths Facts], ["What works", "What doesn't"],
           ["In favour", "Against"]]
  lists = [["it saves time", "the light is better", "nobody has to climb"], ["it costs more", "the dog is afraid of it", "rain gets in"]]

  it "reads two sides as lines, lists, sections and columns" do
    sides.each do |heads|
      pairs = heads.zip(lists)
      marked = pairs.map { |head, list| [head, *list.map { |words| "- #{words}" }].join("\n") }.join("\n\n")
      nested = pairs.map { |head, list| ["- #{head}", *list.map { |words| "  - #{words}" }].join("\n") }.join("\n")
      table = ["| #{heads.join(' | ')} |", "|---|---|", *lists.transpose.map { |row| "| #{row.join(' | ')} |" }].join("\n")
      [pairs.map { |head, list| "#{head}: #{list.join(', ')}" }.join("\n"), marked, nested, table].each do |words|
        expect(seen("opposition", "#{words}\n")&.items.to_a.map { |item| [item.title, item.children.size] }).to eq(heads.map { |head| [head, 3] }), words
      end
    end
  end
end
