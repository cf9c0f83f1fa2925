# frozen_string_literal: true

module FondKettle
  module Methods
    # Heights in a pot while its rice cooks.
    module Levels
      module_function

      # Heights of bed and free water over time, in mm above the floor: hashes of min, bed_mm and water_mm
      # for each point of the curve of a Pot::Run of a Plan; nil for a steamer, which hides them.
      def of(plan, run)
        return if plan.load.steamed?

        run.curve.map { |point| level(plan, run, point) }
      end

      # Depth of the food that lies under the rice of a Plan, in mm.
      def base_mm(plan)
        plan.request.vessel.depth_mm(plan.load.bulk_ml)
      end

      def level(plan, run, point)
        load = plan.load
        vessel = plan.request.vessel
        per_g = [(point.taken_g - run.drunk_g) / load.rice_g, 0.0].max
        bed_ml = load.rice_g * load.grain.bed_ml_per_g(per_g)
        bed_mm = vessel.thick_mm(bed_ml, load.bulk_ml)
        voids_ml = load.rice_g * load.grain.voids_ml_per_g(per_g)
        over_mm = vessel.thick_mm([point.free_g - voids_ml, 0.0].max, bed_ml + load.bulk_ml)
        { min: point.min.round(2), bed_mm: (base_mm(plan) + bed_mm).round(1),
          water_mm: (base_mm(plan) + (bed_mm * [point.free_g / voids_ml, 1.0].min) + over_mm).round(1) }
      end
      private_class_method :level
    end
  end
end
