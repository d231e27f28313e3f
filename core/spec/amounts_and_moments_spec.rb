# frozen_string_literal: true

# Amounts and moments in the many ways in which people write them.
RSpec.describe "Amounts and moments" do
  include WordsRead

  describe "quantities" do
    {
      "It costs £4.50 a head." => [[4.5, "GBP"]],
      "About 1.2 million people came." => [[1_200_000, "people"]],
      "We sold two dozen eggs." => [[24, "eggs"]],
      "Some forty-odd people came." => [[40, "people"]],
      "Between 10 and 15 km of rope." => [[10, "km"], [15, "km"]],
      "It weighs 3½ kg." => [[3.5, "kg"]],
      "Around £4.5k was spent." => [[4500, "GBP"]],
      "Two thirds of the pupils walk." => [[66.7, "%"]],
      "It is twice as long." => [[2, "times"]],
      "She ran 400 m in 71.2 s." => [[400, "m"], [71.2, "seconds"]],
      "It holds 2,400 books and three chairs." => [[2400, "books"], [3, "chairs"]],
      "Temperatures fell to −12 °C." => [[-12, "°C"]],
      "In 1987 12 people came." => [[12, "people"]],
      "Open from 9 to 5." => [],
      "Bus 14 leaves at 7.30." => [],
      "Chapter 3, page 12." => [],
      "On 4 May 30 children sang." => [[30, "children"]],
      "The 9th of the month." => [],
      "Half an hour later 12 men came." => [[0.5, "hours"], [12, "men"]],
      "It is 20 % off." => [[20, "%"]],
      "Twenty per cent of them." => [[20, "%"]],
      "One and a half litres of milk." => [[1.5, "litres"]],
      "Nine out of ten cats." => [[9, "cats"], [10, "cats"]],
      "Hundreds of people came." => [],
      "A hundred people came." => [[100, "people"]],
      "A couple of dogs." => [],
      "The hall seats 120." => [[120, "seats"]],
      "£1,200 to £1,500 a year" => [[1200, "GBP"], [1500, "GBP"]],
      "It took 2 h 30 min." => [[150, "minutes"]],
      "Aged 12 to 15." => [[12, "years"], [15, "years"]],
      "Room 12 holds 30 people." => [[30, "people"]],
      "He is 88 years old." => [[88, "years"]],
      "5 kg bags" => [[5, "kg"]],
      "A 12-year-old boy." => [[12, "years"]],
      "No fewer than 300 gulls." => [[300, "gulls"]],
      "Version 2.1 is out." => []
    }.each { |words, want| it("reads “#{words}”") { expect(text(words).quantities.map { |q| [q.value, q.unit] }).to eq(want) } }
  end

  describe "moments" do
    {
      "It opened in 1887." => 1,
      "It opened on 3 May 1887 and shut in 1901." => 2,
      "From 1887 to 1901 it was a mill." => 2,
      "In the 1960s it was sold." => 1,
      "In spring 2019 it rained." => 1,
      "On Monday we met; on Tuesday we parted." => 2,
      "At 7.30 am the bell rings. At noon we eat. At 3 o'clock we go." => 3,
      "In the early nineties it closed." => 1,
      "Since last April it has run." => 1,
      "By the end of March 2021 it stood." => 1,
      "Easter 1991" => 1,
      "3.xi.1847" => 1,
      "2021-05-04: opened" => 1,
      "The 14th of June, 1902" => 1,
      "In '83 it burned." => 1,
      "At the turn of the century it went." => 1,
      "around 1200 BC" => 1,
      "half past nine" => 1,
      "in the nineteenth century" => 1,
      "Q3 2024" => 1,
      "from 9 am to 5 pm" => 2,
      "mid-July 2020" => 1,
      "on 5 and 6 May" => 1
    }.each { |words, count| it("finds #{count} in “#{words}”") { expect(text(words).moments.size).to eq(count) } }
  end
end
