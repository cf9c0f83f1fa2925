# frozen_string_literal: true

require_relative "../heat/scorch"
require_relative "../sightings"

module FondKettle
  module Pot
    # Looks at a pot after every step and notes when something can first be seen.
    # It changes nothing.
    class Watch
      include Sightings

      # Steam shows a little before the boil.
      STEAM_BELOW_BOIL_C = 5.0
      HAIR = 1e-9

      # How much of what its dry floor stands on the heat is used up (Scorch): over 1.0 it burns.
      attr_reader :burnt

      # `column`: the Column that is looked at, in `setting`.
      def initialize(column, setting)
        @floor = column.floor
        @bed = column.bed
        @boil_c = setting.boil_c
        @steam_c = setting.boil_c - STEAM_BELOW_BOIL_C
        @temp_c = @floor.temp_c
        @over_ml = @bed.over_bed_ml
        @core = @bed.core_left
        @dry = false
        @vessel = setting.vessel
        @burnt = 0.0
        @seen = {}
      end

      # Looks after a step of `used` minutes that ended at minute `min`.
      def look(min, used, temp_c, stage)
        unless stage.off?
          @seen["first-steam"] ||= passed(@steam_c, temp_c, min, used) if temp_c >= @steam_c
          @seen["boil"] ||= min if temp_c >= @boil_c
        end
        @temp_c = temp_c
        @over_ml = fall("craters", @over_ml, @bed.over_bed_ml, min, used)
        @core = fall("core-gone", @core, @bed.core_left - HAIR, min, used)
        dry(min, used, stage)
      end

      # A stir frees the floor: what was dry so far has not burnt.
      def stirred
        @burnt = 0.0
      end

      # The liquid was seen level with the rice at minute `min`.
      def craters(min)
        @seen["craters"] ||= min
      end

      private

      # Minute at which it came past `mark_c`, by a straight line.
      def passed(mark_c, temp_c, min, used)
        @temp_c < mark_c ? min - (used * (temp_c - mark_c) / (temp_c - @temp_c)) : min - used
      end

      def dry(min, used, stage)
        if @dry && !stage.off?
          stands_min = Scorch.after_min(stage.oven_c ? "low" : stage.heat, @vessel, flat_pan: stage.flat_pan)
          @burnt += used / stands_min
          @seen["scorch-risk"] ||= min - ((@burnt - 1) * stands_min) if @burnt > 1
        end
        # Water that was sprinkled over it makes an end of that.
        @dry = @floor.dry?
        @seen["dry"] ||= min if @dry
      end

      # A quantity that falls through zero: the moment by a straight line. Returns
      # what it is now.
      def fall(cue, before, after, min, used)
        unless after.positive? || @seen.key?(cue)
          share = before.positive? ? before / (before - after) : 0.0
          @seen[cue] = min - (used * (1 - share))
        end
        after
      end
    end
  end
end
