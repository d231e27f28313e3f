# frozen_string_literal: true

# Makes the sample world's tables, the same ones every time.
#   ruby demo/tables.rb        writes demo/tables/*.csv
require "csv"
require "date"

# Numbers about a mean, drawn from a seed of their own.
class Draws
  def initialize(seed)
    @random = Random.new(seed)
  end

  def around(mean, spread) = mean + (spread * Math.sqrt(-2 * Math.log(1 - @random.rand)) * Math.cos(2 * Math::PI * @random.rand))
  def pick(weights) = weights.max_by { |_, weight| @random.rand**(1.0 / weight) }.first
end

def table(name, rows) = File.write(File.join(__dir__, "tables", "#{name}.csv"), rows.map { |row| CSV.generate_line(row) }.join)

draws = Draws.new(13)
nights = (Date.new(2025, 8, 1)..Date.new(2025, 10, 31)).map do |day|
  cloudy = day.between?(Date.new(2025, 8, 28), Date.new(2025, 9, 10))
  mean = if cloudy
           9
         else
           (day.saturday? || day.sunday? ? 74 : 47)
         end
  guests = if day == Date.new(2025, 8, 13)
             301
           else
             [draws.around(mean, cloudy ? 2.5 : 6).round, 0].max
           end
  [day.iso8601, guests, cloudy ? "cloud" : "clear"]
end
table("visitor-nights", [%w[Night Guests Sky], *nights])

months = (0...24).map do |i|
  month = Date.new(2024, 1, 1) >> i
  summer = month.month.between?(6, 9) ? 1.35 : 1.0
  [month.strftime("%B %Y"), format("£%d", draws.around(1450 + (22 * i), 40)), format("£%d", draws.around(620 * summer, 45)), format("£%d", (i % 6).zero? ? 2400 : draws.around(260, 20))]
end
table("income", [%w[Month Membership Shop Grants], *months])

streets = %w[Mill Chapel Quarry Furrow Heron Orchard Station Priory].product(%w[Lane Bank Steps Row Hill]).map { |a, b| "#{a} #{b}" }
table("street-lamps", [["Street", "Lamps within 200 m", "Sky brightness (mcd/m²)"], *streets.map do |s|
  lamps = draws.around(24, 10).round.clamp(2, 52)
  [s, lamps, (0.3 + (0.038 * lamps) + draws.around(0, 0.13)).round(2).clamp(0.2, 3)]
end])

countries = { "United Kingdom" => 3104, "Ireland" => 412, "Germany" => 236, "France" => 188, "Netherlands" => 141, "Norway" => 64, "Spain" => 57, "Italy" => 49, "Denmark" => 38, "Poland" => 33,
              "Portugal" => 21, "Iceland" => 12 }
table("countries", [["Country", "Guests, 2025"], *countries.to_a])

scale = { "Strongly agree" => 6, "Agree" => 4, "Neither" => 1.4, "Disagree" => 0.8, "Strongly disagree" => 0.3 }
table("survey", [["No.", "Came with", "I would come again", "I was warm enough"], *(1..84).map do |i|
  [i, draws.pick("family" => 3, "school" => 4, "friends" => 2, "nobody" => 1), draws.pick(scale), draws.pick(scale.to_a.reverse.map(&:first).zip([4, 3, 1.5, 2.5, 1.2]).to_h)]
end])
