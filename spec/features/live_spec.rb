# frozen_string_literal: true

RSpec.describe "Live tables and steps" do
  def add_by_address(at)
    click_on "Add a table"
    fill_in "Or one that is kept up elsewhere, and followed", with: at
    click_on "Follow"
  end

  def sheets = "http://127.0.0.1:#{Screens.server.port}/stand-in/sheets"

  it "are followed by their address, fetched, and left" do
    new_piece "The gate"
    add_by_address "#{sheets}/gate.csv"
    expect(page).to have_css(".live", text: /fetched just now/)
    expect(page).to have_css("h2", text: "What Peony reads")
    expect(page).to have_text("28 rows of data, 3 columns")
    find(".tabulator-cell", text: /\A\d{4}-/, match: :first).double_click
    expect(page).to have_no_css(".tabulator-editing input")
    select "every hour", from: "How often it is fetched"
    expect(page).to have_select("How often it is fetched", selected: "every hour")
    click_on "Fetch now"
    expect(page).to have_button("Fetch now", disabled: false)
    stage "Draw"
    expect(page).to have_css(".table", text: "Follows #{sheets}/gate.csv, fetched at")
    stage "Gather"
    find("aside button", text: /gate/i, match: :first).click
    click_on "Stop following"
    expect(page).to have_no_css(".live")
    find(".tabulator-cell", text: /\A\d{4}-/, match: :first).double_click
    expect(page).to have_css(".tabulator-editing input")
  end

  it "say in words what cannot be followed" do
    new_piece "Nowhere"
    add_by_address "#{sheets}/nothing.csv"
    expect(page).to have_text("answered 404")
    fill_in "Or one that is kept up elsewhere, and followed", with: "http://10.1.2.3/a.csv"
    click_on "Follow"
    expect(page).to have_text("own network")
    expect(page).to have_css("h2", text: "Add a table")
  end

  it "are worked out step by step, each taken out again, and charts follow" do
    new_piece "Worked out"
    click_on "Add a table"
    fill_in "Name", with: "Sales"
    fill_in "Cells, copied from a spreadsheet or typed with commas", with: "Day\tShop\tSold\n#{(1..12).map do |i|
      "2025-03-#{format('%02d', i)}\t#{i.even? ? 'Quay' : 'Mill'}\t#{i * 10}"
    end.join("\n")}\n"
    click_on "Add these cells"
    expect(page).to have_css("h2", text: "What Peony reads")
    click_on "Work something out"
    find("[role=radio]", text: "Put rows together").click
    select "Shop", from: "Column"
    click_on "Do it"
    expect(page).to have_css(".chip", text: "sums by Shop")
    expect(page).to have_css(".tabulator-cell", text: "420")
    expect(page).to have_css(".tabulator-cell", text: "360")
    click_on "One step more"
    find("[role=radio]", text: "Shares of the whole").click
    click_on "Do it"
    expect(page).to have_css(".tabulator-cell", text: "53.8 %")
    expect(page).to have_css(".tabulator-cell", text: "46.2 %")
    click_on "Draw this table"
    expect(page).to have_css(".proposal", minimum: 2)
    expect(page).to have_css(".table", text: "Worked out of “Sales”: sums by Shop; shares of Sold.")
    click_on "Put on the page"
    stage "Gather"
    click_on "Sales, worked out"
    find("[aria-label='Take out: shares of Sold']").click
    expect(page).to have_no_css(".chip", text: "shares")
    expect(page).to have_no_css(".tabulator-cell", text: "53.8 %")
    find("[aria-label^=Undo]").click
    expect(page).to have_css(".chip", text: "shares of Sold")
    click_on "Sales", match: :first
    find(".tabulator-cell", text: "120").double_click
    find(".tabulator-editing input").send_keys([:control, "a"], "720", :enter)
    click_on "Sales, worked out"
    expect(page).to have_css(".tabulator-cell", text: "1020")
  end
end
