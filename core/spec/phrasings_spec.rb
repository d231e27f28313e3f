# frozen_string_literal: true

# One sentence or two for each of the ways in which people say a thing: which values are found, or how many items.
RSpec.describe "Phrasings" do
  include WordsRead

  def items(family, words) = Peony::Reading::Finder.members.fetch(family).new(text(words)).find&.named&.items.to_a

  {
    "change" => {
      "The wait went from 31 minutes to 12." => [12],
      "The wait used to be 31 minutes; it is 12 now." => [12],
      "Thirty-one minutes then, twelve now: that is the wait." => [12],
      "The wait is 12 minutes, against 31 last year." => [12],
      "From 31 minutes the wait has come down to 12." => [12],
      "Where there were 31 complaints a week there are now 12." => [12],
      "Complaints fell by half, to 12 from 24." => [12],
      "We have 12 complaints compared with 31 a year ago." => [12],
      "Complaints rose by a third, from 24 to 32." => [32],
      "Membership doubled from 40 to 80." => [80],
      "Membership stands at 80, up from 40." => [80],
      "Sick days were 14 when the fan was bought, and are 9 today." => [9],
      "At the start of the course they knew 120 words and at the end 640." => [640],
      "Before the lights 9 people were hurt here each year; since then it has been 2." => [2],
      "A loaf cost £1.20 in 2010. It costs £2.40 today." => [2.4],
      "In 2010 a loaf cost £1.20 and in 2024 £2.60." => [2.6],
      "Last winter the hall burnt 900 litres. This winter it was 610." => [610],
      "The queue has shrunk to 8 people from 20." => [8],
      "We lost 14 sheep in the old fold and 3 in the new one." => [3],
      "Two years ago 15 % of bins were full by noon; today it is 4 %." => [4],
      "It took six days to mend a bench; now it takes two." => [2],
      "The walk was 3 km and has become 1.2 km." => [1.2],
      "Noise is down by 6 decibels, from 71 to 65." => [65],
      "Until last year 30 people rang each morning, now only 11 do." => [11],
      "Our bill has gone up from £88 to £91." => [91],
      "She could do 4 lengths in May and 22 in July." => [22],
      "He weighed 3.2 kg at birth and 6.1 kg at four months." => [6.1],
      "The share of late trains dropped to 9 % (it had been 21 %)." => [9],
      "Fines brought £400 before and nothing since." => [0],
      "There used to be eleven shops in the street. Four are left." => [4],
      "What once took 50 minutes is done in 20." => [20],
      "Visits grew from 1,200 in the first month to 3,400 in the third." => [3400],
      "Absences halved: 18 in autumn, 9 in spring." => [9],
      "Pupils per class: 31 before the annexe, 24 after." => [24],
      "It was 7 degrees at six and 19 degrees at noon." => [19],
      "We planted 200 trees last year and 350 this year." => [350],
      "She took nine minutes to fill a jar. She has got it down to four." => [4],
      "Noise: at the start it was 58 decibels; on Monday it was 71." => [71],
      "The last census found 340 moths. That was before the traps. There were 28 this time." => [28],
      "Our new bottle weighs 310 g. The old one weighed 480." => [310],
      "In 1900 a farmer fed 4 people. Today one farmer feeds 130." => [130],
      "Then: 3 buses, 900 passengers, 22 complaints. Now: 5 buses, 2,100 passengers, 6 complaints." => [5, 2100, 6],
      "Applications are up from 240 to 310, while the number of trainees has fallen from 22 to 13." => [310, 13],
      "In 2016 there were two kinds of butterfly. In 2023 the children counted nine, and nests are up as well, to 14 from 3." => [9, 14],
      "In 2023 we had 18,400 visitors. It was 14,900 the year before." => [18_400],
      "In her first season the boat was late on 17 days; the year before it had been 46." => [17],
      "In 2023 there were 140 members, in 2022 there were 120." => [140],
      "A visit lasts 34 minutes on average now, against 51 in the old days." => [34],
      "The water is 24 degrees where it was 28. The over-sixties, there were 140 a week, are down to 60." => [24, 60]
    },
    "ratio" => {
      "We have £300 of the £400 we need." => [75],
      "The target is £400 and so far we have £300." => [75],
      "£300 has come in; we need £400." => [75],
      "Of the 400 places 300 are taken." => [75],
      "Three out of four pupils walk." => [75],
      "Three in every four pupils walk." => [75],
      "Three of the four clocks are wrong." => [75],
      "Every fourth letter goes astray." => [25],
      "Out of 40 hives, 30 came through." => [75],
      "30 of our 40 hives came through." => [75],
      "One hive in four died." => [25],
      "One in four hives died." => [25],
      "For every four eggs one hatches." => [25],
      "The roof costs £8,000. We have raised £6,000 of it." => [75],
      "We still need £2,000 of the £8,000." => [25],
      "Halfway there: £4,000 of £8,000." => [50],
      "The appeal has reached £6,000, with £8,000 the goal." => [75],
      "A quarter of a thousand trees are in: 250 of 1,000." => [25],
      "It will take 8,000 bricks; 6,000 are here." => [75],
      "12 of the 16 bells ring." => [75],
      "There are 40 seats, and 30 have been booked." => [75],
      "Four in five would come again. One in ten would not." => [80, 10],
      "Of every ten visitors, seven come back." => [70],
      "Of every six panes one is original." => [16.7],
      "Seven visitors out of ten come back." => [70],
      "We asked for 500 names and have 350." => [70],
      "350 people have signed; 500 must." => [70],
      "Twelve children are in the play and three of them can sing." => [25],
      "For every teacher there are now 19 pupils." => 1,
      "We wanted 150 signatures for the crossing and we have got 117." => 1,
      "Complaints run at 3 per 1,000 parcels." => 1,
      "There is one dentist for 4,100 people on the coast." => 1,
      "A third of all letters begin with a lie." => 1,
      "In our class 17 of 25 pupils have a pet." => 1
    },
    "parts" => {
      "Half is milk, a third is cream and the rest is sugar." => [50, 33.3, 16.7],
      "Crusts make up 60 per cent and carrots 30. All that remains is fork." => [60, 30, 10],
      "60 % walk, 30 % cycle and one in ten is driven." => [60, 30, 10],
      "Two thirds are boys, a third girls." => [66.7, 33.3],
      "Of 50 boats 30 are red, 15 blue and 5 green." => [30, 15, 5],
      "Of 18,400 euros 7,200 went into the bank, 5,100 into the two bridges, 3,300 into trees and 2,800 into signs and paint." => [7200, 5100, 3300, 2800],
      "The £800 went on paint (£500), brushes (£200) and tea (£100)." => [500, 200, 100],
      "45 per cent came by bus, 35 by train and 20 on foot." => [45, 35, 20],
      "By bus came 45 %, by train 35 %, on foot 20 %." => [45, 35, 20],
      "Sleep takes eight hours of the day, school six, play five, and five go on looking for shoes." => [8, 6, 5, 5],
      "Three quarters of it is water. The other quarter is salt and secrets." => [75, 25],
      "Most of the money, 70 %, is wages; heating is 20 %; what is left buys chalk." => [70, 20, 10],
      "A tenth is sand, two tenths clay, and seven tenths loam." => [10, 20, 70],
      "Twelve of us row, six steer and two bail." => [12, 6, 2],
      "Oats make up 55 %, nuts 25 % and raisins 20 %." => [55, 25, 20],
      "There were 100 votes: 48 for the otter, 32 for the owl and 20 for the newt." => [48, 32, 20],
      "The otter got 48 of the 100 votes, the owl 32 and the newt 20." => [48, 32, 20],
      "Rent: half. Food: a third. Books: a sixth." => [50, 33.3, 16.7],
      "The renovation was dear: the city paid 60 %, the friends of the Regal 25 % and the cinema itself the rest." => [60, 25, 15],
      "Of the 600 euros, 260 went on medals, 190 on food, 100 on the tent and the rest on plasters." => [260, 190, 100, 50]
    },
    "funnel" => {
      "Of 90 who asked, 60 came, 30 stayed and 12 joined." => [90, 60, 30, 12],
      "Ninety asked. Sixty came. Thirty stayed, twelve of whom joined." => [90, 60, 30, 12],
      "We sent 500 letters, heard from 80 people, met 25 and hired 3." => [500, 80, 25, 3],
      "From 500 letters came 80 replies, from the replies 25 talks and from the talks 3 sales." => [500, 80, 25, 3],
      "It began with 40 pupils. By Christmas there were 31, by Easter 22, and 19 took the exam." => [40, 31, 22, 19],
      "200 seeds were sown, 150 came up, 90 grew and 40 flowered." => [200, 150, 90, 40]
    },
    "overlap" => {
      "30 play chess, 25 sing, and 10 do both." => [30, 25, 10],
      "Thirty play chess and twenty-five sing; ten do both." => [30, 25, 10],
      "Of 45 pupils, 30 play chess and 25 sing. Ten do the two." => [30, 25, 10],
      "French is taken by 40 pupils, art by 35, and 12 take French and art." => [40, 35, 12],
      "There are 40 dog owners and 35 cat owners, 12 of whom own both." => [40, 35, 12],
      "40 have a dog. 35 have a cat. 12 have one of each." => [40, 35, 12],
      "A librarian spends the day with books, a barman with bottles. Each of them listens to strangers." => 3,
      "My brother is into trains. I am into birds. We've both got the flask." => 3
    },
    "trend" => {
      "In 2019 we had 40, in 2020 44, in 2021 39." => [40, 44, 39],
      "We had 40 in 2019, 44 in 2020 and 39 in 2021." => [40, 44, 39],
      "2019 saw 40 of them, 2020 44 and 2021 only 39." => [40, 44, 39],
      "From 40 in 2019 it rose to 44 in 2020 and 52 in 2021." => [40, 44, 52],
      "In 2019 there were 40. A year later there were 44. The year after, 39. Last year it was 52." => [40, 44, 39, 52],
      "Monday brought 40 guests, Tuesday 44 and Wednesday 39." => [40, 44, 39],
      "There were 40 at noon, 44 at one and 39 at two." => [40, 44, 39],
      "January 40, February 44, March 39, April 52." => [40, 44, 39, 52],
      "It stood at 40 in the spring of 2019, 44 that autumn and 39 in spring 2020." => [40, 44, 39],
      "40 came the first year, 44 the second, 39 the third." => [40, 44, 39],
      "In week one 40 came, in week two 44 and in week three 39." => [40, 44, 39],
      "Eggs at the gate, week by week: thirty, thirty-six, thirty-six again, forty-eight, and then eleven." => [30, 36, 36, 48, 11],
      "Downloads per quarter were 1,200, 1,450, 1,900 and, after the radio piece, 4,100." => [1200, 1450, 1900, 4100],
      "Steps: Mon 4,000, Tue 6,500, Wed 11,000, Thu 10,200, Fri 3,100." => 5,
      "There were 52 sparrows in the first year. Then it went down, to 44, to 31, to 19." => 4
    },
    "ranking" => {
      "Osk has 61 wells, Varn 44, Halm 30 and Brool 9." => [61, 44, 30, 9],
      "First came Osk with 61 points, then Varn with 44, then Halm with 30." => [61, 44, 30],
      "The longest is the Tiddick at 88 km, followed by the Lenn (61 km) and the Cole, which is only 19." => [88, 61, 19],
      "Osk: 61. Varn: 44. Halm: 30." => [61, 44, 30],
      "With 61 votes Osk won; Varn had 44, and Halm 30." => [61, 44, 30],
      "At 88 m the tower beats the mast (61 m), the mill (44 m) and the church, at 30 m." => [88, 61, 44, 30],
      "61 for Osk, 44 for Varn, 30 for Halm." => [61, 44, 30],
      "Each cow gives milk: those at Hagg give 31 litres, those at Brow 27, and those in Norrick nine." => [31, 27, 9]
    },
    "timeline" => {
      "Founded 1887, enlarged 1902, closed 1956, reopened 2001." => 4,
      "It was founded in 1887. Fire destroyed it in 1902. In 1956 it closed. A club reopened it in 2001." => 4,
      "1887: founded\n1902: fire\n1956: closed" => 3,
      "First came the mill, in 1790. The bridge followed in 1811, and the school in 1834." => 3,
      "08:00 gates open; 09:30 first race; 12:00 lunch; 14:00 prizes." => 4,
      "In May we dig. In June we plant. July is for weeding and in August we eat." => 4,
      "On Monday they arrive, on Tuesday they unpack, and on Friday they ask when lunch is." => 3,
      "1790, a mill. 1811, a bridge. 1834, a school." => 3,
      "Born in a snowstorm in 1931, left school at fourteen, married in 1952, opened a shop four years later." => 4,
      "At birth a lamb gets its tag. It is dipped at three weeks, weaned at fourteen, and shorn after a year." => 4,
      "The fire was seen at ten to three. By three the bell was going. At half past four the roof went in. It was out by breakfast." => 4,
      "The baker is up at two. The dough is turned out by half past, and rolls go in at four. The shop opens at seven." => 4,
      "The van's here at 7. We load till 8. Doors are at 12, we're on at 1 and done by 3." => 5,
      "Monks had the island until 793. A hermit came in 1102. The abbey was built in 1240 and closed in 1539." => 4,
      "It opened as a post office in 1908. During the war it was a hospital. From 1952 it was a school, and in 1987 it became flats." => 4,
      "In 1588 a school was founded. In 1640 soldiers burned the library. In 1702 there was another." => 3
    },
    "headline" => {
      "412 children. 31 lifeguards. £0 charged." => 3,
      "We taught 412 children and spent £900." => 2,
      "In numbers: 412 children, 31 lifeguards, 7 pools." => 3,
      "One thing to remember: 97 % would come again." => 1,
      "Visitors: 4,100. Dogs: 310. Complaints: 1." => 3,
      "It ruined 11,000 programmes and 2 double basses." => [11_000, 2],
      "It took nine days, 60 tonnes of sand and every spade to build the whale." => [9, 60]
    },
    "comparison" => {
      "The bus costs £4 and takes 70 minutes. The train costs £9 and takes 35." => 2,
      "Oak is hard, dear and slow to dry. Pine is soft, cheap and dry in a year." => 2,
      "While the bus is cheap and slow, the train is dear and quick." => 2,
      "Plan A: £9 a month, 5 GB, no contract. Plan B: £15 a month, 20 GB, two years." => 2,
      "Where Norrick has a harbour, Halm has an airport. Halm is quicker." => 2,
      "Desserts can be hot or cold. A hot dessert wants a spoon and patience in the winter. A cold dessert may be eaten with the fingers; it keeps for days." => 2,
      "Team North had 320 cases and six people, who needed nine days each. Team South had 280 cases and four people, who needed eleven days each." => 2
    },
    "opposition" => {
      "Pros: cheap, quick. Cons: ugly, loud." => 2,
      "On the one hand it is cheap. On the other hand it leaks." => 2,
      "Some say it is a weed. Others call it supper." => 2,
      "For: jobs, rates. Against: noise, dust, swans." => 2,
      "Those in favour speak of jobs. Those against speak of swans." => 2,
      "Do wash your hands. Do not touch the walls." => 2,
      "Advantages are the price and the view; the disadvantage is the wind." => 2,
      "Myth: bats are blind. Fact: they see." => 2,
      "I love that nobody eats fish at the next desk. What I don't love is that the day has no end." => 2,
      "In a discussion you should listen and stay polite. You should not interrupt." => 2,
      "Begin with a greeting and say what you want. Avoid smileys and capital letters." => 2
    },
    "decision" => {
      "Is it raining? If yes, take the bus; if not, walk." => 3,
      "Wet? Hall. Dry? Green." => 4,
      "Can I have the hall? Under ten people you need not ask. If you are more, is it for children? If so, it is free. If not, it is £20." => 4,
      "Is there fuel? If not, fetch some. Is the clip on? If not, put it on. Still nothing? Ring Len." => 5,
      "Does it have a bell? Yes: ring it. No: no. Anyone else may knock." => 4,
      "Is it hot? A cold one she opens, a hot one she does not. If in doubt she waits." => 4
    },
    "cycle" => {
      "Rain falls, rivers run, seas warm and clouds form, and rain falls again." => 4,
      "Eggs become tadpoles, tadpoles become frogs, and frogs lay eggs." => 3,
      "Plan, do, check, and plan again." => 3,
      "Seed → plant → flower → seed" => 3
    },
    "sequence" => {
      "First wash it, then dry it, then oil it." => 3,
      "Wash it, dry it and oil it." => 3,
      "Wash it. Dry it. Oil it." => 3,
      "After washing it, dry it; then oil it." => 3,
      "Wash → dry → oil" => 3,
      "You wash it, you dry it, and finally you oil it." => 3,
      "Begin by washing it. Next comes drying. Oil it last." => 3,
      "Once it is washed it is dried. When it is dry, it is oiled. Then it is hung." => 3
    },
    "hierarchy" => {
      "Animals: mammals (cats, dogs), birds (owls, gulls)." => 2,
      "Vertebrates are divided into five classes: fish, frogs, snakes, birds and apes. Invertebrates include insects, spiders and worms." => 2,
      "The land is made up of three valleys. Ash Valley has Tollen, Stang and Osk. Cole Valley has Brool, Norrick and the mill. In the Mere there is only Hollenwick." => 3
    },
    "cause" => {
      "It failed because the rope was old, the knot was bad and nobody looked." => 3,
      "Reasons: old rope, bad knot, nobody looking." => 3,
      "Old rope led to a fall, the fall to a fright, and the fright to a ban." => 3,
      "Three things caused it: rain, rust and Bram." => 3,
      "The main reasons were the cold spring, longer hours and the new ovens. A faulty valve also ran unnoticed." => 4
    },
    "hub" => {
      "Everything hangs on the key: the hall, the piano, the bar." => 3,
      "The well serves the inn, the church and four farms." => 3
    },
    "list" => {
      "Bring a hat, a coat and a spoon." => 3,
      "You will need: hat, coat, spoon." => 3,
      "We sell hats. We mend coats. We lend spoons." => 3,
      "The kit contains a map, two pencils and a whistle." => 3
    },
    "journey" => {
      "She arrives nervous, is shown round, relaxes over tea and leaves happy." => 4
    }
  }.each do |family, cases|
    describe family do
      cases.each do |words, want|
        it("reads “#{words}”") { expect(want.is_a?(Integer) ? items(family, words).size : items(family, words).map(&:value)).to eq(want) }
      end
    end
  end
end
