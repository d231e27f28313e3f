# frozen_string_literal: true

RSpec.describe "The margin of a chart" do
  def texts = all("g[data-object] text").map(&:text)

  it "takes a number into its cell, and the scale, rules and hatching as they are wanted" do
    new_piece "Gates"
    click_on "Add a table"
    fill_in "Name", with: "Gates"
    fill_in "Cells, copied from a spreadsheet or typed with commas", with: "Gate\tVisitors\nNorth\t120\nSouth\t80\nEast\t45\n"
    click_on "Add these cells"
    expect(page).to have_css("h2", text: "What Peony reads")
    click_on "Draw this table"
    find(".proposal", text: "Columns").click
    click_on "Put on the page"
    click_on "Arrange it"
    expect(page).to have_css("h2", text: "Columns")
    find("summary", text: "Its numbers").click
    fill_in "South", with: "300"
    find_field("South").send_keys(:enter)
    expect(page).to have_css("g[data-object] text", text: "300")
    fill_in "South", with: "many"
    find_field("South").send_keys(:enter)
    expect(page).to have_text("“many” is no number")
    find("summary", text: "Scale").click
    paths = -> { page.evaluate_script("document.querySelectorAll('g[data-object] path').length") }
    before = paths.call
    check "Hatched too, for those who do not see the colours"
    expect(page).to have_field("Hatched too, for those who do not see the colours", checked: true)
    fill_in "Title of the scale", with: "People through the gate"
    find_field("Title of the scale").send_keys(:enter)
    expect(page).to have_css("g[data-object] text", text: "People through the gate")
    expect(paths.call).to be >= before
    stage "Gather"
    click_on "Gates", match: :first
    expect(page).to have_css(".tabulator-cell", text: "300")
  end
end
