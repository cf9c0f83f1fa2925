# frozen_string_literal: true

require_relative "../../belief/lesson"
require_relative "../../ground/value"
require_relative "../../kit/oven"
require_relative "../../pot/water/wash"
require_relative "../../table/avoids"
require_relative "addition"
require_relative "choices"
require_relative "dressing"
require_relative "fixed_lines"
require_relative "layered"
require_relative "layered_provisions"
require_relative "making"
require_relative "provision"

module FondKettle
  module Methods
    # What a kitchen is taken to be at, and what comes from its tap, °C.
    ROOM_C = 20.0

    # What the cook wants, complete and checked; units as in the names, `texture` from
    # -1 (firm) to 1 (soft), `measures` what the house measures by (Measure::House),
    # `company` the Ingredients that are eaten with it without lying in the pot with the
    # rice: their cautions and allergens count. `eaters` (Table::Eater) sit at the table, for
    # what they avoid. `hands` pairs of hands and `rings` on the stove are there, and an
    # electric kettle of `kettle_w` (nil: none). `liquid_start_c`: what comes from the tap.
    # `main_liquid`: the Ingredient of which the model says how much (nil: plain water); other
    # liquids are additions of a fixed weight. `lines` answers `provisions(pots)` with
    # what a dish's lines put where (Provision), the model's own liquid not among them; it is
    # one of `pots` equal ones, of which `pots_there` are there (nil: nobody knows); with fewer it
    # is cooked in rounds. `kit`: the pots of the house (Kit::Vessel), none where nobody knows. `layered`:
    # what lies in a sealed pot (Layered), where somebody said; `making` (Making): what is made of the rice.
    # `made_in`: the vessels of a dish that is made in several (MadeIn), or nil; `aside`: Additions to those
    # from which nothing comes to the rice. `held`: what the kitchen is held to be (Belief::Estimates), nil:
    # the book, but for the lesson.
    Request = Value.define(:method, :choices, :grain, :rice_g, :texture, :rinse_changes, :rinse_min,
                           :soak_min, :water_c,
                           :drain, :drain_min, :vessel, :burner, :oven, :altitude_m,
                           :additions, :company, :eaters, :measures, :lesson,
                           :hands, :rings, :kettle_w, :liquid_start_c, :main_liquid, :lines, :pots,
                           :pots_there, :kit, :layered, :making, :made_in, :aside, :held) do
      # What is steamed is drained at least so.
      const_set(:UNDRAINED, "quick")
      # So long may rice soak in water of WARM_SOAK_C or above; longer, and it stands in the refrigerator.
      const_set(:LONGEST_WARM_SOAK_MIN, 240)
      const_set(:WARM_SOAK_C, 15.0)
      const_set(:FRIDGE_C, 5.0)
      # The care of food of which nobody knows what it is.
      const_set(:UNKNOWN, "unknown")
      # What nobody has said the food of.
      const_set(:FILLING, "what is in the filling")

      # A Request with the given attributes; all but `method`, `grain`, `rice_g`, `vessel`, `burner` and
      # `measures` have defaults.
      def self.of(method:, grain:, **given)
        new(method: method, grain: grain, choices: Choices.of, texture: 0.0,
            rinse_changes: method.rinse_changes, rinse_min: Pot::Wash::RINSE_MIN,
            soak_min: method.soak_min(grain), water_c: 20.0,
            drain: method.drain, drain_min: nil, oven: Kit::USUAL_OVEN, altitude_m: 0.0,
            additions: [].freeze, company: [].freeze, eaters: [].freeze, lesson: Belief::NO_LESSON, hands: 1,
            rings: 2, kettle_w: nil, liquid_start_c: ROOM_C, main_liquid: nil, lines: NoLines,
            pots: 1, pots_there: nil, kit: [].freeze, layered: nil, making: Making.of, made_in: nil,
            aside: [].freeze, held: nil, **given)
      end

      # The same with nothing left to be asked of a dish or a shelf: as it is stored with a cook.
      def whole
        lines == NoLines ? self : with(lines: FixedLines.new(list: lines.provisions(pots)))
      end

      # The Ingredients of all that is eaten, but the rice.
      def eaten
        [*additions.map(&:ingredient), *main_liquid, *company, *(in_layers.foods if method.layered?)]
      end

      # The layers of a sealed pot: those asked for, or those of the dish, or the usual ones (Layered).
      def in_layers
        (layered || Layered.of).whole(method, rice_g, (in_base if lines != NoLines || in_base.any?))
      end

      # Words by which the cook lays it in, where the layers do not say so themselves; or nil.
      def laid_words
        made_in&.laid_words unless in_layers.layers.any?(&:say)
      end

      # Food in the base of a pot of layers (Addition), without salt and without food in the water that is
      # poured off.
      def in_base
        additions.reject { |addition| addition.poured || Slots.of(addition.ingredient) == Slots::SALT }
      end

      # Care of all that is eaten, but the rice.
      def care
        [*eaten.flat_map(&:care), *(in_layers.care if method.layered?)].uniq
      end

      # True when it is more than the pots at hand hold at once.
      def rounds?
        pots > 1 && !pots_there.nil? && pots_there < pots
      end

      # Everything that goes in beside rice and the model's own liquid (Provision).
      def provisions
        unwritten = additions.select { |addition| addition.label || (addition.poured && lines == NoLines) }
        [*lines.provisions(pots), *unwritten.map { |addition| Provision.unwritten(addition, measures, pots) },
         *(LayeredProvisions.of(in_layers, measures, pots) if method.layered?), *Dressing.provisions(self)]
      end

      # True when it soaks for too long to stand outside.
      def soaks_cold?
        soak_min > self.class::LONGEST_WARM_SOAK_MIN && water_c >= self.class::WARM_SOAK_C
      end

      # Temperature of the soaking water, in °C: for hours it stands in the refrigerator.
      def soaked_c
        soaks_cold? ? self.class::FRIDGE_C : water_c
      end

      # True when the soaking liquid is the cooking liquid.
      def soaks_in_liquid?
        drained == Pot::Wash::COOKED_IN && soak_min.positive?
      end

      # The way of draining: no soaking water goes into a steamer.
      def drained
        method.phases.first.steamed && drain == Pot::Wash::COOKED_IN ? self.class::UNDRAINED : drain
      end

      # Liquids that are poured with the model's own (Addition).
      def poured
        additions.select(&:poured)
      end

      # Food that is lifted out of the broth before the rice goes in (Addition).
      def lifted
        additions.select(&:out)
      end

      # The lifted food that comes back at the end.
      def coming_back
        lifted.select { |addition| addition.out == "back-at-end" }
      end

      # Allergens of all that is eaten.
      def allergens
        [*eaten.flat_map(&:allergens), *(in_layers.allergens if method.layered?)].uniq
      end

      # Foods whose allergens nobody knows, in the cook's own words.
      def not_checked
        [*eaten.filter_map(&:unchecked), *(in_layers.not_checked if method.layered?),
         *(self.class::FILLING if making.filling_g&.positive?)].uniq
      end

      # Foods that nobody has identified, in the cook's own words.
      def unknown
        eaten.select { |food| food.care.include?(self.class::UNKNOWN) }.map(&:name).uniq
      end

      # Who at the table avoids some of it, or may (Table::Clash).
      def clashes
        Table::Avoids.clashes(eaters, allergens, not_checked)
      end

      # The texture as this kitchen calls it (-1..1).
      def texture_here
        (texture + estimates.taste).clamp(-1.0, 1.0)
      end

      # The same as if nothing was ever learned or tested here.
      def by_the_book
        with(held: nil, lesson: Belief::NO_LESSON, vessel: vessel.with(lid_factor: nil))
      end

      # This kitchen's beliefs about the unknowns (Belief::Estimates): those that are held know of its tests.
      def estimates
        return held if held

        known = Belief::Estimates.book.holding(lesson.estimate)
        vessel.lid_factor ? known.holding(known[:lid].measured(vessel.lid_factor)) : known
      end
    end
  end
end
