# frozen_string_literal: true

require "date"
require "caxlsx"

RSpec.describe Peony::Tables do
  def sheet(rows) = described_class::Sheet.new(rows: rows.map { |r| r.map(&:to_s) })
  def table_of(csv, **correct) = described_class::Reader.table(described_class.sheets(csv.b, ".csv").first, correct.transform_keys(&:to_s))
  def kinds(csv) = table_of(csv).columns.to_h { |c| [c.name, c.kind] }
  def found(csv) = described_class::Finding.all(described_class::Shape.new(table_of(csv)))

  describe "reading" do
    it "tells the mark between cells, quotes that hold it, and lines inside quotes" do
      { ",": "a,b\n1,2\n3,4", ";": "a;b\n1,5;2\n3;4", "\t": "a\tb\n1\t2", "|": "a|b\n1|2" }.each_value { |text| expect(table_of(text).columns.map(&:name)).to eq %w[a b] }
      rows = described_class.sheets("Name,Says\n\"Orrin, Mrs\",\"two\nlines\"\nBram,\"a \"\"quoted\"\" word\"".b, ".csv").first.rows
      expect(rows).to eq [%w[Name Says], ["Orrin, Mrs", "two\nlines"], ["Bram", 'a "quoted" word']]
    end

    it "reads what was written in other encodings and with a byte order mark" do
      ["Käse;1\nBüffel;2".encode("Windows-1252"), "\uFEFFKäse;1\nBüffel;2".encode("UTF-16LE"), "\uFEFFKäse;1\nBüffel;2"].each do |text|
        expect(described_class.sheets(text.b, ".csv").first.rows.map(&:first)).to eq %w[Käse Büffel]
      end
    end

    it "finds names, data, totals and remarks among title lines and blank ones" do
      table = table_of("Milk of May;;\n;;\nFarm;Litres;Paid\nAu;1.204,5;€ 512,10\nBerg;980,0;€ 401,00\nCham;;€ 12,00\nTotal;2.184,5;€ 925,10\nSource: the dairy's books of May;;")
      expect(table.title).to eq "Milk of May"
      expect(table.columns.map { |c| [c.name, c.kind] }).to eq [%w[Farm category], %w[Litres number], %w[Paid money]]
      expect(table.column("Litres").values).to eq [1204.5, 980.0, nil]
      expect(table.left.values).to eq %i[title blank header note total]
      expect(table.size).to eq 3
    end

    it "takes a day without a year for the name of a row, not for a number of months" do
      table = table_of("Night;Passengers;Minutes late\n3 Jan;61;4\n10 Jan;48;19\n17 Jan;44;23\n7 Feb;72;2\n")
      expect(table.columns.map { |c| [c.name, c.kind] }).to eq [%w[Night category], %w[Passengers number], ["Minutes late", "number"]]
    end

    it "takes a table without names, and drops names that come again" do
      expect(table_of("Oak,41\nElm,12\nFir,88").columns.map(&:name)).to eq ["Column 1", "Column 2"]
      expect(table_of("Day,Boats\n2025-06-01,3\nDay,Boats\n2025-06-02,5\n2025-06-03,4").size).to eq 3
    end

    it "reads spreadsheets with several sheets, dates and shares" do
      package = Axlsx::Package.new
      package.workbook.add_worksheet(name: "Nights") { |s| [%w[Night Guests Full], [Date.new(2025, 8, 1), 46, 0.5], [Date.new(2025, 8, 2), 88.5, 0.75]].each { |r| s.add_row(r) } }
      package.workbook.add_worksheet(name: "Empty")
      package.workbook.add_worksheet(name: "Shop") { |s| [%w[What Sold], %w[Mugs 12], %w[Maps 30]].each { |r| s.add_row(r) } }
      bytes = package.to_stream.read
      sheets = described_class.sheets(bytes, ".xlsx")
      expect(sheets.map(&:name)).to eq %w[Nights Shop]
      expect(sheets.first.rows[1].first(2)).to eq %w[2025-08-01 46]
      expect(described_class::Reader.table(sheets.first).columns.map(&:kind)).to eq %w[date number number]
      expect { described_class.pick(sheets, "Gone") }.to raise_error(Peony::Error, /There are: Nights, Shop|no sheet/)
    end

    it "reads JSON records and the tables of documents" do
      expect(described_class.sheets('[{"a":1,"b":"x"},{"a":2.5,"c":true}]', ".json").first.rows).to eq [%w[a b c], ["1", "x", ""], ["2.5", "", "yes"]]
      expect(described_class.sheets("# T\n\n| Dish | Trays |\n|---|---|\n| Soup | 34 |\n| Pie | 5 |", ".md").first.rows).to eq [%w[Dish Trays], %w[Soup 34], %w[Pie 5]]
    end

    it "says in one sentence what is wrong with a file" do
      { "" => ".csv", "  \n " => ".csv", "PK broken" => ".xlsx", "{\"a\":" => ".json", "3" => ".json", "x" => ".doc", "\x00\x01\x02\x00".b * 20 => ".csv" }.each do |bytes, kind|
        expect { described_class.sheets(bytes, kind) }.to raise_error(Peony::Error) { |e| expect(e.hint).not_to be_nil }
      end
      expect { table_of("only,names") }.to raise_error(Peony::Error, /no rows of data/)
    end
  end

  describe "kinds of columns" do
    it "are told from cells and names" do
      expect(kinds("When,Paid,Full,Came,From,Note,Score (%)\n03.02.2025,£4.50,12%,yes,Norway,aa,40\n04.02.2025,\"£1,204.00\",9.5%,no,Deutschland,bb,55\n05.02.2025,-£3,100%,yes,USA,cc,61"))
        .to eq("When" => "date", "Paid" => "money", "Full" => "percent", "Came" => "boolean", "From" => "place", "Note" => "category", "Score (%)" => "percent")
      expect(kinds("Month,Q,Year\nJan 2024,Q1 2024,2019\nFeb 2024,Q2 2024,2020\nMar 2024,Q3 2024,2021")).to eq("Month" => "month", "Q" => "quarter", "Year" => "year")
    end

    it "tells a decimal comma from a thousands comma, and the first month from the first day" do
      expect(table_of("a;b\nx;1,5\ny;2,25\nz;1.000,0").column("b").values).to eq [1.5, 2.25, 1000.0]
      expect(table_of("a;b\nx;1,500\ny;22,250").column("b").values).to eq [1500.0, 22_250.0]
      expect(table_of("d,n\n3/25/2025,1\n3/26/2025,2\n4/1/2025,3").column("d").values.last.key).to eq "2025-04-01"
      expect(table_of("d,n\n25/3/2025,1\n26/3/2025,2\n1/4/2025,3").column("d").values.last.key).to eq "2025-04-01"
    end

    it "takes a point before three digits for a thousands point where numbers without one stand beside it" do
      expect(table_of("a;b;c\nx;1.240;3.900\ny;620;1.450\nz;815;2.000").column("b").values).to eq [1240.0, 620.0, 815.0]
      expect(table_of("a;b;c\nx;1.240;3.900\ny;620;1.450\nz;815;2.000").column("c").values).to eq [3900.0, 1450.0, 2000.0]
      expect(table_of("a;b\nx;€1.240\ny;€620").column("b").values).to eq [1240.0, 620.0]
      # Weights told to the gram, a target of 100, and a table in which another column tells.
      expect(table_of("a;b\nx;1.240\ny;2.500\nz;0.375").column("b").values).to eq [1.24, 2.5, 0.375]
      expect(table_of("a;b\nx;98.125\ny;100\nz;99.875").column("b").values).to eq [98.125, 100.0, 99.875]
      expect(table_of("a;b;c\nx;1.240;2.5\ny;620;3.5").column("b").values).to eq [1.24, 620.0]
    end

    it "can be put right without touching the cells" do
      table = table_of("Code,n\n1,5\n2,6\n3,7", kinds: { "Code" => "text" }, ignore: [2])
      expect(table.columns.first).to have_attributes(kind: "text", values: %w[1 3])
      expect(table.left[2]).to eq :ignored
    end

    {
      "1,234.5" => 1234.5, "1'234" => 1234.0, "1 234" => 1234.0, "(45)" => -45.0, "−3" => -3.0, "£4.5k" => 4500.0,
      "12 kg" => 12.0, "3 m" => 3.0, "£3m" => 3_000_000.0, "3.2 Mio" => 3_200_000.0, ".5" => 0.5, "12-4" => nil, "1,23,4" => nil, "abc" => nil
    }.each { |text, value| it("reads #{text.inspect} as #{value.inspect}") { expect(described_class::Numerals.value(text, ".")).to eq value } }

    {
      "2025-03-04" => "2025-03-04", "4 March 2025" => "2025-03-04", "March 4, 2025" => "2025-03-04", "Tue 4 Mar 25" => "2025-03-04", "4.3.2025" => "2025-03-04", "20250304" => "2025-03-04",
      "2025-03-04T10:20:00Z" => "2025-03-04", "März 2025" => "2025-03",
      "03/2025" => "2025-03", "Mar-25" => "2025-03", "2025 Q3" => "2025-Q3", "3. Quartal 2025" => "2025-Q3", "2025" => "2025", "2024-W36" => "2024-09-02",
      "31 February 2025" => nil, "lunch" => nil, "12" => nil
    }.each { |text, key| it("reads #{text.inspect} as #{key.inspect}") { expect(described_class::Calendar.read(text)&.key).to eq key } }

    it "knows countries by several names and codes" do
      expect(["Türkei", "Côte d’Ivoire", "UK", "DEU", "the Netherlands", "Czech Republic"].map { |n| described_class::Places.code(n) }).to eq %w[TR CI GB DE NL CZ]
      expect(described_class::Places.code("Mill Bank")).to be_nil
    end
  end

  describe "findings" do
    let(:random) { Random.new(11) }

    def around(mean, spread) = mean + (spread * Math.sqrt(-2 * Math.log(1 - random.rand)) * Math.cos(2 * Math::PI * random.rand))

    def days(count, name = "Boats")
      "Day,#{name}\n#{(0...count).map do |i|
        d = Date.new(2025, 1, 1) + i
        "#{d},#{yield(i, d)}"
      end.join("\n")}"
    end

    def months(count) = "Month,Loans\n#{(0...count).map { |i| "#{(Date.new(2023, 1, 1) >> i).strftime('%B %Y')},#{yield(i)}" }.join("\n")}"

    it "finds nine in ten of what is planted, over many draws" do
      hits = 0
      tries = 0
      look = lambda do |csv, kind, at = nil|
        tries += 1
        hits += 1 if found(csv).any? { |f| f.kind == kind && (at.nil? || f.at == at) }
      end
      12.times do
        at = 10 + random.rand(40)
        day = (Date.new(2025, 1, 1) + at).iso8601
        look.call(days(70) { |i, _| i == at ? 200 : around(60, 8).round }, "spike", day)
        look.call(days(70) { |i, _| i == at ? 4 : around(60, 8).round }, "dip", day)
        look.call(days(70) { |_, d| around(d.saturday? || d.sunday? ? 90 : 60, 8).round }, "weekly")
        look.call(days(70) { |i, _| around(i < at + 5 ? 60 : 95, 8).round }, "shift")
        look.call(months(30) { |i| around(400 + (9 * i) + (60 * Math.sin(i * Math::PI / 6)), 15).round }, "trend")
        look.call(months(26) { |i| around(700 - (9 * i), 15).round }, "growth")
        look.call("Lane,Lamps,Glow\n#{(0...36).map { |i| "L#{i},#{i},#{around(i * 0.4, 2).round(2)}" }.join("\n")}", "relation")
      end
      expect(hits.to_f / tries).to be >= 0.95
    end

    it "stays silent where there is only chance" do
      said = 0
      60.times do
        csvs = [days(40 + random.rand(80)) { around(60, 10).round }, months(24 + random.rand(12)) { around(400, 50).round }, "P,A,B\n#{(0...40).map do |i|
          "p#{i},#{around(9, 2).round(2)},#{around(5, 1).round(2)}"
        end.join("\n")}"]
        said += csvs.count { |csv| found(csv).any? { |f| %w[spike dip shift trend weekly relation growth outlier skew].include?(f.kind) && f.direction != "none" } }
      end
      expect(said / 180.0).to be <= 0.05
    end

    it "tells of things who leads, who ties, and what share, as sums allow" do
      said = found("Lane,Parcels\nAsh,120\nElm,480\nFir,230\nGorse,230\nYew,77").to_h { |f| [f.kind, f] }
      expect(said["leader"]).to have_attributes(at: "Elm", value: 480.0, sentence: "Most parcels: Elm, 480.", cells: [["Parcels", [1]]])
      expect(said["tie"].at).to eq %w[Fir Gorse]
      expect(said["share"].value).to be_within(0.05).of(42.2)
      expect(said["total"].value).to eq 1137.0
      expect(found("Town,Mean age\nAsh,40\nElm,48\nFir,33").map(&:kind)).not_to include("total", "share")
    end

    it "tells of a wide table the cell, the row and the sum" do
      said = found("Base,2021,2022,2023\nNorth,10,20,30\nSouth,5,90,5\nTotal,15,110,35").to_h { |f| [f.kind, f] }
      expect(said["max"]).to have_attributes(at: %w[South 2022], value: 90.0)
      expect(said["leader"]).to have_attributes(at: "South", value: 100.0)
      expect(said["total"].value).to eq 160.0
    end

    it "counts answers in words" do
      said = found("No.,Again?,Who\n#{(1..40).map { |i| "#{i},#{i <= 30 ? 'Yes' : 'No'},#{%w[Ann Ben Cy Di][i % 4]}" }.join("\n")}")
      expect(said.find { |f| f.kind == "leader" && f.column == "Again?" }).to have_attributes(at: "Yes", value: 30)
    end
  end

  describe "numbers that only count the rows" do
    def shape(csv) = described_class::Shape.new(table_of(csv))
    def sentences(csv) = found(csv).map(&:sentence)

    it "name them, and nothing is said of them" do
      weeks = "Week,Visitors\n1,120\n2,150\n3,170\n4,130\n5,190\n6,210\n"
      expect(shape(weeks).series.map { |s| [s.name, s.keys.first, s.keys.last] }).to eq [["Visitors", "Week 1", "Week 6"]]
      expect(sentences(weeks)).to include("Most visitors: Week 6, 210.", "Visitors: 970 in all.")
      expect(sentences(weeks).grep(/week:/i)).to be_empty
      chart = Peony::Charts::Proposals.for(shape(weeks)).first
      expect([chart.chart, chart.data["x"]["keys"]]).to eq ["column", (1..6).map { |i| "Week #{i}" }]
    end

    it "leave it to names that stand beside them" do
      expect(shape("Step,What,Minutes\n1,Wash,10\n2,Cut,25\n3,Cook,40\n").series.map { |s| [s.name, s.keys] }).to eq [["Minutes", %w[Wash Cut Cook]]]
      expect(shape("Place,Club,Points\n1,Gulls,42\n2,Otters,40\n2,Herons,40\n4,Newts,20\n").series.map { |s| [s.name, s.keys] }).to eq [["Points", %w[Gulls Otters Herons Newts]]]
      remarks = "Week,Remark,Sold\n1,It rained on all of the days and nobody came,10\n2,The fair was next door to us this time,80\n3,School holidays began on the Friday of it,60\n"
      expect(shape(remarks).label.name).to eq "Week"
    end

    it "count something where they do not go up one by one, or where they stand behind" do
      expect(shape("Team,Rounds\nGulls,1\nOtters,2\nHerons,3\n").series.map(&:name)).to eq ["Rounds"]
      expect(shape("Days,Guests\n1,4\n3,9\n7,12\n").measures.map(&:name)).to eq %w[Days Guests]
    end
  end

  it "gives cells back as text that no spreadsheet takes for a formula" do
    rows = [["=1+1", "-5", "@x", "plain, with comma"]]
    expect(described_class::Cells.guarded(rows)).to eq "'=1+1,-5,'@x,\"plain, with comma\"\n"
    expect(described_class::Cells.rows(described_class::Cells.text(rows))).to eq rows
  end

  it "makes months, quarters or years of a long series" do
    shape = described_class::Shape.new(table_of("Day,Boats\n#{(0...1500).map { |i| "#{Date.new(2020, 1, 1) + i},2" }.join("\n")}"))
    data = Peony::Charts::Proposals.for(shape, draw: false).find { |p| p.chart == "line" }.data
    expect(data["x"]["keys"].first(2)).to eq %w[2020-01 2020-02]
    expect(data["series"].first["values"].first(2)).to eq [62, 58]
  end

  it "sums each thing of a long table by its days, whatever order, spelling or blanks they come in" do
    rows = ["2025-03-02,North,5", "2025-03-01,South,1", "1 March 2025, North ,7", "2025-03-01,North,3", "2025-03-02,South,n/a", "2025-03-02,–,9", "2025-03-03,South,2", "2025-03-03,North,4"]
    series = described_class::Shape.new(table_of("Day,Dome,Guests\n#{rows.join("\n")}")).series
    said = series.sort_by(&:name).to_h { |s| [s.name, s.keys.map(&:key).zip(s.values, s.rows)] }
    expect(said).to eq("North" => [["2025-03-01", 10.0, 2], ["2025-03-02", 5.0, 0], ["2025-03-03", 4.0, 7]], "South" => [["2025-03-01", 1.0, 1], ["2025-03-03", 2.0, 6]])
  end

  it "reads a column alike by the quick ways and cell by cell" do
    random = Random.new(11)
    ways = [->(n) { n.to_s }, ->(n) { "£#{n}" }, ->(n) { "#{n}.50" }, ->(n) { n.to_s.gsub(/(?<=\d)(?=(\d{3})+$)/, ",") }, ->(n) { "-#{n}" }, ->(n) { "(#{n})" }, ->(n) { "#{n} kg" }, lambda { |_|
      ""
    }, lambda { |n|
         "#{n}%"
       }]
    120.times do
      mixed = ways.sample(1 + random.rand(3), random: random)
      texts = Array.new(12) { mixed.sample(random: random).call(random.rand(1_000_000)) }
      expect(described_class::Numerals.column(texts, ".")).to eq(texts.map { |t| described_class::Numerals.read(t, ".")&.value }), texts.inspect
    end
  end
end
