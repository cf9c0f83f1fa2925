# frozen_string_literal: true

require_relative "../../ground/limits"
require_relative "../../larder/names"
require_relative "../../larder/unknown_food"
require_relative "../../measure/amounts"
require_relative "../../measure/unit_table"
require_relative "jotted_weight"
require_relative "jotting"
require_relative "../line"
require_relative "../line_state"
require_relative "line_tags"

module FondKettle
  module Dishes
    # Reads ingredients as they are jotted down, a line each:
    #   2 onions, sliced | base | browned
    #   1 1/2 jam glasses stock | liquid
    #   150 g kohlrabi | with | like turnip
    # Nothing is dropped: what is not understood stays in its line and is asked about.
    class QuickText
      # Something to ask about line `number` (from 1): what was not understood, and how to say it; `food`
      # where it is a name that nobody knows.
      Question = Value.define(:number, :text, :ask, :food)
      # `rice` is [grain key, g] or nil.
      Read = Value.define(:rice, :lines, :questions)

      # What is said of the state of things, and the state; what is called dried is bought so.
      STATE_WORDS = { **Larder::STATES.except("dried").to_h { |key, _| [key, key] },
        **%w[boiled poached grilled roasted roast baked steamed barbecued pan-fried griddled]
                    .to_h { |word| [word, "cooked"] } }.freeze
      STATE_WORD = /\b(?:#{STATE_WORDS.keys.join('|')})\b/i
      BULLET = /\A\s*(?:[-*•–]\s+|\d+[.)]\s+(?=\d))/
      # What is asked of a Jotted.
      ASKS = { "shell" => "Is %s weighed with shell, bone or peel? Write what of it is eaten.",
               "part" => "Only a part of %s: how many grams is that?",
               "or" => "Two are named: %s is counted. The other can have a line, | instead of it." }.freeze
      HOW_BIG = "How big is the %s? Put it among the cups of the cupboard, or write mL or grams."
      WHICH = "How big is the %s? If it is your %s, write so; otherwise write mL or grams."
      TO_TASTE = /\b(?:to\ taste|as\ needed|a\ little|some|for\ garnish|to\ garnish|to\ serve|for\ serving|
                     optional)\b/ix

      # `names`: Larder::Names; `cups`: the house's own (Measure::Cup).
      def initialize(names: Larder::Names.ours, cups: [])
        @names = names
        @cups = cups
        amounts = Measure::Amounts.new(cups: cups)
        @jotting = Jotting.new(amounts, names)
        @weight = JottedWeight.new(amounts)
      end

      # Reads all lines of `text`.
      def read(text)
        @questions = []
        @rice = nil
        written = text.each_line.with_index(1).lazy.map { |line, number| [line.strip, number] }
                      .reject { |line, _| line.empty? }
        lines = written.first(Limits::LINES)
                       .flat_map { |line, number| within_budget(line, number) { one(line, number) } || [] }
        Read.new(rice: @rice, lines: lines.first(Limits::LINES).freeze, questions: @questions.freeze)
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
        things = @jotting.read(head.to_s)
        first = things.first
        grain = @names.grain(first.name) if words.empty? && things.size == 1
        return rice(grain, first, text, number) if grain

        tags = tags(words, number, text)
        things.map { |thing| thing(thing, tags, number, text) }
      end

      def thing(jotted, tags, number, text)
        ingredient = ingredient(jotted, tags.like, number, text)
        line(jotted, ingredient, tags).tap { |line| ask_for_amount(line, jotted, number, text) }
      end

      def rice(grain, jotted, text, number)
        poured = Larder::Ingredient.of(key: grain, name: jotted.name,
                                       g_ml: Larder::Grains.fetch(grain).rho_g_ml)
        g = jotted.number && @weight.in_grams(jotted.number, jotted.unit, poured, jotted.inner)
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

      def ingredient(jotted, like, number, text)
        name = jotted.name
        said = state_in(jotted.note) == "cooked" ? "#{name} cooked" : name
        found = like ? @names.find(like, jotted.unit) : @names.as_written(said, jotted.unit)
        return like ? found.with(unchecked: name) : found if found

        if like then ask(number, text, "“#{like}” is not known either; take one of the list.")
        else ask(number, text, format(Larder::UnknownFood::ASK, name), food: name)
        end
        Larder::Ingredient.of(key: "unknown", name: name, care: ["unknown"].freeze, unchecked: name)
      end

      def line(jotted, ingredient, tags)
        state = tags.state || state_in("#{jotted.name} #{jotted.note}")
        ingredient = LineState.of(ingredient, state)
        stage = tags.stage || jotted.stage || usual_stage(ingredient)
        Line.of(amount: jotted.number, unit: jotted.unit, name: jotted.name,
                note: [jotted.note, jotted.inner && "(#{jotted.inner})"].compact.reject(&:empty?).join(" "),
                g: weighed(jotted, ingredient), ingredient: ingredient, stage: stage,
                state: state, scales: tags.scales || usual_scales(ingredient, stage), like: tags.like,
                **tags.more(stage))
      end

      def state_in(words)
        said = words.scan(STATE_WORD).map(&:downcase)
        STATE_WORDS.find { |word, _| said.include?(word) }&.last || "raw"
      end

      # g, or nil: of a part that nobody weighs nothing is known.
      def weighed(jotted, ingredient)
        return if jotted.number.nil? || jotted.asks.include?("part")

        @weight.in_grams(jotted.number, jotted.unit, ingredient, jotted.inner)
      end

      def usual_stage(ingredient)
        return "liquid" if ingredient.liquid

        ingredient.scales == "finished" ? "with" : "base"
      end

      # Fat for frying goes by the pan; fat for taste goes with the people.
      def usual_scales(ingredient, stage)
        ingredient.scales == "floor" && stage != "base" ? "people" : ingredient.scales
      end

      def ask_for_amount(line, jotted, number, text)
        jotted.asks.each { |key| ask(number, text, format(ASKS.fetch(key), line.name)) }
        if line.amount.nil? && !line.free? && !text.match?(TO_TASTE)
          ask(number, text, "How much? Without an amount it is listed and not counted.")
        elsif line.amount && line.g.nil? && jotted.asks.empty?
          ask(number, text, unweighed(line))
        end
      end

      def unweighed(line)
        return how_big(Measure::Amounts.label(line.unit, 1)) if Measure::UnitTable.vessel?(line.unit)

        "What does one weigh? Write grams, as in “2 (150 g each) #{line.name}”."
      end

      # Any glass of the house may be meant, and none: it is not guessed.
      def how_big(vessel)
        own = @cups.map(&:name).select { |name| name.downcase.end_with?(vessel) }
        own.empty? ? format(HOW_BIG, vessel) : format(WHICH, vessel, own.join(" or your "))
      end

      def ask(number, text, words, food: nil)
        @questions << Question.new(number: number, text: text, ask: words, food: food)
      end
    end
  end
end
