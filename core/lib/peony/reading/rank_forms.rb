# frozen_string_literal: true

module Peony
  module Reading
    # How running text says that these stand below that: the statements of {Ranks}, each with what is above (up) and what is below (low).
    module RankForms
      # A name of a few words.
      NAME = "(?:(?!\\b(?:who|which|that|and|or|but)\\b)[^,;:()]){2,44}?"
      HAS = "(?:has|have|had|(?:has|have|had|['’]s|['’]ve) got|holds|includes?|included|contains?|consists? of|comprises?|gathers?|covers|takes in|means|meant)"
      RUNS = "(?:(?:is|are|was|were|stands?|stood) (?:set )?(?:over|(?:in charge|head|at the head) of|responsible for|(?:supported|helped|assisted) by)|['’]s (?:over|" \
             "in charge of)|(?:has|have|had) (?:charge of|the (?:care|charge|say) (?:of|over))|leads?|led|runs?|ran|heads(?! (?:under|below|beneath|of|for)\\b)|headed|" \
             "commands?|commanded|manages?|managed|supervises?|supervised|oversees?|oversaw|directs?|directed|rules|ruled|governs?|employs?|employed|hires?|hired|" \
             "looks? after|looked after|appoints?|appointed|elects?|elected|chooses?|chose|names|minds|gives? orders to|gave orders to|gave out (?:the )?work to|guides)"
      PARTED = "(?:(?:is|are|was|were|can be|may be) (?:made up|composed|divided|split|sorted|grouped|parted|broken down)(?: again)? (?:of|into|in)|" \
               "splits? (?:up )?into|divides? (?:further,? )?into|falls? into|fell into|comes? in|breaks? down into|branch(?:es)? into|opens? into|again into|" \
               "(?:(?:has|have|had) given|gave|gives?) rise to)"
      KINDS = "(?:(?:may|can|could|might) be|(?:is|are|was|were)(?: in turn)?(?: either)?)"
      UNDER = "(?:(?:reports?|reported|answers?|answered|belongs?|belonged|(?:is|are|was|were) (?:responsible|answerable)) (?:directly )?to|(?:works?|worked) (?:for|under)|" \
              "(?:takes?|took) (?:their |his |her |its )?orders from|(?:descends?|descended) from|obeys?|makes? up|(?:is|are|" \
              "was|were|comes?|came|stands?|stood|serves?|served) (?:directly )?(?:under|below|beneath)|(?:is|are|was|were) part of)"
      THERE = "(?:(?:there )?(?:is|are|was|were|comes?|came|stands?|stood|sits?|sat|works?|worked|serves?|served|hangs?|hung|belongs?|follows?)|there['’]s|it['’]s|" \
              "you(?:['’]ll| will)? find|you(?:['’]ve| have)(?: got)?)"
      # "Auks, which fly badly, include", "Collections, the largest, is divided into", "the third warden, for peace, has"
      ASIDE = "(?:, (?:(?:who|which|whose|the|an?|for|in|at|called|commonly|usually|though|so) [^,;]{2,60}|[[:upper:]][[:alpha:]'’-]+(?: [[:upper:]][[:alpha:]'’-]+)?),)?"
      # What a statement is led by.
      LEAD = "\\A(?:and |but |while |then |also |now |next |in (?:fact|truth|the end) )?"
      SORTED = "(?:(?:again|in turn) )?(?:is|are|was|were) (?:(?:again|in turn) )?(?:called|named|sorted|grouped|told apart|known|classed) (?:by|after|according to)"

      # Who has something, where that was said of the one before: "the head of house the box office", "the second the steward and the cook".
      ONE_OF_THEM = "the (?:(?:head|leader|chief) of (?:the )?[[:lower:]]+|first|second|third|other|latter)"
      HELD = "(?:the|an?|his|her|its|two|three|four|everyone|everything) "

      ALL = "(?:everything|every(?:one|body)|the (?:whole|lot)(?: of (?:it|them))?|all(?: of (?:it|this|them|us))?|(?:them|us) all)"
      PERSON = "(?:(?:Mr|Mrs|Ms|Miss|Dr|Sister|Captain|Chief|Madame|Signora) )?[[:upper:]][[:alpha:]-]+(?: [[:upper:]][[:alpha:]-]+)?"
      HOLDER = "(?:chair(?:man|woman|person)?|boss|manager|chief|director|president|head|captain|queen|king)"
      # What is said of the one over all, behind the name.
      OVER_ALL = "(?:is|are|was|were|stands?|stood|['’]s) (?:(?:the one )?in (?:command|charge)|(?:over|above) (?:it|#{ALL})|sovereign|the (?:boss|chief|head)|" \
                 "at the (?:very )?(?:top|head)|(?:the )?top)\\b(?! of\\b)|(?:has|have|had) the (?:last|final) (?:word|say)\\b|(?:has|have|had) the say\\b(?! over (?!#{ALL}\\b))|" \
                 "answers? for #{ALL}\\b|(?:rules?|ruled) (?:it|#{ALL})\\b".freeze

      FORMS = {
        top: /#{LEAD}(?:right )?(?:at the (?:very )?(?:top|head)(?: table)?(?: of [^,]{3,40}?)?(?:, in [^,]{2,20})?|(?:over|above) #{ALL}|(?:the )?top (?:dog|of (?:everything|it all)):?),? (?:is|stands?|sits?|sat|was|stood|comes?|there is|there['’]s|we have|(?<=:\s)) ?(?<low>.+)\z/im,
        hangs: /#{LEAD}#{ALL}(?: [[:lower:] ]{2,20})? (?:hangs? on|goes back to|runs? down from|depends? on|answers? to|descends? from|looks? to|ends? up with) (?<low>[^,;:]{2,40})(?:, .*)?\z/im,
        it_is: /\b(?:(?i:it is|that is where) (?<low>(?:the |an? )?[[:alpha:]'’ -]{2,40}?)(?: stands,?)? who (?:gives|rules|runs|decides|owns)|(?:\A|: )(?<low>(?i:the) [^,;:]{2,40}?) (?:is|are) where (?:everything|all|every [[:lower:]]+) (?:ends?|goes|comes|stops?|is)\b|\A(?i:in (?:fact|truth) it is) (?<low>#{PERSON}))\b/m,
        # "The owners meet at New Year | and are over everything"
        crowned: /\A(?:#{OVER_ALL})/im,
        put: /#{LEAD}(?<up>#{NAME}) (?:(?:has|have|had) )?(?:put|set|placed) (?<low>(?:the |an? )?#{PERSON}) (?<told>(?:at the head of|over|in charge of) [^,;]{3,30}?)(?: and (?<other>(?:the |an? )?#{PERSON}) (?<over>(?:at the head of|over|in charge of) [^,;]{3,30}))?\z/m,
        bottom: /#{LEAD}(?:right )?at the (?:very )?bottom(?: of [^,]{3,40}?)?,? (?:is|are|was|were|stands?|stood|comes?|came|there (?:is|are|was|were)) (?<low>.+)\z/im,
        reporting: /#{LEAD}(?:reporting|answering) to (?<up>[^,]{2,40}),\s+(?<rest>(?<low>#{NAME})(?:\s+(?:is|are|was|were|has|have)\b.*)?)\z/im,
        under_list: /#{LEAD}(?:directly )?(?:under(?:neath)?|below|beneath|(?:reporting|answering) to) (?![^:]{0,60}\b(?:is|are|was|were|works?|comes?|stands?|sits?|there)\b)(?<up>#{NAME}):\s+(?<low>.+)\z/im,
        under: /#{LEAD}(?:directly )?(?:under(?:neath)?|below|beneath|(?:reporting|answering) to) (?<up>#{NAME}|that|this)#{ASIDE},? #{THERE}\s+(?<low>.+)\z/im,
        under_one: /#{LEAD}(?:under(?:neath)?|below|beneath) (?<up>h[ei][rm]|it|them),? (?=\S)(?!#{THERE}\b)(?<low>.+)\z/im,
        beside: /#{LEAD}on (?:his|her|its) (?:left|right)(?: hand)? (?:sits|sat|stands?|stood|is|are|was|were) (?<low>.+)\z/im,
        crew: /#{LEAD}(?<up>[[:upper:]][[:alpha:]-]+)['’]s? (?:people|team|crew|lot|side|half) (?:do|does|did|makes?|made|looks? after|looked after|runs?|ran|builds?|are|have|has) (?<low>.+)\z/m,
        owned: /#{LEAD}(?<low>[^,;:()]{2,60}?) (?:is|are|was|were) (?<up>#{PERSON})['’]s?(?: (?:half|side|part|lot|affair|business|job))?(?:(?:, with|:|,? and with (?:it|them) goe?s?) (?<rest>.+)|, .*)?\z/m,
        team: /#{LEAD}(?<up>#{NAME}) (?:is|are|was|were) (?:led|run|headed|managed|directed) by [^,;]{2,40}?(?: and (?:consists? of|has|is made up of)|, (?:with|who has|which has)) (?<low>.+)\z/im,
        # "They fall into two classes. There are | the open ones and the decked ones."
        there: /\A(?:then )?there (?:are|is|were|was|['’]s) (?<low>.+)\z|\A(?:then )?there['’]s (?<low>.+)\z/im,
        # "Smacks again are called by their gear: | trawl smacks and line smacks"
        sorted: /#{LEAD}(?<up>#{NAME}) #{SORTED} [^:;,]{3,40}: (?<low>.+)\z/im,
        # "What is left is called Jobbing, and under that you find ..."
        called: /#{LEAD}(?:what is left|what remains|the rest|the last|all else|everything else) (?:is|are|was|were) called (?<low>[^,;:]{2,30})\z/im,
        led: /#{LEAD}(?<low>#{NAME}) (?:is|are|was|were) (?:all )?(?:led|run|headed|chaired|managed|directed|supervised|commanded|governed|looked after) by (?<up>[^,;:]{2,40})(?:, .*)?\z/im,
        followed: /#{LEAD}(?<up>#{NAME}) (?:is|are|was|were) followed, (?:one|a) (?:step|rung) (?:down|below|lower), by (?<low>.+)\z/im,
        in: /#{LEAD}(?:(?:in|on|among|with) (?:the )?(?<up>#{NAME}),? (?:there (?:is|are|was|were)|(?:sit|stand|are|come|belong|live|lie)s?|(?:we|you)(?: will)? find|we have|one (?:finds|knows|has|tells apart|distinguishes))|from (?:the )?(?<up>#{NAME}) (?:one|you) (?:gets?|comes?) to) (?<low>.+)\z/im,
        charge: /#{LEAD}in (?:the )?(?<up>#{NAME})['’]s? (?:charge|care|hands) (?:is|are|was|were) (?<low>.+)\z/im,
        to: /#{LEAD}(?:to (?:the )?(?<up>#{NAME}) belong(?:s|ed)?|for (?<up>#{NAME}) (?:there )?works?) (?<low>.+)\z/im,
        up_list: /#{LEAD}(?:#{Numbers::WORD}|\d+|all|several|some)\b[^:]{2,50} #{UNDER} (?<up>[^,;:]{2,40})(?::|,(?= one\b))\s+(?<low>.+)\z/im,
        up: /#{LEAD}(?<low>(?:(?!\b(?:who|which|that)\b)[^;:]){2,90}?)\s+#{UNDER}\s+(?<up>[^,;:]{2,40}?)(?: for (?:the )?[[:lower:]]+| but not .*| and (?!(?:the|an?) |[[:upper:]]).*)?(?:, .*)?\z/im,
        owner: /\A(?i:the )?(?i:chef|boss|chief|head|director|captain|manager|queen|king|chair|president) (?:is|was) (?<up>[[:upper:]][[:alpha:]'’-]+(?: [[:upper:]][[:alpha:]'’-]+)?)(?:,? and\b.*|, .*)?\z|#{LEAD}(?<up>[[:upper:]]#{NAME}) (?:owns|owned) (?:it|everything|all of it|the (?:whole )?(?:place|thing))\b.*\z|\A(?<up>[[:upper:]][[:alpha:]-]+)['’]s (?:the )?#{HOLDER}\z|\A(?i:the )?(?i:#{HOLDER}): (?<up>#{PERSON})\z/m,
        boss: /#{LEAD}(?<low>#{NAME})#{ASIDE}(?:\s+|(?=['’]))(?:#{OVER_ALL})/im,
        parted: /#{LEAD}(?<up>#{NAME})#{ASIDE}\s+#{PARTED}\s+(?<low>.+)\z/im,
        more: /\A(?:#{RUNS}|#{HAS}) (?<low>.+)\z/im,
        more_under: /\A#{UNDER} (?<up>[^,;:]{2,40})(?:, .*)?\z/im,
        runs: /#{LEAD}(?<up>#{NAME})(?:#{ASIDE}|, who|, which)(?:\s+|(?=['’]))#{RUNS}\s+(?<low>.+)\z/im,
        down: /#{LEAD}(?<up>#{NAME})(?:#{ASIDE}|, who|, which)(?:\s+|(?=['’]))#{HAS}(?: (?:under|below|beneath|beside|with) (?:h[ei][rm]|it|them)| on (?:his|her|its) (?:left|right))?,?\s+(?<low>.+)\z/im,
        handed: /#{LEAD}(?<up>#{NAME}) (?:in (?:their |his |her )?turn )?(?:gave|gives?|lent|lends?|leased|let|granted|grants?) [^,;]{2,30}? to (?<low>.+)\z/im,
        elided: /#{LEAD}(?<up>#{ONE_OF_THEM}) (?<low>#{HELD}.+)\z/im,
        kinds: /#{LEAD}(?<up>#{NAME})#{ASIDE}\s+#{KINDS}\s+(?!not\b)(?<low>.+)\z/im
      }.freeze
    end
  end
end
