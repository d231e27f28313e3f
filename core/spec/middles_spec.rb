# frozen_string_literal: true

# What a figure is headed by where the passage has no heading: the thing in the middle, and what the causes lead to.
RSpec.describe "Headings from running text" do
  include WordsRead

  def middle(words) = Peony::Reading::Middles.of(text(words).sentences)
  def effect(words) = Peony::Reading::WhatCameOfIt.of(text(words).sentences)

  {
    "Nothing at the fair works without the white tent, and its owner knows that." => "The white tent",
    "If the rescue team has a heart it is the kettle in the back of the van." => "The kettle",
    "Everything in Stangle leans on the crane, and has done since the quarry shut." => "The crane",
    "What the new square is for became clear in its first week." => "The new square",
    "Sefa's workbench at the museum is the size of a door." => "Sefa's workbench",
    "If you want to understand the lower village, start with the pump." => "The pump",
    "Nobody has ever counted them." => nil
  }.each { |words, wanted| it("finds the middle: #{words}") { expect(middle(words)).to eq(wanted) } }

  {
    "Why did nobody come to the open day? Let me count the ways." => "Why did nobody come to the open day?",
    "Why the wash came out grey: too much in the drum, water too cold." => "Why the wash came out grey",
    "People have wondered why the town clock strikes thirteen at one." => "Why the town clock strikes thirteen at one",
    "It was not the baker's fault that the bread ran out on Sunday, although he has had letters." => "The bread ran out on Sunday",
    "It rained all night." => nil
  }.each { |words, wanted| it("finds what came of it: #{words}") { expect(effect(words)).to eq(wanted) } }

  it "heads the figure, but not where the passage has a heading of its own" do
    words = "Why did the bus stop running? The driver left in May. The road was closed for a month. Nobody paid, because the machine was broken."
    expect(found("cause", words).heading).to eq("Why did the bus stop running?")
    expect(found("cause", "## The bus\n\n#{words}").heading).to be_nil
  end

  it "ends no event with what only leads to its date" do
    words = "In January we sow the onions. By the middle of March the tunnels are full. The spring fair is on 4 May. From June to August we water."
    expect(titles("timeline", words)).to include("The spring fair")
  end

  it "leaves the date and the title out of what a timeline says besides" do
    words = "It was built for railwaymen in 1898, twelve doors in a line. In 1931 the railway went. During the spring of 1967 four tenants sat on the roofs. " \
            "Work began in April 1971, and it ended in August of the year after."
    items = found("timeline", words).items
    expect(items.map(&:date)).to eq(["1898", "1931", "spring of 1967", "April 1971", "August of the year after"])
    expect(items.map(&:detail).join(" ")).not_to match(/1898|1931|1967/)
  end
end
