# frozen_string_literal: true

require_relative "../../ground/value"
require_relative "../../pot/depth"
require_relative "depth_rule"
require_relative "planner"

module FondKettle
  module Methods
    # What hangs inside the cupboard door for one pot and one bag: how much rice and water for
    # so many people.
    #   people, rice_g, liquid_g (poured)   low_min  minutes on the heat from the boil on
    #   finger   how the finger's rule does there: "holds", "drowns" or "starves"
    DoorRow = Value.define(:people, :rice_g, :liquid_g, :low_min, :comes_out, :finger)

    # Rows of such a card, and whether a later one differs.
    module DoorCards
      PEOPLE = (1..9)
      # A difference that a cook pours, g.
      TABLESPOON_G = 15.0

      module_function

      # DoorRows of a Request, `portion_g` of raw rice for each of the people, for a finger whose
      # joint is `finger_mm`.
      def rows(request, portion_g, finger_mm)
        PEOPLE.map do |people|
          plan = Planner.plan(request.with(rice_g: people * portion_g))
          DoorRow.new(people: people, rice_g: plan.load.rice_g, liquid_g: plan.poured_g,
                      low_min: low_min(plan),
                      comes_out: plan.comes_out, finger: finger(plan, finger_mm))
        end.freeze
      end

      # True when the water has moved by more than a tablespoon since `liquids_g` was printed.
      def moved?(rows, liquids_g)
        rows.map(&:liquid_g).zip(liquids_g).any? { |now_g, then_g| (now_g - then_g.to_f).abs > TABLESPOON_G }
      end

      def low_min(plan)
        plan.on_heat_min - plan.run.at("boil").to_f
      end

      def finger(plan, finger_mm)
        rule_g = Pot::Depth.liquid_g(finger_mm, plan.load, plan.request.vessel)
        return "holds" if ((rule_g / plan.liquid_g) - 1).abs <= DepthRules::CLOSE

        rule_g > plan.liquid_g ? "drowns" : "starves"
      end
      private_class_method :low_min, :finger
    end
  end
end
