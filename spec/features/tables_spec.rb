# frozen_string_literal: true

RSpec.describe "Tables" do
  CELLS = "Night\tGuests\n#{(0...30).map { |i| "2025-08-#{format('%02d', i + 1)}\t#{i == 12 ? 301 : 48 + (i % 5)}" }.join("\n")}\n".freeze

  def add_cells(name, cells)
    click_on "Add a table"
    fill_in "Name", with: name
    fill_in "Cells, copied from a spreadsheet or typed with commas", with: cells
    click_on "Add these cells"
    expect(page).to have_css("h2", text: "What Peony reads")
  end

  def cell(text) = find(".tabulator-cell", text: text, match: :first)

  it "are pasted, drawn with their finding, marked with an event, and followed when a cell changes" do
    new_piece "A season of nights"
    add_cells "Nights", CELLS
    expect(page).to have_text("30 rows of data, 2 columns")
    expect(page).to have_css(".found", text: "301, where about")
    click_on "Draw this table"
    expect(page).to have_css(".proposal strong", text: "Calendar")
    click_on "Put on the page"
    click_on "Arrange it"
    expect(page).to have_css("h2", text: "Line")
    expect(page).to have_css("g[data-object] text", text: "13 Aug: 301")
    fill_in "Events", with: "20 August: dome closed"
    click_on "Mark these events"
    expect(page).to have_css("g[data-object] text", text: "dome closed")
    click_on "Change the numbers"
    expect(page).to have_css(".tabulator-cell", text: "301")
    cell("301").double_click
    find(".tabulator-editing input").send_keys([:control, "a"], "420", :enter)
    expect(page).to have_css(".found", text: "420, where about")
    stage "Arrange"
    expect(page).to have_css("g[data-object] text", text: "13 Aug: 420")
    expect(page).to have_css("g[data-object] text", text: "dome closed")
    find("[aria-label^=Undo]").click
    expect(page).to have_css("g[data-object] text", text: "13 Aug: 301")
  end

  it "are drawn as asked for in words" do
    new_piece "Asked"
    add_cells "Nights", CELLS
    click_on "Draw this table"
    fill_in "Ask for a chart", with: "guests as columns with the average in purple"
    click_on "Draw that"
    expect(page).to have_css(".proposal.chosen strong", text: "Columns, as asked")
    expect(page).to have_text("Not used: purple")
    expect(page).to have_css(".proposal.chosen svg")
    fill_in "Ask for a chart", with: "guests as a line, mark the best two nights"
    click_on "Draw that"
    expect(page).to have_css(".proposal.chosen strong", text: "Line, as asked")
    click_on "Put on the page"
    click_on "Arrange it"
    expect(page).to have_css("input[aria-label='Words of mark 2']")
  end

  it "can be put right: another kind, a row left out, rows and columns added and taken away, each undone" do
    new_piece "Post"
    add_cells "Parcels", "Lane\tParcels\nAsh\t12\nElm\t30\nFir\t7\nYew\t19\n"
    expect(page).to have_css(".found", text: "Most parcels: Elm, 30.")
    cell("Elm").click
    click_on "leave out or take in"
    expect(page).to have_css(".found", text: "Most parcels: Yew, 19.")
    find("[aria-label^=Undo]").click
    expect(page).to have_css(".found", text: "Most parcels: Elm, 30.")
    cell("Elm").click
    click_on "Remove row"
    expect(page).to have_text("3 rows of data")
    select "money", from: "Kind of Parcels"
    expect(page).to have_css(".tabulator-col", text: "money")
    cell("Ash").click
    click_on "Column after"
    expect(page).to have_css(".tabulator-col", count: 4)
    2.times { find("[aria-label^=Undo]").click }
    expect(page).to have_css(".tabulator-col", text: "number")
    cell("Parcels").click
    click_on "Sort down"
    expect(page).to have_css(".tabulator-row:nth-child(2) .tabulator-cell", text: "Yew")
    fill_in "Show only rows with", with: "fir"
    expect(page).to have_no_css(".tabulator-cell", text: "Yew")
  end

  it "moves rows and columns, with the selection on them, by button and by key" do
    new_piece "Post"
    add_cells "Parcels", "Lane\tParcels\nAsh\t12\nElm\t30\nFir\t7\n"
    lanes = -> { all(".tabulator-row").map { |row| row.all(".tabulator-cell")[1].text } }
    cell("Fir").click
    click_on "Move rows up"
    expect(page).to have_css(".tabulator-row:nth-child(3) .tabulator-cell", text: "Fir")
    expect(lanes.call).to eq %w[Lane Ash Fir Elm]
    # The selection went along, so that a second press moves the same row.
    click_on "Move rows up"
    expect(page).to have_css(".tabulator-row:nth-child(2) .tabulator-cell", text: "Fir")
    find(".tabulator-row:nth-child(2) .tabulator-cell", text: "Fir").send_keys(%i[alt right])
    expect(page).to have_css(".tabulator-row:nth-child(2) .tabulator-cell:nth-child(2)", text: "7")
    3.times { find("[aria-label^=Undo]").click }
    expect(page).to have_css(".tabulator-row:nth-child(4) .tabulator-cell:nth-child(2)", text: "Fir")
    expect(page).to have_css(".found", text: "Most parcels: Elm, 30.")
  end

  it "shows a column with the decimals wanted, in the grid and in its chart, and leaves the cells as they are" do
    new_piece "Levels"
    add_cells "Wells", "Well\tLevel\nNorth\t2.138\nSouth\t1.4\nEast\t0.962\n"
    click_on "Draw this table"
    find(".proposal", text: "Columns", match: :first).click
    click_on "Put on the page"
    click_on "Arrange it"
    expect(drawn).to include("2.138")
    click_on "Change the numbers"
    select "0.0", from: "Decimals of Level"
    expect(page).to have_css(".tabulator-cell", text: /\A2.1\z/)
    stage "Arrange"
    expect(page).to have_css("g[data-object] text", text: /\A2\.1\z/)
    expect(page).to have_css("g[data-object] text", text: /\A1\.0\z/)
    id = current_path[%r{/piece/(\w+)}, 1]
    here = "/api/pieces/#{id}"
    cells = page.evaluate_async_script("fetch('#{here}').then(r => r.json()).then(p => fetch('#{here}/tables/' + p.piece.tables[0].id)).then(r => r.json()).then(t => arguments[0](t.rows))")
    expect(cells[1]).to eq ["North", "2.138"]
  end

  it "come as files dropped on the notes, and a broken one says so" do
    new_piece "Files"
    bring("income.csv", "Month,Shop (£)\nJanuary 2025,600\nFebruary 2025,640\nMarch 2025,720\n") { expect(page).to have_css("input[aria-label='Name of the table']") }
    expect(find("input[aria-label='Name of the table']").value).to eq "income"
    click_on "Back to the notes"
    bring("broken.xlsx", "PK nothing") { expect(page).to have_text(/spreadsheet/) }
    expect(page).to have_css("button.entry", count: 1)
  end

  it "a chart of the demo is drawn another way and taken along, and its piece reads as an edition" do
    visit "/"
    visit "#{find('.card h2 a', text: 'The observatory in figures')[:href][%r{/piece/\w+}]}/arrange"
    find("g[data-object] text", text: "Most guests").click
    expect(page).to have_css("h2", text: "Map of countries")
    find(".kinds button", text: "Bars").click
    expect(page).to have_css("g[data-object] text", text: "Netherlands")
    select "Ireland", from: "The one that matters"
    find("[aria-label^=Undo]").click
    find("[aria-label^=Undo]").click
    expect(page).to have_css("h2", text: "Map of countries")
  end
end
