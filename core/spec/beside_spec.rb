# frozen_string_literal: true

RSpec.describe Peony::Reading::Beside do
  before { allow(Etc).to receive(:nprocessors).and_return(2) }

  let(:passages) do
    paragraphs = Array.new(40) { |i| "## Part #{i}\n\nFirst, rinse the #{i + 3} jars. Then boil them for ten minutes. Fill them to the brim. Close them while they are hot.\n" }
    Peony::Reading::Passages.of(Peony::Notes.parse(paragraphs.join("\n"), ".md"))
  end

  def told(results) = results.map { |r| Peony::Output::Readings.hash("x.md", r, within_file: false) }

  it "gives the same readings in the same order as reading one after the other" do
    expect(described_class).to receive(:fork).once.and_call_original
    expect(told(described_class.of(passages))).to eq(told(passages.map { |p| Peony::Reading.of(p) }))
  end

  it "reads the passages that were asked for, so that a correction finds them" do
    results = described_class.of(passages)
    expect(results.map(&:passage)).to all(be_a(Peony::Notes::Passage))
    expect(results.map { |r| r.passage.object_id }).to eq(passages.map(&:object_id))
  end

  it "begins no other process for a page" do
    expect(described_class).not_to receive(:fork)
    expect(described_class.of(passages.first(2)).size).to eq(2)
  end

  it "reads everything here where there is one processor" do
    allow(Etc).to receive(:nprocessors).and_return(1)
    expect(described_class).not_to receive(:fork)
    expect(described_class.of(passages).size).to eq(40)
  end

  it "reads the other half here where the other process ends without an answer" do
    allow(described_class).to receive(:whole).and_raise(ArgumentError, "cannot be handed over")
    expect(told(described_class.of(passages))).to eq(told(passages.map { |p| Peony::Reading.of(p) }))
  end

  it "does not wait for a process that never answers" do
    stub_const("Peony::Reading::Beside::PATIENCE", 0.2)
    allow(described_class).to receive(:whole) { sleep }
    expect(described_class.of(passages).size).to eq(40)
  end

  it "reads everything here where no other process can be begun" do
    allow(described_class).to receive(:fork).and_raise(Errno::EAGAIN)
    expect(described_class.of(passages).size).to eq(40)
  end

  it "leaves no process behind, not even where its own half fails" do
    allow(Peony::Reading).to(receive(:of).and_wrap_original { |read, passage| passage.heading == "Part 3" ? raise(IOError, "gone") : read.call(passage) })
    expect { described_class.of(passages) }.to raise_error(IOError)
    expect { Process.wait(-1, Process::WNOHANG) }.to raise_error(Errno::ECHILD)
  end

  it "leaves no process behind" do
    described_class.of(passages)
    expect { Process.wait(-1, Process::WNOHANG) }.to raise_error(Errno::ECHILD)
  end
end
