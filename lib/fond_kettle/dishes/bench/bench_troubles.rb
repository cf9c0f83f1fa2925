# frozen_string_literal: true

require_relative "../../care/cautions"
require_relative "../../ground/value"
require_relative "../../ground/words"
require_relative "../../table/avoids"
require_relative "../graph/graph_check"

module FondKettle
  module Dishes
    # Something that goes wrong on a bench: at a step (`step`: its id) or in a vessel (`vessel`: its key; both
    # nil: the whole dish), and a sentence about it.
    BenchTrouble = Value.define(:step, :vessel, :say)

    # Troubles of a Bench: an order that cannot be, a vessel too full, what will not brown in its time, what
    # stays raw, what somebody at the table must not eat.
    class BenchTroubles
      FULL = "Too full: about %<there>s L, and it holds %<holds>s L."
      SLOW = "%<state>s takes about %<needed>d min here; you say %<said>d."
      LONG = "%<state>s takes about %<needed>d min here."
      TWO_PANS = "In two pans at once: about %d min."
      # Where two pans save so many minutes, they are worth while; where nobody is in a hurry, so many.
      WORTH_MIN = 8.0
      WORTH_UNSAID_MIN = 15.0
      RAW = "The %<food>s stays raw: no step heats it."
      # The field of a fault that is about all steps.
      STEPS = "dish.steps"
      # Nearer than that the cook's minutes are let be.
      NEAR = 1.25

      # `bench`: a Bench; `eaters`: Table::Eaters at the table.
      def initialize(bench, eaters: [])
        @bench = bench
        @eaters = eaters
      end

      # BenchTroubles, those of the whole dish first.
      def all
        @all ||= [*order, *steps, *full, *raw, *avoided].freeze
      end

      private

      def order
        GraphCheck.new(@bench.dish).faults.map do |fault|
          words = [*("the steps" if fault[:field] == STEPS), fault[:message]].join(" ")
          trouble("#{Words.capital(words)}.")
        end
      end

      def trouble(say, step: nil, vessel: nil)
        BenchTrouble.new(step: step, vessel: vessel, say: say)
      end

      def steps
        @bench.steps.flat_map do |step|
          [*(trouble(step.never_hot, step: step.id) if step.never_hot), *slow(step)]
        end
      end

      # A state that takes longer than the cook says, or so long that two pans pay.
      def slow(step)
        return [] unless step.needed_min

        said_min = @bench.dish.steps.find { |one| one.id == step.id }&.minutes
        saves_min = step.needed_min / 2
        return [] if said_min ? step.needed_min <= NEAR * said_min : saves_min < WORTH_UNSAID_MIN

        words = format(said_min ? SLOW : LONG, state: step.state.word.capitalize, said: said_min.to_f.round,
                                               needed: step.needed_min.round)
        two = format(TWO_PANS, saves_min.round) if saves_min >= WORTH_MIN
        [trouble([words, *two].join(" "), step: step.id)]
      end

      # A vessel of the house at the first step after which it holds more than it can; where the house has
      # none, one that is large enough is meant.
      def full
        @bench.vessels.select { |vessel| vessel.pot.id }.filter_map do |vessel|
          holds_ml = vessel.pot.volume_ml
          step = @bench.steps.find { |one| volume_ml(one, vessel.key) > holds_ml }
          next unless step

          there_ml = volume_ml(step, vessel.key)
          trouble(format(FULL, there: litres(there_ml), holds: litres(holds_ml)), step: step.id,
                                                                                  vessel: vessel.key)
        end
      end

      def volume_ml(step, key)
        @bench.in_one(key, step.after.fetch(key)).volume_ml
      end

      def litres(volume_ml)
        format("%.1f", volume_ml / 1000)
      end

      def raw
        @bench.at_last.flat_map do |vessel, contents|
          cold = contents.foods.select { |food| food.hot_min.zero? && raw?(food) && food.mass_g >= 1 }
          cold.map { |food| food.ingredient.name.downcase }.uniq
              .map { |name| trouble(format(RAW, food: name), vessel: vessel) }
        end
      end

      def raw?(food)
        food.ingredient.care.intersect?(Care::Cautions.surely_raw)
      end

      def avoided
        found = @bench.at_last.values.flat_map(&:allergens).uniq.sort
        foods = @bench.at_last.values.flat_map(&:foods)
        not_checked = foods.filter_map { |food| food.ingredient.unchecked }.uniq
        Table::Avoids.clashes(@eaters, found, not_checked).map { |clash| trouble(clash.to_s) }
      end
    end
  end
end
