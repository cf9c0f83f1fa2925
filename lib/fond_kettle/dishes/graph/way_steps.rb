# frozen_string_literal: true

require_relative "../../methods/request/dressing"
require_relative "../../methods/request/provision"
require_relative "../../vessels/food_way"
require_relative "../own_steps"
require_relative "graph_dish"
require_relative "graph_order"
require_relative "rice_washing"

module FondKettle
  module Dishes
    # What of a GraphDish its way of cooking does itself, and where what it does not stands in that way.
    class WaySteps
      # Stages of a step by where it stands beside the rice, where it has no minute.
      STAGE_BY_TURN = { "before" => "base", "with" => "boil", "rest" => "rest", "after" => "finish",
                        "beside" => "base" }.freeze
      # Kinds of steps that the way does itself: the rice's own washing and filling, and what it is cooked by.
      OF_THE_RICE = %w[rinse soak drain fill].freeze
      OF_THE_WAY = %w[boil low bake steam rest seal layer par-boil pour-off warm].freeze
      PAR_BOILS = [*OF_THE_RICE, "boil", "par-boil", "simmer", "heat-liquid", "pour-off"].freeze
      HEATS = %w[boil low bake steam].freeze
      BOILS = %w[boil par-boil].freeze
      DRIES = %w[boil reduce].freeze
      LAYS = %w[lay-in stir sprinkle put-back layer].freeze
      ON_TOP = %w[lay-in sprinkle put-back].freeze
      REST = "rest"
      WITH_RICE = ["with", REST].freeze
      FILL = "fill"
      PREHEAT = "preheat"
      SERVE = "serve"
      SPRINKLE = "sprinkle"
      STREW = "strew"
      STEAM = "steam"

      # `graph`: a GraphDish; `method`: its Methods::Method, nil: nobody knows it; `ordered`: its steps in the
      # order in which they are done.
      def initialize(graph, method, ordered)
        @graph = graph
        @method = method
        @ordered = ordered
        @washing = RiceWashing.new(graph)
      end

      # What the rice's own stages do is planned by the way, with what the step takes; so is serving.
      def of_the_way?(step)
        return true if laid.include?(step) || anyway?(step) || @washing.soaks_in_pot?(step)
        return with_rice?(step) && OF_THE_WAY.include?(step.kind) if WITH_RICE.include?(step.rice)

        par_boils?(step) || washes?(step) || heats_its_oven?(step)
      end

      # Steps at which the rice goes in, and those by which more is laid on it before it is heated.
      def laid
        @laid ||= begin
          steps = @ordered
          from = steps.index { |step| step.rice == "in" } || steps.size
          heated = steps.index { |step| step.rice == "with" && HEATS.include?(step.kind) } || steps.size
          more = steps[from...heated].to_a.select { |step| lays?(step) }
          laid_first + steps.select { |step| step.rice == "in" } + more
        end
      end

      # True where the way boils its rice in plenty of water before it is layered.
      def par_boiled?
        !@method.nil? && @method.par_boils?
      end

      # True where the way boils its rice in plenty of water that is poured off at the end.
      def drained?
        !@method.nil? && !@method.last_phase.parts.nil?
      end

      # Key of the vessel in which the rice is boiled in plenty of water before it is layered, or nil.
      def par_boil_vessel
        boils = @graph.steps.select { |step| BOILS.include?(step.kind) && par_boils?(step) }
        boils.map(&:vessel).find { |key| key != @graph.rice_vessel.key }
      end

      # True where its own steps wash the rice, not the way (RiceWashing).
      def washed_apart?
        @washing.apart?
      end

      # What is done after the rice was heated is done at the end; so is what the way does at its end. What is
      # made ready in another vessel is, before it is laid in.
      def stage(step)
        return "base" if step.rice == "with" && laid_from.include?(step.vessel)

        (stage_with_rice(step) if step.rice == "with") ||
          (step.kind == SERVE ? "finish" : STAGE_BY_TURN.fetch(step.rice))
      end

      # The kind of a step as it is planned: what brings the dressing to rice that is dressed dresses it; on
      # done rice nothing is turned as in a steamer.
      def kind(step)
        return OwnSteps::DRESS if step.equal?(dressing_step)

        step.kind == SPRINKLE && stage(step) == "finish" ? STREW : step.kind
      end

      private

      # Keys of the vessels from which something is laid in with the rice.
      def laid_from
        @laid_from ||= laid.flat_map { |step| step.from.map(&:vessel) } - [@graph.rice_vessel.key]
      end

      # Steps that lay in before the rice what its layers tell anyway.
      def laid_first
        return [] unless layers_told?

        inside = @ordered.select { |step| step.rice == "before" && step.vessel == @graph.rice_vessel.key }
        inside.reverse.take_while { |step| laid_first?(step) }.reverse
      end

      # True where the dish's own layers say what lies in each.
      def layers_told?
        Array(@graph.way["layers"]).any? { |layer| layer["say"] }
      end

      def laid_first?(step)
        LAYS.include?(step.kind) && step.takes.empty? && step.from.any? && step.minutes.nil?
      end

      def dressing_step
        return @dressing_step if defined?(@dressing_step)

        @dressing_step = (dressed_at if @method&.dressed)
      end

      def dressed_at
        sour = @graph.lines.select { |line| Methods::Slots.of(line.ingredient) == Methods::Dressing::SLOT }
        first = @ordered.find { |step| step.lines.intersect?(sour.map(&:id)) }
        first && Vessels::FoodWay.of(@ordered, first).find do |step|
          step.vessel == @graph.rice_vessel.key && step.rice != "before"
        end
      end

      # What is beside it is served with it, and parcels are steamed by the way that wraps them.
      def anyway?(step)
        return true if step.kind == STEAM && @method&.wrapped?

        step.rice == "beside" && step.kind == SERVE && step.from.empty?
      end

      # The oven of a way that bakes is heated once.
      def heats_its_oven?(step)
        step.kind == PREHEAT && @method&.oven?
      end

      def lays?(step)
        step.rice == "with" && with_rice?(step) && LAYS.include?(step.kind)
      end

      # The rice alone is washed, soaked, drained; salt to taste goes into the pot with it.
      def washes?(step)
        return false if washed_apart? && step.kind != FILL

        OF_THE_RICE.include?(step.kind) && step.from.empty? && rice_only?(step) && alone?(step)
      end

      def alone?(step)
        (step.takes.map(&:line) - [@graph.rice_line, *to_taste]).empty?
      end

      # Ids of salt without an amount.
      def to_taste
        salts = @graph.salted_water
        @graph.lines.select { |line| line.g.nil? && salts.include?(line.id) }.map(&:id)
      end

      # What is done to the rice in plenty of water before it is layered, and to that water.
      def par_boils?(step)
        PAR_BOILS.include?(step.kind) && step.rice == "before" && (par_boiled? || drained?) &&
          @graph.holds_boiled_rice?(step)
      end

      def with_rice?(step)
        step.vessel == @graph.rice_vessel.key && step.at_min.nil?
      end

      def rice_only?(step)
        return true if step.vessel == @graph.rice_vessel.key

        steps = step.kind == FILL ? @graph.steps : @graph.steps.take(@graph.steps.index(step) + 1)
        there = steps.select { |one| one.vessel == step.vessel }.flat_map(&:takes)
        (there.map(&:line) - [@graph.rice_line, *to_taste]).empty?
      end

      def late?(step)
        return false unless step.vessel == @graph.rice_vessel.key

        order = @ordered
        heated = order.rindex { |one| one.rice == "with" && with_rice?(one) && heats?(one) }
        !heated.nil? && order.index(step) > heated
      end

      # "Lid back on" heats nothing.
      def heats?(step)
        HEATS.include?(step.kind) && (step.kind != "low" || !step.minutes.nil? || !step.heat.nil?)
      end

      # Stage of a step beside rice that cooks, where it is not the boil.
      def stage_with_rice(step)
        return "minute" if step.at_min
        return "off" if rests_after?(step)
        return "finish" if late?(step) || ends?(step) || step.kind == SERVE

        "dry" if boiled_down_before?(step)
      end

      # True for what is laid on the rice once the fire has done, before it rests.
      def rests_after?(step)
        return false unless ON_TOP.include?(step.kind) && late?(step)

        @ordered.drop(@ordered.index(step) + 1)
                .any? { |one| one.kind == REST && one.rice == REST && one.vessel == step.vessel }
      end

      # True for a step after the one that boils the liquid off, and before the rice is on low.
      def boiled_down_before?(step)
        so_far = @ordered.take(@ordered.index(step))
        before = so_far.select { |one| one.rice == "with" && with_rice?(one) }
        before.any? { |one| DRIES.include?(one.kind) && (one.minutes || one.state || one.until) }
      end

      def ends?(step)
        !@method.nil? && @method.after.any? { |stage| stage.kind == step.kind }
      end
    end
  end
end
