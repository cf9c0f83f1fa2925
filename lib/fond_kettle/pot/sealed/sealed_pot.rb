# frozen_string_literal: true

require_relative "../attributes"
require_relative "../heat/energy"
require_relative "../heat/hearth"
require_relative "../heat/loss"
require_relative "sealed_fire"
require_relative "sealed_off_heat"
require_relative "sealed_steam"
require_relative "sealed_water"
require_relative "stacked"

module FondKettle
  module Pot
    # A sealed pot of layers on its way (docs/model.md: Par-cooking and the sealed pot), step by step. The
    # floor is heated; its steam condenses in the first layer that is not hot, then in the one above. Each
    # layer pays its own wall at its own temperature, what condenses there runs back down. Nobody sees a boil:
    # high and medium give what they are left at, and once all is hot what the walls do not need leaves as
    # steam past the seal. Low is held at wall and table. To Cooking it is what a Simulation is.
    class SealedPot
      include SealedFire
      include SealedSteam
      include SealedWater
      include SealedOffHeat

      # Hot enough to serve, °C, or so many below the boil.
      HOT_C = 95.0
      HOT_BELOW_BOIL_C = 1.5
      # As good as the boil, °C: what is drawn in cools it a little all the time.
      NEAR_BOIL_C = 0.05
      HAIR = 1e-9

      # `min`: minutes since the start; `boiled_min`: of these with the floor at the boil;
      # `lifted_min`: still to come with the lid off; `all_hot_min`: when the last layer was
      # hot, nil until then; `hard_min`: minutes that high or medium ran on after that.
      attr_reader :column, :places, :min, :boiled_min, :lifted_min, :fire, :energy, :all_hot_min, :hard_min

      # `column` (Column) and its layers in their `places` (Stacked) in `setting`; of `load` (Load)
      # what the rice is to hold, and what gravy is to stay.
      def initialize(column, places, hearth, load)
        @hearth = hearth
        @setting = setting = hearth.setting
        @column = column
        @places = places
        @floor, *@above = places
        @sources = places.take_while { |place| !place.layer.bed? }
        @sources = [@floor] if @sources.empty?
        @min = @boiled_min = @lifted_min = @off_min = @hard_min = @cloth_g = 0.0
        @hot_c = [HOT_C, setting.boil_c - HOT_BELOW_BOIL_C].min
        @energy = Energy.new(column, setting.room_c)
        @beds, @foods = places.partition { |place| place.layer.bed? }
        @wanted = load.uptake
        @kept_g = load.kept_g
        @pools = places.to_h { |place| [place, nearest(place)] }
        look
      end

      # °C at the floor.
      def temp_c
        @floor.temp_c
      end

      # Its delay is reckoned: there is nothing to wait for in an oven.
      def idle_min
        0.0
      end

      # Nil: it is never stirred.
      def stirred_at
        0.0
      end

      # True when its floor is at the boil.
      def boiling?
        @floor.temp_c >= @setting.boil_c - NEAR_BOIL_C
      end

      # Adds food or water; sprinkled water goes to the topmost rice.
      def add(addition)
        top = @places.reverse.find { |place| place.layer.bed? }
        @energy.aside { top.pour(addition) }
      end

      # True when the last layer is hot.
      def hot?
        !@all_hot_min.nil?
      end

      # True when no water is left at its floor that could make steam.
      def floor_dry?
        !floor_water_g.positive?
      end

      # A stage begins: what the fire gives, and whether the lid is lifted.
      def enter(stage, _following)
        @stage = stage
        @fire = @hearth.fire(stage)
        @off_min = 0.0 unless stage.off?
        @sink = Attributes.sinks.find { |one| one.set?(stage.public_send(one.key)) }&.effect
        @lifted_min += stage.lifted_s / 60.0
        add(stage.add) if stage.add
      end

      # Advances by one step of at most `most_min`; returns its minutes.
      def advance(most_min)
        used = if @lifted_min.positive? then opened([most_min, @lifted_min].min)
               elsif @stage.off? then cool(most_min)
               elsif !boiling? then drift_all(most_min, goal_c: @setting.boil_c)
               elsif all_at_boil? && spare_j_min >= 0 then boil_off(most_min)
               else steam(most_min)
               end
        look
        used
      end

      private

      def all_at_boil?
        @places.all? { |place| place.temp_c >= @setting.boil_c - NEAR_BOIL_C }
      end

      def look
        @places.each { |place| place.hot(@min) if hot_there?(place) }
        return if @all_hot_min

        @all_hot_min = @min if @places.all?(&:hot_min)
      end

      # A step that ends where a place is hot may end a rounding below it.
      def hot_there?(place)
        place.temp_c >= @hot_c - HAIR
      end

      # All of the pot moves on by `minutes`, each place to its own temperature.
      def move(minutes, ends_c)
        @min += minutes
        quotas = self.quotas
        @places.each do |place|
          quota_g = quotas.fetch(place, 0.0)
          place.follow(ends_c.fetch(place, place.temp_c), minutes, @min, @pools[place], @kept_g, quota_g)
        end
        minutes
      end

      # No steam yet, or no more: the floor goes its way, up to `goal_c` at most; what is above it
      # stays as it is, but for its wall.
      def drift_all(most_min, goal_c: nil)
        wall_j = walls_j_min
        taken_j = taken_j_min
        step = @floor.drift(fire_j_min, @stage.oven_c, most_min, goal_c: goal_c)
        moved(step.minutes, { @floor => step.end_c, **drifting(@above, step.minutes) }, taken_j, wall_j)
      end

      def drifting(places, minutes)
        places.to_h do |place|
          [place, bounded(place, place.drift(0.0, @stage.oven_c, minutes).after(minutes))]
        end
      end

      # Moist food gets no hotter than the boil, and nothing colder than the room makes it.
      def bounded(place, temp_c)
        temp_c.clamp([@setting.room_c, place.temp_c].min, @setting.boil_c)
      end

      # What the floor has to spare as steam when it boils, J/min: none without water.
      def steam_j_min
        return 0.0 unless floor_water_g.positive?

        @stage.oven_c ? @floor.oven_j_min(@stage.oven_c) : fire_j_min - @floor.wall_j_min
      end

      # All is hot: what the walls do not need leaves past the seal, as far as there is water.
      def boil_off(most_min)
        g_min = loss_g_min
        sink = sink_g_min
        all_g_min = g_min + sink
        water_g = floor_water_g
        minutes = all_g_min.positive? && water_g.positive? ? [most_min, water_g / all_g_min].min : most_min
        wall_j = walls_j_min
        lost_g = [all_g_min * minutes, water_g].min
        lose(lost_g)
        into_cloth(lost_g * sink / all_g_min) if sink.positive?
        @boiled_min += minutes
        @hard_min += minutes unless @stage.oven_c || @stage.heat == "low"
        moved(minutes, {}, wall_j + ((lost_g - (sink * minutes)) * Loss::LATENT_J_G / minutes), wall_j)
      end

      def loss_g_min
        return @fire.boiling_g_min if @stage.heat == "low"

        spare_j_min / Loss::LATENT_J_G
      end

      # What a cloth under the lid takes of it now, g/min.
      def sink_g_min
        @sink && @cloth_g < @sink.most_g - HAIR ? @sink.g_min : 0.0
      end

      def into_cloth(grams)
        @floor.layer.into_cloth(grams)
        @cloth_g += grams
      end

      # So many minutes with so much from the fire and to the room, J/min.
      def moved(minutes, ends_c, taken_j, wall_j)
        move(minutes, ends_c)
        @energy.takes { [taken_j * minutes, wall_j * minutes] }
        minutes
      end
    end
  end
end
