# frozen_string_literal: true

module Peony
  # One work as a value: a JSON document that only operations change.
  class Piece
    # What an operation did: the new piece, the operation that takes it back, and the ids it touched.
    Change = Struct.new(:piece, :inverse, :touched, keyword_init: true)

    VERSION = 1
    # Kinds that ship, with their size in px and how the person measures them.
    # Tables that one piece holds, as its schema says.
    MOST_TABLES = 40

    KINDS = {
      "infographic" => { title: "Portrait infographic", width: 1080, height: 1920, unit: "px" },
      "square" => { title: "Square picture", width: 1080, height: 1080, unit: "px" },
      "wide" => { title: "Wide picture", width: 1200, height: 628, unit: "px" },
      "slide" => { title: "Slide 16:9", width: 1280, height: 720, unit: "px" },
      "slide-4-3" => { title: "Slide 4:3", width: 1024, height: 768, unit: "px" },
      "a4" => { title: "Page A4", width: 793.7, height: 1122.52, unit: "mm" },
      "a3" => { title: "Page A3", width: 1122.52, height: 1587.4, unit: "mm" },
      "own" => { title: "Own size", width: 1000, height: 1000, unit: "px" }
    }.freeze

    attr_reader :data

    # What a piece is called until somebody gives it a name.
    UNTITLED = "New piece"

    # @param data [Hash] a document as in schema/piece.json
    def initialize(data)
      @data = data
    end

    # @param title [String]
    # @param kind [String] one of {KINDS}
    # @param size [Hash, nil] own width, height and unit
    # @return [Piece] empty, with one page
    def self.blank(title:, kind: "infographic", size: nil, style: "Dome", lang: "en")
      shape = KINDS.fetch(kind) { raise Error.new("There is no kind of piece called “#{kind}”.", hint: "There are: #{KINDS.keys.join(', ')}.") }
      size ||= { "width" => shape[:width], "height" => shape[:height], "unit" => shape[:unit] }
      data = { "peony" => VERSION, "title" => title, "kind" => kind, "lang" => lang, "size" => size, "notes" => [], "style" => { "name" => style },
               "pages" => [{ "id" => "p1", "ground" => "surface", "objects" => [] }] }
      Schemas.check(data)
      new(data)
    end

    # @param text [String] JSON of a piece
    # @return [Piece]
    # @raise [Peony::Error]
    def self.parse(text)
      data = JSON.parse(text)
      raise Error.new("This is not a Peony piece.", hint: "Choose a file that ends in .peony.") unless data.is_a?(Hash) && data["peony"]

      Schemas.check(data)
      new(data)
    rescue JSON::ParserError
      raise Error.new("This is not a Peony piece.", hint: "Choose a file that ends in .peony.")
    end

    # @param operation [Hash] {"op" => name, ...}
    # @return [Change]
    # @raise [Peony::Error] when the operation is not known, is malformed or does not fit; the piece is as before
    def apply(operation) = Operation.fetch(operation["op"]).run(self, operation)

    def title = data["title"]
    def pages = data["pages"]
    def width = data["size"]["width"].to_f
    def height = data["size"]["height"].to_f

    def house
      return Style.resolve(data["style"]) unless data["icons"]

      @house ||= Style.resolve(data["style"]).with(own: data["icons"].to_h { |i| [i["name"], Icons::Own.icon(i)] })
    end

    def notes = @notes ||= Notes.from(data["notes"])

    # @return [Hash] the page with this id
    def page(id) = pages.find { |p| p["id"] == id } || missing("page")

    # @return [Array(Hash, Hash)] the page and the object with this id
    def find(id)
      pages.each { |page| page["objects"].each { |object| return [page, object] if object["id"] == id } }
      missing("object")
    end

    # @return [Hash] the table with this id
    def table(id) = (data["tables"] || []).find { |t| t["id"] == id } || missing("table")

    # @return [Array<Hash>] all objects of all pages
    def objects = pages.flat_map { |page| page["objects"] }

    # @return [String]
    def to_json(*) = JSON.generate(data)

    # The words of blocks as they stand now, to tell whether a figure's passage changed.
    # @return [String, nil] nil when one of the blocks is gone
    def digest(block_ids)
      texts = block_ids.map { |id| blocks_by_id[id]&.fetch("text") }
      texts.include?(nil) ? nil : Digest::SHA256.hexdigest(texts.join("\n"))[0, 16]
    end

    private

    def blocks_by_id = @blocks_by_id ||= data["notes"].to_h { |b| [b["id"], b] }

    def missing(noun) = raise(Error.new("That #{noun} is not there any more.", hint: "Someone may have removed it; undo brings it back."))
  end
end
