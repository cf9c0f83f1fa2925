# frozen_string_literal: true

require_relative "../../methods/request/provision"
require_relative "../../vessels/food_way"

module FondKettle
  module Dishes
    # A check of what must not go into deep hot fat: free liquid never, and no food that drips
    # (docs/model.md: Food in a vessel).
    class DeepFat
      # Fat of more than that share of the food is deep, where there is at least LEAST_G of it.
      SHARE = 0.5
      LEAST_G = 100.0
      # Kinds of step that heat fat for certain; a step of no kind may be anything.
      FRIES = %w[fry heat-oil].freeze
      # Kinds of step that leave food wet, and that drip it dry.
      WETS = %w[marinate simmer boil broth].freeze
      DRIES = "drain"
      HOT_FAT = "hot-fat"
      NEVER = "%s never goes into deep hot fat: it would boil over and burn. It stands nowhere yet: " \
              "name it in another step."
      WIPE = "%s comes wet to “%s”: in so much hot fat water spits and boils over. Wipe it dry first, and " \
             "lay it in by handfuls."

      # `graph`: a GraphDish; `steps`: its DishGraphSteps in the order in which they are done.
      def initialize(graph, steps)
        @graph = graph
        @steps = steps
        @lines = graph.lines.to_h { |line| [line.id, line] }
      end

      # The GraphDish without the free liquid that was to go in.
      def dish
        return @graph if stopped.empty?

        left = @graph.steps.map { |step| step.without(stopped.fetch(step.id, []), []) }
        @graph.with(steps: left.freeze)
      end

      # Sentences about it.
      def warnings
        liquid = stopped.values.flatten.uniq.map { |id| format(NEVER, name(id)) }
        wet = deep.flat_map { |step| dripping(step).map { |id| format(WIPE, name(id), step.say) } }
        liquid + wet
      end

      private

      # Ids of lines that are free liquid and were to go in, by the id of the step.
      def stopped
        @stopped ||= deep.to_h { |step| [step.id, step.lines.select { |id| runs?(id) }] }
                         .reject { |_, ids| ids.empty? }
      end

      # Ids of lines that are wet when they come to a step.
      def dripping(step)
        (@lines.keys - stopped.fetch(step.id, [])).select { |id| !fat?(id) && wet_at?(id, step) }
      end

      # True where a line lies in something wet before a step at which it is, and is not drained since.
      def wet_at?(id, step)
        @steps.select { |one| one.lines.include?(id) }.any? do |first|
          way = Vessels::FoodWay.of(@steps, first)
          before = way.take(way.index(step) || 0)
          wetted = before.rindex { |one| WETS.include?(one.kind) }
          wetted && before.drop(wetted).none? { |one| one.kind == DRIES }
        end
      end

      def deep
        @deep ||= @steps.select { |step| FRIES.include?(step.kind) && deep?(step) }
      end

      def deep?(step)
        fat_g = grams(there(step).select { |id, _| fat?(id) })
        taken = step.takes.map { |take| [take.line, take.share] }
        food_g = grams(taken.reject { |id, _| fat?(id) || runs?(id) })
        fat_g >= LEAST_G && fat_g > SHARE * food_g
      end

      # [id, share] of what went into a step's vessel since anything was last taken out of it.
      def there(step)
        so_far = @steps.take(@steps.index(step) + 1)
        emptied = so_far.rindex { |one| one.from.any? { |pour| pour.vessel == step.vessel } } || -1
        so_far.drop(emptied + 1).select { |one| one.vessel == step.vessel }
              .flat_map { |one| one.takes.map { |take| [take.line, take.share] } }
      end

      def grams(parts)
        parts.sum { |id, share| @lines.fetch(id).g.to_f * share }
      end

      def fat?(id)
        food = @lines.fetch(id).ingredient
        Methods::Slots.of(food) == Methods::Slots::FAT || food.care.include?(HOT_FAT)
      end

      def runs?(id)
        !fat?(id) && @lines.fetch(id).ingredient.runs?
      end

      def name(id)
        @lines.fetch(id).food.capitalize
      end
    end
  end
end
