# frozen_string_literal: true

require_relative "../kit/dish_vessels"
require_relative "../measure/rounding"
require_relative "../methods/planning/planner"
require_relative "../methods/solved/solved"
require_relative "../pot/fit"
require_relative "dish"
require_relative "own_steps"
require_relative "pot_food"
require_relative "provisions"
require_relative "rolls_sauce"
require_relative "scaling"
require_relative "salt"
require_relative "sense"

module FondKettle
  module Dishes
    # A dish in the amount of one evening: `factor` times as written, its lines
    # scaled, cooked in `batches` equal pots, each of which `plan` is for; `before` is
    # the Methods::Request of the dish as written in the same pot; `servings` regular adults' worth.
    Supper = Value.define(:dish, :factor, :servings, :lines, :batches, :plan, :before, :salt, :warnings) do
      # Raw rice in all pots, g.
      def rice_g
        plan.load.rice_g * batches
      end

      # The main liquid (or water) of all pots together, in g, as the model computes it.
      def liquid_g
        plan.poured_g * batches
      end

      # Weight of the finished rice, g.
      def cooked_rice_g
        rice_g * (1 + plan.load.uptake)
      end

      # The worst that is true of it (Methods::ComesOut), the dish's own food counted.
      def comes_out
        Methods::ComesOut.of([*plan.warnings, *warnings], verdict)
      end

      # Verdict of its Methods::Plan on the rice; in rolls it is soft, and what stands round them is their
      # sauce.
      def verdict
        plan.verdict == "wet" && dish.graph.rolls? ? "soft" : plan.verdict
      end

      # The same at the floor and at the top.
      def floor_and_top
        plan.floor_and_top
      end

      # Foods whose allergens nobody knows, in the cook's own words.
      def not_checked
        plan.request.not_checked
      end

      # Allergens of everything eaten, sorted.
      def allergens
        plan.request.allergens.sort
      end
    end

    # Works a Supper out.
    module Laying
      module_function

      # `request`: the kitchen's side (method, vessel, fire, texture, wash …); its rice
      # and additions are the dish's. `servings` nil: as many as the factor says. What
      # does not fit the pot goes into as many equal ones as it takes.
      def supper(dish, factor, request, servings: nil)
        kitchen = with_own_steps(dish, request)
        plan, batches = in_batches(dish, factor, kitchen)
        lines = Dishes::Scaling.lines(dish, factor, pan_mm: request.vessel.diameter_mm, pans: batches)
        before = scaled(dish, 1.0, kitchen)
        servings ||= dish.serves * factor
        salt = Salt.of(lines, plan, batches, servings, dish.main_liquid)
        Supper.new(dish: dish, factor: factor, servings: servings, lines: lines.freeze, batches: batches,
                   plan: plan, before: before, salt: salt, warnings: warnings(dish, before, plan, salt))
      end

      # The pot's own and the dish's; salt is judged by all of its sources, and rolls are no bed of grains.
      def warnings(dish, before, plan, salt)
        judged = dish.graph.rolls? ? %w[salt-high bed-too-thin] : %w[salt-high]
        pot = plan.warnings.reject { |warning| judged.include?(warning.code) }
        [*pot, *rounds(plan), *Sense.warnings(dish, before, plan, salt)].freeze
      end

      # Rounds, when it is more than the pots at hand hold at once.
      def rounds(plan)
        return [] unless plan.request.rounds?

        say = "#{plan.request.pots} rounds in one pot, one after the other: what is done first is kept " \
              "hot, 60 °C or above, covered."
        [Methods::Warning.new(code: "rounds", say: say)]
      end

      # A Plan for one of so many equal pots, and how many. Rolls are made in one go, and too many are said.
      def in_batches(dish, factor, request)
        whole = Methods::Solved.of(scaled(dish, factor, request))
        fit = Pot::Fitting.check(whole.load, whole.liquid_g, request.vessel)
        one = fit.fits? || fit.batches == 1 || dish.graph.rolls?
        return [Methods::Planner.plan(whole), 1] if one

        [Methods::Planner.plan(scaled(dish, factor, request, pots: fit.batches)), fit.batches]
      end

      # The request for one of `batches` equal pots.
      def split(request, batches)
        return request if batches == 1

        additions, aside = [request.additions, request.aside].map do |list|
          list.map { |addition| addition.with(g: addition.g / batches) }.freeze
        end
        sauce_g = request.choices.residue_g
        request.with(rice_g: request.rice_g / batches, additions: additions, aside: aside, pots: batches,
                     made_in: request.made_in&.times(1.0 / batches),
                     layered: request.layered&.times(1.0 / batches),
                     choices: request.choices.with(residue_g: sauce_g && (sauce_g / batches)))
      end

      # The request with the vessels and the steps of `dish`, which are the same at any factor.
      def with_own_steps(dish, request)
        made_in = request.made_in || made_in(dish, request)
        request.with(made_in: made_in, method: OwnSteps.method(request.method, dish, made_in))
      end

      # A request with_own_steps at `factor`: rice, what the lines bring, what is poured by weight.
      def request_for(dish, factor, lines, request)
        food = PotFood.new(dish, lines)
        request.with(main_liquid: dish.main_liquid&.ingredient, rice_g: dish.rice_g * factor,
                     made_in: request.made_in.times(factor),
                     company: [*dish.graph.foods, *lines.map { |scaled| scaled.line.ingredient },
                               *request.company].uniq.freeze,
                     lines: Provisions.new(dish, lines, request.measures),
                     additions: [*food.additions, *request.additions].freeze,
                     aside: request.made_in ? food.aside.freeze : [].freeze)
      end

      # The vessels of its graph, in pots of the house.
      def made_in(dish, request)
        kit = request.kit.map { |pot| [Kit::DishVessels.of(pot), pot] }
        dish.graph.made_in(request.vessel, kit)
      end

      # The request of `dish` at `factor` for one of `pots` equal pots, scaling the lines too: each has a
      # floor to be covered with fat.
      def scaled_request(dish, factor, request, pots: 1)
        scaled(dish, factor, with_own_steps(dish, request), pots: pots)
      end

      # The same of a request that has been made with_own_steps.
      def scaled(dish, factor, request, pots: 1)
        lines = Dishes::Scaling.lines(dish, factor, pan_mm: request.vessel.diameter_mm, pans: pots)
        one = split(request_for(dish, factor, lines, request), pots)
        dish.graph.rolls? ? RollsSauce.stays(one, written_g(dish, lines, pots)) : one
      end

      # The main liquid as the cook wrote it, in one of so many pots, g; nil where none is written.
      def written_g(dish, lines, pots)
        liquid = dish.main_liquid
        main = lines.find { |scaled| scaled.line.equal?(liquid) }
        main&.g && (main.g / pots)
      end

      private_class_method :in_batches, :warnings, :rounds, :made_in, :with_own_steps, :request_for, :scaled,
                           :written_g
    end
  end
end
