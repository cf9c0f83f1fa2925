# frozen_string_literal: true

require_relative "../../dishes/text/jotted_things"
require_relative "../../ground/remembered"
require_relative "../../measure/numeral"
require_relative "compound_amounts"

module FondKettle
  module Reading
    # The forms in which a line says its amount, all turned into one: the amount first, then what it is of.
    module AmountForms
      # How a line begins that has its amount first.
      BEGINS = /\A(?:about\s+|an?\s+|half\s+|quarter\s+(?=an?\s|t(?:ea|able|b)?sp)|[\d½¼¾⅓⅔⅛])/i
      # "One fowl of 3 lb."
      OF_WEIGHT = /\A(?:one|an?|1)\s+(?<what>[[:alpha:] -]+?)\s+(?:of|weighing)\s+(?:about\s+|around\s+)?
                   (?<weight>[\d½¼¾⅓⅔⅛][\d\s½¼¾⅓⅔⅛.,]*(?:lb|kg|kilos?|g|oz|pounds?)\b\.?)/ix
      # "1 chicken, 1.4 kg, in quarters", "1 sausage (the spicy sort), 150 g"
      WEIGHING = /\A(?:one|an?|1)\s+(?![[:alpha:]]+\s+of\b)
                  (?<what>[[:alpha:]][[:alpha:] -]{0,60}?)(?:\s*\([^()\d]{1,40}\))?,?\s+(?:about\s+|of\s+)?
                  (?<weight>\d[\d.,½]*\s*(?:lb|kg|g|oz)\b\.?)(?!\s*each)/ix
      # "a cup and a half of", "a glass and a half of"
      AND_A_HALF = /\Aan?\s+(?<unit>[[:alpha:]-]+)\s+and\s+(?:a\s+)?half(?:\s+of)?\b/i
      # "Dashi up to the line (about 500 ml)": the amount stands behind.
      WEIGHED = /(?:about\s+|roughly\s+|ca\.?\s+)?
                 (?<amount>\d[\d\s.,½¼¾⅓⅔⅛]*(?:ml|l|g|kg|cups?|oz|lb|litres?))
                 (?:\s*(?:or\s+so|ish))?/ix
      AMOUNT_BEHIND = /\A(?:#{WEIGHED}|\d{3})\z/
      BEHIND = /\A(?<what>[[:alpha:]][^\d(]{0,80}?)(?:\s+(?:up\s+to|to\s+cover|enough\s+to)\b[^(]{0,80})?
                \s*\(#{WEIGHED}\)/ix
      # "Glass of white wine (150 ml)": what is weighed needs no guess.
      LOOSE_WEIGHED = /\A(?:(?:an?|1|one)\s+)?(?:(?:small|big|large|good)\s+)?
                       (?:glass|mug|cup|teacup|bowl|ladle|splash|glug|knob|handful|bunch|piece|chunk|thumb
                       |lump)
                       \s+of\s+(?<what>[[:alpha:]][[:alpha:] -]{0,60}?)\s*\(#{WEIGHED}\)/ix
      # "1 glass white wine (150)": millilitres.
      POURED = /\A(?:(?:an?|1|one)\s+)?(?:(?:small|big|large|good)\s+)?(?:glass|mug|cup|teacup)\s+(?:of\s+)?
                (?<what>[[:alpha:]][[:alpha:] -]{0,40}?)\s*\((?<ml>\d{2,3})\)/ix
      BUNCHED = /\b(?:bunch(?:es)?|handfuls?|sprigs?|stalks?|chopped|leaves)\b/i
      LEAFY = /\bcoriander\b(?!\s+(?:seeds?|powder|leaf|leaves|roots?|stalks?))/i
      # Named without an amount, it is the leaf.
      ALONE = /\A\W*(?:(?:some|a\s+little|fresh)\s+)?coriander\W*\z/i
      # "Peas, a handful", "onions 8", "2 cod fillets, 160 g each".
      LOOSE_BEHIND = /\A(?<what>[[:alpha:]](?:[[:alpha:]\ ]|-(?=[[:alpha:]])){0,60}?)(?:,|\s[-–—])?\s+
                      (?<amount>an?\s+(?:[[:alpha:]]+\s+)?
                      (?:handful|bunch|pinch|glug|knob|splash|sprig|drop|dash)
                      |(?:a\s+couple\s+of|two|three)\s+(?:handfuls|bunches|knobs|sprigs))\z/ix
      # "Asafoetida pinch", "saffron, pinch, in hot water"
      PINCH_BEHIND = /\A(?<what>(?!(?:one|half|another|big|small|good|the)\b)
                      [[:alpha:]]{3,}(?:\s[[:alpha:]]+){0,2}),?\s+
                      (?<amount>(?:(?:small|big|large|good)\s+)?(?:pinch|bunch|handful|knob))
                      (?<said>,\s.{1,60})?\z/ix
      # "Lentils, a mug and a half (soak them overnight)"
      MUGS_BEHIND = /\A(?<what>[[:alpha:]][[:alpha:] -]{0,60}?),?\s+
                     (?<amount>(?:(?:half\s+)?an?|one|two|three|four)\s+(?:[[:alpha:]]+\s+)?
                     (?:cup|mug|glass|bowl|teacup|tin|can|jar|spoon|ladle)(?:e?s)?(?:\s+and\s+a\s+half)?)
                     (?<said>\s*\([^()]*\))?\z/ix
      UNITS = "(?:g|kg|ml|l|oz|lb|litres?|cups?|(?:rice[ -])?cooker[ -]cups?|c|(?-i:[Tt])|tbsp|tsp" \
              "|tablespoons?|teaspoons?|handfuls?" \
              "|thumbs?|pinch(?:es)?|cloves?|sprigs?|spoons?|spoonfuls?" \
              "|sticks?|stalks?|ribs?|tins?|cans?|bunch(?:es)?|knobs?|glass(?:es)?|mugs?|teacups?|bowls?" \
              "|slices?|heads?|inch(?:es)?|big|large|small|medium)"
      ALL_BEHIND = %r{\A(?<what>[[:alpha:]][^\d:]{0,80}?)(?<!\samong|\sbetween|\sinto|\sin|\sonto),?\s+
                      (?:[–—-]\s+|about\s+|roughly\s+)?
                      (?<amount>[\d½¼¾⅓⅔⅛][\d\s./x×½¼¾⅓⅔⅛]*(?:(?:whole\s+)?#{UNITS})?)
                      (?<said>\s*\([^()]*\)|(?:,|\s+(?:frozen|fresh|ripe|raw|dried|tinned|cooked
                      |bone|skin|on|in
                      |(?:boiling|hot|warm|cold)\z
                      |[[:alpha:]]+ed)\b).{0,80})?\z}ix
      # "Rice (2 cups bomba)", "tuna (1 tin, drained)", "lentils (brown ones, a mug)"
      BRACKETED = %r{(?:(?<kind>[[:alpha:] ]{2,30}?)(?:\s+ones)?,\s+)?(?:about\s+)?
                     (?<amount>(?:[\d½¼¾⅓⅔⅛][\d\s./½¼¾⅓⅔⅛]*|(?:half\s+)?an?\s+|one\s+|two\s+)#{UNITS}\b
                     |\d+(?=[,)]|\s+(?:big|large|small|medium|fat)\b))\s*(?:of\s+)?(?<more>[^()\d]{0,40})}ix
      WITHIN = /\A#{BRACKETED}\z/
      INSIDE = /(?<what>[[:alpha:]][[:alpha:] ]{0,60}?)\s*\(#{BRACKETED}\)/i
      BEGINS_INSIDE = /\A#{INSIDE}/
      EACH_BEHIND = /,\s*(?:about\s+)?(?<amount>\d+\s*(?:g|oz|kg))\s+each\b/i
      # "4 x 400 g tomatoes", where no tins are counted.
      TIMES = /\A(?<count>\d+)\s*[x×]\s*(?<each>\d+)\s*(?<unit>g|ml|kg)\s+
               (?!(?:tins?|cans?|jars?|packs?|packets?|bags?|blocks?)\b)/ix
      # "Rice 1 1/2 cups glutinous"
      RICE_AMID = %r{\Arice,?\s+(?<amount>[\d½¼¾⅓⅔⅛][\d\s./½¼¾⅓⅔⅛]*#{UNITS})\s+
                     (?<kind>glutinous|sticky|basmati|jasmine|brown|arborio|carnaroli|bomba|sushi
                     |(?:long|short|medium)[ -]grain)\b}ix
      # "Rice, the sticky jasmine one, two cups"
      RICE_BEHIND = %r{\Arice,\s+(?:the\s+)?(?<kind>[[:alpha:] ]{3,30}?)(?:\s+(?:one|kind|sort))?,\s+
                       (?<amount>(?:[\d½¼¾⅓⅔⅛][\d\s./½¼¾⅓⅔⅛]*|an?\s|(?:one|two|three|four)\s)#{UNITS})\z}ix
      # "Coconut milk 1 can 400 ml"
      TINS_BEHIND = /\A(?<what>[[:alpha:]][[:alpha:] -]{1,60}?),?\s+(?<count>\d{1,2})\s+
                     (?:tin|can|jar|pack|packet|carton|block)s?\s+(?<each>\d{2,4})\s*(?<unit>g|ml)\z/ix
      # "Plantain, 2 ripe"
      SIZED_BEHIND = /\A(?<what>[[:alpha:]][[:alpha:] -]{0,60}),\s+
                      (?<amount>\d+\s+(?:ripe|large|small|big|medium|fresh|whole))\z/ix
      KINDS = "(?:sweet|hot|smoked|plain|ground|whole|dark|light|strong|mild|fresh|caster|brown|toasted" \
              "|black|white|red|green|flat|frozen|salted|unsalted)"
      # "Paprika, 1 tbsp sweet", "saffron - 1/2 tsp ground, in hot water"
      KIND_BEHIND = %r{\A(?<what>[[:alpha:]][[:alpha:] -]{1,40}?)(?:,|\s[-–—]|:)\s+
                       (?<amount>[\d½¼¾⅓⅔⅛][\d\s./½¼¾⅓⅔⅛]*#{UNITS})\s+
                       (?<kind>#{KINDS})(?<said>,\s.{1,60})?\z}ix
      # "Whites of 2 eggs"
      EGG_PART = /\A(?:the\s+)?(?<part>white|yolk)s?\s+of\s+(?<count>\d+|an?|one|two|three|four|six)\s+
                  eggs?\b/ix
      # "Another onion", "juice of another lemon"
      ANOTHER = /\A(?<of>juice\s+of\s+)?another\s+(?=[[:alpha:]])(?!half\b)/i
      # "Juice 1 lime"
      JUICE = /\Ajuice\s+(?=\d|[½¼¾]|half\b)/i
      # "A little salt": nobody says how much.
      LITTLE = /\A(?:an?\s+)?(?:little|touch\s+of|bit\s+of)\s+(?=[[:alpha:]])/i
      # "Five spice, ditto": as much as of the thing before.
      DITTO = /,?\s+ditto\z/i
      # "Oil, loads, like 100 ml"
      LOADS = /,?\s+(?:loads|lots|plenty)\b,?(?:\s+like\b)?/i
      # "Cold lamb, a plateful (about 400 g)"
      PLATEFUL = /,\s+an?\s+(?:big\s+|good\s+)?(?:plate|bowl|bag|pack|packet|box|tray)(?:ful)?
                  (?=\s*\([^()]*\d)/ix
      # "1 tbsp ghee + more"
      AND_MORE = /\s*(?:\+|\bplus|\band)\s+(?:some\s+|an?\s+(?:little|bit|touch|dash)\s+)?
                  (?:more|extra)\b[^,(]*\z/ix
      # "Water to line 2", of a cooker
      TO_LINE = /\s+(?:up\s+)?to\s+(?:the\s+)?(?:(?:line|mark)\s*\d+|\d+\s+(?:line|mark))/i
      OR_SO = /\s*\b(?:or\s+so|ish)(?=\))/i
      # "Duck or chicken stock" is stock.
      EITHER = /\b[[:alpha:]]+\s+or\s+
                (?=[[:alpha:]]+\s+(?:stock|broth|oil|milk|wine|vinegar|sugar|beans?)\b)/ix
      # "Saffron bloomed in hot water": a little of it, by its name.
      IN_WATER = /,?\s+#{Dishes::JottedThings::GROUND_FIRST}
                  (?:steeped|infused|dissolved|bloomed)\s+in\s+(?:(?:some|a\s+little|a\s+bit\s+of)\s+)?
                  (?:(?:warm|hot|boiling|cold)\s+)?water\z/ix
      # "2 whole heads of garlic"
      WHOLE = /(?<=\d\s)whole\s+(?=(?:heads?|bulbs?|cloves?|sticks?|pods?)\b)/i
      # What says nothing of how much.
      IDLE = [WHOLE, AND_MORE, TO_LINE, OR_SO, PLATEFUL, LITTLE, LOADS, EITHER, IN_WATER].freeze
      # How a thing is preserved, behind it.
      PRESERVED = /(?<=\A|[\d½¼¾⅓⅔⅛a-z]\s)(?<what>[[:alpha:]]{2,30}(?:\s[[:alpha:]]{2,30})?),\s+
                   (?<how>smoked|dried|salted|tinned|canned)\b/ix
      # What begins without its number: "handful of mint", "small handful of dill".
      ONE = /\A(?!(?:juice|rest|half)\b)
              (?=(?:(?:small|big|large|good|generous)\s+)?[[:alpha:]]+\s+of\b|t(?:b?sp)\b
              |(?:(?:small|big|large|good)\s+)?
              (?:handful|bunch|knob|thumb|tin|can|jar|packet|pinch|few|glass|mug)s?\b)/ix

      # "Ginger 1\" piece"
      INCHES = /(?<=\d|½|¼|¾)\s?"(?:\s+(?:piece|knob))?(?!\s+stick)/
      ROOT = /\b(?:ginger|galangal|turmeric)\b/i

      # By a line, which is read as a line and as a part of a list.
      PLAIN = Remembered.new(1000) { |line| first(line) }
      private_constant :PLAIN

      module_function

      # A line with its amount first, and how a thing is preserved before it.
      #
      #   plain("Rice, long grain, 2 kg") # => "2 kg Rice, long grain"
      def plain(line)
        PLAIN[line]
      end

      def first(line)
        line = line.sub(INCHES, " inch") if line.match?(ROOT)
        line = line.sub(ANOTHER, '\k<of>1 ').sub(JUICE, "juice of ")
        whole = CompoundAmounts.single(line)
        bare = IDLE.reduce(whole) { |text, words| text.sub(words, "") }
        turned(fresh(preserved(bare)))
          .sub(EGG_PART, '\k<count> egg \k<part>s')
          .sub(OF_WEIGHT, '\k<weight> \k<what>').sub(WEIGHING, '\k<weight> \k<what>')
          .sub(LOOSE_WEIGHED, '\k<amount> \k<what>').sub(POURED, '\k<ml> ml \k<what>')
          .sub(AND_A_HALF, '1 1/2 \k<unit> of').sub(ONE, "1 ")
          .sub(BEHIND, '\k<amount> \k<what>').sub(BEGINS_INSIDE) { inside(Regexp.last_match) }
      end

      # "Haddock, smoked" is smoked haddock.
      def preserved(line)
        line.sub(PRESERVED, '\k<how> \k<what>')
      end

      # What comes in bunches is the leaf.
      def fresh(line)
        line.match?(BUNCHED) || line.match?(ALONE) ? line.sub(LEAFY, '\0 leaf') : line
      end

      # An amount that stands behind its thing comes first: "Rice, long grain, 2 kg".
      def turned(line)
        line.sub(RICE_AMID, '\k<amount> \k<kind> rice').sub(RICE_BEHIND, '\k<amount> \k<kind> rice')
            .sub(KIND_BEHIND, '\k<amount> \k<kind> \k<what>\k<said>')
            .sub(TINS_BEHIND) { times(Regexp.last_match) }
            .sub(LOOSE_BEHIND, '\k<amount> of \k<what>')
            .sub(PINCH_BEHIND, '\k<amount> of \k<what>\k<said>')
            .sub(MUGS_BEHIND, '\k<amount> of \k<what>\k<said>').sub(SIZED_BEHIND, '\k<amount> \k<what>')
            .sub(ALL_BEHIND, '\k<amount> \k<what>\k<said>')
            .sub(EACH_BEHIND, ' (\k<amount> each)').sub(TIMES) { times(Regexp.last_match) }
      end

      # An INSIDE with its amount first; behind a comma stands what is done to it.
      def inside(found)
        kind, done = found[:more].split(",", 2)
        said = [found[:amount], found[:kind], kind, found[:what]].compact.map(&:strip).reject(&:empty?)
        [said.join(" "), done].compact.join(",")
      end

      def times(found)
        what = found[:what] if found.names.include?("what")
        "#{found[:count].to_i * found[:each].to_i} #{found[:unit]} #{what}"
      end
      private_class_method :preserved, :fresh, :inside, :times, :first
    end
  end
end
