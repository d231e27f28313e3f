# frozen_string_literal: true

require "open3"

# A process that writes changes and says each one when it was acknowledged; it is killed without warning.
RSpec.describe "Durability" do
  before { sign_up }

  WRITER = <<~RUBY
    require "./server/boot"
    id = ARGV.first
    journal = PeonyServer::Store::Journal.new(id, tab: "writer")
    (1..).each do |n|
      entry = journal.apply({ "op" => "notes.splice", "at" => 0, "remove" => n == 1 ? 0 : 1,
                              "insert" => [{ "id" => "w", "type" => "paragraph", "text" => "Words number \#{n}" }] })
      $stdout.puts "\#{entry.seq} \#{n}"
      $stdout.flush
    end
  RUBY

  # @return [Array(Integer, Integer)] the last acknowledged sequence number and count
  def kill_after(id, seconds)
    root = File.expand_path("../..", __dir__)
    output, process = Open3.pipeline_r([{ "PEONY_DATA" => DATA }, "bundle", "exec", "ruby", "-e", WRITER, id, { chdir: root }])
    first = output.gets
    sleep seconds
    Process.kill("KILL", process.first.pid)
    lines = [first] + output.read.lines.select { |line| line.end_with?("\n") }
    lines.last.split.map(&:to_i)
  end

  it "keeps every acknowledged change through a kill, and undo goes on from there" do
    id = make(text: "First words.")
    [0.05, 0.2, 0.4].each do |seconds|
      PeonyServer::Store.close
      before = PeonyServer::Store::Pieces.find(id)
      seq, count = kill_after(id, seconds)
      PeonyServer::Store.close
      after = PeonyServer::Store::Pieces.find(id)
      expect(after.seq).to be >= seq
      expect(after.piece.data["notes"].first["text"][/\d+/].to_i).to be >= count
      replayed = PeonyServer::Store.db[:changes].where(piece_id: id).where(Sequel[:seq] > before.seq).order(:seq).select_map(:operation)
                                   .reduce(before.piece) { |piece, json| piece.apply(JSON.parse(json)).piece }
      expect(replayed.data).to eq after.piece.data
      entry = PeonyServer::Store::Journal.new(id).undo
      expect(entry.after.data["notes"].first["text"]).not_to eq after.piece.data["notes"].first["text"]
      after.piece.data["notes"].size.times { change(id, { op: "notes.splice", at: 0, remove: 1, insert: [] }) if fetch("/api/pieces/#{id}")["piece"]["notes"].any? }
    end
  end

  it "opens an old database again without losing or repeating anything" do
    id = make
    rows = PeonyServer::Store.db[:pieces].count
    2.times do
      PeonyServer::Store.close
      expect(PeonyServer::Store.db[:pieces].count).to eq rows
    end
    expect(PeonyServer::Store.db.fetch("PRAGMA journal_mode").first.values.first).to eq "wal"
    expect(PeonyServer::Store.db.fetch("PRAGMA synchronous").first.values.first).to eq 2
    expect(fetch("/api/pieces/#{id}")["piece"]["title"]).to eq "Trial"
  end

  it "writes nothing at all when a batch fails half-way" do
    id = make
    figure = place(id)
    counts = -> { [PeonyServer::Store.db[:changes].count, PeonyServer::Store.db[:pieces].where(id: id).get(:document)] }
    before = counts.call
    change(id, { op: "batch", operations: [{ op: "object.change", id: figure, set: { colour: "signal" } }, { op: "object.remove", id: "gone" }] })
    expect(last_response.status).to eq 422
    expect(counts.call).to eq before
  end
end
