# frozen_string_literal: true

module Peony
  module Reading
    # Words and turns of phrase that tell how a passage hangs together. Each is one sign for the scorer.
    module Cues
      FEELINGS = %w[
        afraid alarmed amazed amused angry annoyed anxious ashamed astonished awkward baffled bewildered bewildering bored brave calm calms cheerful confident confused content
        cross curious dazed dazzled delighted desperate determined disappointed discouraged disheartened dismayed dismay doubt doubtful dread eager elated embarrassed
        excited excitement exhausted fear feared fearful feel feeling feels felt fond fretting frightened frustrated furious giddy glad gloomy grateful grief grumpy guilty happy
        hated hates homesick hope hopeful hopes horrified hurt impatient impressed inspired intimidated itching jealous joy keen lonely lost love loved loves mad miserable nerves nervous
        numb nostalgic overwhelmed panic patient pleased pride proud puzzled quiet reassured regret relief relieved reluctant sad satisfied scared shocked shy sick sigh sleepy smug sorry
        speechless stressed stunned surprised suspicious tears cry cried crying wept tearful laugh laughs laughing smile smiles smiling terrified thrilled tired touched trembling uneasy
        unhappy unsure upset wary weary welcome welcomed wistful worried worry impatience curiosity delight anxiety shame glow
      ].to_set.freeze

      ANNOUNCED = /(?:steps|stages|kinds|sorts|types|parts|reasons|things|causes|questions|ways|groups|circles|camps|roots|legs|wards|borders|dates|levels|boxes|partners|trades)\b/
      OF_SO_MANY = /(?:in|out of|of every|in every|for every|for) (?:every )?(?:one|two|three|four|five|six|seven|eight|nine|ten|twelve|twenty|\d+)\b/

      ALL = {
        order: Words::ORDER,
        announced: /\b(?:two|three|four|five|six|seven|eight) #{ANNOUNCED}|\b\d #{ANNOUNCED}/,
        how_to: /\b(?:how (?:to|we|an?|the)|steps?|instructions?|procedure|recipe|routine|method|putting up|making|loading|plan|to change an?|anyone who wants to)\b/,
        again: /\b(?:again|once more|back (?:to|into|over|they go|in)|start(?:s|ing)? (?:again|over)|round (?:we|it|and round)|next (?:round|sale|sep\w*)|over again|re(?:turns?|peats?)|cycle|circle|for ever|another round|begins? anew|and so (?:to|on))\b/,
        loop: /\b(?:round we go|start again|back (?:to|into) (?:the )?(?:start|beginning|first)|than before|once more|no end|new moon again|back they go|and it (?:rains|begins)|month after month|year after year)\b/,
        than: /\b(?:than|whereas|unlike|by contrast|compared|versus|vs|while the|instead|neither|either)\b/,
        comparative: /\b(?:bigger|smaller|cheaper|dearer|faster|slower|heavier|lighter|longer|shorter|softer|harder|milder|higher|lower|better|worse|more|less|fewer|most|costs? (?:more|less|most))\b/,
        choose: /\b(?:which|choose|choice|compar\w+|differen\w+|two (?:ways|neighbours|halls|fields)|between|for hire|or)\b/,
        for_against: /\b(?:for and against|pros?|cons?|in favou?r|favou?r|against|advantages?|disadvantages?|benefits?|drawbacks?|plus(?:es)?|minus(?:es)?|supporters|opponents|critics|advocates|friends point|speaks for|on the one|on the other|the other side|other hand|those keen|others would|objections?|yes, say|no, say|camps?|divides?)\b/,
        do_dont: /\b(?<=\A|\n|\. |; |: )(?:do|don['’]t|do not|never|avoid|myths?|facts?|before|now|then|today|good|bad|right|wrong|pros?|cons?|goes in|stays out|yes|no|like this|not like)\b(?=[:\n ,-])/,
        before_now: /\b(?:before|after|now|used to|then|today|since|these days|formerly|until)\b/,
        from_to: /\bfrom (?:about |around |some |only )?[£€$]?[\d\w.,]+(?: [\w%]+){0,4}? to\b|→|\bdown to\b|\bup to\b|\bcame down\b|\bgoes up\b/,
        rose_fell: /\b(?:rose|risen|rise|rises|fell|fallen|fall|falls|dropped|drop|grew|grown|climbed|increased?|decreased?|declined?|shrank|halved|doubled|trebled|tripled|cut of|a saving of|saving|went up|went down|up by|down by|come down|came down|crept up|slipped|peaked|reached|stood at|stands at|knocked|jumped|loss is|has dropped)\b/,
        share_of: /\b(?:share|split|divided?|divides|made up|makes? up|make up|of (?:all|our|the|every) |came from|comes from|goes? to|went to|goes? on|income|budget|the rest|remaining|remainder|the other|balance|whatever is left|everything else|in all|each pound|where .{0,30}(?:money|goes|went|came))\b/,
        rank: /\b(?:most|top|first|second|third|winner|won|wins|leads?|leading|follow(?:s|ed)|after (?:it|that|her|him)|busiest|biggest|largest|tallest|deepest|heaviest|longest|oldest|highest|best|fewest|least|last|came (?:first|out on top)|ahead|behind|points out of|order(?:ed)?|contest|vot(?:e|es|ed)|count(?:ed|s)?)\b/,
        over_time: /\b(?:a year|years? (?:on|later|after|ago)|a decade|ten years|the (?:week|month|year|day|spring|summer|following \w+) after|the following|since then|by then|again|every (?:year|month|friday|week|spring|march)|last (?:year|summer|week|reading)|a month|by month|by quarter|per year|week \w+|week)\b/,
        one_in: /\b(?:one|two|three|four|five|six|seven|eight|nine|ten) #{OF_SO_MANY}|\b\d+ #{OF_SO_MANY}|\bevery (?:second|third|fourth|fifth|sixth|seventh|eighth|ninth|tenth)\b|\bof every\b/,
        goal: /\b(?:goal|target|so far|still (?:to|needed|missing)|raised|needed|needs|appeal|fund|pledge|will cost|would cost|seats|places|taken|gone already|full|set out to|signed|by 20\d\d)\b/,
        per: /\b(?:per|a visit|a head|each|every \w+ minutes)\b/,
        numbers_talk: /\b(?:in numbers|in (?:\w+ )?figures|at a glance|facts?|some numbers|did you know|this season|record|last (?:season|year|winter)|if you read nothing else|this year|the year)\b/,
        reports: /\b(?:reports? to|answers? to|answerable|in charge|under|below|beneath|above|heads?|over|led by|takes? orders|commands?|rules?(?= (?:the|over|it|them|all|an?|its|every)\b)|elects?|appoints?|holds|responsible|board|committees?|deputy|chief|captain|director|manager|secretary|treasurer|crew|sections?|who answers|teams?)\b/,
        kinds: /\b(?:kinds?|sorts?|types?|families|branches|divided? into|divides? into|splits? into|come in|classes|falls? into|made of|is made up of|belongs? to the|arranged|includes?|structure|map)\b/,
        swot: /\b(?:strengths?|weakness(?:es)?|opportunit(?:y|ies)|threats?|weak on|threatens?|keep|stop|start|change|went well|went badly|surprised)\b/,
        two_axes: /\b(?:two questions|urgent|important|effort|impact|easy and|hard and|cheap and|dear and|likely|unlikely|both|neither|top (?:left|right)|bottom (?:left|right)|how (?:much|hard|often|likely|long)|skill|power|price and|cost and|by (?:cost|price|skill|two)|matter|sun and|shade and|short and|long and|hungry|fed|is it \w+, (?:is it|does it))\b/,
        both: /\b(?:both|shared?|share|in common|the two of them|do both|use both|the same|overlap|between them|each other|as well as|either|meet|all three|belongs? as much)\b/,
        only: /\b(?:only|alone|own|just the|but not|nobody else|all year)\b/,
        stages_left: /\b(?:of (?:these|those|them|whom|which)(?! (?:we|who were) )|remained|were left|still(?! (?:have|has|use|burn|need|heat))|stayed|made it|went on|turned up|came|finished|passed|signed|booked|joined|bought|paid|opened|answered|returned|begun|sent|(?<!we )asked|applications?|visits|(?<!was )seen|drew|survive\w*|funded|checked in|dropped out|set off|the rest)\b/,
        because: /\b(?:because|what (?:makes|made|keeps|kept|spoil(?:s|ed)|stops|stopped|ails|ate)|no \w+ means|why|reasons?|causes?|caused|leads? to|led to|results?|so that|therefore|thanks to|due to|blames?|culprits?|fault|roots?|what follows|brought(?! [£€$]?\d)|that is (?:how|what)|put it down|which means|(?:more|fewer|less) [a-z]+ (?:means?|meant)|effects?|makes? (?:the|people|them)|made the|what (?:goes|went|can go) wrong|(?:things|what) (?:made|make|keeps?|kept|caused|led|held) (?:us|me|them|him|her|it)|comes from|so the|traced|out of it)\b/,
        centre: /\b(?:everything|everyone|all (?:hangs|goes|passes|of it)|heart|centre|center|middle|around|round (?:it|the)|depends? on|hangs? (?:off|on)|runs? together|lives? off|feeds?|connect\w*|plugs? into|web|keeps? company|works with|partners?|hub|whole of|from the .{0,30}you reach|belongs on|if .{0,20} retires|we['’]re lost|her (?:belt|desk|chair)|passes|ring of|drives)\b/,
        if_then: /\b(?:if|whether|unless|otherwise|depends on|depending|when (?:it|they|a|the)|in that case|provided|without one|if not|if so|either way|instead)\b/,
        yes_no: /\b(?:yes|no|if not|if so|isn['’]t|aren['’]t|neither)\b/,
        journey: /\b(?:journey|day on|first (?:visit|night|week|saturday|day|year)|arriv\w+|leaving|newcomers?|at the (?:desk|door|start|end)|driving home|booking|by the second|in the end|after a month|week later|some time|visitor|guest|stay|path|experience|joins?|at home|on the way|setting up|nobody tells you)\b/,
        more_the: /\bthe (?:more|higher|deeper|further|longer|larger|hotter|older|dearer|warmer|fewer|bigger)\b[^.]{2,60}\bthe (?:more|fewer|less|lighter|lower|higher|saltier|slower|better|\w+er)\b|\b(?:as .{3,30} (?:climbs|rises|falls|grows)|go(?:es)? (?:up |down )?(?:together|with)|has .{0,20}to do with|beside|set .{3,30} (?:beside|against)|average|theory|worth|brings|rise with|against|measured|distance|height and|age of|hours? of|the dearer)\b/,
        years_words: /\b(?:began|founded|opened|built|closed|bought|since|burned|declared|retired|revived|history|dates?|milestones?|diary|plan|first ran|until the year|century)\b/,
        thanks: /\b(?:thanks?|thank you|grateful|rights reserved|liability|copyright|©|questions\?|contact|write to the office|look forward|welcome to|sorry that|see also|further reading|in what follows|this (?:document|handbook|report) (?:describes|has been)|printed in|we hope that|address)\b/,
        you_we: /\b(?:we|our|us|you|your)\b/,
        chatty: /\b(?:i['’]m|i['’]ve|i|dear|well|my|don['’]t|you['’]d)\b/,
        list_words: /\b(?:bring|things?|rules?|services?|jobs|promises|extras?|new in|comes with|include[sd]?|also|and there is|there (?:are|is)|more than|held|list|learn|members get|good deal|tips|what to|want)\b/
      }.freeze
      SOUGHT = Phrases.new(ALL)

      module_function

      # @return [Boolean] whether words speak of what somebody feels
      def felt?(words) = words.downcase.scan(/[[:alpha:]]+/).any? { |w| FEELINGS.include?(w) }

      # @param words [String] lower case
      # @return [Hash{Symbol => Integer}] how often each cue stands in the words
      def counts(words) = SOUGHT.counts(words)

      # @param list [Array<String>] stretches in lower case
      # @return [Hash{Symbol => Float}] in which share of them each cue stands, for those that do
      def shares(list) = list.flat_map { |words| SOUGHT.standing(words).keys }.tally.transform_values { |count| count.to_f / list.size }
    end
  end
end
