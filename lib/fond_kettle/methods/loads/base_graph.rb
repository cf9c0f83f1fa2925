# frozen_string_literal: true

require_relative "../../vessels/food"
require_relative "../../vessels/fry_states"
require_relative "../../vessels/graph"
require_relative "../../vessels/step"
require_relative "../method"
require_relative "../moments"
require_relative "../placing/base_placement"
require_relative "../request/addition"
require_relative "../request/provision"
require_relative "placed_step"

module FondKettle
  module Methods
    # The stages of a base as steps in the rice's vessel (Vessels::Graph), with the food that goes in at each.
    class BaseGraph
      POT = "pot"
      # What is marinated lies in a bowl until a step names it again, or the rice goes in.
      BOWL = "bowl"
      ALL_OF_BOWL = Vessels::Pour.new(vessel: BOWL, what: "all", share: nil, g: nil)
      # The step at which the rice goes in.
      RICE = "rice"
      # Between the key of a stage and what is lifted out after it, for later.
      KEPT = "-kept-"
      MARINATES = "marinate"
      FRIES = "fry"
      SIMMERS = "simmer"
      # Kinds of stages that change what is in it. What a method's own base simmers until its gravy is right
      # loses what its cook lets it lose: only a dish's own simmering is counted.
      CHANGES = %w[fry reduce].freeze
      OWN_CHANGES = %w[fry reduce simmer marinate].freeze
      # Kinds that change it where a dish says from which vessel to which.
      MOVED = [*OWN_CHANGES, "broth", "boil", "soak", "take-out", "pour-off", "drain"].freeze
      # Of these what takes liquid, not pieces; draining is pouring off.
      LIQUID_OUT = %w[pour-off drain].freeze
      POURS_OFF = "pour-off"
      # The lid and heat of a simmer of which nobody says more.
      SIMMER = { heat: "low", lid: "ordinary" }.freeze
      # The state that browned food is in.
      BROWN = "golden"

      # `text`: a PhaseText; `foods`: the Additions of its base; `onion`: the colour that is wanted of it, or
      # nil; `made_in`: the vessels of a dish that is made in several (MadeIn), or nil.
      def initialize(text, foods, onion, made_in = nil)
        @foods = foods
        @onion = onion
        @made_in = made_in
        @stages = made_in ? text.base : before_broth(text)
        @placement = BasePlacement.new(text.base, foods.map { |food| Slots.of(food.ingredient) })
      end

      # Vessels::Food by the index of its Addition.
      def lines
        @lines ||= @foods.each_with_index.to_h do |addition, index|
          warm = addition.start_c ? { temp_c: addition.start_c } : {}
          [index, Vessels::Food.of(addition.ingredient, addition.g, line: index, **warm)]
        end
      end

      # The graph, with what is done on a fire in `setting` (Vessels::Setting).
      def graph(setting)
        steps = @stages.flat_map { |stage| [*steps(stage), *kept_back(stage)] }
        rest = lines.keys - steps.flat_map { |one| one.takes.map(&:first) }
        rice = Vessels::GraphStep.of(RICE, rice_key, takes: whole(rest), from: rice_from)
        Vessels::Graph.new(lines: lines, settings: settings(setting), steps: [*steps, rice].freeze)
      end

      # Vessels::Setting by the key of its vessel.
      def settings(setting)
        return { POT => setting, BOWL => setting }.freeze unless @made_in

        @made_in.vessels.to_h do |vessel|
          [vessel.key, vessel.rice ? setting : setting.with(vessel: vessel.pot)]
        end.freeze
      end

      # Stages (StageText) that change what is in it: a method's own where somebody has said how much goes in
      # there, a dish's also what went in before.
      def changing
        @changing ||= @stages.select do |stage|
          next MOVED.include?(stage.kind) if @made_in&.step(stage.key)

          own = stage.own?
          (own ? OWN_CHANGES : CHANGES).include?(stage.kind) && (own ? there?(stage) : at(stage).any?)
        end
      end

      private

      # Stages in the rice's vessel, until a broth is made in it.
      def before_broth(text)
        text.base.reject { |stage| stage.moment == Moments::APART }
            .take_while { |stage| stage.kind != PhaseText::BROTH }
      end

      # Key of the vessel into which the rice goes.
      def rice_key
        @made_in ? @made_in.rice_vessel.key : POT
      end

      def rice_from
        @made_in ? @made_in.rice_from : [ALL_OF_BOWL].freeze
      end

      def steps(stage)
        does = done(stage) if changing.include?(stage)
        place = @made_in&.step(stage.key)
        given = { takes: whole(at(stage)), does: does, only: (only(stage, does) if does) }
        return PlacedStep.of(stage.key, place, **given) if place
        return [Vessels::GraphStep.of(stage.key, rice_key, **given)] if @made_in

        [Vessels::GraphStep.of(stage.key, stage.kind == MARINATES ? BOWL : POT, **given,
                               from: named_again?(stage) ? [ALL_OF_BOWL].freeze : [].freeze)]
      end

      # What is lifted out of it for later.
      def kept_back(stage)
        at(stage).select { |index| @foods[index].kept.positive? }.map do |index|
          lift = Vessels::Step.of("take-out", share: @foods[index].kept)
          Vessels::GraphStep.of("#{stage.key}#{KEPT}#{index}", rice_key, does: lift, only: [index].freeze)
        end
      end

      def named_again?(stage)
        stage.kind != MARINATES && @foods.any? { |addition| addition.again.include?(stage.key) }
      end

      # True where food went in at the stage, or at one before it.
      def there?(stage)
        @stages.take(@stages.index(stage) + 1).any? { |one| at(one).any? }
      end

      def whole(indexes)
        indexes.map { |index| [index, 1.0] }
      end

      # Indexes of the foods that go in at a stage.
      def at(stage)
        @at ||= @foods.each_index.group_by { |index| key(@foods[index]) }
        @at.fetch(stage.key, [])
      end

      def key(addition)
        return addition.step if addition.step

        @placement.stage(Slots.of(addition.ingredient))&.key if addition.stage == Addition::BASE
      end

      # A method's own frying lasts until its state, a dish's as long as its cook says.
      def done(stage)
        place = @made_in&.step(stage.key)
        more = stage.kind == SIMMERS ? SIMMER : {}
        if place
          more = more.merge({ heat: place.heat, lid: place.lid, g: place.g,
                              share: place.share }.compact)
        end
        state = state(stage)
        minutes = stage.told_min(@onion) unless state && !stage.own_minutes?
        kind = LIQUID_OUT.include?(stage.kind) ? POURS_OFF : stage.kind
        Vessels::Step.of(kind, minutes: minutes, state: state, **more)
      end

      # The state that its words or its onion name, if something in it can come to that.
      def state(stage)
        return unless CHANGES.include?(stage.kind)

        named = stage.fried_to(@onion) ||
                (BROWN if stage.kind == FRIES && at(stage).any? { |index| @foods[index].browned? })
        named if named && @foods.any? { |addition| comes_to?(named, addition) }
      end

      # Lines that it is done to: those that can come to its state, of what goes in at it or else of what is
      # there; without a state all but fat and what is as it was said to be, or in a method's own stage what
      # goes in.
      def only(stage, does)
        return if does.kind == POURS_OFF

        taken = at(stage)
        unless does.state
          return (stage.own? ? @foods.each_index : taken).select do |index|
            dries?(@foods[index])
          end
        end

        fit = @foods.each_index.select { |index| comes_to?(does.state, @foods[index]) }
        fit.intersect?(taken) ? fit & taken : fit
      end

      def dries?(addition)
        !addition.as_said? && !addition.ingredient.fat?
      end

      def comes_to?(state, addition)
        Vessels::FryStates.fetch(state).of?(addition.ingredient) && (addition.browned? || !addition.as_said?)
      end
    end
  end
end
