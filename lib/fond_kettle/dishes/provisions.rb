# frozen_string_literal: true

require_relative "../care/kind"
require_relative "../measure/numeral"
require_relative "../methods/request/provision"
require_relative "claims"
require_relative "line_words"
require_relative "own_steps"
require_relative "scaling"
require_relative "serving_words"

module FondKettle
  module Dishes
    # Food that the lines of a dish put into each place (Methods::Provision), in the house's measures.
    class Provisions
      HALF = "1/2"
      # Steps at whose time a line of each stage goes in; earlier it is only made ready.
      OWN_TIME = { "base" => %w[base], "liquid" => %w[base], "with" => %w[base boil minute dry],
                   "finish" => %w[finish boil minute dry], "beside" => %w[finish] }.freeze
      # When a share that was kept goes in.
      LATER = { "finish" => "for the end", "with" => "to go in with the rice", "beside" => "to go beside it",
                "liquid" => "to go in with the liquid" }.freeze

      # `lines`: Scaled, for all pots; `house`: Measure::House.
      def initialize(dish, lines, house)
        @dish = dish
        @lines = lines
        claimed = dish.claims.each_with_index.flat_map { |list, step| list.map { |claim| [claim, step] } }
        @steps = claimed.to_h { |claim, step| [claim, OwnSteps.key(step)] }
        @places = claimed.to_h { |claim, step| [claim, dish.steps[step].stage] }
        @again = claimed.filter_map { |claim, _| claim.index if claim.stage.nil? }
        @words = ServingWords.new(house)
        @line_words = LineWords.new(@words)
        @provisions = {}
      end

      # A Provision for each place of each line, the liquid that the model answers for left
      # out, in one of `pots` equal pots.
      def provisions(pots)
        @provisions[pots] ||= worded(pots)
      end

      private

      def worded(pots)
        main = @dish.main_liquid
        @lines.each_with_index.flat_map do |scaled, index|
          scaled.line.equal?(main) ? [] : placed(scaled, index, pots)
        end.freeze
      end

      def placed(scaled, index, pots)
        return kept_back(scaled, index, pots) if @dish.kept_back?(index)

        unplaced = @dish.placing.unplaced.include?(index)
        scaled.line.shares.reject { |stage, _| unplaced && stage == "base" }.flat_map do |stage, share|
          step = @steps[Claims::Claim.new(index: index, stage: stage)]
          first = provision(scaled.line, part(scaled, share / pots), part(scaled, share), stage, step)
          [first, *(again(scaled.line, "the #{scaled.line.name}", stage, nil) if prepared?(index, stage))]
        end
      end

      def kept_back(scaled, index, pots)
        line = scaled.line
        step = @steps[Claims::Claim.new(index: index, stage: "base")]
        whole = provision(line, part(scaled, 1.0 / pots), scaled, "base", step)
        later = line.shares.except("base")
        kept = later.map do |stage, share|
          said = Measure::Numeral.write(share)
          "#{said == HALF ? 'half' : said} of it kept #{LATER.fetch(stage)}"
        end.join(", ")
        whole = whole.with(told: "#{whole.told}, #{kept}", told_all: "#{whole.told_all}, #{kept}")
        [whole, *later.map do |stage, _|
          again(line, "the #{line.name} that were kept", stage,
                @steps[Claims::Claim.new(index: index, stage: stage)])
        end]
      end

      # Taken by a step of another time than its own, and named by none after that.
      def prepared?(index, stage)
        return false if @dish.placing.told

        place = @places[Claims::Claim.new(index: index, stage: stage)]
        !place.nil? && !OWN_TIME.fetch(stage).include?(place) && !@again.include?(index)
      end

      # Nothing more of it, but now it goes in: at a `step`, or where its stage has it (nil).
      def again(line, told, stage, step)
        Methods::Provision.new(key: line.ingredient.key, what: line.name, g: 0.0, measured: "", told: told,
                               told_all: told,
                               stage: stage,
                               step: step, slot: Methods::Slots.of(line.ingredient), care: [].freeze,
                               wilts_ml: 0.0)
      end

      def part(scaled, share)
        share >= 1 ? scaled : scaled.with(factor: scaled.factor * share)
      end

      def provision(line, one, all, stage, step)
        said = @words.say(one)
        told = @line_words.text(line, said)
        Methods::Provision.new(key: line.ingredient.key, what: line.name, g: one.g,
                               measured: said.words || said.weight,
                               told: told, told_all: text_of_all(line, told, one, all),
                               stage: stage, step: step, slot: Methods::Slots.of(line.ingredient),
                               care: line.ingredient.care, wilts_ml: wilts_ml(line, one))
      end

      def text_of_all(line, told, one, all)
        one.factor == all.factor ? told : @line_words.text(line, @words.say(all))
      end

      def wilts_ml(line, one)
        line.state == "raw" && one.g ? line.ingredient.wilting_ml(one.g) : 0.0
      end
    end
  end
end
