# frozen_string_literal: true

RSpec.describe "Numbers under the hand" do
  # A figure with one number, as the screens would place it.
  def meter(value: 62, unit: "%")
    id = current_path[%r{/piece/(\w+)}, 1]
    figure = { id: "fa1aaaa", type: "figure", form: "half-ring", family: "headline", box: [60, 60, 500, 440], heading: "The new dome",
               items: [{ id: "i1aaaa", title: "of the roof is paid", value: value, unit: unit }] }
    page.evaluate_async_script(<<~JS)
      const done = arguments[0];
      fetch("/api/me").then(r => r.json()).then(me => fetch("/api/pieces/#{id}/changes", { method: "POST", headers: { "content-type": "application/json", "x-csrf-token": me.token },
        body: JSON.stringify({ operation: { op: "object.add", page: "p1", object: #{JSON.generate(figure)} }, tab: "spec" }) })).then(r => r.json()).then(() => done(true));
    JS
    visit current_path
    expect(page).to have_css("g[data-object=fa1aaaa] text", text: value.to_s)
  end

  def grip = find(".grip[role=slider]")
  def figure_text = find("g[data-object=fa1aaaa]").all("text").map(&:text).join(" ")

  def hold(up)
    x, y = middle(".grip[role=slider]")
    mouse.move(x: x, y: y)
    mouse.down
    (1..6).each { |i| mouse.move(x: x, y: y - (up * i / 6.0)) }
  end

  it "follow a drag in the drawing itself, make one change when let go, and are taken back by one undo" do
    new_piece "The roof"
    stage "Arrange"
    meter
    x, y = middle("g[data-object=fa1aaaa]")
    mouse.click(x: x, y: y)
    expect(grip).to have_text("62 %")
    hold(30)
    expect(grip).to have_text("72 %")
    expect(page).to have_css("g[data-object=fa1aaaa] text", text: "72")
    # Nothing is kept while the hand holds it.
    expect(find_field("Value of item 1").value).to eq "62"
    mouse.up
    expect(page).to have_field("Value of item 1", with: "72")
    kept
    visit current_path
    expect(figure_text).to include("72")
    click_on "Undo"
    expect(page).to have_css("g[data-object=fa1aaaa] text", text: "62")
  end

  it "keep shares between nothing and the whole, and move by the keys" do
    new_piece "The roof"
    stage "Arrange"
    meter(value: 97)
    mouse.click(x: middle("g[data-object=fa1aaaa]")[0], y: middle("g[data-object=fa1aaaa]")[1])
    hold(90)
    expect(grip).to have_text("100 %")
    press :Escape
    mouse.up
    grip.send_keys :up
    expect(page).to have_field("Value of item 1", with: "98")
    grip.send_keys :page_down
    expect(page).to have_field("Value of item 1", with: "88")
  end
end
