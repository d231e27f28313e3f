# frozen_string_literal: true

require_relative "../training/corpus"

# All 21 families, on passages that were not used for fitting, and the fitted ones as a guard against regressions.
RSpec.describe "Families of readings" do
  fresh = {
    "list" => ["Please bring:\n- a cushion\n- a mug\n- a pencil\n- old newspapers\n", 4],
    "sequence" => ["1. Unlock the hut.\n2. Light the stove.\n3. Put the kettle on.\n4. Open the shutters.\n", 4],
    "cycle" => ["How the compost goes round\n- Peelings go into the bin\n- Worms turn them into soil\n- Soil feeds the beans\n- We eat the beans, and the peelings go back to the bin\n", 4],
    "timeline" => ["1904: the pier is built\n1938: a storm breaks it\n1961: the ferry stops\n2008: anglers buy what is left\n", 4],
    "comparison" => ["Small tent: 2 kg, 3 minutes, £45\nLarge tent: 6 kg, 12 minutes, £90\nHouse tent: 14 kg, 30 minutes, £210\n", 3],
    "opposition" => ["Pros\n- cheap\n- quick\n- quiet\n\nCons\n- cold\n- far away\n- no kitchen\n", 2],
    "change" => ["Since the new signs went up, complaints have fallen from 40 a month to 12.", 1],
    "parts" => ["Of our members 50 % live in the town, 30 % in the villages and 20 % abroad.", 3],
    "ranking" => ["Most visited rooms\nMap room: 812 visitors\nClock room: 640 visitors\nAttic: 233 visitors\nCellar: 58 visitors\n", 4],
    "trend" => ["Members by year\n- 2019: 210\n- 2020: 198\n- 2021: 240\n- 2022: 305\n", 4],
    "ratio" => ["One in five pupils has never been to the sea.", 1],
    "headline" => ["This winter: 9,400 meals. 61 volunteers. 3 broken ladles.", 3],
    "hierarchy" => ["- Director\n  - Collections\n    - Archive\n    - Stores\n  - Education\n    - Schools\n    - Guides\n", 1],
    "quadrant" => ["Strengths: good soil, old friends\nWeaknesses: no water, no shed\nOpportunities: the new path\nThreats: slugs, the road\n", 4],
    "overlap" => ["Twenty-six people play chess and 19 play cards; seven do both.", 3],
    "funnel" => ["- 900 visits\n- 240 baskets\n- 75 orders\n- 60 parcels sent\n", 4],
    "cause" => ["Why the hall was empty: the poster had the wrong date, the bus did not run, and there was football on.", 3],
    "hub" => ["Everything in the valley depends on the mill pond: the mill, the trout farm, the fire brigade's hose and the skaters.", 4],
    "decision" => ["Is the flag up? If so, swim between the posts. If not, is a guard on duty? If yes, ask her. If no, stay on the sand.", 5],
    "journey" => ["A guest's first night\nArriving – tired and a little shy\nSupper – delighted by the soup\nBed – worried by the owl\nMorning – sorry to leave\n", 4],
    "relation" => ["- Mill Lane: 3 lamps, 90 stars\n- Kirk Street: 12 lamps, 55 stars\n- Market: 30 lamps, 20 stars\n- Station: 44 lamps, 8 stars\nMore lamps, fewer stars.\n", 4]
  }

  it("covers every family") { expect(fresh.keys).to match_array(Peony::Figures::FAMILIES) }

  fresh.each do |family, (text, count)|
    it "reads a #{family} with #{count} items, says why, and draws it" do
      found = Peony.read(text)
      expect(found.best.family).to eq family
      expect(found.items.size).to eq count
      expect(found.best.reason).to match(/[[:alpha:]]{3}/)
      expect(Peony.propose(found, width: 800, height: 700)).not_to be_empty
    end
  end

  describe "over the labelled passages" do
    passages = Corpus.all
    readings = passages.to_h { |p| [p.id, Peony.read(p.text)] }
    drawn = passages.reject { |p| p.family == "none" }

    it "keeps the right family on top for at least 88 % and silence for at least 85 %" do
      right = drawn.count { |p| p.families.include?(readings[p.id].best&.family) }
      expect(right.to_f / drawn.size).to be >= 0.88
      silent = passages - drawn
      expect(silent.count { |p| readings[p.id].findings.empty? }.to_f / silent.size).to be >= 0.85
    end

    it "points out every planted contradiction, and hardly any other" do
      flagged, quiet = drawn.partition(&:mismatch).map { |list| list.map { |p| readings[p.id].queries.any? } }
      expect(flagged).to all(be true)
      expect(quiet.count(true).to_f / quiet.size).to be <= 0.02
    end

    it "puts no word into an item that is not in the text, and threads every item to its words" do
      drawn.each do |p|
        have = "#{readings[p.id].passage.heading} #{p.text}".downcase.scan(/[[:alpha:]]+/).to_h { |w| [w[0, 5], true] }
        readings[p.id].findings.flat_map(&:items).each do |item|
          "#{item.title} #{item.detail}".downcase.scan(/[[:alpha:]]{4,}/).each { |w| expect(have).to have_key(w[0, 5]), "#{p.id}: #{w}" }
          expect(item.spans).not_to be_empty
          item.spans.each { |s| expect(s.from...s.to).to(satisfy { |r| r.begin >= 0 && r.end <= readings[p.id].passage.text.length }) }
        end
      end
    end

    it "gives likelihoods that can be compared" do
      readings.each_value { |r| expect(r.findings.map(&:fit)).to(satisfy { |fits| fits == fits.sort.reverse && fits.all? { |f| f.between?(0, 1) } }) }
    end
  end
end
