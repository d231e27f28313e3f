# frozen_string_literal: true

require "engtagger"
require_relative "../core/training/corpus"

module Bench
  # How long it takes to read documents, beside the general-purpose tagger alone on the same words.
  module Reading
    FILES = File.join(ROOT, "core/spec/documents/files")
    TEXTS = Corpus.all.shuffle(random: Random.new(3)).map { |p| "## #{p.id}\n\n#{p.text}\n" }

    module_function

    def run
      # As a server does when it begins.
      Peony::Reading::Beside.ready
      whole(1_500, 8, "300")
      reference(1_500)
      whole(25_000, 3, "4000")
      edit
      files
      compose
    end

    # @return [String] Markdown of about so many words, in passages of all families
    def text(words)
      made = +""
      TEXTS.cycle { |t| return made if (made.split.size >= words && (made << "")) || (made << t).split.size > words }
    end

    def read(document)
      Peony::Reading::Kept.clear
      Peony::Reading::Kept.all(Peony::Reading::Passages.of(document))
    end

    def whole(words, times, bound)
      document = Peony::Notes.parse(text(words), ".md")
      count = document.blocks.sum { |b| b.text.split.size }
      Bench.row("#{count} words read, passage by passage", Bench.runs(times) { read(document) }, bound)
    end

    def reference(words)
      tagger = EngTagger.new
      plain = Peony::Notes.parse(text(words), ".md").blocks.map(&:text).join("\n")
      Bench.row("reference: parts of speech of the same words, tagger alone", Bench.runs(8) { tagger.get_readable(plain) })
    end

    # One word changed in a document of 25,000: only its passage is read again.
    def edit
      data = Peony::Piece.blank(title: "x").data.merge("notes" => Peony::Notes.parse(text(25_000), ".md").blocks.map(&:to_h))
      Peony::Proof::Readings.of(Peony::Piece.new(data))
      times = Array.new(12) do |i|
        changed = data.merge("notes" => data["notes"].map.with_index { |b, at| at == (i * 31) + 1 ? b.merge("text" => "#{b['text']} Once more #{i}.") : b })
        piece = Peony::Piece.new(changed)
        Bench.time { Peony::Proof::Readings.of(piece) }
      end
      Bench.row("readings of 25,000 words after an edit of one passage", Bench.spread(times), "50")
    end

    def files
      Dir[File.join(FILES, "season.*")].each do |file|
        bytes = File.binread(file)
        Bench.row("#{File.extname(file)} of 250 words opened", Bench.runs(8) { Peony::Notes.parse(bytes, File.extname(file)) })
      end
    end

    def compose
      document = Peony::Notes.open(File.join(FILES, "../season.md"))
      piece = Peony::Piece.new(Peony::Piece.blank(title: "x").data.merge("notes" => document.blocks.map(&:to_h)))
      count = 0
      Bench.row("three drafts of a whole piece, six figures each", Bench.runs(5) { Peony::Piece::Composing.drafts(piece, ids: ->(p) { "#{p}#{count += 1}" }) }, "1000")
    end
  end
end
