# frozen_string_literal: true

require_relative "../../app/forms/fields"
require_relative "../../app/plans/plan_plain_rice"
require_relative "../../app/shelves/keep"
require_relative "../../lib/fond_kettle/kit/atmosphere"
require_relative "../../lib/fond_kettle/kit/burner"
require_relative "../../lib/fond_kettle/pot/heat/kit_test"

module FondKettle
  module Web
    # Writes down what each guided test has measured; each returns a sentence on what it changed.
    # Raises InvalidInput where the numbers cannot be true.
    module Measured
      # A pot that so many cups fill is so high.
      def measure!(typed)
        pot = household.shelf(:pots).find(typed[:pot])
        cup = household.shelf(:cups).find(typed[:cup])
        volume_ml = typed[:count] * cup[:ml]
        height_mm = Pot::KitTest.height_mm(volume_ml, pot[:diameter_mm])
        unless Forms::Limits::HEIGHT_MM.cover?(height_mm)
          raise InvalidInput.at("count", "gives a pot #{height_mm.round} mm high; a pot is " \
                                         "#{between(Forms::Limits::HEIGHT_MM)} mm high")
        end

        change(:pots, pot, height_mm: height_mm.round(1))
        "#{pot[:name]} holds #{volume_ml.round} mL: height #{plain(pot[:height_mm])} → " \
          "#{plain(height_mm.round(1))} mm."
      end

      # A pot that weighs less after some minutes has lost that past its lid.
      def lid!(typed)
        unless typed[:after_g] < typed[:before_g]
          raise InvalidInput.at("after_g",
                                "must be less than before: steam weighs something")
        end

        pot = household.shelf(:pots).find(typed[:pot])
        vessel = household.value(:pots, pot)
        factor = Pot::KitTest.lid_factor(vessel, Kit::Burner.usual(vessel.kind.source),
                                         typed[:before_g] - typed[:after_g],
                                         typed[:minutes])
        before = table_water(vessel)
        change(:pots, pot, lid_factor: factor.round(2))
        was = pot[:lid_factor] ? plain(pot[:lid_factor]) : "not tested"
        "#{pot[:name]}: its lid loses #{plain(factor.round(2))} times the book's figure (was #{was})." \
          "#{narrowed(before, table_water(household.value(:pots, household.shelf(:pots).find(pot[:id]))))}"
      end

      # Water that boils after some minutes was heated with so many watts.
      def burner!(typed)
        burner = household.shelf(:burners).find(typed[:burner])
        pot = household.shelf(:pots).find(typed[:pot])
        boil_c = Kit::Atmosphere.boiling_point_c(kitchen[:altitude_m])
        watts = Pot::KitTest.high_w(household.value(:pots, pot), typed[:water_g], typed[:from_c], boil_c,
                                    typed[:minutes])
        unless Forms::Limits::HIGH_W.cover?(watts)
          raise InvalidInput.at("minutes", "gives #{watts.round} W; a burner gives " \
                                           "#{between(Forms::Limits::HIGH_W)} W")
        end

        change(:burners, burner, high_w: watts.round.to_f)
        "#{burner[:name]}: #{plain(burner[:high_w])} → #{watts.round} W into the pot on high."
      end

      # Water that boils at so many °C stands so high above the sea.
      def height!(typed)
        metres = Pot::KitTest.altitude_m(typed[:boil_c])
        before = kitchen
        done shelves.kitchen(before[:lock_version], altitude_m: metres.round.to_f)
        "The kitchen stands at #{metres.round} m (was #{plain(before[:altitude_m])} m)."
      end

      private

      # The least and the most water for the whole table in a pot (Kit::Vessel), g, or nil.
      def table_water(pot)
        spread = App::PlanPlainRice.new(household).spread(pot)
        spread && [spread.low_g, spread.high_g]
      end

      # Words on how a test changed that; the page that follows draws it.
      def narrowed(*ranges)
        return unless ranges.all?

        session["narrowed"] = ranges
        before, now = ranges.map { |low, high| "#{grams(low)} to #{grams(high)}" }
        " Water for your table: #{before} before the test, #{now} now."
      end

      def between(range)
        "#{range.min} to #{range.max}"
      end

      def change(shelf, record, **attributes)
        done shelves.change(shelf, record[:id], record[:lock_version], attributes)
      end

      def shelves
        App::KeepRecord.new(household, now)
      end
    end
  end
end
