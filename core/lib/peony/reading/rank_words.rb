# frozen_string_literal: true

module Peony
  module Reading
    # The turns of phrase by which running text tells who stands below whom: see {Ranks}.
    module RankWords
      # A name of a few words.
      NAME = "(?:(?!\\b(?:who|which|that|and|or|but)\\b)[^,;:()]){2,44}?"
      HAS = "(?:has|have|had|(?:has|have|had|['’]s|['’]ve) got|holds|includes?|included|contains?|consists? of|comprises?|gathers?|covers|takes in)"
      RUNS = "(?:(?:is|are|was|were|stands?|stood) (?:over|(?:in charge|head|at the head) of|responsible for|(?:supported|helped|assisted) by)|['’]s (?:over|" \
             "in charge of)|leads?|led|runs?|ran|heads|headed|commands?|commanded|manages?|managed|supervises?|supervised|oversees?|oversaw|directs?|directed|rules|" \
             "ruled|governs?|employs?|employed|looks? after|looked after|appoints?|appointed|elects?|elected|gives? orders to|gave orders to|" \
             "gave out (?:the )?work to|guides)"
      PARTED = "(?:(?:is|are|was|were|can be|may be) (?:made up|composed|divided|split|sorted|grouped|parted|broken down)(?: again)? (?:of|into|in)|" \
               "splits? (?:up )?into|divides? into|falls? into|fell into|comes? in|breaks? down into|branch(?:es)? into|(?:(?:has|have|had) given|gave|gives?) rise to)"
      KINDS = "(?:(?:may|can|could|might) be|(?:is|are|was|were)(?: in turn)?(?: either)?)"
      UNDER = "(?:(?:reports?|reported|answers?|answered|belongs?|belonged|is answerable|are answerable) (?:directly )?to|(?:works?|worked) (?:for|under)|" \
              "(?:takes?|took) (?:their |his |her |its )?orders from|(?:descends?|descended) from|(?:is|are|" \
              "was|were|comes?|came|stands?|stood|serves?|served) (?:directly )?(?:under|below|beneath)|(?:is|are|was|were) part of)"
      THERE = "(?:(?:there )?(?:is|are|was|were|comes?|came|stands?|stood|sits?|sat|works?|worked|serves?|served|hangs?|hung|belongs?|follows?)|there['’]s|" \
              "you(?:['’]ll| will)? find|you(?:['’]ve| have)(?: got)?)"
      # "Auks, which fly badly, include"
      ASIDE = "(?:, (?:who|which|whose) [^,;]{2,60},)?"
      # Without one of these it is not worth looking.
      HINT = /\b(?:(?:run|led|headed|chaired|managed|directed) by|looks? after|heads|leads|under (?:her|him|it|them)|responsible for|consists? of|includes?|divided into|made up of|at the (?:very )?top (?:is|are|was|were|stands?|stood|sits?|sat))\b/
      # What a statement is led by.
      LEAD = "\\A(?:and |but |while |then |also |now |next )?"

      SORTED = "(?:(?:again|in turn) )?(?:is|are|was|were) (?:(?:again|in turn) )?(?:called|named|sorted|grouped|told apart|known|classed) (?:by|after|according to)"

      # Who has something, where that was said of the one before: "the head of house the box office", "the second the steward and the cook".
      ONE_OF_THEM = "the (?:(?:head|leader|chief) of (?:the )?[[:lower:]]+|first|second|third|other|latter)"
      HELD = "(?:the|an?|his|her|its|two|three|four|everyone|everything) "

      FORMS = {
        top: /#{LEAD}(?:right )?at the (?:very )?(?:top|head)(?: of [^,]{3,40}?)?,? (?:is|stands?|sits?|was|stood|comes?|there is|there['’]s|we have) (?<low>.+)\z/im,
        bottom: /#{LEAD}(?:right )?at the (?:very )?bottom(?: of [^,]{3,40}?)?,? (?:is|are|was|were|stands?|stood|comes?|came|there (?:is|are|was|were)) (?<low>.+)\z/im,
        reporting: /#{LEAD}(?:reporting|answering) to (?<up>[^,]{2,40}),\s+(?<rest>(?<low>#{NAME})(?:\s+(?:is|are|was|were|has|have)\b.*)?)\z/im,
        under: /#{LEAD}(?:directly )?(?:under|below|beneath|(?:reporting|answering) to) (?<up>#{NAME}|that|this),? #{THERE}\s+(?<low>.+)\z/im,
        crew: /#{LEAD}(?<up>[[:upper:]][[:alpha:]-]+)['’]s? (?:people|team|crew|lot|side|half) (?:do|does|did|makes?|made|looks? after|looked after|runs?|ran|builds?|are|have|has) (?<low>.+)\z/m,
        team: /#{LEAD}(?<up>#{NAME}) (?:is|are|was|were) (?:led|run|headed|managed|directed) by [^,;]{2,40}?(?: and (?:consists? of|has|is made up of)|, (?:with|who has|which has)) (?<low>.+)\z/im,
        # "They fall into two classes. There are | the open ones and the decked ones."
        there: /\Athere (?:are|is|were|was) (?<low>.+)\z/im,
        # "Smacks again are called by their gear: | trawl smacks and line smacks"
        sorted: /#{LEAD}(?<up>#{NAME}) #{SORTED} [^:;,]{3,40}: (?<low>.+)\z/im,
        # "What is left is called Jobbing, and under that you find ..."
        called: /#{LEAD}(?:what is left|what remains|the rest|the last|all else|everything else) (?:is|are|was|were) called (?<low>[^,;:]{2,30})\z/im,
        led: /#{LEAD}(?<low>#{NAME}) (?:is|are|was|were) (?:all )?(?:led|run|headed|chaired|managed|directed|supervised|commanded|governed|looked after) by (?<up>[^,;:]{2,40})(?:, .*)?\z/im,
        in: /#{LEAD}(?:in|on|among) (?:the )?(?<up>#{NAME}),? (?:there (?:is|are|was|were)|(?:sit|stand|are|come|belong|live)s?|(?:we|you)(?: will)? find|we have|one (?:finds|knows|has|tells apart|distinguishes)) (?<low>.+)\z/im,
        to: /#{LEAD}to (?<up>#{NAME}) belong(?:s|ed)? (?<low>.+)\z/im,
        up_list: /#{LEAD}(?:#{Numbers::WORD}|\d+|all|several|some)\b[^:]{2,50} (?:reports?|answers?|answered|reported|works?|worked) (?:directly )?(?:to|for|under) (?<up>[^,;:]{2,40})(?::|,(?= one\b))\s+(?<low>.+)\z/im,
        up: /#{LEAD}(?<low>(?:(?!\b(?:who|which|that)\b)[^;:]){2,90}?)\s+#{UNDER}\s+(?<up>[^,;:]{2,40}?)(?:, .*)?\z/im,
        owner: /\A(?i:the )?(?i:chef|boss|chief|head|director|captain|manager|queen|king) (?:is|was) (?<up>[[:upper:]][[:alpha:]'’-]+(?: [[:upper:]][[:alpha:]'’-]+)?)(?:,? and\b.*|, .*)?\z|#{LEAD}(?<up>[[:upper:]]#{NAME}) (?:owns|owned) (?:it|everything|all of it|the (?:whole )?(?:place|thing))\b.*\z/m,
        boss: /#{LEAD}(?<low>#{NAME})#{ASIDE}(?:\s+(?:is|was)|['’]s) (?:(?:the one )?in (?:command|charge)|the (?:boss|chief|head)|at the (?:very )?(?:top|head)|(?:the )?top)\b(?! of\b)/im,
        parted: /#{LEAD}(?<up>#{NAME})#{ASIDE}\s+#{PARTED}\s+(?<low>.+)\z/im,
        more: /\A(?:#{RUNS}|#{HAS}) (?<low>.+)\z/im,
        runs: /#{LEAD}(?<up>#{NAME})(?:#{ASIDE}|, who|, which)(?:\s+|(?=['’]))#{RUNS}\s+(?<low>.+)\z/im,
        down: /#{LEAD}(?<up>#{NAME})(?:#{ASIDE}|, who|, which)(?:\s+|(?=['’]))#{HAS}\s+(?<low>.+)\z/im,
        handed: /#{LEAD}(?<up>#{NAME}) (?:in (?:their |his |her )?turn )?(?:gave|gives?|lent|lends?|leased|let|granted|grants?) [^,;]{2,30}? to (?<low>.+)\z/im,
        elided: /#{LEAD}(?<up>#{ONE_OF_THEM}) (?<low>#{HELD}.+)\z/im,
        kinds: /#{LEAD}(?<up>#{NAME})#{ASIDE}\s+#{KINDS}\s+(?<low>.+)\z/im
      }.freeze

      # "Tom Okoro looks after the money and Mira Sand after the members": what each of them does, and nobody stands below.
      POST = /\A[[:upper:]][[:alpha:]'’-]+(?: [[:upper:]][[:alpha:]'’-]+)? (?:looks?|looked) after [[:lower:] ]+ and [[:upper:]][[:alpha:]'’ -]+ after /

      # Leads to another statement in the same sentence.
      ANOTHER = /,?\s+(?:and|while|whereas|but)\s+(?=(?:(?:below|under|beneath) |(?!(?:is|are|was|were)\b)(?:[[:alpha:]'’-]+ ){1,6}?(?:#{HAS}|#{RUNS}|#{UNDER}|#{PARTED}|#{SORTED})\s))|,\s+(?=(?!who|which|that|whose|with)(?:(?:the|a|an|mr|mrs|ms|dr) )?[[:alpha:]'’-]+ (?:#{HAS}|#{RUNS}|#{UNDER}|#{PARTED})\s)|,\s+(?:and |while )?(?=#{ONE_OF_THEM} #{HELD})/i

      # Leads to what the same one has or does as well: "is chaired by Ilse Marrow and has three groups".
      AS_WELL = /,?\s+and\s+(?=(?:#{HAS}|#{RUNS})\s)/i
      SAYS = /\s(?:#{HAS}|#{RUNS}|#{UNDER}|#{PARTED}|is|are|was|were)\s/i
      # "The foreman, who gave out the work to compositors and pressmen"
      WHO_RUNS = /\A(?<own>[^,;:]{2,40}), (?:who (?:#{HAS}|#{RUNS})|(?:under|below) (?:whom|which) #{THERE}) (?<low>(?:(?!\bwho\b).)+)\z/im
      ALL_OF_THEM = /\A(?:all|both)(?: of (?:them|these))?(?: (?:#{Numbers::WORD}|of them))?\z/i
      # "Two answer to her, one for the water and one for the house. The first has ..."
      PLACES = { "the first" => 0, "the second" => 1, "the third" => 2, "the other" => -1, "the latter" => -1 }.freeze
      MEANT = /\A(?:h[ei][rm]|he|she|it|that|this|them|they|these|those|each|each of (?:them|these))\z/i
      SUBJECT = /\A(?<name>(?:(?:the|an?|our|old|young) )?(?:[[:alpha:]'’-]+ ){0,3}?[[:alpha:]-]+)(?:,? who\b|,|['’]s\b| (?:[[:lower:]]+s|is|was|are|were|had|has|stood|ruled|chose|answered|owned|gives|approves?)\b)/
      NO_SUBJECT = /\A(?:people|some|many|most|visitors|it|he|she|they|this|that|there|you|we|i|nobody|each|so|under|below|beneath|at|in|to|two|three|four|five)\b|\b(?:and|or)\z/i
      TITLE = /\A(?:mr|mrs|ms|miss|dr|sister|brother|old|young|own)\z/
      ARTICLE = /\A(?:(?:one for|another for|the|an?|our|his|her|its|their|my|your|some|both|all)\s+)+(?=\S)/i
      # "An insurance man would | have your hand off"
      MODAL = /\b(?:would|will|could|can|may|might|must|should)\z/i
      # "What we call | a boat falls into two classes"
      WHAT_WE_CALL = /\Awhat (?:we|they|people|one|you) calls? (?=\S)/i
      # How many there are, and not which.
      COUNTED = /\A(?:#{Numbers::WORD}|\d+|several|some|many) (?:[[:lower:]]+ )?(?:kinds?|sorts?|types?|families|parts|groups|classes|branches|sections|sizes|teams|chambers|halves|sides|departments|areas|units|layers|members|orders|divisions|levels|wings|desks|committees|councils|crews|shifts|squads|circles|offices|managers|heads|people)\z/i
      PERSON = /\A(?:[Ss]he|[Hh]e|[Tt]hey)\z|\A(?:Mr|Mrs|Ms|Miss|Dr|Sister|Captain|Canon) |\A[[:upper:]][[:lower:]]+ [[:upper:]][[:lower:]]+\z/
      CALLED = /\A(?:(?:Mr|Mrs|Ms|Miss|Dr|Sister|Captain) )?[[:upper:]][[:alpha:]'’-]+(?: [[:upper:]][[:alpha:]'’-]+)?\W*\z/
      NO_ONE = /\A(?:each|every|nobody|everybody|everyone|all|you|we|i|there|that|this|who|which|what|some|others|(?:still )?one of|so|no one|none|on|in|at|under|beneath|below|behind|from|for|to)\b|\bit\z/i
      # What is said of a thing, not another one.
      GOES_ON = /\A(?:#{Numbers::WORD} (?:in|out of) |who|whose|which|where|that|with|each|all of|so called|including|as|mostly|usually|the latter|like|such as)\b/i
      TELLS = /\s(?=(?:who|whose|which|where|that)\b)/
      NO_THING = /\A(?:the )?(?:whole|entire) [[:lower:]]+\b|\A(?:been|who|whose|which|not|nothing|nobody|none|no|(?-i:it)|among|they|he|she|so|too|to|also|very|still|only|always|never|by|from|in|on|at|of|under|below|above)\b|\A(?:charge|order|turn|need)\b|\A(?:the )?(?:last word|final say|final word)\z|\A(?!what\b|those\b).*\b(?:is|are|was|were)\b|\b(?:of (?:them|us|it)|to nobody)\z/i
    end
  end
end
