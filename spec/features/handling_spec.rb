# frozen_string_literal: true

RSpec.describe "Handling a figure" do
  def figure(title, words)
    visit "/"
    visit "#{find('.card h2 a', text: title)[:href][%r{/piece/\w+}]}/arrange"
    find("g[data-object] text", text: words, match: :first).click
    expect(page).to have_css(".items li")
  end

  def undo(times = 1) = times.times { find("[aria-label^=Undo]").click }
  def titles = page.all(".items input.title").map(&:value)
  def row(words) = page.all(".items li").find { |li| li.find("input.title").value.include?(words) }
  def piece = page.evaluate_async_script("fetch('/api/pieces/' + location.pathname.split('/')[2]).then(r => r.json()).then(arguments[0])")

  it "splits and merges items, puts one under another and brings it out, by hand and by keys" do
    figure "Season report", "Meteor shower"
    before = titles
    row("Meteor").find("input.title").click
    click_on "Merge with next"
    expect(page).to have_css(".items li", count: before.size - 1)
    undo
    expect(page).to have_css(".items li", count: before.size)
    row("Meteor").find("input.title").click
    click_on "Indent"
    expect(page).to have_css(".items li[style*='14px']", count: 1)
    row("Meteor").find("input.title").send_keys(%i[alt left])
    expect(page).to have_no_css(".items li[style*='14px']")
    expect(titles).to eq before
    row("Meteor").find("input.title").send_keys(%i[alt down])
    expect(page).to have_css(".items li:nth-child(3) input.title") { |field| field.value.include?("Meteor") }
  end

  it "is dragged into another order" do
    figure "Season report", "Meteor shower"
    first, second = titles
    page.all(".items .grip")[1].drag_to(page.all(".items li")[0])
    expect(page).to have_css(".items li:nth-child(1) input.title") { |field| field.value == second }
    undo
    expect(page).to have_css(".items li:nth-child(1) input.title") { |field| field.value == first }
  end

  it "lets one click through to a part, recolour it, move it away, hide it and put it back" do
    figure "Season report", "Meteor shower"
    words = find("g[data-object] text[data-part=title]", text: "Meteor", match: :first)
    2.times do
      words.click
      sleep 0.2
    end
    words.click
    expect(page).to have_css("h2", text: "Title")
    2.times { page.driver.browser.keyboard.type(:right) }
    expect(page).to have_text("2 px across")
    find("button[aria-label=signal]").click
    expect(page).to have_button("Put it back as it was", disabled: false)
    click_on "Hide it"
    expect(page).to have_text("1 hidden")
    expect(piece["objects"].values.filter_map { |o| o["parts"] }.first.values.first).to include("hide" => true, "colour" => "signal", "move" => [2, 0])
    click_on "Put all back"
    expect(page).to have_no_text("1 hidden")
  end

  it "ties a note to an item and joins two items with a connector that goes with them" do
    figure "Season report", "Meteor shower"
    row("Meteor").find("input.title").click
    click_on "Note on it"
    expect(page).to have_text("it moves with its item")
    find("textarea[aria-label=Words]").set("The best night")
    find("h2", text: "Text").click
    expect(page).to have_css("g[data-object] text", text: "The best night")
    find("g[data-object] text", text: "Meteor shower", match: :first).click
    row("Meteor").find("input.title").click
    click_on "Connect"
    expect(page).to have_text("Choose what it leads to")
    find("g[data-object] text", text: "Schools return", match: :first).click
    expect(page).to have_css("h2", text: "Connector")
    way = piece["objects"].values.find { |o| o["type"] == "connector" }
    expect(way["way"].size).to be >= 2
    click_on "both"
    expect(page).to have_css("button[aria-pressed=true]", text: "both")
    undo 5
    expect(piece["objects"].values.map { |o| o["type"] }).not_to include("connector")
  end
end
