# frozen_string_literal: true

module Peony
  class Piece
    # Base of the compositions: ways to lay a whole document out on pages. One file each in compositions/.
    #
    #   class Spine < Composition
    #     composition "spine", title: "Spine", sees: "title, then figures down a column"
    #     def flow = ...
    #   end
    class Composition
      extend Registry

      # Heights that are tried for a figure, in shares of its width.
      HEIGHTS = [0.2, 0.28, 0.36, 0.46, 0.58, 0.72, 0.9, 1.1].freeze
      # px of the smallest letters at 1080 px width that are large enough.
      LEGIBLE = 17

      # No figure grows by more than this to fill its page.
      MOST_GROWN = 1.4
      # Less room than this share of the height holds no figure.
      ENOUGH = 0.13

      members_in "piece/compositions"

      class << self
        attr_reader :name_of, :title, :sees

        # @param name [String]
        # @param sees [String] what one sees, in plain words
        def composition(name, title:, sees:)
          @name_of = name
          @title = title
          @sees = sees
          Composition.register(name, self)
        end
      end

      # @param piece [Piece] its size, style and notes; its pages are not looked at
      # @param picks [Array<Picks::Pick>] what is drawn
      # @param ids [#call] gives a fresh id for a prefix
      def initialize(piece, picks, ids)
        @piece = piece
        @picks = picks
        @ids = ids
        @pages = []
        @rows = []
      end

      # @return [Array<Hash>] pages with their objects
      def pages
        turn
        title
        flow
        balance
        grow
        spread
        source
        @pages.reject { |page| page["objects"].empty? }
      end

      private

      attr_reader :piece, :picks

      def flow = raise(NotImplementedError)

      def unit = Layout.unit(piece)
      def edge = Layout.margin(piece)
      def width = piece.width - (edge * 2)
      def bottom = piece.height - edge - (40 * unit)
      def gap = 44 * unit
      def landscape? = piece.width > piece.height * 1.15
      def page = @pages.last
      def room = bottom - @y

      def turn
        @pages << { "id" => @ids.call("p"), "ground" => "surface", "objects" => [] }
        @rows << []
        @y = edge
      end

      # What was put on the page from that object on stands together: a row, which goes to another page as one.
      def row_from(index) = @rows.last << page["objects"][index..]

      # The notes name a piece that nobody has named.
      def called = piece.title == UNTITLED && !piece.notes.title.empty? ? piece.notes.title : piece.title

      def title
        text(called, "title", edge, width)
        lead = Picks.lead(piece)
        text(lead, "lead", edge, [width, 760 * unit].min) if lead
        @y += gap * 0.3
        open_slide if landscape?
      end

      # A page of its own: title and lead a little above the middle.
      def open_slide
        down = [((piece.height - @y) * 0.42) - (edge * 0.5), 0].max
        page["objects"].each { |object| object["box"][1] = (object["box"][1] + down).round(1) }
        turn
      end

      # @return [Float] the height it takes
      def text(words, role, x, wide, advance: true, y: @y, size: nil)
        object = { "id" => @ids.call("t"), "type" => "text", "text" => words, "role" => role, "size" => size, "box" => [x.round(1), y.round(1), wide.round(1), 20] }.compact
        Layout.settle(piece, object)
        page["objects"] << object
        @y += object["box"][3] + (gap * 0.4) if advance
        object["box"][3]
      end

      # Puts a figure at a place, drawn in to the room it needs.
      # @return [Float, nil] the height it takes; nil when it does not fit there
      def figure(pick, x, y, wide, high, heading: true, large: false)
        return nil if high < 110

        object = pick.object.merge("id" => @ids.call("f"))
        object = object.except("heading") unless heading
        whole = (landscape? || large) && look(object, [x, y, wide, high])
        tall, @smallest, @cuts = whole ? [high, LEGIBLE * unit, 0] : fitting(object, x, y, wide, high)
        return nil unless tall

        box = Layout.snug(piece, object, [x, y, wide, tall].map { |v| v.round(1) })
        page["objects"] << object.merge("box" => box)
        box[3]
      end

      # The least height at which the figure is as complete as at any greater one, and its letters are large enough.
      # @return [Array(Float, Float, Integer), nil] that height, its smallest letters, px, and how many of its texts are cut; nil when it holds at none
      def fitting(object, x, y, wide, high)
        flattest = object["form"] ? Figures::Form.fetch(object["form"]).flattest : 0
        tried = HEIGHTS.select { |share| share >= flattest }.map { |share| wide * share }.select { |h| h.between?(110, high) }.push(high).uniq.filter_map { |h| look(object, [x, y, wide, h]) }
        best = tried.max_by { |t| [-t[:cuts], t[:size]] }
        best && tried.find { |t| t[:cuts] == best[:cuts] && t[:size] >= [best[:size], LEGIBLE * unit].min - 0.1 }.values_at(:height, :size, :cuts)
      end

      def look(object, box)
        drawing = Scene::Pages.drawing(piece, object.merge("box" => box.map { |v| v.round(1) }), piece.house.colour("surface"))
        { height: box[3], cuts: drawing.cuts.size, size: Scene::Picture.new(nodes: drawing.nodes).texts.map(&:size).min || 0 }
      rescue Figures::Refusal
        nil
      end

      # No page is left with one figure while the one before it is full: rows go over to it as long as both are filled more alike.
      def balance
        (@pages.size - 1).downto(1) { |at| carry(at) while carry?(at) }
      end

      def carry?(at)
        before = @rows[at - 1]
        return false if before.size < 2 || @rows[at].empty? || landscape?

        after = low(at) + high(before.last) + gap
        rest = before[0..-2].flatten.map { |o| o["box"][1] + o["box"][3] }.max
        # A little more alike is not worth it; and the first page, which is looked at first, does not become the emptier one.
        after <= bottom && (at > 1 || after <= rest) && (rest - after).abs + (piece.height * 0.15) < (low(at - 1) - low(at)).abs
      end

      # The last row of the page before becomes the first.
      def carry(at)
        row = @rows[at - 1].pop
        down = high(row) + gap
        @rows[at].flatten.each { |object| object["box"][1] = (object["box"][1] + down).round(1) }
        up = row.map { |o| o["box"][1] }.min - edge
        row.each { |object| object["box"][1] = (object["box"][1] - up).round(1) }
        @pages[at - 1]["objects"] -= row
        @pages[at]["objects"].unshift(*row)
        @rows[at].unshift(row)
      end

      # Where what stands on a page ends, and how high a row is; px.
      def low(at) = @rows[at].flatten.map { |o| o["box"][1] + o["box"][3] }.max
      def high(row) = row.map { |o| o["box"][1] + o["box"][3] }.max - row.map { |o| o["box"][1] }.min

      # Where much room is left below, figures take some of it.
      def grow
        return if landscape?

        @rows.each_with_index do |rows, at|
          left = rows.empty? ? 0 : bottom - low(at)
          stretch(rows, [1 + (left * 0.8 / (low(at) - edge)), MOST_GROWN].min) if left > piece.height * 0.15
        end
      end

      def stretch(rows, factor)
        down = 0
        rows.each do |row|
          before = high(row)
          row.each do |object|
            object["box"][1] = (object["box"][1] + down).round(1)
            object["box"] = grown(object, factor) if object["type"] == "figure"
          end
          down += high(row) - before
        end
      end

      # Some forms do not hold in a taller box (the words of a narrow part find no room): then it stays as it is.
      def grown(object, factor)
        box = Layout.snug(piece, object, [*object["box"].first(3), (object["box"][3] * factor).round(1)])
        now, before = [box, object["box"]].map { |b| look(object, b) }
        now && (before.nil? || now[:cuts] <= before[:cuts]) ? box : object["box"]
      end

      # Room that is left on a page goes between its rows; the last page keeps it below.
      def spread
        @rows[0..-2].each_with_index do |rows, at|
          left = bottom - (low(at) || bottom)
          next if rows.size < 2 || left <= 0

          # Under the title stands the first row of the first page.
          title = at.zero? ? 1 : 0
          extra = [left / (rows.size - 1 + title), gap * 1.4].min
          rows.each_with_index { |row, i| row.each { |o| o["box"][1] = (o["box"][1] + (extra * (i + title))).round(1) } }
        end
      end

      # A figure in the column from @y on; on a new page where it does not fit.
      # @param large [Boolean] whether it takes more room than it needs
      def place(pick, x: edge, wide: width, large: false)
        most = wide * (large ? 0.56 : 1.6)
        high = figure(pick, x, @y, wide, [room, most].min, large: large) if room > piece.height * ENOUGH
        # What is cut in little room is whole on the next page.
        if high && @cuts.positive? && room < piece.height * 0.3
          page["objects"].pop
          high = nil
        end
        unless high
          turn
          high = figure(pick, x, @y, wide, [room, most].min, large: large)
        end
        row_from(-1) if high
        @y += high + gap if high
        high
      end

      def source
        words = "Source: #{over_all || called}"
        text(words, "source", edge, width, advance: false, y: piece.height - edge - (22 * unit))
      end

      # @return [String, nil] the heading that stands over all others: where they are of one level, the first is none of the whole
      def over_all
        first, *others = piece.notes.blocks.select(&:heading?)
        first.text if first && others.all? { |heading| heading.level.to_i > first.level.to_i }
      end
    end
  end
end
