# frozen_string_literal: true

require_relative "../dish"
require_relative "../dish_step"
require_relative "../own_steps"
require_relative "../settled"
require_relative "../vessels/vessel_pots"
require_relative "../vessels/vessel_words"
require_relative "../../methods/request/made_in"
require_relative "deep_fat"
require_relative "graph_lines"
require_relative "graph_order"
require_relative "planned_way"
require_relative "way_steps"

module FondKettle
  module Dishes
    # A GraphDish as the planner takes it: a Dish with its steps' claims told, and where each step is done
    # (Methods::MadeIn).
    class PlannedGraph
      # So much water to one of rice weighs most among the vessels.
      WATER_PARTS = 6.0
      # By these the way washes its rice.
      WASHES = %w[rinse soak drain].freeze

      # `graph`: a GraphDish that holds together (GraphCheck); `method`: the Methods::Method that it names,
      # nil: nobody knows it; `way`: what it keeps of its own (Way).
      def initialize(graph, method, way: Way.of)
        order = GraphOrder.new(graph)
        @fat = DeepFat.new(graph, order.ordered)
        @graph = @fat.dish
        @rice_holders = @graph.rice_holders
        @method = method
        @way = way
        @order = @graph.equal?(graph) ? order : GraphOrder.new(@graph)
        @of_way = WaySteps.new(@graph, method, @order.ordered)
        @steps = @order.ordered.reject { |step| @of_way.of_the_way?(step) }
        @lines = GraphLines.new(@graph, @order.ordered, par_boiled: @of_way.par_boiled?,
                                                        drained: @of_way.drained?)
      end

      # Another GraphDish made the same way.
      def of(graph)
        PlannedGraph.new(graph, @method, way: @way)
      end

      # The GraphDish.
      attr_reader :graph

      # True where raw rice is wrapped, and simmers in a sauce.
      def rolls?
        PlannedWay.simmered_rolls?(@graph)
      end

      # Sentences about what must not go into deep hot fat.
      def wet_into_fat
        @fat.warnings
      end

      # All of it as it was read, a hash of schema 2.
      def data
        @graph.data
      end

      # Its lines in the cook's own words.
      def written
        @graph.lines.map { |line| line.text || line.food }
      end

      # Care::Kinds of the steps at which each line of the Dish (its index) is there, from the one at which it
      # goes in.
      def kinds_at
        @lines.kinds_at
      end

      # What steps take out of vessels in which own steps make it: the words for it, the index of the step
      # that makes it, and of the one that uses it (nil: the rice's own).
      def pours
        @order.pours.filter_map do |vessel, made, used|
          made_at = @steps.index(made)
          used_at = @steps.index(used)
          [given_words(vessel, used), made_at, used_at] if made_at && (used_at || @of_way.laid.include?(used))
        end
      end

      # The same without the lines of some ids.
      def without(ids)
        of(@graph.without(ids))
      end

      # Minutes that the cook boils the rice before it is laid in, or nil.
      def par_boil_min
        @graph.steps.find { |step| step.kind == OwnSteps::PAR_BOIL }&.minutes
      end

      # Larder::Ingredients of lines that go in nowhere yet.
      def foods
        nowhere = @graph.unplaced
        @graph.lines.select { |line| nowhere.include?(line.id) }.map(&:ingredient)
      end

      # Questions about where a line goes in that is only guessed.
      def guessed
        @graph.guessed
      end

      # What the cook has still to say, one sentence each.
      def open
        @graph.questions
      end

      # The Dish.
      def dish
        @dish ||= begin
          steps = @steps.map { |step| dish_step(step) }
          own = { **@graph.to_h.slice(:title, :serves, :grain, :rice_g), method: PlannedWay.key(@graph) }
          Dish.new(**own, pan_mm: @graph.rice_vessel.diameter_mm, way: @way, claims: claims,
                          lines: Settled.lines(@lines.lines, kinds_at), steps: steps.freeze, graph: self)
        end
      end

      # Methods::MadeIn in the rice's pot (Kit::Vessel) and the house's `kit` ([kind, Kit::Vessel]).
      def made_in(rice_pot, kit)
        pots = VesselPots.new(@graph.vessel_kinds, rice_pot, kit, weights, par_boils: @of_way.par_boil_vessel)
        Methods::MadeIn.new(vessels: pots.vessels,
                            steps: @steps.each_with_index.map { |step, index| place(step, index) }.freeze,
                            rice_from: @of_way.laid.flat_map(&:from).uniq.freeze,
                            laid: laid_in_parts.freeze, washed: (washed_at if @of_way.washed_apart?),
                            liquid_in: @graph.steps.flat_map(&:needed).first)
      end

      private

      # Key of the own step by which the rice is washed first.
      def washed_at
        index = @steps.index { |step| step.takes.any? { |take| take.line == @graph.rice_line } }
        index && OwnSteps.key(index)
      end

      # The cook's words of what is laid in, part by part.
      def laid_in_parts
        laid = @of_way.laid.map { |step| VesselWords.small(step.say.sub(/[.\s]+\z/, "")) }
        laid.size > 1 ? laid : []
      end

      def claims
        order = @order.ordered
        @steps.map { |step| @lines.claims[order.index(step)] }.freeze
      end

      def dish_step(step)
        stage = @of_way.stage(step)
        DishStep.of(say: VesselWords.sentence(step.say), stage: stage, kind: @of_way.kind(step),
                    minutes: step.minutes.to_f, hands_on: step.hands_on, cue: step.until.to_s,
                    at_min: (step.at_min if stage == "minute"), oven_c: step.oven_c)
      end

      def place(step, index)
        after = [*keys(@order.before.fetch(step.id)), *waits_for_rice(step)].freeze
        Methods::MadeInStep.new(key: OwnSteps.key(index), id: step.id, vessel: step.vessel,
                                after: after, from: step.from, g: step.g,
                                to: (step.to unless GraphVessel::AWAY.include?(step.to)),
                                share: step.share, heat: step.heat, lid: step.lid, state: step.state)
      end

      # "The liquid in the jug": what a vessel gives at a step.
      def given_words(key, used)
        gives = used.from.select { |pour| pour.vessel == key }.map(&:what)
        vessel = @graph.vessels.find { |one| one.key == key }
        what = gives == ["liquid"] ? "The liquid" : "What is"
        "#{what} in the #{vessel.name || vessel.kind.tr('-', ' ')}"
      end

      def keys(ids)
        indexes = ids.filter_map { |id| @steps.index { |step| step.id == id } }
        indexes.map { |index| OwnSteps.key(index) }
      end

      # Where the cook says that it comes after something that the way does, or it takes the washed rice.
      def waits_for_rice(step)
        told = step.after.any? { |id| @steps.none? { |one| one.id == id } }
        [Methods::MadeInStep::RICE] if told || takes_rice?(step)
      end

      def takes_rice?(step)
        return false if @of_way.washed_apart?

        step.takes.any? { |take| take.line == @graph.rice_line } || washed_there?(step) ||
          step.from.any? { |pour| washed_by_the_way?(pour.vessel) }
      end

      # True for a step in the bowl in which the way washes the rice, after that.
      def washed_there?(step)
        return false unless @rice_holders.include?(step.vessel)

        before = @graph.steps.take_while { |one| one.id != step.id }
        before.any? { |one| one.vessel == step.vessel && WASHES.include?(one.kind) && !@steps.include?(one) }
      end

      # True for a vessel (its key) in which nothing is done to the rice but what the way does.
      def washed_by_the_way?(key)
        @rice_holders.include?(key) && @steps.none? { |one| one.vessel == key }
      end

      def weights
        found = @graph.weights_g
        boiled_in = @of_way.par_boil_vessel
        boiled_in ? found.merge(boiled_in => WATER_PARTS * @graph.rice_g) : found
      end
    end
  end
end
