# frozen_string_literal: true

require_relative "../heat/heat"
require_relative "../load"
require_relative "../heat/loss"

module FondKettle
  module Pot
    # The rise of the floor's steam in a SealedPot: hot layers are kept hot, the first that is not hot is
    # warmed (docs/model.md: Heating through).
    module SealedSteam
      # What lacks less than that is as good as hot, °C.
      NEAR_C = 0.5

      private

      # The floor's steam goes up: hot layers are kept hot, the first that is not is warmed.
      def steam(most_min)
        left_j = steam_j_min
        # Even the floor cannot be held at the boil.
        return drift_all(most_min) if left_j.negative?

        goal_c = @above.all? { |place| hot_there?(place) } ? @setting.boil_c : @hot_c
        minutes = [most_min, *@above.map { |place| event_min(place, left_j, goal_c) }].min
        gains = shared(left_j, goal_c, minutes)
        minutes = [minutes, steam_lasts_min(gains)].min
        condensed(gains, minutes)
      end

      # How long until a cold place is hot, or MOST_C warmer, with all of the steam; what was hot and lacks
      # but a little, for what it drinks, is no event.
      def event_min(place, left_j, goal_c)
        lacking_c = goal_c - place.temp_c
        gain_j = left_j - need_j(place)
        return Float::INFINITY unless lacking_c > (place.hot_min ? NEAR_C : 0.0) && gain_j.positive?

        [latent_j(place, goal_c), Heat::MOST_C * place.capacity_j_k].min / gain_j
      end

      # What its wall takes, J/min: below nothing an oven brings some.
      def need_j(place)
        @stage.oven_c ? -place.oven_j_min(@stage.oven_c) : place.wall_j_min
      end

      # Latent heat that brings a place to `goal_c`, J: its water comes at the boil.
      def latent_j(place, goal_c)
        place.capacity_j_k * [goal_c - place.temp_c, 0.0].max /
          (1 + (WATER_J_G_K * (@setting.boil_c - goal_c) / Loss::LATENT_J_G))
      end

      # What steam brings each place above and what its wall does, J/min, from the floor up: what
      # it wants within `minutes` to be kept, or made, hot.
      def shared(left_j, goal_c, minutes)
        @above.to_h do |place|
          need_j = need_j(place)
          wants_j = need_j + (latent_j(place, goal_c) / minutes)
          given_j = left_j.clamp(0.0, [wants_j, 0.0].max)
          left_j -= given_j
          [place, split(given_j, need_j)]
        end
      end

      # [steam that stays as water, heat by the wall]: what condenses to pay the wall runs back down.
      def split(given_j, need_j)
        return [given_j, -need_j] if need_j.negative?

        steam_j = [given_j - need_j, 0.0].max
        [steam_j, given_j - need_j - steam_j]
      end

      def steam_lasts_min(gains)
        g_min = gains.values.sum(&:first) / Loss::LATENT_J_G
        g_min.positive? ? floor_water_g / g_min : Float::INFINITY
      end

      # After `minutes` of it.
      def condensed(gains, minutes)
        wall_j = walls_j_min
        taken_j = taken_j_min
        ends_c = gains.to_h do |place, (steam_j, wall)|
          [place, warmed(place, steam_j * minutes, wall * minutes)]
        end
        @boiled_min += minutes
        taken_j = [taken_j, wall_j + gains.values.sum(&:sum)].min unless @stage.oven_c
        moved(minutes, ends_c, taken_j, wall_j)
      end

      # °C of a place with so much heat by its wall and by steam, J; steam becomes water in it.
      def warmed(place, steam_j, joule)
        from_c = bounded(place, place.temp_c + (joule / place.capacity_j_k))
        return from_c unless steam_j.positive?

        grams = [steam_j / Loss::LATENT_J_G, floor_water_g].min
        before_j_k = place.capacity_j_k
        hand_up(grams, place)
        boil_c = @setting.boil_c
        lacking_j = (before_j_k * (boil_c - from_c)) - (grams * Loss::LATENT_J_G)
        bounded(place, boil_c - (lacking_j / place.capacity_j_k))
      end

      def hand_up(grams, place)
        lose(grams)
        @floor.layer.pass_up(grams)
        place.layer.condense(grams)
      end
    end
  end
end
