# frozen_string_literal: true

RSpec.describe Peony::Tables::Bringing do
  let(:piece) { Peony::Piece.blank(title: "Quill", kind: "infographic") }
  let(:ids) { ("a".."z").each.then { |letters| ->(prefix) { "#{prefix}#{letters.next}00000" } } }

  def apply(piece, operations) = operations.reduce(piece) { |now, operation| now.apply(operation).piece }

  def sheet(name, *rows) = Peony::Tables::Sheet.new(name: name, rows: rows)

  it "calls one sheet by the file, several by the file and their own names, and numbers what is taken" do
    one = sheet("Sheet1", %w[Night Visitors], %w[Monday 40], %w[Tuesday 61])
    two = sheet("Costs", %w[Thing Price], %w[Lamp 4], %w[Oil 2])
    now = apply(piece, described_class.operations(piece, [one], "nights", ids: ids))
    now = apply(now, described_class.operations(now, [one], "nights", ids: ids))
    now = apply(now, described_class.operations(now, [one, two], "book", ids: ids))
    expect(now.data["tables"].map { |t| t["name"] }).to eq ["nights", "nights 2", "book: Sheet1", "book: Costs"]
  end

  it "refuses a sheet of names alone, and one that is too large" do
    expect { described_class.operations(piece, [sheet("x", %w[Night Visitors])], "x", ids: ids) }.to raise_error(Peony::Error, /no rows/)
    huge = sheet("x", %w[Night Visitors], *Array.new(900) { ["n" * 10_000, "1"] })
    expect { described_class.operations(piece, [huge], "x", ids: ids) }.to raise_error(Peony::Error, /more than 8 MB/)
  end

  describe "a document's tables" do
    let(:document) do
      Peony::Notes.parse(<<~WORDS, ".md")
        # Season report

        ## Visitors

        | Month | Visitors |
        |---|---|
        | May | 410 |
        | June | 380 |

        ## Who has the keys

        | Name | Key |
        |---|---|
        | Ann | shed |
        | Bob | dome |

        ## Visitors

        | Month | Visitors |
        |---|---|
        | July | 520 |
        | August | 610 |
      WORDS
    end

    it "come as tables where they hold numbers, called by the heading above them" do
      now = apply(piece, described_class.of_document(piece, document, ids: ids))
      expect(now.data["tables"].map { |t| t["name"] }).to eq ["Visitors", "Visitors 2"]
      expect(Peony::Tables::Kept.of(now.data["tables"][1]).table.columns[1].values).to eq [520, 610]
    end

    it "leave room for no more than a piece may hold" do
      full = apply(piece, Array.new(39) { |i| { "op" => "table.add", "table" => { "id" => "t#{i}aaaaa", "name" => "T#{i}", "cells" => "a,b\n1,2\n3,4\n" } } })
      expect(apply(full, described_class.of_document(full, document, ids: ids)).data["tables"].size).to eq 40
    end

    it "are called by what their columns tell where no heading stands above them" do
      letter = Peony::Notes.parse("Dear friends,\n\n| Month | Visitors | Ice days |\n|---|---|---|\n| November | 310 | 0 |\n| December | 190 | 9 |\n", ".md")
      expect(described_class.of_document(piece, letter, ids: ids).map { |made| made["table"]["name"] }).to eq ["Visitors, Ice days"]
    end
  end
end
