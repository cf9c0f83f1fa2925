# frozen_string_literal: true

require_relative "../../measure/rounding"
require_relative "../../pot/water/soak"

module FondKettle
  module Methods
    # Progress of a long soak of grain that is steamed, as a share of the water it can take up cold, and
    # the way to make up for a late start (docs/model.md: Rinse and soak).
    class LongSoak
      # From that share on a grain crushes between two fingers.
      READY = 0.85
      # As warm as a hand can stand, and for no longer than is safe (docs/model.md: Rinse and soak).
      WARM_C = 45.0
      MOST_WARM_MIN = 240.0
      WATERS = { "in the refrigerator" => 5.0, "in cold water" => 20.0,
                 "in warm water (#{WARM_C.round} °C)" => WARM_C }.freeze

      # `grain`: a Larder::Grain that took up `gain` g/g.
      def initialize(grain, gain)
        @grain = grain
        @share = Pot::Soak.saturation(grain, gain)
      end

      # 0.0 to 1.0.
      attr_reader :share

      # True when a grain crushes between two fingers.
      def ready?
        @share >= READY
      end

      # Minutes more until it is, in water at `water_c`; 0.0 where it is ready.
      def more_min(water_c)
        return 0.0 if ready?

        # u = 1/(1 - s) grows by k2 t/k1.
        ((1 / (1 - READY)) - (1 / (1 - @share))) * Pot::Soak.k1(@grain, water_c) / @grain.k2
      end

      # The same in each of WATERS, by its words; none longer than is safe.
      def waters
        WATERS.transform_values { |water_c| more_min(water_c) }
              .reject { |_, minutes| minutes > MOST_WARM_MIN && minutes == more_min(WARM_C) }
      end

      # "1 h 10 more in warm water (45 °C)"
      def say
        waters.map { |words, minutes| "#{Measure::Rounding.duration(minutes)} more #{words}" }
              .reverse.join(", ")
      end
    end
  end
end
