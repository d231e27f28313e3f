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
          json(passage: Drawing.passage(reading, piece.piece), proposals: proposals.map { |p| Drawing.proposal(p, piece.piece.house) })
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

        app.post("/api/pieces/:id/forms") do
          _, object = piece.piece.find(body_json["object"])
          items = Peony::Figures.items(object["items"] || [])
          json(forms: Drawing.forms(piece.piece, object, items))
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
          { id: reading.passage.id, heading: reading.passage.heading, blocks: ids, drawn: drawn, derived: reading.derived.map(&:to_h),
            families: reading.findings.map { |f| f.to_h.slice(:family, :fit, :reason) }, items: reading.items.map { |i| refs(reading, i) },
            quantities: reading.quantities.map { |q| q.to_h.slice(:text, :value, :unit) },
            queries: reading.queries.map { |q| { message: q.message, working: q.working, refs: reading.passage.refs(q.from, q.to) } } }
        end

        def refs(reading, item) = { title: item.title, refs: item.spans.flat_map { |s| reading.passage.refs(s.from, s.to) } }

        def proposal(proposal, house)
          picture = Peony::Figures.picture(proposal.drawing, house, title: proposal.title, ground: false)
          { form: proposal.form, title: proposal.title, family: proposal.family, fit: proposal.fit, reason: proposal.reason, heading: proposal.heading, items: proposal.items,
            cuts: proposal.drawing.cuts.size, svg: Peony::Paint::SVG.paint(picture) }
        end

        # The operation that puts a form of a reading on a page, in the room that is free there, or on a new page.
        def placing(piece, reading, body)
          facts = Peony::Figures::Form.fetch(body["form"]).facts
          finding = reading.finding(body["family"] || facts.family) || reading.best or raise Peony::Error.new(
            "There is nothing to draw in these words.", hint: "Mark more of them."
          )
          items = finding.items.each_with_index.map { |item, i| Peony::Figures::Proposals.kept(item, i, reading.passage) }
          object = figure(piece, reading, facts, finding, items)
          page = piece.pages.find { |p| p["id"] == body["page"] } || piece.pages.last
          box = body["page"] == "new" ? nil : Peony::Piece::Layout.free_box(piece, page, share: share(facts, items))
          if box
            return { "op" => "object.add", "page" => page["id"],
                     "object" => object.merge("box" => Peony::Piece::Layout.snug(piece, object, box)) }
          end

          fresh = { "id" => "p#{Store::Pieces.name(5)}", "ground" => "surface", "objects" => [] }
          object["box"] = Peony::Piece::Layout.snug(piece, object, Peony::Piece::Layout.free_box(piece, fresh, share: share(facts, items)))
          { "op" => "batch",
            "operations" => [{ "op" => "page.add", "page" => fresh }, { "op" => "object.add", "page" => fresh["id"], "object" => object }] }
        end

        def figure(piece, reading, facts, finding, items)
          blocks = reading.passage.blocks.map(&:id)
          { "id" => "f#{Store::Pieces.name(6)}", "type" => "figure", "form" => facts.form, "family" => finding.family, "heading" => reading.title, "items" => items,
            "passage" => { "blocks" => blocks, "digest" => piece.digest(blocks) } }.compact
        end

        # Tall forms get more height: those that stack their items.
        def share(facts, items)
          stacked = %w[numbered-column ruled-list scaled-line spine].include?(facts.form)
          stacked ? [0.16 * items.size, 0.5].max : 0.58
        end

        # Every form with the figure's own items, small; those that cannot hold them say why.
        def forms(piece, object, items)
          house = piece.house
          family = object["family"] || Peony::Figures::Form.fetch(object["form"]).facts.family
          Peony::Figures::Form.members.values.sort_by do |f|
            [if f.facts.family == family
               0
             else
               (f.facts.also.include?(family) ? 1 : 2)
             end, f.facts.form]
          end.map do |form|
            facts = form.facts
            objection = form.objection(items)
            drawing = if objection
                        nil
                      else
                        Peony::Figures.draw(facts.form, object["items"], house: house, width: 480, height: 340,
                                                                         colour: object["colour"] || "accent-1")
                      end
            { form: facts.form, title: facts.title, family: facts.family, sees: facts.sees, objection: objection,
              svg: drawing && Peony::Paint::SVG.paint(Peony::Figures.picture(drawing, house, ground: false)) }
          rescue Peony::Figures::Refusal => e
            { form: facts.form, title: facts.title, family: facts.family, sees: facts.sees, objection: e.message, svg: nil }
          end
        end
      end
    end
  end
end
