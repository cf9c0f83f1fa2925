# frozen_string_literal: true

require_relative "../../care/cautions"
require_relative "../../dishes/text/quick_text"
require_relative "../../ground/value"
require_relative "../../larder/grains"
require_relative "../../larder/names"
require_relative "../../larder/plain_words"
require_relative "../../larder/spelling"
require_relative "../../measure/amounts"
require_relative "../../measure/unit_table"
require_relative "cooked_rice"
require_relative "../words/learned_weights"
require_relative "../words/loose_measures"
require_relative "../words/measures_told"
require_relative "new_things"
require_relative "prepared"
require_relative "../rows/run_together"

module FondKettle
  module Reading
    # A line of a dish as it was read.
    #   text        as the cook wrote it; `spoken`: in the method alone
    #   food, note  in the cook's words; `said`: words of it that are found again in the method
    #   ingredient  Larder::Ingredient, nil: it is the rice, of a `grain` (a key)
    #   amount, unit  as written, nil: not said; `state`: a key of Larder::STATES
    #   g           of the whole line, nil: not known
    #   questions   about it; `part`: of the dish for which it is, as a heading says it, or nil
    ReadLine = Value.define(:id, :text, :food, :ingredient, :grain, :amount, :unit, :g, :state, :note,
                            :questions, :said, :spoken, :part) do
      # True where nobody knows the food.
      def unknown?
        ingredient&.key == "unknown"
      end

      # True for what runs off what lies in it: liquid and fat.
      def runs?
        !ingredient.nil? && (ingredient.liquid || ingredient.fat?)
      end

      # Words of it that name it best, without what only describes.
      def names
        known = said.reject { |word| FondKettle::Larder::PLAIN_WORDS.include?(word) }
        known.empty? ? said : known
      end
    end

    # Reads lines of a dish.
    class ReadLines
      # What it is for says nothing of what it is.
      FOR = /\s+for\s+(?:the|(?:deep|shallow)?[ -]?frying|serving|garnish)\b.*\z/i
      # "rice - jasmine is fine -"
      DASH = /\s+[-–—]\s.*\z/
      # What is said of it where nobody wrote a comma: "4 thighs skin on", "pandan if there is any".
      SAID_OF_IT = /(?<![,(])\s+(?=(?:(?:skin|bone)[ -](?:on|in|off)\b
                     (?!(?:\s+(?:and\s+)?(?:skin|bone)[ -](?:on|in|off)\b)*\s+(?!and\b|or\b|skin\b|bone\b)
                     [[:alpha:]])|left\s+whole
                     |(?<!oil\s)(?<!butter\s)(?<!ghee\s)(?<!lard\s)to\s+
                     (?:fry|serve|finish|garnish|grate|drizzle)\W*\z
                     |at\s+the\s+(?:table|end)\W*\z
                     |in\s+\d[\d.]*\s*-?(?:cm|mm|inch)\s+[[:alpha:]]+
                     |from\s+(?:the|a|my|last)|if\s+(?:there|you|any)
                     |with\s+(?:the|its|their)\s+(?:stem|skin|peel|shell|head|bone)s?)\b)/ix
      # Rice that is called by its kind alone.
      KINDS = /\b(?:basmati|jasmine|arborio|carnaroli|bomba|calrose|ponni|masoori|koshihikari|sell?a
               |(?:long|medium|short)[- ]grain)\b/ix
      # "Rice (short) 3/4 c"
      RICE_KIND = /\brice\s*(?<much>\d+\s*(?:g|ml|cups?)\s*)?\((?<kind>[[:alpha:]][[:alpha:] -]{2,24})\)/i
      OTHER_NAME = /\A\((?<name>[[:alpha:]][[:alpha:] -]{2,30})\)\z/
      # "Rice cooker cups" are no rice.
      COOKER = /\brice[ -]cooker(?=\s+cups?\b)/i
      # "White short rice"
      SHORT = /\b(?:short|medium|long)(?=\s+rice\b)/i
      GRAINED = /\A(?:short|long|medium|round)\z/i
      # "of", or a second amount: "1½ cups (300 g) red rice".
      IN_FRONT = /\A\s*(?:of\s+|\([^)]*\)\s*)+/i
      # "3 rice-cooker cups (540 ml) koshihikari"
      MEASURED = /\(\s*\d[^()]{0,12}\)/
      # "Basmati and wild rice" is basmati.
      AND_WILD = /\s+(?:and|&|\+)\s+wild\b/i
      ASIDE = /[(,]|\bfor\b/i
      NAME_ENDS = /(?=\s*(?:[(,]|\bfor\b|\z))/i
      THE = /\Athe\s+/i
      # "2 cups (400 g) of basmati"
      TOLD_TWICE = /\([^()]*\)\s*(?=of\s)/i
      PARTS = %w[thigh drumstick breast leg wing].freeze
      HEAPED = /\b(?:heaped|heaping)\b/i
      RICE = "rice"
      EGG = "raw-egg"
      LETTERS = 300
      EACH = "What does one %s weigh? %.0f g is taken for it."
      # "(about 400 g)": nobody has to be asked what it weighs, whatever its size.
      WEIGHED = /\(\D{0,12}\d[\d.,\s]*(?:g|kg|oz|lbs?|grams?|kilos?|ounces?|pounds?)\b/i

      # `names`: Larder::Names; `cups`: the house's own (Measure::Cup); `weights`: LearnedWeights.
      def initialize(names: Larder::Names.ours, cups: [], weights: LearnedWeights.new)
        @names = names
        @weights = weights
        @cups = cups
        @quick = Dishes::QuickText.new(names: names, cups: cups)
        @count = 0
      end

      # ReadLines of a text: one, or more where it says several things; `spoken`: only the method says it;
      # `part`: of the dish for which it is; `written`: what stands for it in the cook's text, where that is
      # more.
      #
      #   ReadLines.new.read("2 tbsp ghee").first.g # => 27.3
      def read(text, spoken: false, part: nil, written: nil)
        mended = as_before(Larder::Spelling.mend(text)).sub(MeasuresTold::BRACKETED, "").sub(COOKER, "cooker")
                                                       .sub(RICE_KIND) { of_kind(Regexp.last_match) }
        certain = LooseMeasures.certain(mended, @cups)
        @amount = certain.text.delete_suffix(Measure::Amounts.new.read(certain.text)&.rest || certain.text)
        things, asks = learned(*understood(text, mended, certain), text)
        things.map { |found| line(written || text, { **found, spoken: spoken, part: part }, asks) }
      end

      private

      # "Rice (arborio)", "rice (short)".
      def of_kind(found)
        ["#{found[:kind]}#{' grain' if found[:kind].match?(GRAINED)} rice", found[:much]].compact.join(" ")
      end

      # A line with the amount of the one before, where it says "ditto".
      def as_before(text)
        bare = text.sub(AmountForms::DITTO, "")
        bare == text || Measure::Amounts.new.read(bare) ? bare : "#{@amount}#{bare}"
      end

      # Attributes of ReadLines, and what is asked of them; `certain`: the CertainText of `mended`.
      def understood(text, mended, certain)
        bare = certain.text.sub(NewThings::FURTHER, "").sub(FOR, "").sub(DASH, "").sub(SAID_OF_IT, ", ")
        read = @quick.read(Prepared.apart(bare, @names))
        rice = rice(mended, certain.text, read)
        return [[rice], certain.asks] if rice

        lines = read.lines.map { |line| thing(otherwise(line) || line, text) }
        [lines, [*certain.asks, *read.questions.map(&:ask)]]
      end

      # A line by the name behind it, where that alone is a food's: "salsa inglesa (worcestershire)"; or nil.
      def otherwise(line)
        other = line.note[OTHER_NAME, :name]
        return unless other && @names.whole?(other) && !@names.whole?(line.name)

        found = @quick.read([line.amount, line.unit, other].compact.join(" ")).lines.first
        found&.with(name: line.name, note: line.note)
      end

      # The same with what the house knows of the one thing's weight.
      def learned(things, asks, text)
        weight_g = @weights.g(text) if things.one?
        weight_g ? [[things.first.merge(g: weight_g, questions: [])], []] : [things, asks]
      end

      # What a Dishes::Line says (attributes of ReadLine).
      def thing(line, text)
        piece = Measure::UnitTable.piece?(line.unit) && !line.note.match?(WEIGHED)
        sized = piece || text.match?(HEAPED)
        weight_g = line.g && (sized ? line.g * LooseMeasures.size(text, egg: egg?(line)) : line.g)
        each_g = weight_g && piece && raw?(line.ingredient) && (weight_g / line.amount)
        { food: called(line), ingredient: line.ingredient, grain: nil, amount: line.amount, unit: line.unit,
          g: weight_g, state: line.state, note: line.note,
          questions: each_g ? [format(EACH, Larder::Names.singular(called(line)), each_g)] : [] }
      end

      def egg?(line)
        line.ingredient.care.include?(EGG)
      end

      # A part of an animal is called so: "chicken thighs".
      def called(line)
        part = PARTS.include?(line.unit) && line.ingredient.pieces.key?(line.unit.to_sym)
        return line.name.sub(THE, "") unless part

        "#{line.name} #{Measure::Amounts.label(line.unit, line.amount)}"
      end

      # Nobody has to be asked what an egg weighs.
      def raw?(ingredient)
        (Care::Cautions.raw - [EGG]).intersect?(ingredient.care)
      end

      # The same of a line that is the rice, or nil; its name may not be all that is said of it ("500 g aged
      # basmati").
      def rice(text, certain, read)
        return unless read.lines.size <= 1

        grain, weight_g = read.rice
        grain &&= grain(text)
        grain, weight_g = by_kind(text, certain) unless grain
        return unless grain

        weight_g ||= read.lines.first&.g
        cooked = CookedRice.new(text, certain, grain)
        { food: called_rice(certain), ingredient: nil, grain: grain, amount: nil, unit: nil,
          g: cooked.raw_g(weight_g), state: nil, note: nil, questions: cooked.questions(weight_g) }
      end

      def line(text, found, asks)
        @count += 1
        said = @names.words(found[:food].split(/[(,]/).first.to_s)
        said |= [RICE] if found[:grain]
        note = found[:note].to_s
        ReadLine.new(**found, id: "l#{@count}", text: text[0, LETTERS], food: food(found, text),
                              note: (note[0, LETTERS] unless note.empty?), said: said,
                              questions: [*asks.map { |ask| naming(ask, found[:food]) }, *found[:questions]])
      end

      # What it is called; no line is without.
      def food(found, text)
        (found[:food].empty? ? text : found[:food])[0, LETTERS]
      end

      # A question with the food that it is about.
      def naming(ask, food)
        one = food.casecmp?(Larder::Names.singular(food))
        ask.sub(/\AHow much\?/, one ? "How much #{food}?" : "How many #{food}, or how many grams?")
           .sub(/\AWhat does one weigh\?/, "What does one of the #{food} weigh?")
      end

      # [grain, g] of rice that is called by its kind alone ("a mug of arborio"), or nil.
      def by_kind(text, certain)
        found = grain(text.sub(TOLD_TWICE, "").gsub(MEASURED, " ").split(ASIDE).first.to_s)
        [found, @quick.read(certain.sub(NAME_ENDS, " #{RICE}")).rice&.last] if found
      end

      def grain(text)
        text = text.sub(SHORT, '\0 grain').sub(AND_WILD, "")
        @names.grain(text) || (@names.grain("#{text} #{RICE}") if text.match?(KINDS))
      end

      def called_rice(text)
        bare = Measure::Amounts.new.read(text)&.rest || text.sub(RunTogether::COUNT_BEHIND, "")
        words = bare.sub(DASH, "").sub(IN_FRONT, "").split(/[,(]/).first.to_s.strip
        words.match?(/\brice\b/i) ? words : "#{words} #{RICE}".strip
      end
    end
  end
end
