# frozen_string_literal: true

require_relative "../../pot/runs/cooking"
require_relative "../../pot/stage"

module FondKettle
  module Methods
    # Time that a finished sealed pot may wait: on the heat until its floor burns, and off it, sealed,
    # while its coldest layer is hot enough to be served.
    module Holding
      # Below that cooked food is not kept hot any more (data/cautions.yml: cooked-rice-cooling).
      SERVED_C = 60.0
      MOST_MIN = 360.0
      STEP_MIN = 5.0

      module_function

      # Minutes off the heat from the end of `stages` (Pot::Stage) of `load` in `setting` on, at most
      # MOST_MIN.
      def off_heat_min(load, stages, setting)
        heated = stages.reject(&:off?)
        waits = Pot::Stage.plain(key: "waits", heat: "off", lid: setting.vessel.lid, minutes: MOST_MIN)
        course = Pot::Cooking.run(load, 0.0, [*heated, waits], setting, step_min: STEP_MIN, curve: true)
        began = course.stage_minutes[0...-1].sum
        cold = course.curve.find do |point|
          point.min > began && point.layers_c.map(&:first).min < SERVED_C
        end
        (cold ? cold.min : course.minutes) - began
      end
    end
  end
end
