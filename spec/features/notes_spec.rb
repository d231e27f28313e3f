# frozen_string_literal: true

RSpec.describe "Notes and the shelf" do
  RICH = <<~TEXT
    # Rules

    Keep **very** quiet, see [the map](https://quillmere.example/map).

    - Torches
      - red ones
      - no white ones
    - Dogs

    1. Ring the bell
    2. Wait for Tove

    > Mind the step
  TEXT

  def blocks
    id = current_path[%r{/piece/(\w+)}, 1]
    page.evaluate_async_script("fetch('/api/pieces/#{id}').then(r => r.json()).then(j => arguments[0](j.piece.notes))")
  end

  def shape = blocks.map { |b| [b["type"], b["level"], b["ordered"], b["text"]] }

  def open_rich
    new_piece "Rich"
    bring("rich.md", RICH) { expect(page).to have_css("[role=textbox] blockquote", text: "Mind the step") }
  end

  it "keep nested lists, numbering, quotes, bold and links through an edit" do
    open_rich
    before = shape
    ids = blocks.map { |b| b["id"] }
    find("[role=textbox] li", text: "Dogs").click
    find("[role=textbox] li", text: "Dogs").send_keys(:end, " on a lead")
    expect(page).to have_css(".label + p", text: "26 words")
    expect(shape).to eq(before.map { |row| row.last == "Dogs" ? row.first(3) + ["Dogs on a lead"] : row })
    expect(blocks.map { |b| b["id"] }).to eq ids
    marks = blocks.find { |b| b["text"].start_with?("Keep") }["marks"]
    expect(marks.map { |m| m[2] }).to contain_exactly("strong", "link")
    expect(marks.flatten).to include("https://quillmere.example/map")
  end

  it "give a split paragraph a name of its own, and take pasted words as blocks" do
    open_rich
    count = blocks.size
    entry = find("[role=textbox] li", text: "Wait for Tove")
    entry.click
    entry.send_keys(:end, :enter, "Count the guests")
    expect(page).to have_css("[role=textbox] ol li", count: 3)
    expect(page).to have_css(".label + p", text: "26 words")
    expect(blocks.size).to eq count + 1
    expect(blocks.map { |b| b["id"] }.uniq.size).to eq count + 1
  end

  def paste(types)
    page.execute_script(<<~JS, types)
      const data = new DataTransfer();
      Object.entries(arguments[0]).forEach(([type, text]) => data.setData(type, text));
      document.querySelector("[role=textbox]").dispatchEvent(new ClipboardEvent("paste", { clipboardData: data, bubbles: true, cancelable: true }));
    JS
  end

  it "take pasted Markdown, plain lists and rich text for what they are" do
    new_piece "Pasted"
    find("[role=textbox]").click
    paste("text/plain" => "## Pasted rules\n\n- **Red** light\n- Quiet feet\n")
    expect(page).to have_css("[role=textbox] h2", text: "Pasted rules")
    expect(page).to have_css("[role=textbox] li strong", text: "Red")
    find("[role=textbox]").send_keys(:enter, :enter)
    paste("text/html" => "<h2>Rich head</h2><ol><li>One</li><li>Two</li></ol>", "text/plain" => "Rich head")
    expect(page).to have_css("[role=textbox] ol li", count: 2)
    expect(page).to have_css(".entry", text: "Rich head")
    expect(shape).to include(["heading", 2, nil, "Pasted rules"], ["item", 0, nil, "Red light"], ["item", 0, true, "Two"])
  end

  it "make tables of what is pasted among other words, and take both back with one undo" do
    new_piece "Stall"
    find("[role=textbox]").click
    paste("text/plain" => "## Our stall\n\nWe sold more soup.\n\n| Month | Soup | Bread |\n|---|---|---|\n| May | 120 | 80 |\n| June | 150 | 90 |\n\nThank you all.\n")
    expect(page).to have_css("[role=textbox] li", text: "June: Soup 150, Bread 90")
    expect(page).to have_css(".outline .entry", text: "Our stall", count: 2)
    find("[role=textbox]").send_keys(:enter)
    paste("text/html" => "<p>Visitors by day</p><table><tr><th>Day</th><th>Guests</th></tr><tr><td>Friday</td><td>44</td></tr><tr><td>Saturday</td><td>71</td></tr></table><p>More next week.</p>",
          "text/plain" => "Visitors by day\n\nMore next week.")
    expect(page).to have_css("[role=textbox] li", text: "Saturday: Guests 71")
    click_on "Look at it"
    expect(page).to have_css(".tabulator-cell", text: "71")
    expect(shape.map(&:last)).to include("Visitors by day", "More next week.", "Thank you all.")
    click_on "Back to the notes"
    click_on "Undo", match: :first
    expect(page).to have_no_css("[role=textbox] li", text: "Saturday: Guests 71")
    expect(page).to have_css(".outline .entry", text: "Our stall", count: 2)
    expect(page).to have_css("[role=textbox] li", text: "June: Soup 150, Bread 90")
  end

  it "set headings and lists from the bar" do
    new_piece "Bar"
    write(["Heading to be"])
    click_on "Heading", exact: true
    expect(page).to have_css("[role=textbox] h2", text: "Heading to be")
    find("[role=textbox]").send_keys(:end, :enter, "first")
    click_on "Steps"
    expect(page).to have_css("[role=textbox] ol li", text: "first")
    expect(page).to have_css(".entry", text: "Heading to be")
  end

  it "copy and remove a piece from the shelf, after asking" do
    visit "/"
    card = find(".card", text: "Which telescope?")
    card.hover
    card.click_on "Copy"
    expect(page).to have_css(".card", text: "Which telescope? (copy)")
    copy = find(".card", text: "Which telescope? (copy)")
    copy.hover
    copy.click_on "Remove"
    click_on "Keep it"
    expect(page).to have_css(".card", text: "Which telescope? (copy)")
    copy.hover
    copy.click_on "Remove"
    click_on "Remove it"
    expect(page).to have_no_css(".card", text: "Which telescope? (copy)")
    expect(page).to have_css("[role=status]", text: "was removed")
  end

  it "say what is empty, and what is not there" do
    visit "/"
    fill_in "Search pieces and their words", with: "no such words anywhere"
    expect(page).to have_css(".empty", text: "no such words anywhere")
    visit "/piece/nothinghere/draw"
    expect(page).to have_css("h1", text: "That is not here.")
    new_piece "Empty"
    stage "Draw"
    expect(page).to have_css(".none", text: "There are no words yet")
    stage "Arrange"
    expect(page).to have_css(".tray", text: "Nothing was read yet")
  end

  it "rename a piece where its name stands" do
    new_piece "Old name"
    fill_in "Title of the piece", with: "New name"
    find_field("Title of the piece").send_keys(:enter)
    kept
    visit "/"
    expect(page).to have_css(".card", text: "New name")
  end
end
