# frozen_string_literal: true

require_relative "../belief/lesson"
require_relative "../dishes/supper"
require_relative "../dishes/way"
require_relative "how_much"
require_relative "kit"
require_relative "wishes"

module FondKettle
  module House
    # From a household's shelves, what its log teaches and what is wished for to what can
    # be planned. Web, demo and whoever else plans for a household come by here.
    class Composition
      attr_reader :kit, :lesson

      # `wishes`: Wishes; `shelves`: Shelves; `log`: answers `lesson(grain, pot_id)` with a
      # Belief::Lesson (nil: nothing was ever cooked).
      def initialize(wishes, shelves, log: nil)
        @wishes = wishes
        @shelves = shelves
        @kit = Kit.new(shelves, wishes.method, wishes.chosen, wide_mm: wishes.dish&.pan_mm)
        @grain = shelves.in_bag(wishes.grain)
        @lesson = log ? log.lesson(@grain, @kit.pot&.id) : Belief::NO_LESSON
        @how_much = HowMuch.new(wishes, shelves, @kit)
      end

      # Raw rice in all, g. Raises InvalidInput at the wish that cannot be met.
      def rice_g
        @rice_g ||= @how_much.rice_g { |grams| compose(grams) }
      end

      # How many times the dish is made; 1.0 for plain rice.
      def factor
        @wishes.dish ? rice_g / @wishes.dish.rice_g : 1.0
      end

      # The Methods::Request without what the dish brings.
      def base_request
        @base_request ||= compose(rice_g)
      end

      # The Methods::Request of one of the equal pots, with all that the dish brings.
      def request
        @request ||= if @wishes.dish
                       Dishes::Laying.scaled_request(@wishes.dish, factor, base_request, pots: @wishes.batches)
                     else
                       Dishes::Laying.split(base_request, @wishes.batches)
                     end
      end

      # The eaters at the table.
      def table
        @how_much.table
      end

      # Regular adults' worth.
      def servings
        @wishes.dish && @wishes.quantity.by != "people" ? @wishes.dish.serves * factor : @how_much.servings
      end

      private

      def compose(rice_g)
        kit = @kit.to_h
        Methods::Request.of(method: way.method_of(@wishes.method), grain: @grain, rice_g: rice_g,
                            texture: @wishes.texture || way.texture || 0.0,
                            choices: way.choices(@wishes.choices), additions: @wishes.additions, company: @wishes.company,
                            eaters: table, altitude_m: @shelves.altitude_m, hands: @shelves.hands,
                            lesson: @wishes.learned ? @lesson : Belief::NO_LESSON, **kit,
                            vessel: way.vessel(kit[:vessel]), **way.wash, **@wishes.wash)
      end

      # What the dish keeps of its own, whatever the evening.
      def way
        @way ||= @wishes.dish&.way || Dishes::Way.of
      end
    end
  end
end
