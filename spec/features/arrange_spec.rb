# frozen_string_literal: true

RSpec.describe "Arranging a page" do
  before do
    new_piece "Arranged", kind: "Square picture"
    write(["## The way up", :enter, "Open the slit first. Point the tube at the north star. Lock both axes. Count the torches before you leave."])
    expect(page).to have_css(".found", text: "steps in order")
    stage "Draw"
    find(".proposal", text: "Numbered column").click
    click_on "Put on the page"
    expect(page).to have_css(".drawn")
    stage "Arrange"
    expect(page).to have_css(".canvas .page text", text: "Point the tube")
  end

  def figure_box
    page.evaluate_script("(()=>{const p=JSON.parse(JSON.stringify(document.querySelector('.chosen').getBoundingClientRect()));return [p.x,p.y,p.width,p.height]})()")
  end

  def select_figure
    mouse.click(x: middle("g[data-object] text")[0], y: middle("g[data-object] text")[1]).then { expect(page).to have_css(".chosen") }
  end

  it "moves, resizes, doubles and removes by hand, each undone and redone" do
    select_figure
    before = figure_box
    x, y = middle('text[data-part="title"]')
    mouse.move(x: x, y: y)
    mouse.down
    mouse.move(x: x + 20, y: y + 25)
    mouse.move(x: x + 41, y: y + 53)
    mouse.up
    kept
    moved = figure_box
    expect(moved[1]).to be_within(9).of(before[1] + 53)
    x, y = middle(".handle.se")
    mouse.move(x: x, y: y)
    mouse.down
    mouse.move(x: x - 60, y: y - 30)
    mouse.move(x: x - 121, y: y - 61)
    mouse.up
    kept
    expect(figure_box[2]).to be_within(9).of(moved[2] - 121)
    click_on "Double"
    expect(page).to have_css("g[data-object]", count: 2)
    press(:delete)
    expect(page).to have_css("g[data-object]", count: 1)
    4.times do
      click_on "Undo"
      kept
    end
    visit current_path
    expect(page).to have_css(".canvas .page text", text: "Point the tube")
    select_figure
    expect(figure_box[1]).to be_within(2).of(before[1])
    click_on "Redo"
    kept
    expect(page).to have_css("button[aria-label=Redo]:not([disabled])")
  end

  it "changes words in place, over the very glyphs" do
    x, y = middle('text[data-part="title"]', 1)
    mouse.click(x: x, y: y, count: 2)
    field = find("textarea.editing")
    expect(field.value).to eq "Point the tube"
    glyphs = page.evaluate_script("getComputedStyle(document.querySelector('text[data-part=\"title\"]')).fontFamily")
    expect(page.evaluate_script("getComputedStyle(document.querySelector('textarea.editing')).fontFamily")).to eq glyphs
    field.send_keys("Find the north star", :enter)
    expect(page).to have_css(".canvas text", text: "Find the north star")
    kept
    press([:control, "z"])
    expect(page).to have_css(".canvas text", text: "Point the tube")
  end

  it "adds, reorders, stresses and removes items, and the layout computes itself anew" do
    select_figure
    find("button.add").click
    expect(page).to have_css(".canvas text", text: "New item")
    expect(page).to have_css('.canvas text[data-part="number"]', text: "5")
    click_on "Move up"
    kept
    titles = all('.canvas text[data-part="title"]').map(&:text)
    expect(titles.index("New item")).to eq 3
    click_on "Stress it"
    expect(page).to have_button("Not stressed")
    click_on "Remove item"
    expect(page).to have_no_css(".canvas text", text: "New item")
    expect(page).to have_css('.canvas text[data-part="number"]', count: 4)
  end

  it "takes another form with the same items, seen in place before it is chosen" do
    select_figure
    click_on "Another form"
    chevrons = find(".forms button", text: "Chevrons")
    chevrons.hover
    expect(page).to have_css(".canvas .page polygon, .canvas .page path[d*=Z]", minimum: 4)
    expect(page).to have_css(".tag", text: "Numbered column")
    chevrons.click
    expect(page).to have_css(".tag", text: "Chevrons")
    expect(drawn).to include("Lock both axes", "Count the torches")
  end

  it "recolours by role and changes the finish" do
    select_figure
    find(".swatch[aria-label=signal]").click
    kept
    expect(page).to have_css(".canvas [fill='#c8553d'], .canvas [stroke='#c8553d']")
    find(".finish button", text: "line").click
    expect(page).to have_css(".finish button[aria-pressed=true]", text: "line")
  end

  it "puts texts and shapes on the page, and pages into the piece" do
    click_on "Title"
    expect(page).to have_css(".canvas text", text: "A title")
    click_on "Rectangle"
    expect(page).to have_css("g[data-object]", count: 3)
    click_on "Back"
    kept
    press(:escape)
    find(".swatch[aria-label='accent 4']").click
    expect(page).to have_css(".canvas .page > rect[fill='#1e2a3a']")
    click_on "Add a page after this"
    expect(page).to have_css(".status", text: "Page 2 of 2")
    click_on "Remove this page"
    expect(page).to have_css(".status", text: "Page 1 of 1")
  end

  it "lights up an item's words, and a word's item" do
    select_figure
    expect(page).to have_css(".notes .lit", count: 4)
    find(".notes .lit", text: "Lock both axes").click
    expect(page).to have_css(".notes .lit.strong", text: "Lock both axes")
    expect(page).to have_css("li.now input") { |field| field.value == "Lock both axes" }
  end

  it "can all be done by keyboard" do
    find(".canvas").send_keys(:tab)
    expect(page).to have_css(".chosen")
    before = figure_box
    find(".canvas").send_keys(:down, :down, %i[shift right])
    expect(page).to have_css("button[aria-label=Undo]:not([disabled])")
    zoom = find(".status").text[/\d+ %/].to_f / 100
    expect(figure_box[1]).to be_within(0.3).of(before[1] + (2 * zoom))
    expect(figure_box[0]).to be_within(0.3).of(before[0] + (10 * zoom))
    press(:enter)
    find("textarea.editing").send_keys("Climb", :enter)
    expect(page).to have_css(".canvas text", text: "Climb")
    zoom = find(".status").text[/\d+ %/]
    press("+")
    expect(page).to have_no_css(".status", text: zoom)
    press("0")
    expect(page).to have_css(".status", text: zoom)
    press(:escape)
    expect(page).to have_no_css(".item")
    press(:escape)
    expect(page).to have_no_css(".chosen")
  end

  it "follows in another window of the same piece" do
    other = open_new_window
    path = current_path
    within_window(other) do
      visit path
      expect(page).to have_css(".canvas text", text: "Lock both axes")
    end
    select_figure
    fill_in "Title of item 3", with: "Lock them all"
    find_field("Title of item 3").send_keys(:tab)
    within_window(other) { expect(page).to have_css(".canvas text", text: "Lock them all") }
    other.close
  end
end
