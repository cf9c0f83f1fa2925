# frozen_string_literal: true

module FondKettle
  module Pot
    # The movement of water in a SealedPot: from food to the rice, and down to the floor.
    module SealedWater
      # Nobody wants less than that, g.
      NOTHING_G = 1e-9
      # Less than that at the floor makes no steam, g.
      FILM_G = 0.05

      # Water that food has to spare for the rice now, g: all but the gravy that is to stay.
      def spare_g
        apart_g = @foods.sum { |place| place.spare_g(@kept_g) }
        [@foods.sum { |place| place.layer.free_g } - @kept_g, apart_g].min.clamp(0.0, apart_g)
      end

      private

      # Food from which the rice of a place may drink, the nearest first.
      def nearest(place)
        at = @places.index(place)
        @foods.sort_by { |other| (@places.index(other) - at).abs }
      end

      # What each place of rice may take of the water that food has to spare now, g: by what it still
      # wants, else by its weight. What gets hot first does not drink the others' share.
      def quotas
        spare_g = self.spare_g
        wants = @beds.map { |bed| bed.wants_g(@wanted) }
        wants = @beds.map { |bed| bed.layer.rice_g } if wants.sum < NOTHING_G
        whole_g = wants.sum
        quotas = {}
        @beds.each { |bed| quotas[bed] = spare_g * wants[quotas.size] / whole_g }
        quotas
      end

      # Water for steam at the floor, g: what lies on food there runs down to it.
      def floor_water_g
        grams = @sources.sum(&:steam_water_g)
        grams < FILM_G ? 0.0 : grams
      end

      # So much steam leaves the floor, g: what is free first, its own and then what runs down to it.
      def lose(grams)
        run_down(grams) { |source| source.layer.free_g }
        run_down(grams, &:steam_water_g) if grams > @floor.steam_water_g
        @floor.lose(grams)
      end

      def run_down(grams)
        @sources.drop(1).each do |source|
          taken_g = [grams - @floor.layer.free_g, yield(source)].min
          @floor.take(source.give(taken_g), source.temp_c) if taken_g.positive?
        end
      end
    end
  end
end
