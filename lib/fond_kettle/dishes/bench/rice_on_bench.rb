# frozen_string_literal: true

require_relative "../../care/kind"
require_relative "../../vessels/graph"
require_relative "../../vessels/step"

module FondKettle
  module Dishes
    # The rice among the steps of a bench: where it goes in, with which water, and what cooks it.
    class RiceOnBench
      COOKS = %w[boil simmer low bake steam].freeze
      BOIL = "boil"
      PAR_BOIL = "par-boil"
      LOW = "low"
      REST = "rest"
      COVERED = { heat: "low", lid: "ordinary" }.freeze
      BEFORE = "before"
      IN = "in"
      BESIDE = [IN, "with"].freeze
      # The stage at which the way itself cooks the rice, where no step does.
      WAY = "way"

      # `dish`: a GraphDish with rice; `ordered`: its steps in the order in which they are done; `rice`: a
      # BenchRice; `main`: id of the line that is its liquid, or nil.
      def initialize(dish, ordered, rice, main)
        @dish = dish
        @ordered = ordered
        @rice = rice
        @main = main
      end

      # True for the step at which water goes in that no line names.
      def water_at?(step)
        step.equal?(water_at)
      end

      # g of that water.
      def water_g
        return @rice.steam_g if @rice.steamed

        boiled_at ? @rice.plenty_g : @rice.liquid_g.to_f
      end

      # True for a step that cooks the rice in its vessel, or lets it rest there.
      def cooks?(step)
        inside?(step) && [*COOKS, REST].include?(step.kind) && [*BESIDE, REST].include?(step.rice)
      end

      # The Vessels::Step of a step that cooks the rice or boils it in plenty of water, nil for others.
      def does(step)
        return cooked(step) if cooks?(step)

        boiled(step) if step.equal?(boiled_at)
      end

      # The Vessels::GraphStep of the way itself, nil where steps of the dish cook the rice.
      def by_its_way
        return if last_cooked

        done = Vessels::Step.of(LOW, minutes: nil, to_g: 0.0)
        Vessels::GraphStep.of(WAY, @dish.rice_vessel.key, does: done)
      end

      private

      # Steam is taken up where it is steamed; what boils in plenty boils in it.
      def water_at
        return last_cooked if @rice.steamed
        return if @main

        boiled_at || (goes_in if @rice.liquid_g.to_f.positive?)
      end

      # The step at which the rice boils in plenty of water, or nil.
      def boiled_at
        return unless @rice.plenty || @rice.done.positive?

        @ordered.find { |step| step.kind == PAR_BOIL } ||
          @ordered.find { |step| step.kind == BOIL && step.rice == BEFORE }
      end

      def inside?(step)
        step.vessel == @dish.rice_vessel.key
      end

      # The step at which the rice goes into its vessel.
      def goes_in
        inside = @ordered.select { |step| inside?(step) }
        inside.find { |step| step.rice == IN } || inside.find { |step| step.lines.include?(@dish.rice_line) }
      end

      # The last step that cooks the rice in its vessel, or nil.
      def last_cooked
        @ordered.reverse.find { |step| cooks?(step) && step.kind != REST && step.rice != REST }
      end

      # A Vessels::Step: at the last one the rice has what it wants, and nothing is left unless it is poured
      # off.
      def cooked(step)
        last = step.equal?(last_cooked)
        return Vessels::Step.of(BOIL, minutes: usual_min(step), **heat(step)) if step.kind == BOIL && !last

        rests = step.kind == REST
        minutes = step.minutes unless rests || @rice.steamed
        Vessels::Step.of(rests ? REST : LOW, minutes: minutes, **COVERED, **heat(step),
                                             to_g: (0.0 if last && !@rice.plenty))
      end

      def boiled(step)
        minutes = step.minutes || (@rice.ingredient.boil_min * (@rice.plenty ? 1.0 : @rice.done))
        Vessels::Step.of(PAR_BOIL, minutes: minutes, **heat(step))
      end

      def usual_min(step)
        step.minutes || Care::Kinds.fetch(step.kind).usual_min.to_f
      end

      def heat(step)
        { heat: step.heat, lid: step.lid }.compact
      end
    end
  end
end
