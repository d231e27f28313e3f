# frozen_string_literal: true

RSpec.describe Peony::Reading::Beside do
  # What is stubbed is to hold in the other process too, so each begins its own.
  before do
    described_class.stop
    allow(Etc).to receive(:nprocessors).and_return(2)
  end

  after { described_class.stop }

  let(:own) { Process.pid }
  let(:passages) do
    paragraphs = Array.new(16) { |i| "## Part #{i}\n\nFirst, rinse the #{i + 3} jars. Then boil them for ten minutes. Fill them to the brim. Close them while they are hot.\n" }
    Peony::Reading::Passages.of(Peony::Notes.parse(paragraphs.join("\n"), ".md"))
  end

  def told(results) = results.map { |r| Peony::Output::Readings.hash("x.md", r, within_file: false) }
  def one_by_one = told(passages.map { |p| Peony::Reading.of(p) })

  # @yieldparam passage [Peony::Notes::Passage] what only the other process is to read so
  def over_there
    here = own
    allow(Peony::Reading).to(receive(:of).and_wrap_original { |read, passage| Process.pid == here ? read.call(passage) : yield(read, passage) })
  end

  def none_left = expect { Process.wait(-1, Process::WNOHANG) }.to(raise_error(Errno::ECHILD))

  it "gives the same readings in the same order as reading one after the other, in one process that stays" do
    expect(Peony::Reading::Reader).to receive(:new).once.and_call_original
    expect(told(described_class.of(passages))).to eq(one_by_one)
    expect(told(described_class.of(passages.reverse)).reverse).to eq(one_by_one)
  end

  it "lets the other process read a part of them" do
    described_class.of(passages)
    here = 0
    allow(Peony::Reading).to(receive(:of).and_wrap_original do |read, passage|
      here += 1
      read.call(passage)
    end)
    described_class.of(passages)
    expect(here).to be_between(1, 15)
  end

  it "reads the passages that were asked for, so that a correction finds them" do
    results = described_class.of(passages)
    expect(results.map(&:passage)).to all(be_a(Peony::Notes::Passage))
    expect(results.map { |r| r.passage.object_id }).to eq(passages.map(&:object_id))
  end

  it "begins no other process for a few lines" do
    expect(Peony::Reading::Reader).not_to receive(:new)
    expect(described_class.of(passages.first(2)).size).to eq(2)
  end

  it "reads everything here where there is one processor" do
    allow(Etc).to receive(:nprocessors).and_return(1)
    expect(Peony::Reading::Reader).not_to receive(:new)
    expect(described_class.of(passages).size).to eq(16)
  end

  it "reads here what the other process fails at" do
    over_there { raise ArgumentError, "cannot be read" }
    expect(told(described_class.of(passages))).to eq(one_by_one)
  end

  it "reads here what the other process had in hand when it ended" do
    over_there { |read, passage| passage.heading == "Part 14" ? exit!(1) : read.call(passage) }
    expect(told(described_class.of(passages))).to eq(one_by_one)
  end

  it "begins another where the process has ended meanwhile" do
    described_class.of(passages)
    Process.kill(:KILL, described_class.reader.instance_variable_get(:@pid))
    sleep 0.05
    expect(told(described_class.of(passages))).to eq(one_by_one)
    expect(told(described_class.of(passages))).to eq(one_by_one)
  end

  it "does not wait for a process that never answers" do
    stub_const("Peony::Reading::Beside::PATIENCE", 0.2)
    over_there { sleep }
    expect(told(described_class.of(passages))).to eq(one_by_one)
  end

  it "hands over passages and takes answers that no pipe holds at once" do
    many = Peony::Reading::Passages.of(Peony::Notes.parse(Array.new(12) { |i| "## Part #{i}\n\nRinse the jars.\n\n#{"- jar\n" * 2000}" }.join("\n\n"), ".md"))
    here = own
    read = Peony::Reading.of(passages.first)
    allow(Peony::Reading).to(receive(:of) { Peony::Reading::Result.new(**read.to_h, silence: Process.pid == here ? nil : "x" * 200_000) })
    results = described_class.of(many)
    expect(results.size).to eq(many.size)
    expect(results.count { |r| r.silence.to_s.size == 200_000 }).to be_positive
  end

  it "reads everything here where no other process can be begun" do
    allow(Peony::Reading::Reader).to receive(:new).and_raise(Errno::EAGAIN)
    expect(described_class.of(passages).size).to eq(16)
  end

  it "reads for one at a time; who comes meanwhile reads alone" do
    results = Array.new(2) { Thread.new { told(described_class.of(passages)) } }.map(&:value)
    expect(results).to all(eq(one_by_one))
  end

  it "is ready before anything is asked: the process is there, and knows all kinds of passages" do
    seen = []
    allow(Peony::Reading).to(receive(:of).and_wrap_original { |read, passage| read.call(passage).tap { |result| seen << result.best&.family } })
    described_class.ready
    expect(Peony::Reading::Reader).not_to receive(:new)
    expect(described_class.reader).to be_own
    expect(seen.compact.uniq.size).to be > 8
  end

  it "keeps no connection open that is ended here" do
    from, to = IO.pipe
    described_class.reader
    to.close
    expect(from.wait_readable(5) && from.read).to eq("")
  end

  it "leaves no process behind, not even where its own part fails" do
    here = own
    allow(Peony::Reading).to(receive(:of).and_wrap_original { |read, passage| Process.pid == here && passage.heading == "Part 3" ? raise(IOError, "gone") : read.call(passage) })
    expect { described_class.of(passages) }.to raise_error(IOError)
    none_left
  end

  it "leaves no process behind" do
    described_class.of(passages)
    described_class.stop
    none_left
  end
end
