# frozen_string_literal: true

require "open3"

# The walk of a marketer: from a page of notes to a published picture, in the real app.
RSpec.describe "From notes to a published picture" do
  it "walks all six stages" do
    # The shelf shows the sample pieces as pictures of their first page, and finds them by their words.
    visit "/"
    expect(page).to have_css(".card", minimum: 4)
    expect(page.evaluate_script("[...document.querySelectorAll('.card img')].every(i => i.complete ? i.naturalWidth > 0 : true)")).to be true
    fill_in "Search pieces and their words", with: "Farrow refractor"
    expect(page).to have_css(".card", count: 1)

    # New piece: outlines in true proportion, own measures, swap.
    new_piece_by_size

    # Gather: typed words are kept without being asked.
    write(["# Star night", :enter, "## The way up", :enter,
           "Open the slit before the lamps go out. Point the tube at the north star. Lock both axes. Look through the finder and turn its screws.", :enter,
           "## Who came", :enter, "45 % came with a school, 30 % on star nights, 20 % on holidays and 10 % for talks."])
    expect(page).to have_css(".found", text: "Four steps in order".downcase)
    kept
    visit current_path
    expect(page).to have_css("[role=textbox] h2", text: "The way up")
    expect(page).to have_css(".query-box", text: "45 + 30 + 20 + 10 = 105")

    # Draw: real drawings of the passage's own words, with reasons; one goes on the page.
    stage "Draw"
    find(".margin", text: /steps in order/).click
    expect(page).to have_css(".proposal.chosen svg")
    find(".proposal", text: "Staircase").hover
    expect(page).to have_css(".lit", text: "Point the tube")
    find(".proposal", text: "Staircase").click
    click_on "Put on the page"
    expect(page).to have_css(".drawn", text: "on the page")
    find(".margin", text: /four shares/).click
    find(".proposal", text: "Ring").click
    click_on "Put on the page"
    expect(page).to have_css(".drawn", count: 2)

    # Dress: another style follows everywhere at once.
    stage "Dress"
    find(".card", text: "Meadow").click
    expect(page).to have_css(".card.now", text: "Meadow")
    expect(page).to have_css(".page text[font-family*=Bitter]")

    # Proof: the slip and the missing descriptions are there; descriptions mend in one click, the slip by a number.
    stage "Proof"
    expect(page).to have_css("h2", text: "3 remarks")
    expect(page).to have_css("li h3", text: "These shares make 105 %")
    expect(page).to have_css(".place.now")
    2.times do |n|
      first(:button, "Take this").click
      expect(page).to have_css("h2", text: n.zero? ? "2 remarks" : "1 remark")
    end
    click_on "Open the place"
    fill_in "Value of item 1", with: "40"
    find_field("Value of item 1").send_keys(:tab)
    kept
    # The figure is right now; the notes still are not, and the proof says so.
    stage "Proof"
    expect(page).to have_css("li.now", text: "In the notes")
    click_on "The text is right"
    click_on "Accept it"
    expect(page).to have_css("h2", text: "Nothing to remark")

    # Publish: an edition that opens without signing in, with real text; and files.
    stage "Publish"
    within(".work") { click_on "Make an edition" }
    address = find(".address a")[:href]
    pdf = download { find(".file", text: "PDF").click }
    text = Open3.capture2("pdftotext", pdf, "-").first.split.join(" ")
    expect(text).to include("Point the tube", "Came with a school", "40")
    png = download { find(".file", text: "PNG").click }
    expect(File.binread(png, 24)[16, 8].unpack("N2")).to eq [1600, 2400]
    svg = File.read(download { find(".file", text: "SVG").click })
    expect(svg).to include("<text", "Lock both axes")

    edition = page.driver.browser.contexts.create.create_page
    edition.command("Emulation.setDeviceMetricsOverride", width: 390, height: 800, deviceScaleFactor: 2, mobile: true)
    edition.go_to(address)
    expect(edition.evaluate("document.body.innerText")).to include("Star night").and include("Edition 1")
    expect(edition.evaluate("[...document.querySelectorAll('svg text')].map(t => t.textContent).join(' ')")).to include("Lock both axes")
    expect(edition.evaluate("document.documentElement.scrollWidth")).to be <= 390
    sizes = edition.evaluate("[...document.querySelectorAll('svg text')].filter(t => t.getBoundingClientRect().width).map(t => parseFloat(t.getAttribute('font-size')) * t.getScreenCTM().a)")
    expect(sizes.min).to be >= 11
    click_on "Take it back"
    expect(page).to have_css("h2", text: "No edition yet")
    edition.go_to(address)
    expect(edition.evaluate("document.body.innerText")).to include("not published")
  end

  def new_piece_by_size
    visit "/"
    click_on "New piece"
    fill_in "Title", with: "Star night"
    find("[role=radio]", text: "Page A4").click
    expect(page).to have_field("Width", with: "210")
    click_on "in", exact: true
    expect(page).to have_field("Width", with: "8.3")
    find("[role=radio]", text: "Own size").click
    fill_in "Width", with: "1200"
    fill_in "Height", with: "5"
    expect(page).to have_css("[role=alert]", text: "100 to 10,000")
    fill_in "Height", with: "800"
    click_on "Swap the two"
    click_on "Begin"
    expect(page).to have_css("[role=textbox]")
  end

  it "loses nothing when the server is killed, and undoes after it" do
    new_piece "Killed"
    write(["First words that matter.", :enter])
    expect(page).to have_css(".label + p", text: "4 words")
    write(["Second words that matter."])
    expect(page).to have_css(".label + p", text: "8 words")
    stored "Second words that matter."
    Screens.server.kill
    Screens.server.start
    visit current_path
    expect(page).to have_css("[role=textbox]", text: "Second words that matter.")
    click_on "Undo"
    expect(page).to have_no_css("[role=textbox]", text: "Second words that matter.")
    expect(page).to have_css("[role=textbox]", text: "First words")
    click_on "Redo"
    expect(page).to have_css("[role=textbox]", text: "Second words that matter.")
  end

  it "tries again by itself what was typed while the server was away" do
    new_piece "Away"
    write(["Here."])
    expect(page).to have_css(".label + p", text: "1 word")
    Screens.server.kill
    write([" And there, in the dark."])
    expect(page).to have_css(".kept", text: "not kept yet")
    Screens.server.start
    expect(page).to have_css(".kept", text: /\Akept/, wait: 15)
    visit current_path
    expect(page).to have_css("[role=textbox]", text: "Here. And there, in the dark.")
  end
end
