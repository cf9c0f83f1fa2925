# frozen_string_literal: true

require_relative "../../ground/errors"
require_relative "graph_dish"

module FondKettle
  module Dishes
    # A dish in which something made on another day stands in for what one of its vessels makes: that vessel's
    # steps and lines go, and what it gave is taken of the component. What is lifted out of it into another
    # vessel is taken there at once.
    #
    #   StandIn.new(goat, "pan", fried_onions).dish.vessels.map(&:key) # => ["pot", "bowl", "jug"]
    class StandIn
      TAKE_OUT = "take-out"
      RAW = "raw"

      # A component as a line of a dish: its `number`, Larder::Ingredient, and grams for the dish as it is
      # written; called `food`.
      def self.line(number, ingredient, grams, food: ingredient.name.downcase)
        GraphLine.new(id: "component-#{number}", text: nil, food: food, ingredient: ingredient, state: RAW,
                      amount: nil, unit: nil, note: nil, g: grams, scales: nil, optional: false,
                      instead_of: nil)
      end

      # `graph`: a GraphDish; `vessel`: key of the vessel; `line`: the component as a GraphLine. Raises
      # InvalidInput where the dish has no such vessel, or it is the rice's, or its liquid cooks the rice.
      def initialize(graph, vessel, line)
        @graph = graph
        @vessel = vessel
        @line = line
        refuse
      end

      # The GraphDish.
      def dish
        @held = { @vessel => 1.0 }
        steps = @graph.steps.filter_map { |step| left(step) }
        ids = steps.map(&:id)
        steps = steps.map do |step|
          step.with(after: (step.after & ids).freeze, beside: (step.beside if ids.include?(step.beside)))
        end
        shares = shares(steps)
        @graph.with(lines: [*@graph.lines.filter_map { |line| part(line, shares) }, @line].freeze,
                    vessels: @graph.vessels.reject { |one| @held.key?(one.key) }.freeze,
                    steps: steps.map { |step| whole(step, shares) }.freeze)
      end

      private

      def refuse
        found = @graph.vessels.find { |one| one.key == @vessel }
        message = if found.nil? then "is not a vessel of the dish"
                  elsif found.rice then "is the rice's own: nothing stands in for it"
                  elsif @graph.steps.any? { |step| step.needed.include?(@vessel) }
                    "gives the liquid that the rice needs: nothing stands in for it"
                  end
        raise InvalidInput.at("components", "#{@vessel} #{message}") if message
      end

      # A step as it is without the vessel, or nil.
      def left(step)
        return if step.vessel == @vessel

        poured, other = step.from.partition { |pour| @held.key?(pour.vessel) }
        return step if poured.empty?

        shares = poured.sum { |pour| given(pour) }
        if step.kind == TAKE_OUT && other.empty? && step.takes.empty?
          @held[step.vessel] = shares
          return
        end
        step.with(from: other.freeze, takes: [*step.takes, Take.new(line: @line.id, share: shares)].freeze)
      end

      # Share of the component that a Pour gives.
      def given(pour)
        there = @held.fetch(pour.vessel)
        share = pour.g ? pour.g / @line.g : (pour.share || 1.0) * there
        [share, there].min.tap { |taken| @held[pour.vessel] = there - taken }
      end

      # Share of each line that steps still take, by its id.
      def shares(steps)
        steps.flat_map(&:takes).group_by(&:line).transform_values { |takes| takes.sum(&:share) }
      end

      # A line without what went into the vessel; nil: nothing is left of it.
      def part(line, shares)
        gone = @graph.steps.select { |step| step.vessel == @vessel }.flat_map(&:takes)
        return line if gone.none? { |take| take.line == line.id }

        share = shares.fetch(line.id, 0.0)
        return unless share.positive?

        line.with(g: line.g && (line.g * share),
                  amount: line.amount && (line.amount * share))
      end

      # A step that takes shares of what is left of its lines.
      def whole(step, shares)
        gone = @graph.steps.select { |one| one.vessel == @vessel }.flat_map(&:takes).map(&:line)
        takes = step.takes.map do |take|
          gone.include?(take.line) ? take.with(share: take.share / shares.fetch(take.line)) : take
        end
        step.with(takes: takes.freeze)
      end
    end
  end
end
