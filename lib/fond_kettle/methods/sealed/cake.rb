# frozen_string_literal: true

require_relative "../../ground/value"
require_relative "../../pot/fit"
require_relative "../../pot/verdict"

module FondKettle
  module Methods
    # What is turned out of a pot: `diameter_mm` where it stands, `height_mm`, `kg` of food;
    # `lift_kg` is lifted when pot and plate are turned over, by so many `people`, onto a plate of
    # `plate_mm`. `stands`, or `falls_because`. So many `slices` cover floor and, with
    # `wall_slices`, the wall.
    Cake = Value.define(:diameter_mm, :height_mm, :kg, :lift_kg, :people, :plate_mm, :stands, :falls_because,
                        :slices, :wall_slices) do
      # A round of aubergine or potato, mm wide, overlapping by a third of its surface.
      const_set(:SLICE_MM, 70.0)
      const_set(:OVERLAP, 1 / 3.0)
      # The plate is wider than the pot by so much, and weighs that.
      const_set(:RIM_MM, 40.0)
      const_set(:PLATE_KG, 0.8)
      # Above that it takes a second person.
      const_set(:ALONE_KG, 3.5)
      # Higher than that share of its width it falls.
      const_set(:MOST_HEIGHT, 0.6)
      const_set(:LEAST_REST_MIN, 20.0)

      # The Cake of a solved plan's `load` (Pot::Load), `run` (Pot::Run) and Pot::Stages in `vessel`.
      def self.of(load, run, stages, vessel)
        room_ml = Pot::Fitting.cooked_ml(load) + load.bulk_ml
        height_mm = vessel.depth_mm(room_ml)
        width_mm = vessel.cone.width_mm(height_mm)
        kg = food_kg(load, run)
        lift_kg = kg + vessel.kg + self::PLATE_KG
        because = falls_because(load, run, stages, height_mm / width_mm)
        new(diameter_mm: width_mm, height_mm: height_mm, kg: kg, lift_kg: lift_kg,
            people: lift_kg > self::ALONE_KG ? 2 : 1, plate_mm: vessel.diameter_mm + self::RIM_MM,
            stands: because.nil?, falls_because: because,
            slices: slices(Math::PI * (vessel.bottom_mm**2) / 4),
            wall_slices: slices(Math::PI * (vessel.bottom_mm + width_mm) / 2 * height_mm))
      end

      # Rice, its water and what lies with it, kg.
      def self.food_kg(load, run)
        solids_g = load.bulk_ml
        ((load.rice_g * (1 + run.uptake)) + solids_g + run.free_g) / 1000
      end

      # Number of slices that cover this area.
      def self.slices(mm2)
        (mm2 / (Math::PI * (self::SLICE_MM**2) / 4 * (1 - self::OVERLAP))).ceil
      end

      # Why it would not stand, or nil.
      def self.falls_because(load, run, stages, height_share)
        rest_min = stages.select(&:off?).sum { |stage| stage.minutes.to_f }
        if height_share > self::MOST_HEIGHT
          return "it is higher than #{(self::MOST_HEIGHT * 100).round} % of its width"
        end
        return "it is too wet" if Pot::Verdict.wet?(run, load)
        return "it rests less than #{self::LEAST_REST_MIN.round} min" if rest_min < self::LEAST_REST_MIN

        nil
      end
      private_class_method :food_kg, :slices, :falls_because
    end
  end
end
