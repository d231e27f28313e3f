# frozen_string_literal: true

RSpec.describe "Clocks" do
  def edition(address)
    page.driver.browser.contexts.create.create_page.tap { |reader| reader.go_to(address) }
  end

  it "are placed, set, and run in an edition: the countdown begins and pauses at a click" do
    new_piece "Five minutes"
    stage "Arrange"
    click_on "Countdown"
    expect(page).to have_css("h2", text: "Countdown")
    fill_in "minutes", with: "1"
    find_field("minutes").send_keys(:enter)
    expect(page).to have_css("g[data-object] text", text: "1:00")
    fill_in "Words under it", with: "Until the dome opens"
    find_field("Words under it").send_keys(:enter)
    expect(page).to have_css("g[data-object] text", text: "Until the dome opens")
    click_on "Clock"
    within(".switch", text: "digits") { click_on "digits" }
    select "UTC +2", from: "Of the place"
    expect(page).to have_select("Of the place", selected: "UTC +2")
    stage "Publish"
    within(".work") { click_on "Make an edition" }
    address = find(".address a", wait: 10)[:href]
    reader = edition(address)
    there = -> { reader.evaluate("document.querySelectorAll('[data-clock] [data-part=value]')[1].textContent") }
    left = -> { reader.evaluate("document.querySelector('[data-clock] [data-part=value]').textContent") }
    expect([(Time.now.utc + 7200).strftime("%H:%M"), (Time.now.utc + 7140).strftime("%H:%M"), (Time.now.utc + 7260).strftime("%H:%M")]).to include(there.call)
    expect(left.call).to eq "1:00"
    # The two clocks lie on each other in the middle of the page, so the keys are used.
    press = lambda do
      reader.execute("document.querySelector('[data-clock]').focus()")
      reader.keyboard.type(:Enter)
    end
    press.call
    sleep 2.2
    expect(left.call).to match(/\A0:5[78]\z/)
    press.call
    paused_at = left.call
    sleep 1.2
    expect(left.call).to eq paused_at
    expect(reader.evaluate("document.querySelector('[data-clock]').getAttribute('role')")).to eq "button"
  end
end
