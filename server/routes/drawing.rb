# frozen_string_literal: true

module PeonyServer
  module Routes
    # Passages, proposals, putting one on the page, and looking at a change before it is made.
    module Drawing
      def self.registered(app)
        app.get("/api/pieces/:id/passages") do
          json(passages: Peony::Proof::Readings.of(piece.piece).map { |reading| Drawing.passage(reading, piece.piece) })
        end

        app.post("/api/pieces/:id/proposals") do
          reading = Drawing.reading(piece.piece, body_json)
          used = piece.piece.objects.filter_map { |o| o["form"] }
          proposals = Peony::Figures::Proposals.for(reading, house: piece.piece.house, width: number("width", 160..2000, 380), height: number("height", 120..2000, 320), used: used,
                                                             family: body_json["family"])
          json(passage: Drawing.passage(reading, piece.piece).merge(others: reading.others), proposals: proposals.map { |p| Drawing.proposal(p, piece.piece.house) },
               objection: proposals.empty? ? Peony::Figures::Proposals.objection(reading) : nil)
        end

        app.post("/api/pieces/:id/place") do
          reading = Drawing.reading(piece.piece, body_json)
          acknowledge(journal.apply(Drawing.placing(piece.piece, reading, body_json), base: nil))
        end

        # The object as it would look with some fields changed; nothing is kept.
        app.post("/api/pieces/:id/look") do
          change = piece.piece.apply(body_json["operation"])
          svg = State.fragments(change.piece)
          before = State.fragments(piece.piece)
          json(svg: svg.reject { |key, value| before[key] == value }, pages: State.skeleton(change.piece))
        end

        # The pages as a phone shows them.
        app.get("/api/pieces/:id/narrow") do
          json(pages: Peony::Scene::Narrow.all(piece.piece).each_with_index.map { |picture, i| Peony::Paint::SVG.paint(picture, prefix: "n#{i}-") })
        end

        # Icons by meaning, as outlines in their own box.
        app.get("/api/icons") do
          set = Peony::Icons::SETS.key?(params["set"]) ? params["set"] : Peony::Icons::DEFAULT
          icons = params["like"] ? Peony::Icons.like(params["like"].to_s[0, 60], set: set) : Peony::Icons::Search.find(params["search"].to_s[0, 200], set: set)
          json(set: set, icons: icons.map { |icon| { name: icon.name, box: icon.box, stroked: icon.stroked?, paths: icon.paths } })
        end

        # An SVG becomes an icon of the piece.
        app.post("/api/pieces/:id/icon") do
          icon = Peony::Icons::Own.clean(request.body&.read.to_s).merge("title" => File.basename(params["name"].to_s, ".*")[0, 80])
          @body_json = { "tab" => params["tab"] }
          acknowledge(journal.apply({ "op" => "icon.add", "icon" => icon }, base: nil))
        end

        app.get("/api/forms") { json(forms: Peony::Figures::Search.forms(params["search"].to_s[0, 200])) }

        # Every form in one finish, or one form in all finishes and sizes.
        app.get("/api/specimen") do
          house = Peony::Style.fetch(params["style"] || "Dome")
          samples = params["form"] ? Peony::Figures::Specimen.form(params["form"], house) : Peony::Figures::Specimen.forms(house, params["finish"] || house.finish)
          json(surface: house.colour("surface"), samples: samples.map { |sample| Drawing.sample(sample, house) })
        end

        app.post("/api/pieces/:id/forms") do
          _, object = piece.piece.find(body_json["object"])
          json(forms: Peony::Figures::Looks.of(object, piece.piece.house).map { |look| Drawing.look(look, piece.piece.house) })
        end
      end

      class << self
        # @return [Peony::Reading::Result] of the passage that holds a block, or of the words that are marked
        def reading(piece, body)
          if body["marked"].is_a?(Array) && body["marked"].any?
            marked = body["marked"].map { |m| { "block" => m["block"].to_s, "start" => m["start"].to_i, "end" => m["end"].to_i } }
            return Peony::Reading.of(Peony::Notes::Passage.marked(piece.notes, marked))
          end
          found = Peony::Proof::Readings.of(piece).find { |r| r.passage.blocks.any? { |b| b.id == body["passage"] } }
          found or raise Peony::Error.new("That passage is not there any more.", hint: "Choose another one.")
        end

        def passage(reading, piece)
          ids = reading.passage.blocks.map(&:id)
          drawn = piece.objects.select { |o| (o.dig("passage", "blocks") || []).intersect?(ids) }.map { |o| o["id"] }
          { id: reading.passage.id, heading: reading.title, blocks: ids, drawn: drawn,
            families: reading.findings.map { |f| { family: f.family, fit: f.fit, reason: f.reason } }, silence: reading.silence,
            corrected: !Peony::Reading::Correction.of(reading.passage, piece.data["readings"]).nil?, items: reading.items.map { |i| refs(reading, i) },
            derived: reading.derived.map { |d| d.to_h.slice(:value, :unit, :working) },
            quantities: reading.quantities.map { |q| q.to_h.slice(:text, :value, :unit) },
            queries: reading.queries.map { |q| query(reading, piece, q) } }
        end

        # A contradiction, and what a person answered to it.
        def query(reading, piece, query)
          answer = (piece.data["accepted"] || []).find { |a| a["check"] == "numbers" && a["state"] == query.working }
          { message: query.message, working: query.working, refs: reading.passage.refs(query.from, query.to), answer: answer && answer["reason"] }
        end

        def refs(reading, item)
          threads = item.spans.flat_map { |span| reading.passage.refs(span.from, span.to) }
          { title: item.title, detail: item.detail, value: item.value, unit: item.unit, date: item.date, refs: threads }
        end

        def proposal(proposal, house)
          picture = Peony::Figures.picture(proposal.drawing, house, title: proposal.title, ground: false)
          { form: proposal.form, title: proposal.title, family: proposal.family, fit: proposal.fit, reason: proposal.reason, heading: proposal.heading, items: proposal.items,
            cuts: proposal.drawing.cuts.size, svg: Peony::Paint::SVG.paint(picture) }
        end

        # The operation that puts a form of a reading on a page.
        def placing(piece, reading, body)
          object = Peony::Piece::Placing.figure(piece, reading, form: body["form"], family: body["family"]).merge("id" => "f#{Store::Pieces.name(6)}")
          Peony::Piece::Placing.operation(piece, object, page: body["page"] || piece.pages.last["id"], fresh: "p#{Store::Pieces.name(5)}")
        end

        def sample(sample, house)
          sample.to_h.slice(:form, :title, :family, :note, :objection)
                .merge(svg: sample.drawing && Peony::Paint::SVG.paint(Peony::Figures.picture(sample.drawing, house, ground: false)))
        end

        def look(look, house)
          look.facts.to_h.slice(:form, :title, :family, :sees)
              .merge(objection: look.objection, svg: look.drawing && Peony::Paint::SVG.paint(Peony::Figures.picture(look.drawing, house, ground: false)))
        end
      end
    end
  end
end
