# frozen_string_literal: true

# Numbers that are said a second time, and otherwise.
RSpec.describe Peony::Reading::SaidTwice do
  include WordsRead

  def queries(words) = read(words).queries.select { |q| q.kind.to_s == "mismatch" }.map(&:working)

  {
    "Water use fell from 900 to 720 litres a day, which is a saving of 280 litres." => ["900 − 720"],
    "The hall was repainted, and bookings doubled, from 34 to 51 a month." => ["51 ÷ 34"],
    "Four people sit on the jury: Hanne Orrin, the verger and Miss Fell. They meet on Monday." => ["4 ≠ 3"],
    "How the £500 was spent\n\n- paint £180\n- brushes £60\n- wood £210\n- cake £90\n" => ["180 + 60 + 210 + 90 = 540"]
  }.each { |words, wanted| it("asks about: #{words[0, 50]}…") { expect(queries(words)).to eq(wanted) } }

  it "leaves alone what agrees, and what is only nearly so" do
    ["Water use fell from 900 to 720 litres a day, a saving of 180 litres.", "Bookings doubled, from 34 to 67 a month.", "The fare has nearly doubled, from £1.10 to £2.50.",
     "Two people report to him: Sunniva, who has the hill, and Fergus.", "Three people sit on the jury: Hanne Orrin, the verger and Miss Fell.",
     "How the £500 was spent\n\n- paint £180\n- brushes £60\n- wood £210\n- cake £50\n"].each { |words| expect(queries(words)).to eq([]), words }
  end
end
