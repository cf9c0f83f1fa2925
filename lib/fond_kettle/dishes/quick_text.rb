# frozen_string_literal: true

require_relative "../care/cautions"
require_relative "../ground/limits"
require_relative "../larder/names"
require_relative "../measure/amounts"
require_relative "../measure/unit_table"
require_relative "../measure/units"
require_relative "line"
require_relative "line_tags"

module FondKettle
  module Dishes
    # Reads ingredients as they are jotted down, a line each:
    #   2 onions, sliced | base | browned
    #   1 1/2 jam glasses stock | liquid
    #   150 g kohlrabi | with | like turnip
    # Nothing is dropped: what is not understood stays in its line and is asked about.
    class QuickText
      # Something to ask about line `number` (from 1): what was not understood, and how to say it.
      Question = Value.define(:number, :text, :ask)
      # `rice` is [grain key, g] or nil.
      Read = Value.define(:rice, :lines, :questions)

      # What is said of the state of things, and the state.
      STATE_WORDS = { **Larder::STATES.to_h { |key, _| [key, key] }, "boiled" => "cooked",
                      "poached" => "cooked" }.freeze
      RAW = Care::Cautions.raw - ["unknown"]
      BULLET = /\A\s*(?:[-*•–]\s+|\d+[.)]\s+(?=\d))/
      PART_OF = /\A(juice|zest|peel|grated zest)\s+of\s+(.+)\z/i
      TO_TASTE = /\b(?:to\ taste|as\ needed|a\ little|some|for\ garnish|to\ garnish|to\ serve|for\ serving|
                     optional)\b/ix

      # `names`: Larder::Names; `cups`: the house's own (Measure::Cup).
      def initialize(names: Larder::Names.ours, cups: [])
        @names = names
        @amounts = Measure::Amounts.new(cups: cups)
      end

      # Reads all lines of `text`.
      def read(text)
        @questions = []
        @rice = nil
        written = text.each_line.with_index(1).lazy.map { |line, number| [line.strip, number] }
                      .reject { |line, _| line.empty? }
        lines = written.first(Limits::LINES)
                       .filter_map { |line, number| within_budget(line, number) { one(line, number) } }
        Read.new(rice: @rice, lines: lines.freeze, questions: @questions.freeze)
      end

      private

      # A line that nobody jotted down is asked about, and not read.
      def within_budget(line, number)
        return yield if line.size <= Limits::LINE_LETTERS

        ask(number, "#{line[0, 60]}…",
            "This line has #{line.size} letters: at most #{Limits::LINE_LETTERS} are read. Break it up.")
        nil
      end

      def one(text, number)
        head, *words = text.sub(BULLET, "").split("|").map(&:strip)
        amount, unit, name, note, inner = taken_apart(head.to_s)
        return rice(amount, unit, name, inner, text, number) if words.empty? && @names.grain(name)

        tags = tags(words, number, text)
        ingredient = ingredient(name, unit, tags.like, number, text)
        line(amount, unit, name, note, inner, ingredient, tags).tap do |line|
          ask_for_amount(line, number, text)
        end
      end

      # Amount, unit, name, note and what stood in brackets.
      def taken_apart(head)
        bare, inner = out_of_brackets(head)
        if bare =~ PART_OF
          part = ::Regexp.last_match(1)
          bare = ::Regexp.last_match(2)
        end
        amount = @amounts.read(bare) || Measure::Amount.new(number: nil, unit: nil, rest: bare)
        unit = amount.unit || (amount.number && Measure::UnitTable::PIECE)
        name, note = amount.rest.split(",", 2).map(&:strip)
        [amount.number, unit, name.to_s, [part, note].compact.join(", "), inner]
      end

      # What stands outside and within the first brackets (nil: none), by one look from
      # the front.
      def out_of_brackets(head)
        opens = head.index("(")
        closes = opens && head.index(")", opens)
        return [head.strip, nil] unless closes

        ["#{head[0...opens].rstrip}#{head[(closes + 1)..]}".strip, head[(opens + 1)...closes]]
      end

      def rice(amount, unit, name, inner, text, number)
        grain = @names.grain(name)
        poured = Larder::Ingredient.of(key: grain, name: name, g_ml: Larder::Grains.fetch(grain).rho_g_ml)
        g = amount && in_grams(amount, unit, poured, inner)
        if g.nil?
          ask(number, text, "How much rice? Write grams or cups.")
        elsif @rice
          ask(number, text, "Rice is written twice; the first line counts.")
        else
          @rice = [grain, g]
        end
        nil
      end

      def tags(words, number, text)
        read = LineTags.read(words)
        read.unknown.each do |word|
          ask(number, text, "“#{word}” says neither when it goes in (#{STAGES.keys.join(', ')}), nor " \
                            "its state (#{Larder::STATES.keys.join(', ')}), " \
                            "nor how it grows (#{LineTags::SCALES.join(', ')}).")
        end
        ask(number, text, "The shares of it come to more than all of it.") if read.too_much?
        read
      end

      def ingredient(name, unit, like, number, text)
        found = like ? @names.find(like, unit) : @names.as_written(name, unit)
        return like ? found.with(unchecked: name) : found if found

        ask(number, text, like ? "“#{like}” is not known either; take one of the list." : strange(name))
        Larder::Ingredient.of(key: "unknown", name: name, care: ["unknown"].freeze, unchecked: name)
      end

      def strange(name)
        "What is “#{name}” like? Add “| like turnip” (or what it is like); " \
          "until then it brings and drinks no water."
      end

      def line(amount, unit, name, note, inner, ingredient, tags)
        state = tags.state || STATE_WORDS.find { |word, _| "#{name} #{note}".match?(/\b#{word}\b/i) }&.last || "raw"
        ingredient = in_state(ingredient, state)
        stage = tags.stage || usual_stage(ingredient)
        Line.of(amount: amount, unit: unit, name: name,
                note: [note, inner && "(#{inner})"].compact.reject(&:empty?).join(" "),
                g: amount && in_grams(amount, unit, ingredient, inner), ingredient: ingredient, stage: stage,
                state: state, scales: tags.scales || usual_scales(ingredient, stage), like: tags.like,
                **tags.more(stage))
      end

      # What is cooked is not raw any more.
      def in_state(ingredient, state)
        done = ingredient.in_state(state)
        state == "cooked" ? done.with(care: (done.care - RAW).freeze) : done
      end

      def usual_stage(ingredient)
        return "liquid" if ingredient.liquid

        ingredient.scales == "finished" ? "with" : "base"
      end

      # Fat for frying goes by the pan; fat for taste goes with the people.
      def usual_scales(ingredient, stage)
        ingredient.scales == "floor" && stage != "base" ? "people" : ingredient.scales
      end

      # Brackets may say the weight: of each can ("2 cans (400 g)"), else of it all
      # ("2 onions (300 g)", "1 1/2 cups (300 g)").
      def in_grams(amount, unit, ingredient, inner)
        said_g = bracketed_g(inner)
        return weigh(amount, unit, ingredient) if said_g.nil? || Measure::UnitTable.mass?(unit)

        each = inner.match?(/\beach\b/i) ||
               (Measure::UnitTable.piece?(unit) && unit != Measure::UnitTable::PIECE)
        each ? amount * said_g : said_g
      end

      def bracketed_g(inner)
        said = inner && @amounts.read(inner.sub(/\A(?:about|ca\.?|approx\w*\.?)\s+/i, ""))
        Measure::Units.convert(said.number, said.unit, "g") if said && Measure::UnitTable.mass?(said.unit)
      end

      # nil where a piece is not one of what the ingredient is counted by: a tin of
      # tomatoes is no tomato, a leaf of cabbage no cabbage.
      def weigh(amount, unit, ingredient)
        return @amounts.convert(amount, unit, "g", ingredient.g_ml) unless Measure::UnitTable.piece?(unit)

        one_g = ingredient.piece_g if Measure::Amounts.counts?(unit, ingredient.piece)
        one_g && (amount * one_g)
      end

      def ask_for_amount(line, number, text)
        if line.amount.nil? && !line.free? && !text.match?(TO_TASTE)
          ask(number, text, "How much? Without an amount it is listed and not counted.")
        elsif line.amount && line.g.nil?
          ask(number, text, "What does one weigh? Write grams, as in “2 (150 g each) #{line.name}”.")
        end
      end

      def ask(number, text, words)
        @questions << Question.new(number: number, text: text, ask: words)
      end
    end
  end
end
