# frozen_string_literal: true

require_relative "../../care/cautions"
require_relative "../../table/avoids"
require_relative "../line"
require_relative "../salt"
require_relative "../scaling"
require_relative "../serving_words"
require_relative "../vessels/vessel_pots"
require_relative "side_tasks"

module FondKettle
  module Dishes
    # A dish without rice for one evening: its lines `factor` times as written, its steps as tasks, what is in
    # it.
    class Side
      # The caution that holds for everything.
      LOCAL = "local-guidance"

      # `graph`: a GraphDish without rice that holds together; `factor`: times as written; `house`:
      # Measure::House; `kit`: [kind, Kit::Vessel] of the house; `eaters`: Table::Eaters, for what they avoid.
      def initialize(graph, factor, house, kit: [], eaters: [])
        @graph = graph
        @factor = factor
        @house = house
        @kit = kit
        @eaters = eaters
      end

      attr_reader :graph, :factor

      # Regular adults that it is for.
      def servings
        @graph.serves * @factor
      end

      # A Scaled for each line.
      def lines
        @lines ||= @graph.lines.map { |line| scaled(line) }.freeze
      end

      # Care::Tasks, in the order in which they are done.
      def tasks
        @tasks ||= SideTasks.new(@graph, vessels, lines, ServingWords.new(@house), eaten).list
      end

      # Methods::MadeInVessels, each a pot of the house of its kind where there is one.
      def vessels
        @vessels ||= begin
          weights = @graph.weights_g.transform_values { |grams| grams * @factor }
          kinds = @graph.vessels.map { |vessel| [vessel.key, vessel.kind, vessel.name, false] }
          VesselPots.new(kinds, nil, @kit, weights).vessels
        end
      end

      # Care::Cautions with the ids of the tasks where each is shown; those of rice are not among them.
      def cautions
        said = { allergens: allergens.join(", "), not_checked: not_checked.join(", "),
                 avoided: Table::Avoids.clashes(@eaters, allergens, not_checked).join("; ") }
        @cautions ||= Care::Cautions.of(tasks, **said).reject do |caution, _|
          caution.needs.empty? && caution.code != LOCAL
        end
      end

      # Allergens of all that is eaten, sorted.
      def allergens
        lines.flat_map { |scaled| scaled.line.ingredient.allergens }.uniq.sort
      end

      # Foods whose allergens nobody knows, in the cook's words.
      def not_checked
        lines.filter_map { |scaled| scaled.line.ingredient.unchecked }.uniq
      end

      # Salt from all its sources (Salted).
      def salt
        found = lines.filter_map do |scaled|
          grams = scaled.g.to_f * scaled.line.ingredient.salt / 100
          [scaled.line.name, grams] if grams >= Salt::LEAST_G
        end
        Salt.added_up(found, servings)
      end

      # Questions that nobody has answered, nor guessed; where a line goes in that no step takes.
      def open
        @graph.questions
      end

      private

      def eaten
        { "allergens" => allergens.any?, "not-checked" => not_checked.any?,
          "avoided" => Table::Avoids.clashes(@eaters, allergens, not_checked).any? }
      end

      def scaled(line)
        food = line.ingredient
        written = Line.of(amount: line.amount && line.unit ? line.amount : line.g,
                          unit: line.amount && line.unit ? line.unit : ("g" if line.g), name: line.food,
                          note: line.note.to_s, g: line.g, ingredient: food, stage: "beside",
                          state: line.state, scales: food.scales)
        grows = food.scales == "slower" ? @factor**food.power : @factor
        Scaled.new(line: written, factor: grows, why: nil)
      end
    end
  end
end
