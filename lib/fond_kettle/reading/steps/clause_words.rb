# frozen_string_literal: true

require_relative "../lines/broth_given"
require_relative "rice_clauses"
require_relative "rice_words"

module FondKettle
  module Reading
    # Words for which the rules of KindRules ask in a clause, by the question.
    module ClauseWords
      ALL = {
        heat_up: /\b(?:heat|flame|fire)\s+(?:up|to\s+(?:high|medium|full))\b
                  |\bturn\s+(?:[a-z]+\s+){0,2}up\b/ix,
        into_oven: /\b(?:in|into|to)\s+(?:an?\s+|the\s+)?(?:hot\s+|low\s+|medium\s+|preheated\s+)?oven\b/i,
        out_of_oven: /\A\W*(?:then\s+)?(?:take|lift|pull|get|bring)\s+
                      (?:(?:it|(?:the\s+)?(?:pot|dish|tin|tray|casserole|lot))\s+)?
                      out(?:\s+of\s+(?:the\s+)?oven)?\W*\z/ix,
        lid_off: /\b(?:foil|lid|cover)\s+(?:back\s+)?off\b|\btake\s+off\s+the\s+(?:foil|lid|cover)\b/i,
        pot_out: /\A\W*(?:then\s+)?(?:take|lift|pull|get)\s+(?:the\s+)?(?:pot|dish|tin|casserole)\s+out\b/i,
        put_aside: /\A\W*(?:then\s+)?(?:put|lay|set|place|tip|slide|transfer|scrape|turn|pour|move)\s+
                    (?:it|them|this|that|the\s+[[:alpha:]]+(?:\s+[[:alpha:]]+)?)\s+
                    (?:aside|to\s+one\s+side|(?:out\s+)?on(?:to)?\s+(?:an?|another|the)\s+(?:[[:alpha:]]+\s+)?
                    (?:plate|saucer|paper|rack)|(?:out\s+)?in(?:to)?\s+an?(?:other)?\s+(?:[[:alpha:]]+\s+)?
                    (?:bowl|jug|basin))\b/ix,
        fat_off: /\A\W*(?:then\s+)?(?:pour|drain|tip|spoon|ladle)\s+
                   (?:(?:off|away|out)\b[^.,;]*\b(?:fat|oil|grease|dripping)\b
                   |[^.,;]*\b(?:fat|oil|grease|dripping)\s+(?:off|away|out)\b)/ix,
        water_over: /\b(?:pour|put|tip)\b[^.;]*\bwater\b[^.;]*\b(?:over|on(?:to)?)\b/i,
        pan_heat: /\b(?:medium|med|high|low|good|gentle|hot)\b[^,.;]*\b(?:heat|flame|fire)\b
                   |\b(?:pan|wok|skillet|casserole|kadai|karahi)\b/ix,
        bubbles: /\A\W*(?:let\s+it\s+)?bubble\W*\z/i,
        dissolves: /\bdissolved?\b/i,
        put_in: /\A\W*(?:the\s+)?[[:alpha:]]+(?:\s+[[:alpha:]]+)?\s+(?:go(?:es)?\s+)?in\b/i,
        fat_hot: /\b(?:oil|fat|butter|ghee|lard)\s+(?:very\s+|smoking\s+)?hot\b/i,
        stands: /\b(?:let|leave)\s+(?:it\s+|the\s+pot\s+)?(?:to\s+)?(?:stand|rest|sit)\b/i,
        everything: /\A\W*(?:[[:alpha:]]+:\s+)?(?:everything|all\s+of\s+(?:it|that)|all(?=\s+in(?:to)?\s))\b
                     [^,.;]*\b(?:in|into|together)\b/ix,
        all_in_pot: /\A\W*(?:and\s+)?everything\s+in(?:to)?\s+(?:the|a|your)\s+(?:[[:alpha:]]+\s+)?
                      (?:pot|saucepan|casserole|cooker)\b/ix,
        into_liquid: /\b(?:into|to|in)\s+the\s+(?:(?:hot|warm|boiling)\s+)?(?:stock|broth|milk|water)\b/i,
        boiling_water: /(?:\bin\s+|:\s*)(?:[[:alpha:]]+\s+)?boiling\s+(?:salted\s+)?water\b/i,
        tray: /\b(?:tray|tin|roasting|baking|sheet[ -]?pan)\b/i,
        into_bowl: /\A\W*(?:into|in)\s+(?:an?|the)\s+(?:bowl|bag)\b/i,
        heaped_on: RiceClauses::HEAPED_ON,
        low: /\b(?:low|lowest|tiny|smallest|gentlest|covered|lid\s+on|slow\s+fire|small\s+flame)\b/i,
        off_fire: /\boff\s+(?:the\s+)?(?:fire|heat|stove)\b|\A\W*off\b(?!\s+with\b)|,\s*off,?\s+\d
                   |\b(?:turn|switch)\s+(?:(?:it|everything|the\s+(?:heat|fire|flame|gas|ring|stove|hob))
                   \s+)?off\b|\b(?:heat|fire|flame|gas|stove|hob)\s+off\b
                   |\b(?:kill|cut)\s+the\s+(?:heat|flame)\b/ix,
        big_flame: /\b(?:(?:big|high|good)\s+flame|(?:big|strong|fierce|highest)\s+fire)\b/i,
        flame: /\bflame|\blow\b/i,
        opened: /\b(?:#{RiceWords::OPEN}|uncovered|no\s+lid|without\s+(?:a\s+)?lid|big\s+flame|holes|dry)\b/i,
        keeps_liquor: BrothGiven::KEPT,
        left_open: /\bopen\b/i,
        unopened: /(?:n't|not|before\s+you)\s+open/i,
        lowest: /\blow(?:est)?\b|\bsmallest\b|\bflame\b/i,
        hot_air: /\b[12]\d\d\s*(?:°\s*C?|degrees|C\b)|\b[3-5]\d\d\s*(?:°\s*F?|F\b)/,
        oven: /\d\s*°?\s*[CF]\b|(?<!dutch )\boven\b|\bgas\s+(?:mark\s+)?\d/i,
        on_top: /\bover\W*\z|\b(?:on\s+top|over\s+(?:it|that|all|the)|on\s+(?:it|that|the)|upon)\b/i,
        cooker: RiceWords::IN_COOKER,
        cooker_on: /\bcooker\s+on\b|\bturn\s+(?:on\s+the\s+cooker|the\s+cooker\s+on)\b/i,
        other_pan: /\b(?:another|second|separate|other|small|frying|clean|wide)\s+
                    (?:pan|pot|wok|skillet|saucepan)\b/ix,
        in_pan: /\bcook\b.*\bpan\b|\bpan\b.*\bcook\b/i,
        heats_fat: /\b(?:heat|warm)\b[^,.;]*\b(?:oil|fat|butter|lard|ghee|dripping)\b/i,
        in_fat: /\bcook\b.*\b(?:till|until|oil|fat|butter|lard)\b|
                  \b(?:oil|fat|butter|lard|ghee|drippings?)\b.*\bcook\b/ix,
        into_pot: /\bput\b.*\bin(?:to)?\s+(?:the|a)\b.*\b(?:pot|dish|casserole)\b/i,
        into: /\bstir\b.*\binto\s+the\b/i,
        with: /\bstir\s+the\s+[[:alpha:]]+\s+with\b/i,
        thickens: /\b(?:till|until)\b.*\b(?:thick(?:ens)?|by\s+half|separates|splits|syrupy|dry|gone)\b/i,
        broth: BrothGiven::WORD,
        thrown_in: /\A\W*(?:then\s+)?(?:add|throw\s+in|tip\s+in|drop\s+in|stir\s+in)\b/i,
        stood_in: RiceClauses::STOOD_IN,
        stirs_into: /\A\W*(?:then\s+)?(?:stir|mix|fold)\s+(?:it\s+|them\s+)?into\s+the\b
                     (?!\s+(?:hot\s+)?rice\b)/ix,
        amount_first: /\A\W*(?:\d|[½¼¾]|an?\s|two\s|three\s)/i,
        from_boil: /\bfrom\s+(?:the\s+)?boil(?:ing)?\b/i,
        each_leaf: /\b(?:on|onto|in|into)\s+each\s+(?:leaf|wrapper|sheet|square)\b|\bround\s+each\b/i,
        foil_alone: /\A\W*(?:tight\s+)?(?:(?:lid|cover),?\s+(?:and\s+)?)?(?:foil|dough)\b
                     (?!\s+off)[^.\d]{0,30}\W*\z/ix,
        cools: /\bcool\b/i,
        sieve: /\b(?:sieve|colander|strainer)\b/i,
        covers: /\b(?:low|lowest|lid|covered|tiny|smallest)\b/i,
        cloth: /\b(?:cloth|towel)\b/i,
        platter: /\A(?:\W*[[:alpha:]]+){0,2}\W*\b(?:platter|serving\s+dish)\b/i,
        lidded: /\blid\s+on\b|\bcovered\b/i,
        names_rice: /\brice\b/i,
        rice_in: /\brice\b.*\bin(?:to|\b)/i,
        beside: /\b(?:beside|alongside|on\s+the\s+(?:side|table)|to\s+serve|in\s+saucers|
                  at\s+the\s+table)\b/ix,
        to_taste: /\bto\s+taste\b/i,
        plus: /[[:alpha:]]\s+[+]\s+[[:alpha:]]/,
        over_it: /\bover\b(?:\s*(?:[,.;]|\z|and\b|it\b|all\b|the\s+(?:rice|top|lot|pot|dish|whole)))
                  |\bon\s+top\b|\bcrumble\s[^.,;]{1,30}\son\W*\z/ix,
        steamer: /\bsteamer\b/i,
        oven_later: /\b(?:get|gets|more|again|later)\b[^,.;]*\boven\b/i,
        in_oven: /\bin\s+(?:an?|the)\s+(?:(?!dutch)[[:alpha:]]+\s+)?oven\b/i,
        boiling: /\bboiling\b/i,
        bottom_of: /\b(?:bottom|base|floor)\s+of\b/i,
        seasons: /\A\W*(?:then\s+)?season\b/i,
        seasons_pot: /\A\W*(?:then\s+)?(?:salt|season)\s+(?:(?:the|this|your)\s+
                      (?:broth|stock|water|liquor|liquid|sauce|stew|soup|pot)\b|(?:only\s+)?now\b)/ix,
        small_vessel: /\bin\s+(?:an?|the|another)\s+(?:(?:small|little|clean|separate|second)\s+)?
                       (?:pan|saucepan|jug|bowl|cup)\W*\z/ix,
        pressure: /\bpressure\b/i,
        tips_out: /\A\W*(?:then\s+)?(?:tip|scrape|ladle|spoon|pour)\s+(?:it|the\s+rice|everything)\s+
                   (?:all\s+)?out\s+(?:on|onto|in|into)\b/ix,
        into_shape: /\b(?:triangles?|balls?|ovals?|cylinders?)\b/i,
        dusts: %r{\A\W*(?:then\s+)?(?:dust|sprinkle|strew)\s+(?:the\s+|your\s+)?
                 (?!(?:it|them|all|top|over|with)\b)(?![^.;]*\bover\b)[^.;]*\b(?:with\b|w/)}ix,
        put_in_gently: /\A\W*(?:the\s+)?[[:alpha:]]+(?:\s+[[:alpha:]]+)?\s+in
                         (?:\s*[,.;]|\s+gently|\s+carefully|\s*\z)/ix,
        tips_into: RiceClauses::TIPPED_INTO,
        grates_over: /\A\W*(?:then\s+)?(?:grate|shave)\s+
                      (?:over\b|[^.;]*\b(?:over(?:\s+(?:it|the\s+top))?|on(?:\s+it|\s+top))\W*\z)/ix,
        cut_over: /\A\W*(?:then\s+)?(?:slice|cut|snip|chop|tear|crumble)\s[^.;,]*\bon\s+(?:the\s+)?top\W*\z/i,
        picks: /\A\W*(?:then\s+)?(?:take|pull|pick|remove|discard)\s+(?:out\s+|off\s+)?
                 (?:(?:any|all|the|its|their)\s+){0,2}(?:small\s+)?
                 (?:bones?|skins?|shells?|tails?|pips?|seeds?|stems?|veins?|threads?)\b(?!\s+in\b)/ix,
        stones: /\A\W*(?:then\s+)?(?:stone|pit|shell|pod)\b/i,
        blooms: /\bbloom\b/i,
        bottom: /\A\W*(?:then\s+)?cover\s+(?:the\s+)?(?:bottom|base|floor)\b/i,
        fridge: /\b(?:fridge|refrigerator)\b/i,
        goes_into: /\bgo(?:es)?\s+in(?:to)?\s+the\b/i,
        warms: /\A\W*(?:then\s+|meanwhile,?\s+)?(?:warm|heat)\b/i,
        cut_up: /\b(?:sliced|chopped|diced|shredded|grated|quartered|halved)\W*\z/i,
        in_shape: /\bin(?:to)?\s+(?:[[:alpha:]]+\s+)?(?:matchsticks|strips|rings|slices|cubes|chunks|dice
                  |half-?moons|batons|wedges|ribbons|rounds|pieces)\W*\z/ix,
        cloth_under: /\b(?:cloth|towel)\b[^.;]*\b(?:lid|pot)\b/i,
        water_away: /\b(?:throw|tip|pour|chuck)\b[^,.;]*\b(?:water|liquid|liquor)\b[^,.;]*\b(?:away|out|off)\b
                     |\b(?:discard|throw\s+away|pour\s+off|tip\s+away)\s+(?:the\s+|that\s+|its\s+)?
                     (?:[[:alpha:]]+\s+)?(?:water|liquid|liquor)\b/ix,
        for_the_last: /\bfor\s+(?:the\s+)?(?:last|final)\b/i,
        with_rice: /\b(?:with|to)\s+the\s+(?:boiling\s+)?rice\b/i,
        squeezed: /\b(?:squeeze|press|wring)\b/i,
        pressed_into: /\bpress\s+(?:it\s+|them\s+|the\s+rice\s+)?(?:in|into)\b/i,
        pours_in: /\A\W*(?:then\s+)?pour\s+in\b/i,
        puts_back: /\A\W*(?:then\s+)?(?:put|tip|slide|drop)\s+(?!the\s+lid)(?:the\s+)?[[:alpha:]]+
                    (?:\s+[[:alpha:]]+)?\s+back(?:\s+in)?\W*\z/ix,
        leaves: /\b(?:leaf|leaves|sheets?|wrappers?)\b/i,
        out: /\A\W{0,9}(?:[[:alpha:]]{1,30}\s+){0,2}out(?:\W*\z|\s+(?:onto?|into|to)\b)/i,
        out_alone: /\A\W*out\W*\z/i,
        kept_cold: /\bkeep\b[^.;]*\b(?:fridge|refrigerator|cold|chilled)\b/i,
        back: /\A\W{0,9}(?:[[:alpha:]]{1,30}\s+){1,3}back(?:\s+in)?\W*(?:gently|carefully)?\W*\z/i,
        in_its_fat: /\b(?:in|into)\s+(?:(?:the|that|hot|some|its|their|same|rest|of|a|little)\s+){0,4}
                     (?:[[:alpha:]]+\s+)?(?:oil|fat|butter|ghee|lard|grease|drippings?)\b
                     |\bin\s+what(?:'s|\s+is)\s+left\b/ix,
        all_but: /\b(?:everything|all\s+the\s+(?:rest|ingredients))\s+(?:else\s+)?
                 (?:but|except(?:\s+for)?|apart\s+from|save)\s+(?:for\s+)?(?<left>[^.;:]{1,60})/ix,
        oven_hot: /\A\W*(?:meanwhile,?\s+)?oven\s+(?:at\s+|to\s+|on\s+)?\d|\A\W*\d{3}\s*°?\s*[CF]\W*\z/i,
        through_rice: /\bthrough\s+(?:it|them|(?:the\s+)?(?:hot\s+)?rice)\b|\bthr(?:ough|u)\W*\z/i,
        rests: /(?<!the\s)\brests?\b(?!\s+of)|\bmin\w*\s+off\b|\A\W*\d+\s+off\b|\Aoff\b(?!\s+with\b)
                 |(?:\A\W*|\b(?!(?:must|should)\b)[[:alpha:]']+\W+)(?:stand|leave|sit)\b
                 |\bwithout\s+opening\b|\bbefore\s+(?:you|anyone|anybody|serving|cutting)\b/ix,
        soaks: /\b(?:in|cover[^.;]{0,20}\swith)\s+(?:an?\s+[[:alpha:]]+\s+of\s+)?(?:\d+\s*[[:alpha:]]+\s+)?
                 (?:\w+\s+){0,2}water\b/ix,
        left_in: /\A\W*(?:then\s+)?left\s+in\s+(?!(?:cold\s+|warm\s+|hot\s+)?water\b)/i,
        programme: /programme/i
      }.freeze
    end
  end
end
