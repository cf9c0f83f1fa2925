# frozen_string_literal: true

require_relative "../../dishes/text/jotted_things"
require_relative "../../larder/names"
require_relative "../words/amount_forms"
require_relative "../words/compound_amounts"
require_relative "../words/sentences"
require_relative "../words/serving_count"
require_relative "../words/verbs"
require_relative "shared_amounts"
require_relative "unparted_foods"

module FondKettle
  module Reading
    # Ingredients that are run together in one line: "You want 1 cup peas, 2 onions, thyme".
    module RunTogether
      # What begins such a list, and parts of it.
      OPENS = /\A(?:(?:so|ok|okay|well|right|first),?\s+)?
              (?:you(?:'ll|\s+will)?\s+(?:want|need):?|(?:i|we)\s+(?:take|use)|take|needs
              |for\s+the\s+[[:alpha:]]+,|for\s+the\s+[[:alpha:]\ ]+:
              |to\s+finish,|ingredients:)\s+/ix
      # "Whole spices (2 cloves, 1 cardamom)" are what stands between the brackets.
      LISTED = /[[:alpha:]][[:alpha:] ]{0,30}\((?<list>(?:\d|an?\s)[^()]{1,60},\s(?:\d|an?\s)[^()]{1,80})\)/i
      FOR = /\A(?:(?:for\s+the\s+[[:alpha:]]+|to\s+finish),\s+|for\s+the\s+[[:alpha:]]+\s+(?=[\d½¼¾]))/i
      AMOUNT = /(?:\A|[,;.]\s*(?:and\s+)?|\s)(?:[\d½¼¾⅓⅔⅛]|an?\s|half\s|quarter\s[tc]|one\s|two\s)/i
      # What is said of a thing behind a comma.
      SAID_OF_IT = /\A(?:(?:all\s+|both\s+)?(?:[[:alpha:]]+ed|burnt|torn|beaten|ground)
              |an?\s+plate(?:ful)?|cut|in|if|free|or|left|finely|well|with|leaves
                   |for|not|thinly|(?:about|roughly)\s+\d+
                   |skin|\d+\s*cm(?!\s+(?:ginger|galangal|cinnamon))
                   |(?:shells?|heads?|tails?|bones?)\s+(?:on|off|in|out)\b)\b/ix
      # A comma, or an "and" before the next amount.
      PARTS = /,\s+(?![^()]*\))(?:and\s+)?(?:for\s+the\s+[[:alpha:]]+:\s+)?
               |\s+\+\s+(?=(?:the\s+)?[[:alpha:]]+(?:\s[[:alpha:]]+){0,2}\s+\((?:about\s+)?\d)
               |\s+\+\s+(?=\d)(?!.*\bmixed\b)
               |\s+and\s+(?=the\s+juice\b|[\d½¼¾⅓⅔⅛]|an?\s(?!half)|half\s|quarter\s[tc]|one\s|two\s)/ix
      ABOUT = /\A(?:about|some|roughly)\s+(?=\d)/i
      # What is told of the dish among them: "no salt", "the tail is salt enough".
      TOLD = /\A(?:no|not|never)\b|\b(?:is|are|was|were|will)\s/i
      # Where something is done to it at once, it is no list: "take a pound of veal, and set it on".
      DONE = /\b(?:set|put|lay|cut|wash|boil|fry|stew|brown|sear|rub|season|roast|cook|joint|bring
              |quarter|slice|chop|shred|grate|peel|halve|crush|rinse|soak|heat|warm)\s+
              (?:it|them)\b/ix
      # "You want an oven at 200" lists nothing.
      KIT = /(?:want|need|take|use)s?\s+(?:an?|the|your)\s+(?:[[:alpha:]]+\s+)?
             (?:oven|pan|pot|wok|steamer|cooker|tin|tray|dish|sieve|bowl)\b(?!\s+of)/ix
      # An amount before a thing, or behind it: "adzuki beans 1 cup".
      UNIT = /#{AmountForms::UNITS}\b\.?/i
      COUNT = %r{\A(?:about\s+)?(?:(?:half|quarter)\s+(?:an?\s+)?(?=#{UNIT})|[\d½¼¾⅓⅔⅛][\d\s./½¼¾⅓⅔⅛-]*)
                 (?:#{UNIT})?\s*(?:of\s+)?}ix
      # "1 tsp advieh": whatever that is, it is a thing.
      MEASURED = %r{\A[\d½¼¾⅓⅔⅛][\d\s./½¼¾⅓⅔⅛-]*(?:tsp|tbsp|teaspoons?|tablespoons?)\s+
                    (?!(?:#{AmountForms::KINDS}|more|extra)\s*(?:\z|,))[[:alpha:]]}ix
      COUNT_BEHIND = %r{\s+[\d½¼¾⅓⅔⅛][\d\s./½¼¾⅓⅔⅛-]*(?:#{UNIT})?\z}i
      ARTICLE = /\A(?:an?|half\s+an?)\s+(?:#{UNIT}|pinch|handful|knob|splash)\s+of\s+/i
      SOME = /\A(?:an?\s+)?(?:few\s+|big\s+|good\s+)?
              (?:pinch|dash|drop|splash|handful|knob|bunch|sprig|thread|strand)(?:e?s)?\s+(?:of\s+)?/ix
      SALT_PEPPER = /\A(?:(?:sea|kosher|flaky|fine|coarse)\s+)*salt(?:\s*(?:and|&|\+|,)?\s+)(?:freshly\s+)?
                     (?:ground\s+|milled\s+)?(?:black\s+|white\s+)?pepper(?:,?\s+to\s+taste)?\W*\z/ix
      AND_PEPPER = /(?<=salt)\s*(?:and\b|&|\+|,)?\s+/i
      STEEPED = /,?\s+#{Dishes::JottedThings::GROUND_FIRST}
                 (?:steeped|soaked|infused|dissolved|crushed|bloomed|fried|toasted|browned|softened
                 |sweated|marinated|tossed)\s+in\s+(?:(?:a\s(?:bit|little|lot)|plenty|some)\s(?:of\s)?)?
                 (?!(?:(?:warm|cold|hot|boiling|plain|salted)\s)?water\b)/ix
      # "Seasoning: 2 tbsp vinegar, …", "For 4 people you need: …"
      LABEL = /\A[[:alpha:]][^:,.]{1,40}:\s+(?=\S)/
      # Its first sentence: behind "For 4:" amounts may have a point.
      FIRST_SENTENCE = /\A(?:(?:for|serves)\s+(?:\d+|[[:alpha:]]+)\s*:(?:[^.]|\.(?=\d))*
                       |(?!#{LABEL})(?:[^.]|(?<=\d)\.(?=\d))*|[^.]*)/ix
      # What is put there is done: "In the big pot: 6 tbsp of oil, …"
      IN_POT = /\A(?:in|into|on)\s/i
      THEN = /\b(?:then|goes|go)\b/i
      FOR_WHOM = /\A(?:for|of|to|in)\b/i
      # "Cheese to grate"
      TO_DO = /\s+to\s+[[:alpha:]]+\z/i
      # "Fried garlic"
      TREATED = /\A(?:fried|toasted|crushed|grated|chopped|sliced|minced)\s+(?=[[:alpha:]])/i
      # How a part begins that has its amount first.
      FIRST = /\A(?:and\s+)?(?:about\s+)?(?:[\d½¼¾⅓⅔⅛]|an?\s|half\s|quarter\st)/i
      # "2 scotch bonnets", which nobody knows, among things that somebody does.
      NEW_THING = /\A\d{1,2}\s+(?!#{UNIT}|(?:cm|mm|times?|pieces?|slices?|halves|left|more|of|for|to|in)\b
                   |(?:parts?|sheets?|leaf|leaves|strips|squares|blocks?|layers?)\b
                   |min|(?:ripe|fresh|whole)\z)
                   (?:[[:alpha:]]{3,}(?<!ed)\s){0,2}[[:alpha:]]{3,}(?<!ed)\z/ix
      # "1 tin (400 g) tomatoes"
      ASIDE = /\A\([^()]*\)\s*/
      # "The lamb with its marinade", "half of the fried onions": what is there already.
      OF_KNOWN = /\A(?:and\s+)?(?:half\s+|most\s+)?(?:of\s+)?the\s+(?!juice|zest|rind)[[:alpha:]]/i
      # "4 min"
      TIME = /\A(?:about\s+)?\d[\d\s–-]*(?:min\w*|hours?|h|sec\w*)\.?\z/i
      # So many make a list.
      FEW = 3

      module_function

      # True for a line that is one.
      def list?(row)
        return false if row.match?(IN_POT) || row.match?(SharedAmounts::DEALT) || row.scan(AMOUNT).size < FEW

        first = Sentences.of(row).find { |one| !ServingCount.only?(one) }.to_s[FIRST_SENTENCE]
        opens = row.match?(OPENS) && [DONE, KIT].none? { |no_list| first.match?(no_list) }
        return true if opens || row.count(";") >= FEW

        listed?(first.sub(LABEL, ""))
      end

      # True where amount stands after amount, and nothing is done.
      def listed?(sentence)
        parts = sentence.split(/,\s+/)
        return false if parts.any? { |part| part.match?(TIME) || part.match?(OF_KNOWN) }

        bare = parts.reject { |part| part.match?(FIRST) || food?(part) }
        parts.size >= FEW && bare.size * 3 <= parts.size && parts.none? { |part| done?(part) }
      end

      # True where a part tells what to do: "peel the prawns", not "peel of an orange", "soy to taste" or
      # "300 g beans cut short".
      def done?(part)
        part.match?(THEN) || Verbs.found(part.sub(TO_DO, "")).any? do |one|
          !part[one.from..].match?(/\A(?:[[:alpha:]]+\s+of\b|taste\z)/i)
        end
      end

      # Texts of its things.
      def things(sentence)
        bare = sentence.sub(LABEL, "").sub(OPENS, "").sub(/[.;]\s*\z/, "")
        bare = bare.gsub(LISTED) { Regexp.last_match[:list] }
        parts = bare.split(/;\s*/)
        parts = parts.one? ? parts(bare.sub(ABOUT, "")) : parts.flat_map { |part| counted(part) }
        parts.map { |part| part.sub(FOR, "").strip }.reject(&:empty?)
             .flat_map { |part| steeped(part) || [part] }
      end

      # The things of a row that names several foods between commas: "thyme, curry powder, 2 stock cubes"; a
      # row whose commas only say how a thing is, is one.
      def foods(row)
        row = CompoundAmounts.single(row)
        parts = row.sub(LABEL, "").split(/,\s+/)
        return parts if foods?(parts)
        return row.split(AND_PEPPER) if row.match?(SALT_PEPPER)

        several = SharedAmounts.of(row) { |name| food?(name) } || steeped(row)
        several ||= semicolons(row) || UnpartedFoods.of(row) { |one| counted?(one) }
        several ||= counted(row)
        several.size > 1 ? several : [row]
      end

      # "Oil 4 tbsp; butter 30 g", as two, or nil.
      def semicolons(row)
        apart = row.split(/;\s+/)
        apart if apart.size > 1 && apart.all? { |part| counted?(part) }
      end

      # True where all parts are foods, or all but one that nobody knows, of many without an amount.
      def foods?(parts)
        return false if parts.one?
        return true if parts.all? { |part| food?(part) || counted?(part) }

        known = parts.count { |part| food?(part) }
        known > 1 && known == parts.size - 1 && parts.none? { |part| said?(part) }
      end

      # True for what has an amount, is said of the thing before it, or is no thing.
      def said?(part)
        part.match?(AmountForms::BEGINS) || part.match?(SAID_OF_IT) || told?(part)
      end

      # "A pinch of saffron steeped in 2 tbsp milk", "almonds fried in butter", as two; nil: it says no such
      # thing.
      def steeped(row)
        found = STEEPED.match(row)
        return unless found && (counted?(found.post_match) || food?(found.post_match))

        [found.pre_match, found.post_match]
      end

      # Parts of a row, each with its own amount: "1 onion, 1 red pepper, diced".
      def counted(row)
        each = SharedAmounts.of(row) { |name| food?(name) } if row.match?(/\beach\b/i)
        return each if each

        row.split(PARTS).each_with_object([]) do |part, found|
          found.any? && !counted?(part) ? found[-1] = "#{found.last}, #{part}" : found << part
        end
      end

      # True where a part is an amount of some food.
      def counted?(part)
        amount = part[COUNT] || part[ARTICLE]
        return counted_inside?(part) || counted_behind?(part) if amount.nil?

        return true if part.match?(MEASURED) || part.match?(NEW_THING)

        name = part.delete_prefix(amount).sub(ASIDE, "").split(/[,(]|\s[–—-]\s/).first.to_s
        return true unless Larder::Names.ours.find(name).nil?

        !name.match?(FOR_WHOM) && !Larder::Names.ours.grain(name).nil?
      end

      # "Allspice berries (8)"
      def counted_inside?(part)
        found = AmountForms::BEGINS_INSIDE.match(part.sub(AmountForms::OR_SO, ""))
        !found.nil? && Larder::Names.ours.whole?(found[:what])
      end

      # "Dried thyme 2 tsp"
      def counted_behind?(part)
        part.match?(COUNT_BEHIND) && food?(part)
      end

      # True where a part of a list is a food, whatever its amount.
      def food?(text)
        bare = text.sub(COUNT, "").sub(SOME, "").sub(COUNT_BEHIND, "").sub(AmountForms::DITTO, "")
                   .sub(TREATED, "")
        return true if Larder::Names.ours.whole?(bare)

        bare.split.size <= FEW && !bare.match?(FOR_WHOM) && !Larder::Names.ours.grain(bare).nil?
      end

      # True for what is no thing.
      def told?(text)
        !text.match?(COUNT) && text.match?(TOLD)
      end

      # A comma stands between two things, or before what is said of one.
      def parts(text)
        text.split(PARTS).each_with_object([]) do |part, found|
          found.any? && part.match?(SAID_OF_IT) ? found[-1] = "#{found.last}, #{part}" : found << part
        end
      end
      private_class_method :listed?, :done?, :parts, :foods?, :said?, :steeped,
                           :semicolons, :counted, :counted_inside?
    end
  end
end
