# frozen_string_literal: true

RSpec.describe "Presenting" do
  def shown = page.evaluate_script("[...document.querySelectorAll('main > figure')].findIndex((f) => f.getClientRects().length > 0)")

  it "shows the pages one by one over the whole window, and its countdown runs" do
    new_piece "Evening talk"
    stage "Arrange"
    click_on "Countdown"
    fill_in "minutes", with: "2"
    find_field("minutes").send_keys(:enter)
    expect(page).to have_css("g[data-object] text", text: "2:00")
    mouse.click(x: 250, y: 70)
    click_on "Add a page after this"
    kept
    stage "Publish"
    address = find_link("Present 2 pages")[:href]
    visit address
    expect(page).to have_css(".controls", text: "1 / 2")
    expect(shown).to eq 0
    page.execute_script("document.querySelector('[data-clock]').focus()")
    press :Enter
    expect(page).to have_css("[data-clock] [data-part=value]", text: /\A1:5\d\z/)
    # Starting the clock does not turn the page; the arrow does, and the window is filled.
    expect(shown).to eq 0
    press :Right
    expect(page).to have_css(".controls", text: "2 / 2")
    expect(shown).to eq 1
    press :Right
    expect(shown).to eq 1
    wide = page.evaluate_script("(()=>{const r=document.querySelector('figure.now svg').getBoundingClientRect();return [r.width, r.height]})()")
    expect(wide).to eq [1280, 800]
    visit "#{address.sub(/#.*/, '')}#2"
    expect(page).to have_css(".controls", text: "2 / 2")
  end
end
