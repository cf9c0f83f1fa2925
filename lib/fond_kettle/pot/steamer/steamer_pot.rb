# frozen_string_literal: true

require_relative "../beds/bed"
require_relative "../column"
require_relative "../heat/energy"
require_relative "../heat/hearth"
require_relative "../heat/heat"
require_relative "../water/kinetics"
require_relative "../heat/loss"
require_relative "../sightings"
require_relative "../span"

module FondKettle
  module Pot
    # Rice in a steamer on its way (docs/model.md: Steaming sticky rice), step by step: the steam of the
    # water below condenses in the lowest bed that is not hot, then in the one above, so that
    # upper tiers lag; what is hot lets it pass. Of what is sprinkled a bed keeps a share, the rest
    # drips through. The water below boils when the steamer is set on it. To Cooking it is what a
    # Simulation is.
    class SteamerPot
      # Of what is poured over a bed, what stays in it.
      KEEPS = 0.35
      HAIR = 1e-9

      # `min`: minutes since the start; `boiled_min`: of these in boiling water, none; `lifted_min`: still to
      # come with the lid off; `hot_min`: when the topmost bed was hot, nil until then;
      # `condensed_g`: steam that became water in the beds.
      attr_reader :column, :min, :boiled_min, :lifted_min, :fire, :energy, :hot_min, :condensed_g

      # `load` (Load) in its steamer, with `liquid_g` to be sprinkled in all in so many `pours`.
      def initialize(load, liquid_g, hearth, pours)
        @laid = load.steamer
        @sprinkled_g = pours.zero? ? 0.0 : liquid_g / pours
        @at_c = load.liquid_c
        @hearth = hearth
        @setting = hearth.setting
        @column = Column.new(beds(load), pot_j_k: 0.0)
        @energy = Energy.new(@column, @setting.room_c)
        @min = @boiled_min = @lifted_min = @condensed_g = 0.0
        @boil_pace = hearth.boil_pace
      end

      # °C of the bed that is least hot.
      def temp_c
        @column.beds.map(&:temp_c).min
      end

      # Zero: none of it waits for an oven.
      def idle_min
        0.0
      end

      # Its rice is turned as it is sprinkled: no floor gets ahead of it.
      def stirred_at
        @column.progress
      end

      # One: its beds have a delay of their own.
      def time_factor
        1 / @boil_pace
      end

      # True when the water below is at the boil.
      def boiling?
        !@stage.off?
      end

      # True when all of the rice is hot.
      def hot?
        !@hot_min.nil?
      end

      # True when all of the rice has its poured water, and no raw core.
      def ready?
        @column.beds.all? { |bed| bed.dry? && bed.core <= Sightings::CORE_LEFT }
      end

      # A stage begins.
      def enter(stage, _following)
        @stage = stage
        @fire = @hearth.fire(stage)
        @lifted_min += stage.lifted_s / 60.0
        sprinkle(@sprinkled_g) if stage.sprinkle
        pour(stage.add) if stage.add
      end

      # Advances by one step of at most `most_min`; returns its minutes.
      def advance(most_min)
        used = steaming? ? steam(most_min) : stand(most_min)
        @lifted_min = [@lifted_min - used, 0.0].max
        @min += used
        @hot_min ||= @min if @column.beds.all? { |bed| hot_bed?(bed) }
        used
      end

      private

      def beds(load)
        state = load.state.with(rice_g: load.rice_g / @laid.tiers)
        part = 1.0 / @laid.tiers
        bed = load.with(state: state, brought_g: load.brought_g * part, poured_g: load.poured_g * part,
                        drink_g: load.drink_g * part, solids_j_k: load.solids_j_k * part)
        Array.new(@laid.tiers) { |i| Bed.new(bed, 0.0, temp_c: load.start_c, name: "tier-#{i + 1}") }
      end

      def hot_bed?(bed)
        bed.temp_c >= @setting.boil_c - HAIR
      end

      # Does steam go through it? With the lid off too, for as long as a sprinkling takes.
      def steaming?
        !@stage.off? && @fire.spare_j_min.positive?
      end

      # The lowest bed that is not hot takes all of the steam.
      def steam(most_min)
        cold = @column.beds.find { |bed| !hot_bed?(bed) }
        return cook_all(most_min, nil) unless cold

        warming = Heat::Condensing.new(cold.temp_c, @setting.boil_c, @setting.boil_c, @fire.spare_j_min,
                                       cold.heat_capacity_j_k, most_min)
        from_c = cold.temp_c
        to_c = warming.after(warming.minutes)
        condense(cold, @fire.spare_j_min * warming.minutes / Loss::LATENT_J_G)
        cook_all(warming.minutes, cold, Span.new(from_c, to_c))
        cold.temp_c = to_c
        warming.minutes
      end

      def condense(bed, grams)
        @energy.takes { [grams * (Loss::LATENT_J_G + (WATER_J_G_K * (@setting.boil_c - @setting.room_c))), 0.0] }
        bed.condense(grams)
        @condensed_g += grams
      end

      # Every bed cooks at its own temperature, the one that warms along its `span`.
      def cook_all(minutes, warming, span = nil)
        @column.beds.each do |bed|
          cook(bed, bed.equal?(warming) ? span : Span.new(bed.temp_c, bed.temp_c), minutes)
        end
        minutes
      end

      # Below 65 °C raw grain soaks in what is on it.
      def cook(bed, span, minutes)
        return bed.soak(span, minutes, 0.0) unless bed.cooking? || span.to_c >= Kinetics::COOKS_ABOVE_C

        pace = span.mean { |c| Kinetics.pace(c) }
        left = minutes
        left -= bed.cook(pace, 0.0, left) while left > HAIR
      end

      # Off the heat each bed cools by its own outside.
      def stand(most_min)
        minutes = @column.beds.map { |bed| cooling(bed, most_min).minutes }.min
        @column.beds.each { |bed| cool(bed, minutes) }
        minutes
      end

      def cool(bed, minutes)
        before_c = bed.temp_c
        after_c = cooling(bed, minutes).after(minutes)
        @energy.takes { [0.0, bed.heat_capacity_j_k * (before_c - after_c)] }
        cook(bed, Span.new(before_c, after_c), minutes)
        bed.temp_c = after_c
      end

      def cooling(bed, minutes)
        w_j_min_k = Heat::WALL_J_MIN_M2_K * outside_m2
        Heat::Drift.new(bed.temp_c, @setting.room_c, w_j_min_k / bed.heat_capacity_j_k, minutes)
      end

      # Top and side of one bed.
      def outside_m2
        @laid.area_m2 + (Math::PI * @laid.across_mm * @laid.bed_mm / 1e6)
      end

      # Pours water over all the beds, in g; the share that a bed does not keep drips through it.
      def sprinkle(grams)
        share_g = grams / @laid.tiers
        @energy.aside do
          @column.beds.each do |bed|
            mixed(bed, @at_c) { bed.condense(share_g * KEEPS) }
            bed.run_through(share_g * (1 - KEEPS))
          end
        end
      end

      # What a cook puts in beside that (a Pot::Addition): food stays, water drips through.
      def pour(addition)
        share = 1.0 / @laid.tiers
        @energy.aside do
          @column.beds.each do |bed|
            kept = addition.with(liquid_g: addition.liquid_g * share * KEEPS,
                                 brought_g: addition.brought_g * share, drink_g: addition.drink_g * share,
                                 solids_j_k: addition.solids_j_k * share)
            mixed(bed, addition.at_c) { bed.add(kept) }
            bed.run_through(addition.liquid_g * share * (1 - KEEPS))
          end
        end
      end

      def mixed(bed, at_c)
        before_j_k = bed.heat_capacity_j_k
        yield
        bed.temp_c = Heat.mixed_c(bed.temp_c, at_c, before_j_k, bed.heat_capacity_j_k)
      end
    end
  end
end
