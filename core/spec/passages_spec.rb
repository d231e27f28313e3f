# frozen_string_literal: true

# Passages as people write them, with what a careful reader says is in them.
RSpec.describe "Passages of the sample world" do
  passages = {
    "a recipe for cocoa in numbered lines" => {
      text: "1. Warm the milk slowly\n2. Stir in two spoons of cocoa\n3. Pour it into the flask\n4. Carry it up to the dome",
      family: "sequence", items: %w[warm stir pour carry]
    },
    "steps told in one breath" => {
      text: "First open the shutters. Then wait ten minutes for the air to settle. Next, cap the finder. Finally lock the pier.",
      family: "sequence", items: %w[open wait cap lock]
    },
    "orders that follow from conditions" => {
      text: "Before dusk, check the weather page. If the dew is heavy, wipe the corrector plate. When the bell rings, open the gate. Count the guests as they pass.",
      family: "sequence", items: %w[check wipe open count]
    },
    "an evening by the clock" => {
      text: "Doors open at 19:30. The welcome begins at 19:45 in the lecture room. At 20:15 the first group climbs the stairs. We close at 22:00.",
      family: "timeline", items: %w[doors welcome group close]
    },
    "a week by its days" => {
      text: "- Monday: the mirror is washed\n- Wednesday: the school comes\n- Friday: the dome is open\n- Saturday: the shop is counted",
      family: "timeline", items: %w[mirror school dome shop]
    },
    "years in running words" => {
      text: "The hill was bought in 1938. In 1952 the first dome rose. The ring was replaced in 1974, and since 2016 anyone may come.",
      family: "timeline", items: %w[bought dome replaced anyone]
    },
    "dates before dashes" => {
      text: "3 March 2021 – the slit jams\n4 March 2021 – Tove frees it with a broom\n9 May 2021 – a new motor arrives",
      family: "timeline", items: %w[slit tove motor]
    },
    "shares with their numbers first" => {
      text: "Of the money, 55 % comes from tickets, 30 % from the shop and 15 % from the town.",
      family: "parts", items: %w[tickets shop town]
    },
    "shares in a list" => {
      text: "How the hours of our volunteers are spent:\n- on the door: 40 %\n- in the dome: 35 %\n- mending things: 25 %",
      family: "parts", items: %w[door dome mending]
    },
    "two shares with words as short as can be" => {
      text: "45 % yes, 55 % no.",
      family: "parts", items: %w[yes no]
    },
    "shares as fractions" => {
      text: "Half of the guests walk up, a quarter come by bus and a quarter drive.",
      family: "parts", items: %w[walk bus drive]
    },
    "things to bring, in a sentence" => {
      text: "Every guest should bring four things: a warm coat, a red torch, closed shoes and patience.",
      family: "list", items: %w[coat torch shoes patience]
    },
    "rules in bullets" => {
      text: "- White torches stay in the basket\n- Voices stay low near the scope\n- Dogs wait in the meadow",
      family: "list", items: %w[torches voices dogs]
    },
    "bullets with labels" => {
      text: "- The pier: never touch it\n- The slit: never stand under it\n- The rail: always hold it",
      family: "list", items: %w[pier slit rail]
    },
    "two halls side by side in prose" => {
      text: "The lecture room seats 60 guests and costs £40 an evening. The barn seats 110 guests and costs £65 an evening.",
      family: "comparison", items: %w[lecture barn]
    },
    "hire in lines" => {
      text: "- Pocket: 4 kg, £12\n- Garden: 11 kg, £19",
      family: "comparison", items: %w[pocket garden]
    },
    "one number that strikes" => {
      text: "Last year 4,212 people looked through our telescope.",
      family: "headline", items: %w[people]
    },
    "a ratio that strikes" => {
      text: "One in eight children comes back with the family within the year.",
      family: "ratio", items: %w[children]
    },
    "a handful of numbers" => {
      text: "Last season: 112 open nights. 38 volunteers. 3,400 mugs of cocoa.",
      family: "headline", items: %w[nights volunteers mugs]
    }
  }

  passages.each do |name, label|
    describe name do
      let(:found) { Peony.read(label[:text]) }

      it "is read as #{label[:family]} with its #{label[:items].size} items in order" do
        expect(found.best.family).to eq label[:family]
        expect(found.items.size).to eq label[:items].size
        found.items.zip(label[:items]).each do |item, word|
          expect("#{item.title} #{item.detail} #{item.date}".downcase).to include(word)
        end
      end

      it "is drawn in at least two forms, in every style, without a cut title" do
        Peony::Style.all.each_value do |house|
          proposals = Peony.propose(found, house: house, width: 700, height: 520)
          expect(proposals.size).to be >= (label[:items].size > 1 ? 2 : 1)
          said = words_in(Peony::Paint::SVG.fragment(proposals.first.drawing.nodes)).downcase.delete(" -")
          found.items.each { |item| expect(said).to include(item.title.downcase.delete(" -")[0, 12]) }
        end
      end
    end
  end

  describe "text without headings" do
    def families(words) = Peony::Reading::Kept.all(Peony::Reading::Passages.of(Peony::Notes::Text.read(words))).map { |r| r.best&.family }

    let(:survey) { "a year ago we asked what the old tram depot should become. 44 % wanted a covered market, 27 % a climbing hall, 18 % flats and the rest did not care." }
    let(:stalls) { "In April the roof was sealed. In June the first eleven stalls moved in, by September there were 26, and since November we have had a waiting list of 40." }
    let(:places) do
      "If you would like a stall, this is the way. Come on a Thursday and look at the free places with Sanne. Fill in the yellow form. " \
        "Bring a copy of your trading licence. We draw lots on the first of the month."
    end
    let(:winter) do
      "Three things made the first winter hard. The heating failed twice. Two stallholders gave up because the card machines had no signal. " \
        "And nobody had thought of where the snow should go."
    end

    it "is cut where its paragraphs plainly say things of different kinds, and greeting and thanks stand by themselves" do
      letter = ["Dear neighbours,", survey, stalls, places, winter, "Thank you for your patience, your letters and your cake."].join("\n\n")
      expect(families(letter)).to eq([nil, "parts", "trend", "sequence", "cause", nil])
      expect(Peony::Reading.of(Peony::Notes::Text.read(winter)).items.size).to eq(3)
    end

    it "parts rows from a paragraph that has told something, and one that tells plainly from what stands beside it" do
      winter = "In November the sluice broke and the water sank by a metre. By January divers had found the bolt. " \
               "In February the new gate came on a lorry from Brack, and on 14 March the pond was full."
      rows = "| Month | Visitors | Ice days |\n|---|---|---|\n| November | 310 | 0 |\n| December | 190 | 9 |\n| January | 420 | 21 |\n| February | 380 | 12 |\n| March | 640 | 1 |"
      repairs = "Repairs cost £7,400. The town paid £3,000, the anglers £1,900, the bakery £800 and all of you £1,700."
      help = "If you want to help, this is how it goes. Ring Aldo and say which Saturday suits you. Bring boots and a friend. " \
             "He shows you where the reeds are cut. At noon there is soup, and at two everybody goes home."
      expect(families([winter, rows, help, repairs].join("\n\n"))).to eq(%w[timeline trend sequence parts])
    end

    it "parts the rows of a table from what a paragraph under the same heading tells" do
      rows = "| Month | Visits | Wet days | Takings |\n|---|---|---|---|\n| May | 210 | 9 | €3,150 |\n| June | 390 | 14 | €5,420 |\n| July | 640 | 6 | €9,980 |\n| August | 585 | 8 | €9,130 |"
      shares = "Of every twenty euros taken at the gate, nine go on hay, most of that in winter. Jory and his sister have six. " \
               "Two euros fifty are paid to the vet, and the rest feeds the geese."
      told = families("## What the farm brings in\n\n#{shares}\n\n#{rows}")
      expect([told.size, told.first]).to eq([2, "parts"])
    end

    it "parts rows from a few words above them, but not from what only says what they show" do
      rows = "| Week | Guests | Dogs |\n|---|---|---|\n| 14 | 120 | 4 |\n| 15 | 148 | 5 |\n| 16 | 99 | 3 |\n| 17 | 176 | 6 |"
      crew = "Ilse is in command. Two people answer to her: the mate and the engineer. The mate has three deckhands. The engineer has a boy who oils things."
      expect(families("## Crew\n\n#{crew}\n\n#{rows}").first).to eq("hierarchy")
      expect(families("## Crew\n\nThis is how many came in the last four weeks.\n\n#{rows}").size).to eq(1)
    end

    it "parts rows from the words above them also where notes keep only their words, and calls the rows by the heading" do
      words = "The swifts under the roof have been counted every June. The count began with nine nests in 2018. A year later there were fifteen, and in 2020 eighteen. " \
              "In 2021 it was eleven, and this June there were twenty."
      rows = ["Shore: People 640, Benches 9", "Mill: People 310, Benches 6", "Hill: People 96, Benches 2"]
      blocks = [[:heading, "Swifts"], [:paragraph, words], *rows.map { |row| [:item, row] }].each_with_index.map { |(type, text), i| Peony::Notes::Block.new(id: "b#{i}", type: type.to_s, text: text, level: 0) }
      read = Peony::Reading::Passages.of(Peony::Notes::Document.new(title: "Swifts", blocks: blocks)).map { |passage| Peony::Reading.of(passage) }
      expect(read.map { |r| [r.title, r.best.family] }).to eq([["The swifts under the roof", "trend"], %w[Swifts comparison]])
    end

    it "stays whole where one thing goes through all of its paragraphs" do
      wool = ["Wool does not start in a shop. It begins with a farmer who shears in May, when the nights are warm enough for a naked sheep.",
              "The fleece is then washed in the brook below the mill. That takes two days and smells.",
              "Once it is dry it goes over the carding drums, which pull it into a soft rope. From the rope the spinners draw a thread.",
              "The thread is dyed with walnut, madder or woad, wound on cones and sent to the knitters in Hagg."].join("\n\n")
      expect(families(wool)).to eq(["sequence"])
    end
  end

  describe "names" do
    def names(words) = Peony::Reading::Kept.all(Peony::Reading::Passages.of(Peony::Notes::Text.read(words))).map(&:title)

    it "calls paragraphs that share a heading by how they begin" do
      words = "Annual report of the food bank\n\nWho comes to us? Nearly half of our visitors are families with children. " \
              "Pensioners make up 21 percent, people between jobs 19 percent and students 11 percent.\n\n" \
              "The food comes from supermarkets (52 tonnes), farms (23 tonnes), the harvest weeks in schools (12 tonnes) and private gifts (9 tonnes).\n\n" \
              "Demand rose in every quarter: 3,900 parcels in the first, 4,310 in the second, 4,730 in the third and 5,300 in the last.\n\n" \
              "We want to sell 1.2 million cartons in the first year; 310,000 are already ordered.\n"
      expect(names(words)).to eq(["Who comes to us?", "The food comes from supermarkets", "Demand rose in every quarter", "We want to sell"])
    end

    it "leaves a passage its heading where it has one for itself" do
      expect(names("## Costs\n\nThe move costs 46,000 euros: 18,000 for the movers, 15,500 for furniture and 12,500 for cables.\n\n## Seats\n\nThere are four zones.\n")).to eq(%w[Costs Seats])
    end

    it "has none for words without an end" do
      expect(Peony::Reading::Opening.of("")).to be_nil
      expect(Peony::Reading::Opening.of("Long #{'very ' * 400}long").split.size).to be <= 6
    end
  end
end
