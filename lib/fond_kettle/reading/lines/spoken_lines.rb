# frozen_string_literal: true

require_relative "../../larder/names"
require_relative "../../measure/amounts"
require_relative "../../measure/durations"
require_relative "../../measure/unit_table"
require_relative "../words/loose_measures"
require_relative "new_things"
require_relative "no_amount"
require_relative "read_line"
require_relative "../rows/run_together"

module FondKettle
  module Reading
    # Things that only the method names, with their amounts: "a glass and a half of water", "4 small fish".
    class SpokenLines
      # Where an amount may begin.
      START = %r{(?<![[:alnum:].,°/-])(?<!(?-i:other\s))(?<!(?-i:last\s))
               (?=[\d½¼¾⅓⅔⅛]|(?<=\A|\.\s|,\s)(?:handful|bunch|pinch|knob|splash|glug)\sof\s|quarter\s[tc]
               |(?:an?|half|another|one|two|three|four|five|six|seven|eight|nine|ten|twelve)\s)}ix
      # Where the thing ends.
      STOP = %r{\s*(?:[,.;:()!?]|\s\d|\s\+|\sw/|\s[-–—]\s
                 |\s(?:and|&|plus|without|the|in|into|with|for|to|on|onto|over|between
                 |among|till|'?til|until|wash|rinse|soak|boil|simmer|blanch|fry|from|round|around
                 |kept|soften|sweat|melt
                 |through|off|so|that|which|if|is|are|goes|go|up|at|then|when|by|stuck|cut
                 |you|you've|we|we've|i|i've)\s|\s(?:overnight|all\s+night)\b|\s(?:and|&|plus|or)\z
                 |\sin(?=\s*(?:[,.;]|\z))|\z)}ix
      # "A teaspoon of turmeric and 3 cloves": the second has an amount of its own.
      NEXT_ONE = /(?<=[[:alpha:]])\s(?:and|&|plus)\s(?:\d|(?:an?|two|three|four)\s(?!half\b|quarter\b)).*/im
      # How a food comes.
      STATES = /(?:frozen|fresh|dried|raw|cooked|tinned)/i
      # What is spoken of as known.
      KNOWN = /\bof\z|\A#{STATES}\z|\A[&–—-]
              |\A(?:with|in|into|to|onto|back|of|from|and|the|them|it|this|that|those|these|your
              |its|an?|over|above|below|under|apart)\b|\A(?:deep|thick|wide|high)\z/ix
      # What is counted and no food.
      NO_FOOD = /\b(?:times?|changes|waters|water\s+from|sides?(?!\s+bacon)|persons?|people
                 |(?:sauce)?pans?|pots?|bowls?|vessel
                 |oven|fridge|freezer|hob|stove|fire|flame|grill|timer
                 |casserole|dish|tray|skillet|platter|plates?|holes?
                 |layers?|fingers?|inch(?:es)?|lots?|mound|heap|while|minutes?|hours?|day|night
                 |liquid|liquor|filling|stuffing|dough|bite|towel|cloth
                 |rice\s+(?:ovals?|balls?|triangles?|cylinders?|fingers)
                 |(?:hard|firm|soft|white|raw)\s+(?:heart|core|middle|centre|center)
                 |napkin|handful|fistful|pinch|spoonful|lid|foil|spatula|paddle|spoon|fork|knife|whisk)\b/ix
      # What a text keeps is no thing of its own later: "520 ml broth".
      # "So that it is 750 ml altogether", "two scoops of rice each", "a fried egg each".
      IN_ALL = /\A(?:altogether|in\s+all|in\s+total|total)\b|\b(?:rice|eggs?)\s+each\z/i
      BROTH = /\A(?:[[:alpha:]]+\s+)?(?:broth|stock|liquor)\z/i
      # "There should be about five litres of broth": it is there.
      SEEN = /\bthere\s+(?:should|must|will|ought)\b/i
      ASIDE = /\A\s*\([^()]{0,30}\)/
      # Of a broth that the dish makes nobody says how much it is by a ladle.
      LADLED = /\A(?:an?|one|two|three|\d+)\s+ladle(?:ful)?s?\s+of\s+(?:\w+\s+)?
                (?:broth|stock|liquor|water)\b/ix
      # "200C", "180 fan", "gas 6": a heat, and no cups.
      HEAT = /\A\d{2,3}\s*(?:°|º|degrees?\b|deg\b|[CF]\b|fan\b)/i
      # What comes in bunches is the leaf, as it is not written.
      LEAF = " leaf"
      BEHIND = /[^,.;:()]{1,80}\([^()]{0,30}\)/
      # "2 tsp salt and water to cover (about 2.5 l)"
      LAST_NAMED = /\b(?:and|with|&)\s+(?<last>(?:(?!\s(?:and|with|&)\s).)+\))\z/i
      # "Fresh water, 6 cups, …"
      NAMED_FIRST = %r{\A(?<what>[[:alpha:]][[:alpha:] ]*),\s+[\d½¼¾⅓⅔⅛][\d\s./½¼¾⅓⅔⅛]*#{RunTogether::UNIT}\z}i
      NAMES_FIRST = [AmountForms::BEHIND, NAMED_FIRST, AmountForms::ALL_BEHIND].freeze
      BEHIND_COMMA = %r{(?<=\A|[.;:,]\s)[[:alpha:]][[:alpha:] ]{0,40},\s+[\d½¼¾⅓⅔⅛][\d\s./½¼¾⅓⅔⅛]{0,10}#{RunTogether::UNIT}(?=[,.;]|\z)}i
      # "Curry powder 2 tsp, thyme 2 tsp"
      BEHIND_NAME = %r{(?<=\A|[.;:,]\s)[[:alpha:]][[:alpha:]]+(?:\s[[:alpha:]]+){0,2}
                       \s[\d½¼¾⅓⅔⅛][\d\s./½¼¾⅓⅔⅛]{0,10}#{RunTogether::UNIT}
                       (?=(?:\s#{STATES})?(?:[,.;:]|\sin\s|\z))}ix
      FRONT = /\A\s*(?:(?:and|then|with|in|add|pour|over)\s+)*(?:the\s+)?/i
      SOME = /\A(?:few|little|bit)\b\s*|\Amore\s+(?=[[:alpha:]])/i
      # "A bit more stock" is of what there is.
      SOME_MORE = /\A(?:an?|some)\s+(?:little|bit|drop|touch|splash)\s+more\b/i
      OF = /\Aof\s+/i
      # "A chicken of about 1.6 kilos"
      WEIGHING = /\A(?:an?|one)\s+[[:alpha:]]+(?:\s+[[:alpha:]]+)?\s+(?:of|weighing)\s+(?:about\s+|around\s+)?
                  \d[\d.,½]*\s*(?:kg|kilos?|g|lb|pounds?)\b/ix
      # "2 cups (400 g) of rice"
      WEIGHED = /\A\([^()]{1,20}\)\s*/
      # What is measured in these is a food, though nobody knows it; of so many words at most.
      MASS = "mass"
      MEASURED = [MASS, "volume"].freeze
      # "Three pounds of the breast of veal", but not "6 oz of the cheese".
      THE = /\Athe\s+(?=[[:alpha:]]+\s+of\s)/i
      WORDS = 3
      LETTERS = (2..60)
      # What is said before a name; what is filled up to a line, or is a bare number of millilitres.
      LEADS = /\A.*\b(?:the|your|in|into|with|and|add|of|some)\s+/i
      UP_TO = /\b(?:up\s+to|to\s+cover)\b|\(\d{3}\)/i
      COUNTED = /\A(?:\d|an?\s|pinch|[½¼¾⅓⅔⅛])/i
      # "A spoonful of tuna in the middle of each" is of what there is.
      DEALT = /\A(?:an?|one|two)\s+(?:spoon(?:ful)?|piece|bit|slice|strip|cube)s?\s+of\b(?!.*\bsize\b)
               |\A[^,.;()]{1,60}?\s(?:in|on|into|onto|over)\s+
               (?:the\s+(?:middle|centre|center|top)\s+of\s+)?each\b/ix
      # "About 850 ml for the rice": nothing is named.
      NO_NAME = /\A(?:for|to|in|into|of|or|and|with|at|on)\b/i
      # Letters of an amount with its thing, and things of a sentence.
      REACH = 120
      MOST = 30

      AMOUNTS = Measure::Amounts.new

      # `lines`: ReadLines that are listed already; `names`: Larder::Names.
      # `kept`: the text keeps a broth that it makes.
      def initialize(lines, names = Larder::Names.ours, kept: false)
        @names = names
        @kept = kept
        @new = NewThings.new(lines, names)
      end

      # Texts of what a sentence names and no line has.
      #
      #   SpokenLines.new([]).in("Pour on two glasses of water.") # => ["two glasses of water"]
      def in(sentence)
        return [] if !sentence.match?(START) || sentence.match?(SEEN)

        found = first_said(sentence)
        others = others(sentence).reject { |text| found.any? { |one| one.include?(text) } }
        found + others.grep_v(Regexp.union(found))
      end

      private

      # Those whose amount stands before them.
      def first_said(sentence)
        from = 0
        found = []
        while found.size < MOST && (from = sentence.index(START, from))
          text = NoAmount.at?(sentence, from) ? nil : thing(sentence[from, REACH])
          found << text if text
          from += text ? text.size : 1
        end
        found
      end

      # Those whose amount stands behind them.
      def others(sentence)
        [*behind(sentence), *bracketed(sentence)].uniq
      end

      # The thing that a text begins with, or nil.
      def thing(text)
        text = text.sub(NEXT_ONE, "").sub(NewThings::FURTHER, "")
        return if none?(text)
        return text[WEIGHING] if text.match?(WEIGHING)

        amount = AMOUNTS.read(LooseMeasures.certain(text).text)
        name = amount && name(amount)
        return unless name && food?(name, amount.unit)
        return unless @new.thing?(name, text, dealt: text.match?(DEALT), of: amount)

        name = name.delete_suffix(LEAF) unless text.include?(name)
        from = text.index(name)
        from ? weighed(text, text[0...(from + name.size)]) : name
      end

      # What a text begins with, and its weight between brackets behind that.
      def weighed(text, whole)
        aside = text[whole.size..][ASIDE].to_s
        aside.strip.delete("()").match?(AmountForms::AMOUNT_BEHIND) ? whole + aside : whole
      end

      # What is named before its amount: "then stock up to the line (about 500 ml)".
      def behind(sentence)
        before_amounts(sentence).map { |part| part.sub(FRONT, "") }.select do |text|
          name = NAMES_FIRST.lazy.filter_map { |way| way.match(text) }.first&.[](:what)&.strip
          name && known?(name.sub(NewThings::HOT, "")) && @new.thing?(name, text[/\d+/])
        end
      end

      def before_amounts(sentence)
        parts = [BEHIND, BEHIND_COMMA, BEHIND_NAME].flat_map { |way| sentence.scan(way) }
        parts + parts.filter_map { |part| part[LAST_NAMED, :last] }
      end

      # True for all of a food's name, or the rice's.
      def known?(name)
        @names.whole?(name) || !@names.grain(name).nil?
      end

      # What has its amount in brackets: "tip in the rice (2 cups bomba)".
      def bracketed(sentence)
        return [] unless sentence.include?("(")

        sentence.to_enum(:scan, AmountForms::INSIDE).filter_map do
          found = Regexp.last_match
          name = name_at_end(found[:what])
          next unless name && !found[0].match?(UP_TO) && @new.thing?(name, found[:amount])

          several(found) || sentence[(found.end(:what) - name.size)...found.end(0)]
        end.flatten
      end

      # "Saffron milk (4 tbsp milk, pinch of saffron)" is both, and no third thing; nil: it is one.
      def several(found)
        parts = found[0][/\((.*)\)/, 1].split(/,\s+/)
        parts if parts.size > 1 && parts.all? { |part| RunTogether.food?(part) && part.match?(COUNTED) }
      end

      # The longest name of a food with which words end, or nil.
      def name_at_end(words)
        said = words.sub(LEADS, "").split
        [said.size, WORDS].min.downto(1).map { |count| said.last(count).join(" ") }
                          .find { |name| known?(name) }
      end

      # True where a text begins with a heat or a time.
      def none?(text)
        [HEAT, LADLED, SOME_MORE].any? { |words| text.match?(words) } ||
          !!Measure::Durations.all(text).first&.from&.zero?
      end

      # What an amount is of, or nil where it is no thing of its own.
      def name(amount)
        rest = amount.rest.sub(SOME, "").sub(WEIGHED, "").sub(OF, "")
        rest = rest.sub(THE, "") if Measure::UnitTable.find(amount.unit.to_s)&.family == MASS
        name = rest[0...(rest.index(STOP) || rest.size)].strip
        name if LETTERS.cover?(name.size) && [KNOWN, NO_FOOD, IN_ALL].none? { |no| name.match?(no) }
      end

      def food?(name, unit)
        return false if name.match?(NO_NAME) || (@kept && name.match?(BROTH))

        return true if @names.find(name) || @names.grain(name) || name.match?(ReadLines::KINDS)

        MEASURED.include?(Measure::UnitTable.find(unit.to_s)&.family) && name.split.size <= WORDS
      end
    end
  end
end
