# frozen_string_literal: true

RSpec.describe "Screens" do
  STAGES = %w[gather draw arrange dress proof publish].freeze

  def handbook
    visit "/"
    find(".card h2 a", text: "handbook")[:href][%r{/piece/\w+}]
  end

  it "hold their own at 1280 × 800: nothing is cut off, the main thing has the space, no errors" do
    path = handbook
    STAGES.each do |name|
      visit "#{path}/#{name}"
      expect(page).to have_css("nav a.open")
      expect(page).to have_css("main")
      sleep 0.4
      cut = page.evaluate_script(<<~JS)
        [...document.querySelectorAll("header *, .tools *, .tray *, .foot *, .top *, .status *, footer *")].filter(e => {
          const r = e.getBoundingClientRect();
          return r.width && (r.right > innerWidth + 1 || r.left < -1 || r.bottom > innerHeight + 1 || r.top < -1);
        }).length
      JS
      expect([name, cut]).to eq [name, 0]
      expect(page.evaluate_script("document.documentElement.scrollWidth")).to be <= 1280
    end
    shares = page.evaluate_script("(() => { const r = document.querySelector('.seen').getBoundingClientRect(); return r.width * r.height / (innerWidth * innerHeight) })()")
    expect(shares).to be > 0.4
  end

  it "can be read by everyone, in the light and in the dark" do
    path = handbook
    [false, true].each do |dark|
      page.execute_script("localStorage.setItem('peony.dark', '#{dark ? 1 : 0}')")
      (["/"] + STAGES.map { |name| "#{path}/#{name}" }).each do |address|
        visit address
        expect(page).to have_css("main")
        sleep 0.4
        # The person's own pages are judged by Proof; here it is the tool around them.
        expect([address, axe_faults]).to eq [address, []]
      end
    end
    page.execute_script("localStorage.setItem('peony.dark', '0')")
  end

  it "point at a style without taking it, and change one colour everywhere" do
    visit "#{handbook}/dress"
    find(".card", text: "Dusk").hover
    expect(page).to have_css(".page text[font-family*='Young Serif']")
    find("h2", text: "House style").hover
    expect(page).to have_no_css(".page text[font-family*='Young Serif']")
    fill_in "accent 1 as a number", with: "#7a1f5c"
    find_field("accent 1 as a number").send_keys(:tab)
    expect(page).to have_css(".page [fill='#7a1f5c']")
    click_on "back"
    expect(page).to have_no_css(".page [fill='#7a1f5c']")
  end

  it "say a figure's passage has changed, and take the new words over" do
    visit "#{handbook}/gather"
    expect(page).to have_css("[role=textbox] li", text: "Doors open")
    entry = find("[role=textbox] li", text: "Doors open")
    entry.click
    entry.send_keys(:end, " and the lamp is lit")
    expect(page).to have_css(".count", text: "3")
    stage "Proof"
    find("li h3 button", text: "The notes have changed").click
    expect(page).to have_css("li.now", text: "1 item would change")
    click_on "Take over the new words"
    expect(page).to have_no_css("li h3", text: "The notes have changed")
    stage "Arrange"
    expect(drawn).to include("lamp is lit")
  end

  it "accept a remark with a reason, and ask again" do
    visit "#{handbook}/proof"
    find("li h3 button", text: "105").click
    find("li.now button", text: "The text is right").click
    fill_in "Reason", with: "Some came twice"
    click_on "Accept it"
    expect(page).to have_css(".accepted", text: "Some came twice")
    expect(page).to have_no_css("li h3", text: "105")
    click_on "Ask again"
    expect(page).to have_css("li h3", text: "105")
  end

  it "say why there is no drawing, and what to do" do
    new_piece "Sixty"
    things = (1..60).map { |i| "- Thing number #{i}" }.join("\n")
    bring("sixty.md", "# Sixty\n\n#{things}\n") { expect(page).to have_css("[role=textbox] li", count: 60) }
    stage "Draw"
    expect(page).to have_css(".none", text: "These are 60 items, and a figure holds at most 12.")
    expect(page).to have_css(".put.v-btn--disabled")
  end

  it "put a proposal on the page by keyboard, and walk from passage to passage" do
    visit "#{handbook}/draw"
    expect(page).to have_css(".proposal", minimum: 4)
    first = find(".top h2").text
    click_on "Next passage"
    expect(page).to have_no_css(".top h2", text: first)
    expect(page).to have_css(".proposal", minimum: 2)
    before = page.evaluate_script("document.querySelectorAll('.mini .page g[data-object]').length")
    page.execute_script("document.querySelector('.proposal').focus()")
    press(:right)
    expect(page.evaluate_script("[...document.querySelectorAll('.proposal')].indexOf(document.activeElement)")).to eq 1
    press(:enter)
    expect(page).to have_css(".mini .page g[data-object]", count: before + 1, visible: :all)
    expect(page).to have_css("[role=status]", text: "is on page")
  end

  it "show a phone what it will show, and say when the address was copied or not" do
    visit "#{handbook}/publish"
    click_on "phone"
    expect(page).to have_css(".small-page svg[width='420']", minimum: 1)
    click_on "wide"
    expect(page).to have_no_css(".small-page")
    within(".work") { click_on "Make an edition" }
    expect(page).to have_css(".address a")
    click_on "Copy"
    expect(page).to have_css("[role=status]", text: /clipboard|by hand/)
    expect(page).to have_css(".acts .v-btn--disabled", text: "up to date")
    click_on "Make another edition"
    expect(page).to have_css("h2", text: "Edition 2")
    expect(page).to have_css(".older li", text: "Edition 1")
  end

  it "turn dark and light, and remember it" do
    visit "/"
    click_on "Dark"
    expect(page).to have_css("html[data-dark]")
    visit "#{handbook}/gather"
    expect(page).to have_css("html[data-dark]")
    click_on "Light"
    expect(page).to have_no_css("html[data-dark]")
  end

  it "read just the words that are marked" do
    visit "#{handbook}/draw"
    expect(page).to have_css("[data-block]", text: "Point the main tube")
    page.execute_script(<<~JS)
      const p = [...document.querySelectorAll('p[data-block]')].find(e => e.textContent.includes('45 %'));
      const range = document.createRange(); range.selectNodeContents(p);
      const s = getSelection(); s.removeAllRanges(); s.addRange(range);
    JS
    click_on "Read just these words"
    expect(page).to have_css(".top", text: "just the words you marked")
    expect(page).to have_css(".proposal", text: "Ring")
  end

  it "open a file by choosing it, and say plainly what they cannot read" do
    new_piece "Files"
    bring("notes.md", "# Opened\n\n- one thing\n- two things\n") { expect(page).to have_css("[role=textbox] li", text: "two things") }
    bring("broken.txt", "\x00\x01\x02\x03") { expect(page).to have_css("[role=status]", text: "does not hold text") }
    expect(page).to have_css("[role=textbox] li", count: 2)
  end
end
