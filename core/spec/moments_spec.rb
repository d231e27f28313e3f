# frozen_string_literal: true

RSpec.describe Peony::Reading::Moments do
  include WordsRead

  def told(words) = text(words).moments.map { |m| [m.text, m.sort.round(2)] }
  def events(words) = Peony::Reading::Finder.members["timeline"].new(text(words)).find.items

  it "counts years, months and hours from the date before" do
    expect(told("It opened in 1950. Ten years later it burnt. It was built again in 1962.")).to eq [["in 1950", 1950], ["Ten years later", 1960], ["in 1962", 1962]]
    expect(told("At 21:40 the glass fell. Half an hour later the slit was shut. The power went at 23:05.")).to eq [["21:40", 21.67], ["Half an hour later", 22.17], ["23:05", 23.08]]
    expect(told("Begun in May 2001, stopped six months later, finished in 2004.").map(&:last)).to eq [2001.33, 2001.83, 2004]
  end

  it "takes a season or a month for the next one after the date before" do
    expect(told("They left in June 1902. In the following spring they saw ice. Two dogs died that August. The hut was built in March 1904.").map(&:last)).to eq [1902.42, 1903.2, 1903.58, 1904.17]
    expect(told("In January it lost its roof. Seeds were sown in March. September brought the cup.").map(&:first)).to eq ["In January", "in March", "September"]
  end

  it "tells nothing where no dates stand, and leaves numbers their place among the quantities" do
    expect(told("Two years later it was full.")).to eq []
    words = text("It opened in 1950. Four years later it burnt down. It was built again in 1962.")
    expect(words.quantities.map(&:text)).to eq ["Four"]
    expect(words.dates.map(&:text)).to eq ["in 1950", "in 1962"]
  end

  it "puts what is told so into a line of time, in order" do
    made = events("The drench began in 2009. Two years later the first ewes were dosed. The trial of 2014 failed. Lowri found the mistake in 2017.")
    expect(made.map(&:date)).to eq ["2009", "Two years later", "2014", "2017"]
    expect(made.map(&:title)[1]).to eq "The first ewes were dosed"
  end

  it "reads clock times in words" do
    expect(told("By three you saw nothing. The lights went at twenty to four. We sang at ten past six.").map(&:last)).to eq [15, 15.67, 18.17]
  end

  # Whatever the numbers, order follows what was said.
  it "keeps the order of any row of years and spans" do
    random = Random.new(7)
    40.times do
      year = 1800 + random.rand(150)
      steps = Array.new(3) { 1 + random.rand(30) }
      words = "It began in #{year}. #{steps.map { |n| "#{n} #{n == 1 ? 'year' : 'years'} later something followed." }.join(' ')} It ended in #{year + steps.sum + 5}."
      sorts = text(words).moments.map(&:sort)
      expect(sorts).to eq sorts.sort
      expect(sorts[0..3].map(&:round)).to eq [year, year + steps[0], year + steps[0] + steps[1], year + steps.sum]
    end
  end
end
