# frozen_string_literal: true

module Peony
  module Reading
    # The turns of phrase by which running text tells who stands below whom: see {Ranks}.
    module RankWords
      include RankForms

      # Without one of these it is not worth looking.
      HINT = /\b(?:(?:run|led|headed|chaired|managed|directed) by|looks? after|heads|leads|(?:under(?:neath)?|below) (?:her|him|it|them)|(?:over|above) (?:everything|everyone|everybody)|answers? (?:to|for)|responsible for|consists? of|includes?|divided into|made up of|opens? into|branch(?:es)? into|at the (?:very )?top (?:is|are|was|were|stands?|stood|sits?|sat))\b/
      # "Tom Okoro looks after the money and Mira Sand after the members": what each of them does, and nobody stands below.
      POST = /\A[[:upper:]][[:alpha:]'’-]+(?: [[:upper:]][[:alpha:]'’-]+)? (?:looks?|looked) after [[:lower:] ]+ and [[:upper:]][[:alpha:]'’ -]+ after /

      # Leads to another statement in the same sentence.
      ANOTHER = /,?\s+(?:and|while|whereas|but)\s+(?=(?:(?:below|under|beneath) |to (?:the )?[[:lower:]]+ belong|(?:she|he|they|it)['’](?:s|ve) got |(?!(?:is|are|was|were)\b)(?:(?!who |that |which )[[:alpha:]'’-]+ ){1,6}?(?:#{HAS}|#{RUNS}|#{UNDER}|#{PARTED}|#{SORTED})\s))|,\s+(?=(?!who|which|that|whose|with)(?:(?:the|a|an|mr|mrs|ms|dr) )?(?!(?:the|an?) )[[:alpha:]'’-]+ (?:#{HAS}|#{RUNS}|#{UNDER}|#{PARTED})\s)|,\s+(?:and |while )?(?=#{ONE_OF_THEM} #{HELD})/i

      # Leads to what the same one has or does as well: "is chaired by Ilse Marrow and has three groups".
      AS_WELL = /,?\s+(?:and|but)\s+(?=(?:#{HAS}|#{RUNS}|#{UNDER})\s)/i
      SAYS = /\s(?:#{HAS}|#{RUNS}|#{UNDER}|#{PARTED}|is|are|was|were)\s/i
      # "The foreman, who gave out the work to compositors and pressmen"
      WHO_RUNS = /\A(?<own>[^,;:]{2,40}), (?:who (?:#{HAS}|#{RUNS})|(?:under|below) (?:whom|which) #{THERE}) (?<low>(?:(?!\bwho\b).)+)\z/im
      ALL_OF_THEM = /\A(?:all|both)(?: of (?:them|these))?(?: (?:#{Numbers::WORD}|of them))?\z/i
      # "Two answer to her, one for the water and one for the house. The first has ..."
      PLACES = { "first" => 0, "second" => 1, "third" => 2, "other" => -1, "latter" => -1, "last" => -1, "one" => 0 }.freeze
      PLACE = /\A(?:the )?(?<place>first|second|third|other|latter|last|(?<!the )one)(?: of (?:them|these|the two))?\z/i
      # "Two officers", of whom it is told later who they are.
      SO_MANY = /\A(?<many>two|three|four|five|six|seven|eight|[2-8]) (?:[[:lower:]-]+ )?[[:lower:]-]+\z/i
      MANY = /\A(?:#{Numbers::WORD}|\d+|several|some|many)\b/i
      # Stands under nobody, and belongs to no tree: "The cook answers to no one."
      DENIED = /\b(?:to|under|below|with|on) (?:nobody|no one|neither|none)\b(?! but\b)|(?:n['’]t|\bnot) (?:(?:under|part of|answer to|report to|belong to|count(?:ed)? among)|(?:one of )?ours)\b|\b(?:looks?|looked) after (?:themselves|itself|himself|herself)\b/i
      # What somebody only takes for so: "The dog thinks he's over Sallow."
      FANCIED = /\b(?:thinks?|thought|believes?|imagines?|supposes?|pretends?|fancy|fancies|like to think)\b/i
      # Ends a name or what stands below it: "the keeper of the house both", "to the bishop alone", "a conductor and a manager every three years".
      TAIL = /(?:,? (?:too|also|both|again|alone|but|as well|himself|herself|itself|themselves|and|or|in that order|at present|(?:as (?:director|head|chief|manager|captain))|every (?:\S+ )?\S+|(?:under|below|beneath|beside) (?:h[ei][rm]|it|them)|on (?:his|her|its) (?:left|right)))+\W*\z/i
      MEANT = /\A(?:h[ei][rm]|he|she|it|that|this|them|they|these|those|each|each of (?:them|these))\z/i
      SUBJECT = /\A(?<name>(?:(?i:the|an?|our|old|young) |(?!(?i:the|an?|our|old|young) ))(?:[[:alpha:]'’-]+ ){0,3}?[[:alpha:]-]+)(?:,? who\b|,|['’]s\b| (?:[[:lower:]]+s|is|was|are|were|had|has|stood|ruled|chose|answered|owned|gives|approves?)\b)/
      NO_SUBJECT = /\A(?:everything|everyone|everybody|what|where|how|why|when|right|okay|well|people|some|many|most|visitors|it|he|she|they|this|that|there|you|we|i|nobody|each|so|under|below|beneath|at|in|to|two|three|four|five)\b|\b(?:and|or)\z/i
      TITLE = /\A(?:mr|mrs|ms|miss|dr|sister|brother|old|young|own)\z/
      ARTICLE = /\A(?:(?:one for|another for|the|an?|our|his|her|its|their|my|your|some|both|all)\s+)+(?=\S)/i
      # "An insurance man would | have your hand off"
      MODAL = /\b(?:(?:would|will|could|can|may|might|must|should)\z|(?:when|if|because|while) )/i
      # "What we call | a boat falls into two classes"
      WHAT_WE_CALL = /\Awhat (?:we|they|people|one|you) calls? (?=\S)/i
      # How many there are, and not which.
      COUNTED = /\A(?:#{Numbers::WORD}|\d+|several|some|many) (?:[[:lower:]]+ )?(?:kinds?|sorts?|types?|families|parts|groups|classes|branches|sections|sizes|teams|chambers|halves|sides|departments|areas|units|layers|members|orders|divisions|levels|wings|desks|committees|councils|crews|shifts|squads|circles|offices|managers|heads|people)\z/i
      PERSON = /\A(?:[Ss]he|[Hh]e|[Tt]hey)\z|\A(?:Mr|Mrs|Ms|Miss|Dr|Sister|Captain|Canon) |\A[[:upper:]][[:lower:]]+ [[:upper:]][[:lower:]]+\z/
      CALLED = /\A(?:(?:Mr|Mrs|Ms|Miss|Dr|Sister|Captain) )?[[:upper:]][[:alpha:]'’-]+(?: [[:upper:]][[:alpha:]'’-]+)?\W*\z/
      NO_ONE = /\A(?:everything else|where|how|why|when|if|each|every|nobody|everybody|everyone|all|you|we|i|there|that|this|who|which|what|some|others|(?:still )?one of|so|no one|none|on|in|at|under|beneath|below|behind|from|for|to)\b|\bit\z/i
      # What is said of a thing, not another one.
      GOES_ON = /\A(?:so |(?:about|in|on|at|of|to|for|by|with|from|under|after) (?:which|whom)\b|(?:she|he|they)(?:['’]s| has|['’]ve| have) |the (?:last|first|latter) (?:being|of)\b|#{Numbers::WORD} (?:in|out of|of them) |(?:led|run|headed|called|named|chosen|elected) |though|although|because|since|when|if|but|this |at present|meaning|to (?:whom|which)|who|whose|which|where|that|with|each|all of|so called|including|as|mostly|usually|the latter|like|such as)\b/i
      # "The wet side, that is to say | the boilers and the tubs"
      THAT_IS = /\A(?:that is(?: to say)?|that['’]s|which (?:is|are|means)|meaning|namely|such as|including|so|(?:she|he|they)(?:['’]s got|['’]ve got| has(?: got)?| have(?: got)?)|who (?:has|have|had)),? (?:of )?(?=(?:the|an?|his|her|its) |[[:upper:]]|(?<!is )(?<!are )(?:#{Numbers::WORD}|\d+) )/
      # Named only by what is told of them: "those that float".
      NAMELESS = /\A(?:those|any(?:one|body)|every(?:one|body)|everything|whoever|whatever|(?:the )?(?:ones?|people)|some|others?)(?=\z| (?:who|that|which|is|are|was) )/i
      # "The other, commonly called | the steeple keeper"
      CALLED_SO = /\A, (?:(?:commonly|usually|also) )?called (?<name>[^,;]{2,30}),/
      TELLS = /\s(?=(?:who|whose|which|where|that)\b)/
      NO_THING = /\A(?:the )?(?:whole|entire) [[:lower:]]+\b|\A(?:been|who|whose|which|not|nothing|nobody|none|no|(?-i:it)|among|they|he|she|so|too|to|also|very|still|only|always|never|by|from|in|on|at|of|under|below|above|through|few|these|everything\z|all\z)\b|\A[[:lower:]]+s? (?:her|him|it|them)\b|\A(?:charge|order|turn|need)\b|\A(?:the )?(?:last word|final say|final word)\z|\A(?!what\b|those\b|whoever\b|whatever\b).*\b(?:is|are|was|were)\b|\b(?:of (?:them|us|it)|to nobody)\z/i
    end
  end
end
