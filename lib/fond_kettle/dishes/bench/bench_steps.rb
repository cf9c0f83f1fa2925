# frozen_string_literal: true

require_relative "../../care/kind"
require_relative "../../methods/loads/placed_step"
require_relative "../../vessels/fry_states"
require_relative "../../vessels/graph"
require_relative "../../vessels/step"
require_relative "../graph/graph_dish"
require_relative "../own_steps"
require_relative "rice_on_bench"

module FondKettle
  module Dishes
    # The steps of a GraphDish as steps in its vessels (Vessels::GraphStep), the rice's own among them.
    class BenchSteps
      # Kinds that change what is in a vessel, besides what cooks the rice.
      CHANGES = %w[fry reduce simmer marinate broth boil soak take-out pour-off low bake steam].freeze
      POUR_OFF = "pour-off"
      # Kinds that do what another does.
      AS = { "drain" => POUR_OFF, "heat-liquid" => "boil" }.freeze
      AT_ONCE = "heat-liquid"
      FRY = "fry"
      BROWN = "golden"
      STATE_KINDS = [FRY, "reduce"].freeze
      # Under a lid by which nothing more is said.
      COVERED = { heat: "low", lid: "ordinary" }.freeze
      # The line that is the water which no line names.
      WATER = "bench-water"

      # `dish`: a GraphDish; `ordered`: its steps in the order in which they are done; `rice`: a BenchRice, or
      # nil; `main`: id of the line that is the rice's liquid, or nil.
      def initialize(dish, ordered, rice, main)
        @dish = dish
        @ordered = ordered
        @needed_g = rice&.liquid_g
        @rice_steps = RiceOnBench.new(dish, ordered, rice, main) if rice
      end

      # [id of the step (nil: the way's own), Vessels::GraphSteps] of each.
      def all
        @all ||= @ordered.map { |step| [step.id, placed(step)] } + own_way
      end

      # g of the water that no line names, for the rice or to boil it in.
      def water_g
        @rice_steps ? @rice_steps.water_g : 0.0
      end

      private

      def own_way
        way = @rice_steps&.by_its_way
        way ? [[nil, [way]]] : []
      end

      def placed(step)
        place = step.with(to: (step.to unless GraphVessel::AWAY.include?(step.to)), from: poured(step))
        Methods::PlacedStep.of(step.id, place, takes: takes(step), does: does(step), only: only(step))
      end

      def takes(step)
        own = step.takes.map { |take| [take.line, take.share] }
        own << [WATER, 1.0] if @rice_steps&.water_at?(step)
        own.freeze
      end

      # Vessels::Pours of other vessels, as much liquid as the rice needs among them.
      def poured(step)
        grams = @needed_g || step.needed_g
        needed = step.needed.map do |vessel|
          Vessels::Pour.new(vessel: vessel, what: "liquid", share: nil, g: grams)
        end
        (step.from + needed).freeze
      end

      # Its Vessels::Step, or nil where it changes nothing.
      def does(step)
        own = @rice_steps&.does(step)
        return own if own

        kind = AS.fetch(step.kind, step.kind)
        return unless CHANGES.include?(kind)

        state = state(step)
        Vessels::Step.of(kind, minutes: minutes(step, state), state: state, **heat(step),
                               **{ g: step.g, share: step.share }.compact)
      end

      def heat(step)
        usual = %w[simmer broth].include?(step.kind) ? COVERED : {}
        { **usual, **{ heat: step.heat, lid: step.lid }.compact }
      end

      # The state that it is fried or cooked down to, if something in it can come to that.
      def state(step)
        return unless STATE_KINDS.include?(step.kind)

        told = told_state(step) || (BROWN if step.kind == FRY && foods(step).any? { |one| browned?(one) })
        told if told && @dish.lines.any? { |line| comes_to?(told, line) }
      end

      def told_state(step)
        states = Vessels::FryStates.all
        return step.state if step.state && states.key?(step.state)

        Vessels::FryStates.in_words([step.until, step.say[OwnSteps::UNTIL]].compact.join(" "))&.key
      end

      def minutes(step, state)
        return 0.0 if step.kind == AT_ONCE

        step.minutes || (usual_min(step) unless state)
      end

      def usual_min(step)
        step.minutes || Care::Kinds.fetch(step.kind).usual_min.to_f
      end

      def foods(step)
        @dish.lines.select { |line| step.lines.include?(line.id) }
      end

      def browned?(line)
        line.state == "browned"
      end

      # Lines that it is done to: those that can come to its state, of what goes in at it or else of what is
      # there; without a state all but fat and what is as it was said to be. Nil: to the liquid, or to all.
      def only(step)
        return if @rice_steps&.cooks?(step) || AS.fetch(step.kind, step.kind) == POUR_OFF

        state = state(step)
        return ids { |line| dries?(line) } unless state

        fit = ids { |line| comes_to?(state, line) }
        fit.intersect?(step.lines) ? fit & step.lines : fit
      end

      def ids(&)
        @dish.lines.select(&).map(&:id)
      end

      def dries?(line)
        line.state == "raw" && !line.ingredient.fat?
      end

      def comes_to?(state, line)
        Vessels::FryStates.fetch(state).of?(line.ingredient) && (line.state == "raw" || browned?(line))
      end
    end
  end
end
