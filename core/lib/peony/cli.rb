# frozen_string_literal: true

require "thor"

module Peony
  # The command line. Exit 0 on success, 1 with one plain sentence for bad input, 2 for wrong usage.
  class CLI < Thor
    package_name "peony"
    class_option :json, type: :boolean, desc: "JSON Lines"

    # @return [Integer] exit status
    def self.run(args)
      start(args, debug: true)
      0
    rescue Thor::Error => e
      warn e.message.lines.first
      2
    rescue Error => e
      warn e.full
      1
    rescue Errno::ENOENT, Errno::EACCES, Errno::EISDIR => e
      warn "That file cannot be opened or written: #{e.message.split(' @ ').last}."
      1
    rescue JSON::ParserError
      warn "This file is not JSON."
      1
    end

    def self.exit_on_failure? = true

    desc "read FILE...", "what Peony finds in texts"
    method_option :each, type: :boolean, desc: "one object for each passage"
    def read(*files)
      raise Thor::Error, "peony read needs a file." if files.empty?

      files.each do |file|
        document = Notes.open(file)
        passages = options[:each] ? Reading::Passages.of(document) : [Notes::Passage.whole(document)]
        Reading::Kept.all(passages).each { |reading| say_line(Output::Readings.hash(file, reading, within_file: !options[:each])) }
      end
    end

    desc "outline FILE", "the document as Notes sees it"
    def outline(file)
      document = Notes.open(file)
      blocks = document.blocks.reject(&:table).map { |b| { type: b.type, level: b.level, ordered: b.ordered, text: b.text }.compact }
      say_line(file: file, title: document.title, blocks: blocks, tables: document.tables.map { |t| { columns: t.columns, rows: t.rows.size } })
    end

    desc "table FILE", "what Peony finds in a table: columns, findings, charts"
    method_option :sheet, type: :string
    def table(file)
      say_line(Output::Tables.hash(file, options[:sheet]))
    end

    desc "charts", "the charts a table can take"
    def charts
      Charts::Chart.members.each_value { |chart| say_line(chart.facts.to_h.slice(:chart, :family, :sees, :title, :reason)) }
    end

    desc "meters", "pictures of one value or a few"
    def meters
      Figures::Form.members.each_value do |form|
        say_line(meter: form.facts.form, **form.facts.to_h.slice(:family, :least, :most, :sees, :title, :reason)) if form.facts.family == "ratio"
      end
    end

    desc "new FILE", "a whole piece made from a document"
    method_option :kind, type: :string, default: "infographic"
    method_option :style, type: :string, default: "Dome"
    method_option :composition, type: :string, default: "spine", desc: "spine, lead or ledger"
    method_option :out, aliases: "-o", type: :string, required: true
    def new(file)
      document = Notes.open(file)
      title = document.title.empty? ? File.basename(file, ".*") : document.title
      blank = Piece.blank(title: title[0, 200], kind: options[:kind], style: options[:style])
      piece = Piece.new(blank.data.merge("notes" => document.blocks.map(&:to_h)))
      count = 0
      draft = Piece::Composing.draft_of(piece, options[:composition], ids: ->(prefix) { "#{prefix}n#{count += 1}" })
      made = piece.apply(draft.operation).piece
      Piece::Schemas.check(made.data)
      File.write(options[:out], "#{JSON.pretty_generate(made.data)}\n")
      say_line(file: options[:out], pages: made.pages.size, figures: draft.figures)
    end

    desc "forms", "the forms a figure can take"
    def forms
      Figures::Form.members.each_value { |form| say_line(form.facts.to_h.slice(:form, :family, :least, :most, :sees, :title, :also, :reason)) }
    end

    desc "finishes", "how a form can be drawn"
    def finishes
      Figures::Finish.members.each_value { |finish| say_line(finish: finish.name, sees: finish.sees) }
    end

    desc "styles", "the house styles that ship"
    def styles
      Style.all.each_value { |house| say_line(house.to_h) }
    end

    desc "specimen", "every form in one finish on one sheet"
    method_option :style, type: :string, default: "Dome"
    method_option :finish, type: :string
    method_option :across, type: :numeric, default: 6
    method_option :scale, type: :numeric, default: 1
    method_option :out, aliases: "-o", type: :string, required: true
    def specimen
      house = Style.fetch(options[:style])
      picture = Figures::Specimen.sheet(house, options[:finish] || house.finish, across: options[:across].clamp(1, 12))
      File.binwrite(options[:out], Paint.file([picture], File.extname(options[:out]).delete("."), scale: options[:scale]))
      say_line(file: options[:out], width: picture.width, height: picture.height)
    end

    desc "schema", "JSON Schemas of pieces and operations"
    def schema
      say_line(piece: Piece::Schemas::DOCUMENT, operation: Piece::Operation.all_schemas)
    end

    desc "draw [FILE]", "the best figure of a text or a table, or the named one"
    method_option :form, type: :string
    method_option :chart, type: :string
    method_option :sheet, type: :string
    method_option :finish, type: :string
    method_option :style, type: :string, default: "Dome"
    method_option :size, type: :string, default: "1080x1080"
    method_option :scale, type: :numeric, default: 1
    method_option :transparent, type: :boolean
    method_option :batch, type: :string, desc: "a file of jobs, JSON Lines"
    method_option :format, type: :string, default: "svg"
    method_option :out, aliases: "-o", type: :string, required: true
    def draw(file = nil)
      return Output::Batch.run(options[:batch], options[:out], options[:format]) { |line| puts JSON.generate(line) } if options[:batch]
      raise Thor::Error, "peony draw needs a file or --batch." unless file

      Output::Single.run(file, options)
    end

    desc "proof PIECE", "the remarks on a piece"
    def proof(file)
      Proof.of(Piece.parse(File.read(file))).remarks.each { |remark| say_line(remark.to_h) }
    end

    desc "export PIECE", "a piece as a file"
    method_option :page, type: :numeric
    method_option :scale, type: :numeric, default: 1
    method_option :transparent, type: :boolean
    method_option :out, aliases: "-o", type: :string, required: true
    def export(file)
      piece = Piece.parse(File.read(file))
      pictures = Scene::Pages.all(piece, ground: !options[:transparent], number: options[:page])
      File.binwrite(options[:out], Paint.file(pictures, File.extname(options[:out]).delete("."), scale: options[:scale]))
    end

    no_commands do
      def say_line(hash) = puts(options[:json] ? JSON.generate(hash) : Output::Plain.text(hash))
    end
  end
end
