# frozen_string_literal: true

require_relative "../water/kinetics"
require_relative "../run"
require_relative "../heat/scorch"
require_relative "../sightings"
require_relative "../verdict"

module FondKettle
  module Pot
    # Looks at a SealedPot after every step and notes when what can first be said. It
    # changes nothing. To Cooking it is what a Watch is.
    class SealedWatch
      include Sightings

      # Coarse enough for planning.
      STEP_MIN = 2.0
      # Of the water that the rice is to hold, what is as good as all, and what is nothing.
      AS_WANTED = 0.99
      LITTLE = 0.005

      # How much of what its dry floor stands on the heat is used up (Scorch): over 1.0 it burns.
      attr_reader :burnt

      # `pot`: SealedPot of a Load in `setting`.
      def initialize(pot, load, setting)
        @pot = pot
        @places = pot.places
        @grain = load.grain
        @wanted = load.uptake
        @setting = setting
        @burnt = @heated_min = 0.0
        @seen = {}
        @dry = false
      end

      # Looks after a step of `used` minutes that ended at minute `min`.
      def look(min, used, temp_c, stage)
        unless stage.off?
          @heated_min += used
          see("boil", min, temp_c >= @setting.boil_c)
        end
        see("first-steam", @pot.all_hot_min, @pot.hot?)
        @seen["core-gone"] ||= min if @pot.column.beds.all? { |bed| bed.core <= CORE_LEFT }
        @drunk_min = min if @drunk_min.nil? && drunk?
        @ready_min = min if @ready_min.nil? && ready?
        dry(min, used, stage)
      end

      # Does nothing: nothing is stirred in it, and no liquid stands over it.
      def stirred; end

      # Does nothing, like `stirred`.
      def craters(_min); end

      # °C of each layer, and of its thickest piece.
      def layers_c
        @places.map { |place| [place.temp_c, place.core_c] }
      end

      # The records of all layers (Layers).
      def layers
        cut = @places.select { |place| place.tier.cut }
        Layers.new(ends: @places.map { |place| layer(place) }.freeze, hot_min: @pot.all_hot_min,
                   ready_min: @ready_min, safe_min: last(cut.map(&:safe_min)),
                   tender_min: last(cut.map(&:tender_at_min)), scorch_min: @scorch_min, drunk_min: @drunk_min,
                   hard_min: @pot.hard_min, heated_min: @heated_min, bound_g: @places.sum(&:bound_g))
      end

      private

      def layer(place)
        bed = place.layer.bed? ? place.layer : nil
        LayerEnd.new(what: place.tier.what, rice_g: bed ? bed.rice_g : 0.0, g: place.tier.g,
                     end_c: place.temp_c, core_c: place.core_c, uptake: bed&.uptake, core: bed&.core,
                     free_g: place.layer.free_g, hot_min: place.hot_min, safe_min: place.safe_min,
                     tender_at_min: place.tender_at_min)
      end

      # When the last of them was so; nil where one never was.
      def last(minutes)
        minutes.any?(&:nil?) ? nil : minutes.max
      end

      def ready?
        @pot.hot? && @places.all? do |place|
          place.tier.cut.nil? || (place.safe_min && place.tender_at_min)
        end &&
          @pot.column.beds.all? { |bed| done?(bed) }
      end

      def done?(bed)
        bed.core <= CORE_LEFT && bed.uptake >= Verdict::CHALKY_UPTAKE * @grain.uptake[:firm] &&
          (@drunk_min || bed.uptake >= AS_WANTED * @wanted)
      end

      def drunk?
        (@pot.spare_g + @pot.column.beds.sum(&:free_g)) < LITTLE * @pot.column.taken_g
      end

      def dry(min, used, stage)
        burn(min, used, stage) if @dry && !stage.off?
        @dry = @pot.floor_dry?
        @seen["dry"] ||= min if @dry
      end

      def burn(min, used, stage)
        stands_min = Scorch.after_min(stage.oven_c ? "low" : stage.heat, @setting.vessel,
                                      flat_pan: stage.flat_pan)
        @burnt += used / stands_min
        return unless @burnt > 1

        @scorch_min ||= min - ((@burnt - 1) * stands_min)
        @seen["scorch-risk"] ||= @scorch_min
      end
    end
  end
end
