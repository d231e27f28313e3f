# frozen_string_literal: true

module Peony
  module Reading
    # The turns of phrase by which running text tells who is for a thing and who is against it: see {Standpoints}.
    module StanceWords
      SAY = "(?:says?|said|thinks?|thought|argues?|argued|holds?|claims?|claimed|answers?|answered|repl(?:y|ies|ied)|points? (?:out|to)|pointed (?:out|to)|feels?|felt|" \
            "believes?|believed|fears?|feared|maintains?|maintained|writes?|wrote|recalls?|urges?|urged|adds?|added|asks?(?= (?:who|what|how|why|whether|where)\\b))"
      IT = "(?:it|them|this|that|the (?:idea|plan|whole thing))"
      MIND = "(?:would (?:have|welcome|rather|like|leave|forbid|keep|always|put|prefer|close|want)|wouldn['’]t|wants?|wanted|likes?|loves?|loved|dreads?|dreaded|hates?|hated|miss(?:es)?|" \
             "welcomes?|welcomed|swears? by|sees? (?:#{IT}|things|no reason)|(?:finds?|found)(?= #{IT}\\b)|leaves?(?= people| #{IT}\\b)|" \
             "(?:is|are|was|were) (?:all |firmly |quite |both )?(?:for|against|in favou?r of) #{IT}|(?:is|are|was|were)(?: all)? (?:glad|fond|tired|sick|afraid|dreaming) of|" \
             "(?:is|are) of another mind|(?:is|are|was|were|will have|would have) (?:having )?none of it|(?:is|are)n['’]t having it|will (?:hear|have) n(?:othing|one) of it|" \
             "(?:has|have|had) had enough(?: of \\w+)?|ha(?:s|ve) done sums|had (?:brought \\w+|been counting)|got up|stood up|spoke (?:up|in favou?r|against #{IT}|for #{IT})|" \
             "led for the \\w+|(?:is|was|were) mainly \\w+|found their tongue|(?:has|have) got used to|thinks? otherwise|sees? (?:it|things) (?:otherwise|differently))".freeze

      # Who, maybe with what is said of them in passing, and that they say, think or want something.
      ASIDE_OF = "(?:, (?:who|led by|and|with|having|that['’]s)? ?[^,;.:]{3,50},)?"
      SAYS = "(?<said>#{SAY}\\b(?: to [^,;:]{2,20})?(?: (?:yes|no)\\b)?(?:,? (?:because|that)\\b)?[,:]?)".freeze
      HOLDS = "(?:(?:just|only|simply|all|also|both) )?(?:#{SAYS}|" \
              "#{MIND}(?![[:alpha:]])(?<more>[^:;.,]*?)(?::|;|,? (?:because|since)|, (?:for|and)|, with [^.,;:]{3,40}|\\.|\\z))\\s*(?<rest>.*)".freeze
      # "Those who say yes | point to the climate"
      SAID_BY_THOSE = /\A(?<who>[^,:;.?!“"]{2,30}? who [^,:;.?!“"]{2,40}?)#{ASIDE_OF} #{SAYS}\s*(?<rest>.*)\z/im
      HELD_BY_THOSE = /\A(?<who>[^,:;.?!“"]{2,30}? who [^,:;.?!“"]{2,40}?)#{ASIDE_OF} #{HOLDS}\z/im
      HELD = /\A(?:(?:but )?there(?: is|['’]s| are| were| was) )?(?<who>[^,:;.?!“"]{2,60}?)#{ASIDE_OF} #{HOLDS}\z/im

      STANDING = /\A(?:(?:but|and|so|then)\s+)?(?:(?<stand>(?:for|against|in favou?r of) #{IT}|in favou?r|on the (?:one|other) (?:hand|side))\b(?:,? (?:it was (?:said|urged)|according to [^:,;]{3,40}|some say))?(?: that)?[:,]?\s+(?!of\b|the most\b)(?<rest>.+)|there is (?:a good deal|a lot|much|something) to be said (?<stand>(?:for|against) #{IT})(?<rest>)\.?|what (?:is|can be) (?:to be )?said (?<stand>(?:for|against) [^,;.]{2,40}?) (?:has been|was|is) said by(?<rest>) [^,;]*|it (?:was|is) (?:urged|said|argued) (?<stand>in (?:its|their|his|her) favou?r|(?:for|against) #{IT})(?: that)? (?<rest>.+)|(?<stand>yes|no|the nice bits|the good|the bad|pros?|cons?): (?<rest>.+))\z/im
      IN_VIEW = /\A(?<who>my [[:lower:] ]{3,20})['’]s is (?<rest>that .+)\z|\A(?:(?:but|and)\s+)?(?:in the (?:view|eyes|opinion) of (?<who>[^,;:]{3,40}?)(?:,| (?=it\b|they\b|this\b))|according to (?<who>[^,;:]{3,40}?)(?:,| (?=it\b|they\b|this\b))|to (?<who>[^,;:]{3,30}?)['’]s (?:mind|eyes)|(?:for|to) (?<who>many|some|most|others|[^,;:]{3,30}?) (?:it is|they are)) ?(?<rest>.+)\z/im
      INVERTED = /[,?]\s+(?:say|says|said|argue|argued|think|thought) (?<who>(?!that\b|how\b|why\b|if\b|whether\b)[^,;:.]{3,40})(?:[,;:.]|\z)/i

      # "Without them, some say, the island would be quiet again"
      SOME_SAY = /,\s+(?<who>some|others|many|(?:the|its|their) [[:lower:] ]{3,24}) (?:say|argue|think|said|argued|thought)(?:,|\z)/i
      # "But.", "The others?": only who is next.
      NEXT = /\A(?:and )?(?<who>but|the (?:others?|rest|opponents?|other (?:half|side)))[.?]\z/i
      MEANT = /\A(?:it|they|he|she|we|i|you|this|that|there|these|one|what|nobody|everybody|no one|somebody|someone|some of \w+)\z/i
      NOBODY = /\b(?:who|which|what|whether|question|debate|meeting|council met|nobody|i|we)\z|\A(?:i|we|you|there|it|they|he(?! and)|she(?! and)|nobody|somebody|one|whether|what|how|why|if|when|as|in|on|at|the question|the proposal|the plan|my own view)\b(?! (?:of|party)\b)/i
      # A question of the whole, or what only tells that it was talked of.
      NO_STANCE = /\?\z|\A(?:nobody|we (?:took|talked|had|shall|are)|there has been much talk|the (?:debate|question|meeting|proposal)\b)/i

      OTHERS = /\b(?:others?|rest|other (?:half|side|party)|enem(?:y|ies)|critics|opponents?|opposition|against|elders|sceptics|other (?:hand|side)|no|cons?|the bad)\b/i
      TURNS = /\A(?:but|then|yet|only)\b/i
      OF_ANOTHER_MIND = /\b(?:differently|otherwise|another mind|none of it|nothing of it|(?:is|are)n['’]t having|wouldn['’]t hear|against (?:it|them))\b/i

      # Tells how it ended, or that it has not.
      ENDING = /\b(?:votes?|voted|decide[sd]?|decision|agreed|trial|put off|left open|will be (?:decided|made|put)|abstained|has no rule|casting|ballot|meet again|counted hands|count hands|minutes|next time|we['’]ll ask|has not been asked|(?:has|have) gone|own view|somebody please|has anybody|asked for (?:her|his|their) name|proposed|proposes|in practice|changed their mind|going to try|toss a coin|sleep on it|never asked|in the end|it has a)\b/i
      DECIDED = /\A(?:we (?:took a vote|voted|shall|agreed|['’]ve agreed|meet)|we['’](?:ll|ve) |the vote\b|a decision\b|it (?:was|has been) (?:agreed|put off|left open|decided)|it['’]s been put off|somebody (?:proposed|asked)|in practice\b|nobody changed|the (?:council|company|committee) (?:meets|will|has no)|in the end\b|no vote\b|at that point\b|a third way\b|my own view\b)/i
      # Told in passing, of no reason: "Sable nearly sang."
      ASIDE = /\A(?:\S+ ){1,3}(?:nearly|almost) \S+\.?\z|\A(?:it looked settled|you could have heard|that is worth|(?:and )?you know \w+ voice|i['’]d have)\b/i
      # "Should the play be outdoors? I have been going back and forth on it.": leads up to it.
      LEADS_UP = /\?\z|\A(?:i|we|i['’]ve|we['’]ve|ours?|for (?:a|one|two|three)|so) \b|\b(?:talked about|back and forth|two minds|has been (?:argued|silent|asked))\b/i
      LABELLED = /\A[^:?]{2,24}: /

      ATTRIBUTION = /\A(?:(?:they|he|she|it was|some|others|one|everyone|people) (?:#{SAY}|went on|goes on)|it (?:was|is) (?:said|argued)|#{SAY} (?:they|he|she|some|others|(?!of\b|about\b|that\b|how\b|what\b|it\b)[^,;]{2,36})|as \S+(?: \S+)? (?:said|put it|says)|besides|moreover|however|honestly|on the other hand)[.,!]?\z/i
      LEADS_ON = /\A\s*(?:(?:and|but|besides|moreover|also),? )*(?:(?:they|he|she) (?:also )?#{SAY}(?: that|,)? |(?:it was said )?that )?(?:(?:they|he|she) (?:say|says|argue|said),? )?/i
      TRAILS = /(?:, (?:they|he|she|it was) #{SAY}| ?, (?:say|says|said|argue|argued) [^,;.]{3,40}| ?, (?:ever|ha|okay|anyway))?[\s.;,:!]*\z/i
    end
  end
end
