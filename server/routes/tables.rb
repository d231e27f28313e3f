# frozen_string_literal: true

module PeonyServer
  module Routes
    # Tables of a piece: brought as a file or as text, looked at with what they are understood to be, proposed as charts, given back as CSV.
    module Tables
      # Rows sent at once.
      WINDOW = 20_000

      def self.registered(app)
        # A file's bytes, by its name; each sheet becomes a table.
        app.post("/api/pieces/:id/tables") do
          name = params["name"].to_s
          bytes = request.body&.read.to_s
          @body_json = { "tab" => params["tab"] }
          acknowledge(journal.apply(Peony::Tables::Bringing.operation(piece.piece, Peony::Tables.sheets(bytes, File.extname(name)), File.basename(name, ".*"), ids: Readings.ids), base: nil))
        end

        # What can be followed besides addresses, and what steps there are.
        app.get("/api/sources") { json(files: Sources::Folder.names) }
        app.get("/api/steps") { json(steps: Peony::Tables::Step.members.values.map { |s| s.facts.to_h }) }

        # A table that follows an address or a file of the server.
        app.post("/api/pieces/:id/tables/follow") do
          every = body_json["every"].nil? ? nil : number("every", 1..10_080, 60).to_i
          acknowledge(journal.apply(Live.follow(piece.piece, body_json["at"], body_json["name"], every: every, sheet: body_json["sheet"]), base: nil))
        end

        # A live table, fetched now; where that fails the answer says so and the cells stay.
        app.post("/api/pieces/:id/tables/:table/fetch") { acknowledge(Live.fetch(piece.id, params["table"], tab: body_json["tab"], person: person[:id])) }

        # One step more: a table that is worked out takes it, any other becomes the beginning of one.
        app.post("/api/pieces/:id/tables/:table/steps") do
          acknowledge(journal.apply(Peony::Tables::Steps.added(piece.piece, piece.piece.table(params["table"]), body_json["step"], fresh: "t#{Store::Pieces.name(6)}")))
        end

        # Cells pasted or typed.
        app.post("/api/pieces/:id/tables/text") do
          text = body_json["text"].to_s
          raise Peony::Error.new("There are no cells in this.", hint: "Copy some cells and paste them.") if text.strip.empty?

          sheet = Peony::Tables::Sheet.new(name: nil, rows: Peony::Tables::Readers::Delimited.rows(text))
          acknowledge(journal.apply(Peony::Tables::Bringing.operation(piece.piece, [sheet], body_json["name"].to_s, ids: Readings.ids), base: nil))
        end

        app.get("/api/pieces/:id/tables/:table.csv") do
          table = piece.piece.table(params["table"])
          content_type "text/csv"
          attachment "#{table['name'].gsub(%r{[/\\:*?"<>|]}, ' ')}.csv"
          Peony::Tables::Cells.guarded(Peony::Tables::Cells.rows(table["cells"]))
        end

        app.get("/api/pieces/:id/tables/:table") do
          from = number("from", 0..10_000_000, 0).to_i
          table = piece.piece.table(params["table"])
          kept = Peony::Tables::Kept.of(table)
          next json(from: from, rows: kept.sheet.rows[from, WINDOW] || [], shown: kept.shown(from, WINDOW)) if from.positive?

          json(Tables.whole(piece.piece, table))
        end

        # The rows of data in the order of one column.
        app.post("/api/pieces/:id/tables/:table/sort") do
          acknowledge(journal.apply(Tables.sorted(piece.piece.table(params["table"]), body_json["column"].to_i, body_json["descending"] ? true : false)))
        end

        app.post("/api/pieces/:id/tables/:table/charts") do
          kept = Peony::Tables::Kept.of(piece.piece.table(params["table"]))
          house = piece.piece.house
          column = body_json["column"] && kept.table.column(body_json["column"])
          list = Peony::Charts::Proposals.for(kept.shape, said: kept.said, column: column, house: house, width: number("width", 160..2000, 380), height: number("height", 120..2000, 320))
          json(charts: list.map { |c| Tables.proposal(c, house) }, measures: kept.shape.choices)
        end

        # A chart asked for in words, and the words that were not used.
        app.post("/api/pieces/:id/tables/:table/asked") do
          answer = Tables.asked(piece.piece, params["table"], body_json["words"], width: number("width", 160..2000, 380), height: number("height", 120..2000, 320))
          json(chart: Tables.proposal(answer.proposal, piece.piece.house), column: answer.column, used: answer.used, left: answer.left)
        end

        app.post("/api/pieces/:id/chart") do
          object = Peony::Piece::Placing.chart(piece.piece.table(body_json["table"]), chart: body_json["chart"], column: body_json["column"]).merge("id" => "c#{Store::Pieces.name(6)}")
          object["marks"] = Tables.asked(piece.piece, body_json["table"], body_json["words"]).proposal.marks if body_json["words"]
          acknowledge(journal.apply(Peony::Piece::Placing.operation(piece.piece, object, page: body_json["page"] || piece.piece.pages.last["id"], fresh: "p#{Store::Pieces.name(5)}"), base: nil))
        end

        # Other charts of the same table, for a chart on a page; and what else could be marked in it.
        app.get("/api/pieces/:id/charts/:object") do
          _, object = piece.piece.find(params["object"])
          table = (piece.piece.data["tables"] || []).find { |t| t["id"] == object["table"] }
          json(Tables.around(object, table, piece.piece.house))
        end

        app.post("/api/pieces/:id/charts/:object") do
          _, object = piece.piece.find(params["object"])
          set = Peony::Piece::Placing.chart(piece.piece.table(object["table"]), chart: body_json["chart"] || object["chart"], column: body_json.fetch("column", object["column"]))
          set = set.slice("chart", "data", "marks", "subtitle", "heading", "found", "highlight", "column")
          set = set.except("heading", "found") if object["heading"] != object["found"]
          acknowledge(journal.apply({ "op" => "object.change", "id" => object["id"], "set" => { "highlight" => nil, "column" => nil }.merge(set) }))
        end

        # One number of a chart, typed beside it, goes into the cell that it comes from.
        app.post("/api/pieces/:id/charts/:object/number") do
          _, object = piece.piece.find(params["object"])
          acknowledge(journal.apply(Peony::Charts::Origin.operation(piece.piece, object, body_json["series"].to_i, body_json["key"].to_s, body_json["text"].to_s.strip), base: nil))
        end

        # Events typed as a list, one a line, become marks at their dates.
        app.post("/api/pieces/:id/charts/:object/events") do
          _, object = piece.piece.find(params["object"])
          marks, left = Peony::Charts::Events.read(body_json["text"].to_s, object)
          next json(left: left, nothing: true) if marks.empty?

          told = JSON.parse(acknowledge(journal.apply({ "op" => "object.change", "id" => object["id"], "set" => { "marks" => (object["marks"] || []) + marks } })))
          json(told.merge("left" => left))
        end
      end

      class << self
        def asked(piece, table, words, **size)
          raise Peony::Error.new("Nothing was asked for.", hint: "Write what to draw: “visitors as a line, mark the best three nights”.") if words.to_s.strip.empty?

          kept = Peony::Tables::Kept.of(piece.table(table))
          Peony::Charts::Asked.for(words.to_s[0, 500], kept.shape, kept.said, house: piece.house, **size)
        end

        # Cells that cannot be read come last either way.
        # @return [Hash] an operation
        def sorted(table, place, descending)
          kept = Peony::Tables::Kept.of(table)
          column = kept.table.columns.find { |c| c.place == place } or raise Peony::Error.new("That column is not read.", hint: "Choose another one.")
          filled, blank = (0...kept.table.size).partition { |i| !column.values[i].nil? }
          order = filled.sort_by { |i| [sortable(column.values[i]), i] }
          order = order.reverse if descending
          rows = kept.sheet.rows
          from, to = kept.table.from.minmax
          placed = kept.table.from.zip((order + blank).map { |i| rows[kept.table.from[i]] }).to_h
          { "op" => "table.rows", "id" => table["id"], "at" => from, "remove" => to - from + 1, "insert" => (from..to).map { |r| placed[r] || rows[r] } }
        end

        def sortable(value)
          return value.from.jd if value.respond_to?(:from)

          value.is_a?(Numeric) ? value : value.to_s.downcase
        end

        # @return [Hash] the cells and what they are understood to be
        def whole(piece, table)
          kept = Peony::Tables::Kept.of(table)
          rows = kept.sheet.rows
          cells = { id: table["id"], name: table["name"], rows: rows.first(WINDOW), from: 0, size: rows.size, wide: rows.map(&:size).max.to_i, correct: table["correct"] || {},
                    charts: piece.objects.count { |o| o["table"] == table["id"] } }
          cells.merge(understood(kept))
        rescue Peony::Error => e
          cells.merge(columns: [], findings: [], left: {}, gaps: [], measures: [], trouble: e.full)
        end

        def understood(kept)
          table = kept.table
          { shown: kept.shown(0, WINDOW), left: table.left.transform_keys(&:to_s),
            columns: table.columns.map { |c| { name: c.name, kind: c.kind, unit: c.unit || c.currency, missing: c.missing, index: c.index, place: c.place } },
            data: table.size, shape: kept.shape.kind, gaps: kept.shape.gaps.first(20).map(&:iso8601), measures: kept.shape.choices,
            findings: kept.said.map do |s|
              { kind: s.kind, sentence: s.sentence, sure: s.sure, column: s.column, cells: s.cells.map do |name, list|
                [name, list.first(200).map do |i|
                  table.from[i]
                end]
              end }
            end }
        end

        def proposal(chart, house)
          { chart: chart.chart, title: chart.title, family: chart.family, fit: chart.fit, reason: chart.reason, heading: chart.heading, cuts: chart.drawing.cuts.size,
            svg: Peony::Paint::SVG.paint(Peony::Figures.picture(chart.drawing, house, title: chart.title, ground: false)) }
        end

        def around(object, table, house)
          return { charts: [], findings: [], measures: [] } unless table

          kept = Peony::Tables::Kept.of(table)
          list = Peony::Charts::Proposals.for(kept.shape, said: kept.said, column: object["column"] && kept.table.column(object["column"]), house: house, width: 420, height: 300)
          { charts: list.map { |c| proposal(c, house) }, findings: kept.said.map(&:sentence), measures: kept.shape.choices, table: { id: table["id"], name: table["name"] } }
        rescue Peony::Error
          { charts: [], findings: [], measures: [], table: { id: table["id"], name: table["name"] } }
        end
      end
    end
  end
end
