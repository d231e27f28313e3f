# frozen_string_literal: true

RSpec.describe "The catalogue" do
  def season
    visit "/"
    find(".card h2 a", text: "Season")[:href][%r{/piece/\w+}]
  end

  def titles = page.all("main li .name strong").map(&:text)

  it "shows every form at a glance, found by words, in another style and finish, and one form in all sizes" do
    visit "/"
    click_on "Catalogue"
    expect(page).to have_css("main li svg", minimum: 60)
    click_on "pencil"
    expect(page).to have_css("button[aria-pressed=true]", text: "pencil")
    fill_in "Find a form", with: "stairs"
    expect(page).to have_css("main li", maximum: 20)
    expect(titles.first(3)).to include("Staircase")
    fill_in "Find a form", with: "qqxzzv"
    expect(page).to have_text("No form goes by “qqxzzv”")
    fill_in "Find a form", with: ""
    click_on "Wheel"
    expect(page).to have_css("h1", text: "Wheel")
    expect(page).to have_css("main li strong", text: "320 × 800 px")
    select "Ledger", from: "Style"
    expect(page).to have_current_path(/style=Ledger/)
    click_on "All forms"
    expect(page).to have_css("h1", text: "The catalogue")
  end

  it "gives a figure another form by what one calls it, keeping its items" do
    visit "#{season}/arrange"
    find("g[data-object] text", text: "Meteor shower").click
    click_on "Another form"
    expect(page).to have_css(".forms li svg", minimum: 10)
    fill_in "Find a form", with: "calendar"
    find(".forms li button", text: "Calendar strip").click
    expect(page).to have_css("h2", text: "Calendar strip")
    expect(page).to have_css("g[data-object] text", text: "Meteor")
    find("[aria-label^=Undo]").click
    expect(page).to have_css("h2", text: "Scaled line")
  end

  it "gives an item an icon by typing, and takes it away" do
    visit "#{season}/arrange"
    find("g[data-object] text", text: "Meteor shower").click
    click_on "Another form"
    find(".forms li button", text: "Rail").click
    find("g[data-object] text", text: "Meteor shower").click
    click_on "Give it an icon"
    fill_in "Find an icon", with: "star"
    find("button[aria-label=star]").click
    expect(page).to have_button("No icon")
    piece = page.evaluate_async_script("fetch('/api/pieces/' + location.pathname.split('/')[2]).then(r => r.json()).then(arguments[0])")
    expect(piece["objects"].values.flat_map { |o| o["items"] || [] }.map { |i| i["icon"] }).to include("star")
    click_on "Favourite"
    click_on "Others like it"
    expect(page).to have_css("button[aria-label='shooting star']")
    expect(page).to have_css("ul[aria-label='Your own and favourites'] button[aria-label=star]")
    Dir.mktmpdir do |dir|
      File.write(File.join(dir, "boat.svg"), "<svg><path d='M0 0L10 0L5 10Z'/></svg>")
      attach_file("Bring your own SVG", File.join(dir, "boat.svg"), make_visible: true)
      expect(page).to have_button("boat")
    end
    click_on "No icon"
    expect(page).to have_button("Give it an icon")
  end
end
