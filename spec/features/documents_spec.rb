# frozen_string_literal: true

RSpec.describe "A long document" do
  DOCUMENTS = File.expand_path("../../core/spec/documents", __dir__)

  def bring_season(kind = "docx")
    new_piece "A long season"
    bring("season.#{kind}", File.binread(File.join(DOCUMENTS, "files", "season.#{kind}"))) { expect(page).to have_css(".found", text: "How we got here") }
  end

  it "becomes a whole piece in a few clicks, and goes again with one" do
    bring_season
    click_on "Make a piece of it"
    expect(page).to have_css("[role=radio]", count: 3)
    find("[role=radio]", text: "Ledger").click
    click_on "Put it on the pages"
    expect(page).to have_text(/[5-7] figures from your notes are on the pages/)
    expect(drawn).to include("A long season").and(include("Came with a school"))
    click_on "Take it all back"
    expect(page).to have_no_css(".page text", visible: :all)
  end

  it "is read as its lines were typed, and a table of two sides as both of them" do
    new_piece "A new kiln"
    words = "# A new kiln\n\n## What speaks for it\n\n| Pros | Cons |\n|---|---|\n| half the energy | 8,400 euros |\n| more pots | a wider door |\n\n" \
            "## Pupils\n\n2019 46\n2020 18\n2021 31\n2022 52\n"
    bring("kiln.md", words) { expect(page).to have_css(".found", text: "Pupils") }
    stage "Draw"
    expect(page).to have_css(".margin", text: "two sides, 2 against 2")
    expect(page).to have_css(".margin", text: "one quantity at four points in time")
    left = ->(told) { page.evaluate_script("[...document.querySelectorAll('.typeset p')].find(e => e.textContent === arguments[0]).getBoundingClientRect().left", told) }
    expect(left["half the energy"]).to be > left["Pros"]
    find(".margin", text: "two sides").click
    expect(page).to have_css(".proposal svg", text: /more pots/i, visible: :all)
  end

  it "is walked in an outline with tiny pictures; what is drawn is marked, the rest is next" do
    bring_season("pdf")
    stage "Draw"
    click_on "Outline"
    expect(page).to have_css(".entry .tiny-picture svg", minimum: 5)
    find(".entry", text: "Who came").click
    expect(page).to have_css("h2", text: /four shares/i)
    click_on "Put on the page"
    expect(page).to have_css(".entry.now", text: "on the page")
    expect(page).to have_css(".sum", text: "still to draw")
    click_on "Next undrawn"
    expect(page).to have_css(".entry.now", text: "How an evening runs")
    expect(page).to have_css(".entry.silent", text: /thanks/i)
    expect(axe_faults).to eq []
  end

  it "lets a reading be put right where it stands" do
    bring_season
    stage "Draw"
    click_on "Outline"
    find(".entry", text: "How an evening runs").click
    click_on "Put the reading right"
    within(".reading") { expect(page).to have_css("ol input", count: 5) }
    within(".reading ol li:nth-child(1)") { click_on "Merge with the next" }
    within(".reading") { expect(page).to have_css("ol input", count: 4) }
    first = find(".reading ol li:nth-child(2) input")
    first.fill_in with: "Say hello"
    first.send_keys(:enter)
    expect(page).to have_css(".picture text", text: "Say hello")
    select "Cycle", from: "This is"
    expect(page).to have_css(".entry.now", text: /as you put it right/)
    click_on "Read it anew"
    within(".reading") { expect(page).to have_css("ol input", count: 5) }
    expect(axe_faults).to eq []
  end

  it "says what is wrong with a broken file and keeps the notes" do
    bring_season
    bring("broken.docx", "PK nonsense") { expect(page).to have_text(/broken or not what its name says/) }
    expect(page).to have_css("[role=textbox] h2", text: "Who came")
  end

  it "shows item by item what changed words would change" do
    new_piece "Steps"
    bring("steps.txt", "How we open\n\n1. Unlock the door\n2. Light the stove\n3. Ring the bell\n") { expect(page).to have_css(".found", text: "three steps") }
    stage "Draw"
    click_on "Put on the page"
    expect(page).to have_text("is on page 1")
    stage "Gather"
    find("[role=textbox] li", text: "Light the stove").click
    find("[role=textbox] li", text: "Light the stove").send_keys(:end, " and the lamps")
    expect(page).to have_css(".count", text: "2")
    stage "Arrange"
    expect(page).to have_css(".canvas .page text", text: "Unlock the door")
    x, y = middle("g[data-object] text")
    mouse.click(x: x, y: y)
    expect(page).to have_css(".chosen")
    click_on "See it item by item"
    expect(page).to have_css(".renewal li", count: 1, text: "and the lamps")
    click_on "Take over what is ticked"
    expect(page).to have_no_css(".renewal")
    expect(drawn).to include("lamps")
    click_on "Fill from labelled text"
    fill_in "Labelled text", with: "Ring the bell: twice; Go home: at ten"
    expect(page).to have_text("No place for: Go home.")
    click_on "Fill the places"
    expect(page).to have_no_css(".fill textarea")
    expect(drawn).to include("twice")
  end
end
