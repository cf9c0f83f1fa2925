# frozen_string_literal: true

require_relative "../care/kind"
require_relative "../ground/errors"
require_relative "../ground/limits"
require_relative "../larder/names"
require_relative "../measure/amounts"
require_relative "../measure/durations"
require_relative "../measure/numeral"
require_relative "../methods/library"
require_relative "moved_step"
require_relative "other_food"
require_relative "placed_line"
require_relative "reordered_step"
require_relative "lines/read_line"

module FondKettle
  module Reading
    # A dish of schema 2 (a hash) in which one thing is as the cook says.
    class AnsweredDish
      GRAMS = "g"
      SERVES = Limits::SERVES
      # What a side has none of.
      RICE = %w[grain rice_g method].freeze
      NONE = "none"
      NO_RICE = /\A(?:none|no|no\s+rice|without)\b/i
      KINDS = Care::Kinds.for_own_steps.freeze
      # What may be answered, by the field that it is asked for.
      FIELDS = { "serves" => :serves, "method" => :method_key, "grain" => :rice, "rice_g" => :rice,
                 "food" => :food, "g" => :weight, "minutes" => :minutes, "kind" => :kind, "takes" => :takes,
                 "at" => :moved_to, "also" => :also_at, "vessel" => :vessel, "before" => :before }.freeze
      # Kinds of vessels that a step may be moved to besides those that the dish has.
      FURTHER = %w[frying-pan pot bowl oven-dish].freeze

      # `dish`: the hash; `names`: Larder::Names; `cups`: the house's own (Measure::Cup); `library`: the
      # methods to choose from.
      def initialize(dish, names: Larder::Names.ours, cups: [], library: Methods::Library.ours)
        @dish = dish
        @names = names
        @amounts = Measure::Amounts.new(cups: cups)
        @lines = ReadLines.new(names: names, cups: cups)
        @library = library
      end

      # The dish with the `field` of the line or step of an id (for the whole: of the dish) as `text` says.
      # Raises InvalidInput where that cannot be.
      #
      #   AnsweredDish.new(dish).with("s5", "minutes", "5 min")["steps"][4]["minutes"] # => 5.0
      def with(id, field, text)
        change = FIELDS[field] || raise(InvalidInput.at(field, "must be one of: #{FIELDS.keys.join(', ')}"))
        send(change, id, text)
      end

      private

      def serves(_, text)
        serves = bare_number(text)
        return @dish.merge("serves" => serves) if serves && SERVES.cover?(serves)

        raise InvalidInput.at("serves", "must be between #{SERVES.min} and #{SERVES.max}")
      end

      def method_key(_, text)
        @dish.merge("method" => one_of("method", text, @library.all.keys))
      end

      # "400 g basmati", an amount alone where the grain is known, or that there is none: then it is a side.
      def rice(_, text)
        return side if text.match?(NO_RICE)

        rice = rice_in(text, "#{text} #{@dish['grain'].to_s.tr('-', ' ')} rice")
        raise InvalidInput.at("rice_g", "must be rice with its amount: 400 g basmati") unless rice

        written = lines.find { |line| line["ingredient"] == @dish.fetch("grain", NONE) }
        done = written ? put("lines", written["id"], "g" => rice.g, "ingredient" => rice.grain) : @dish
        done.merge("grain" => rice.grain, "rice_g" => rice.g.round(1))
      end

      # The first ReadLine of some texts that is rice with an amount, or nil.
      def rice_in(*texts)
        read = texts.flat_map { |words| @lines.read(words) }
        read.find { |line| line.grain && line.g && Limits::RICE_G.cover?(line.g) }
      end

      def side
        left = @dish.fetch("asked", []).reject { |one| RICE.include?(one["of"]) }
        vessels = @dish.fetch("vessels", []).map { |one| one.merge("rice" => false) }
        @dish.except(*RICE).merge("asked" => left, "vessels" => vessels)
      end

      def weight(id, text)
        food = @names.find(by_id(lines, id, "line")["food"])
        grams = @amounts.number(text, GRAMS, g_per_ml: food&.g_ml)
        return put("lines", id, "g" => grams) if grams && Limits::ADDITION_G.cover?(grams)

        raise InvalidInput.at("g", "must be an amount, such as 120 g or 2 tbsp")
      end

      # The line is of another food, as much of it as was written; what was asked of its weight is no more.
      def food(id, text)
        other = OtherFood.new(@names, @lines).line(by_id(lines, id, "line"), text)
        left = @dish.fetch("asked", []).reject { |one| one["of"] == id && one["field"] == GRAMS }
        @dish.merge("lines" => lines.map { |line| line["id"] == id ? other : line }, "asked" => left)
      end

      def minutes(id, text)
        minutes = Measure::Durations.read(text, unit: "min")
        return put("steps", id, "minutes" => minutes) if minutes && Limits::TASK_MIN.cover?(minutes)

        raise InvalidInput.at("minutes", "must be a time, such as 20 min or 1 h 30")
      end

      def kind(id, text)
        put("steps", id, "kind" => one_of("kind", text, KINDS))
      end

      # A line goes in at a step; of a step, one of the lines that were asked about is meant.
      def takes(id, text)
        return goes_in(id, text) if lines.any? { |line| line["id"] == id }

        step = by_id(steps, id, "step")
        asked = @dish.fetch("asked", []).find { |one| one["of"] == id && one["field"] == "takes" }
        kept = step.fetch("takes", []).reject do |take|
          asked.to_h.fetch("choices", []).include?(take["line"])
        end
        put("steps", id, "takes" => [*kept, { "line" => by_id(lines, text, "line")["id"], "share" => 1 }])
      end

      # All of a line goes in at the step of an id, and nowhere else.
      def moved_to(id, text)
        placed(id).at(step_id(text))
      end

      # Half of a line goes in at the step of an id too.
      def also_at(id, text)
        placed(id).half_at(step_id(text))
      end

      def placed(line)
        PlacedLine.new(@dish, by_id(lines, line, "line")["id"])
      end

      def step_id(text)
        by_id(steps, text, "step")["id"]
      end

      # A step is done before the one of an id, or behind all.
      def before(id, text)
        other = text == ReorderedStep::LAST ? text : step_id(text)
        step = by_id(steps, id, "step")
        other == id ? @dish : ReorderedStep.new(@dish, step).ahead_of(other)
      end

      # A step is done in the vessel of a key, or in a further one of a kind.
      def vessel(id, text)
        MovedStep.new(@dish, by_id(steps, id, "step")).to(one_of("vessel", text, vessel_keys))
      end

      def vessel_keys
        own = @dish.fetch("vessels", []).map { |vessel| vessel["key"] }
        own + [MovedStep::NEW, MovedStep::OTHER].product(FURTHER).map(&:join)
      end

      # Where it was only guessed to go in, it goes in no more.
      def goes_in(id, text)
        asked = @dish.fetch("asked", []).find { |one| one["of"] == id && one["field"] == "takes" }
        placed(id).at_instead(step_id(text), asked.to_h["guess"])
      end

      def lines
        @dish["lines"]
      end

      def steps
        @dish["steps"]
      end

      def by_id(list, id, what)
        found = list.find { |one| one["id"] == id }
        found || raise(InvalidInput.at("takes", "must be a #{what} of the dish"))
      end

      def one_of(field, text, keys)
        return text if keys.include?(text)

        raise InvalidInput.at(field, "must be one of: #{keys.join(', ')}")
      end

      def bare_number(text)
        number, rest = Measure::Numeral.read(text)
        number.to_f if number && rest.to_s.strip.empty?
      end

      def put(list, id, changes)
        @dish.merge(list => @dish[list].map { |one| one["id"] == id ? one.merge(changes) : one })
      end
    end
  end
end
