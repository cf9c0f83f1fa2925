# frozen_string_literal: true

require_relative "../../ground/value"
require_relative "../../pot/runs/cooking"
require_relative "../../pot/verdict"
require_relative "rescue"

module FondKettle
  module Methods
    # A pot at the stove that does not stand as planned: what a cook knows of it (plan, what was
    # poured, minutes on the heat, the sign), and the way out of it. Of the pots that may be
    # meant, the one nearest to the plan at which the model sees that sign is taken.
    class FoundPot
      # What is looked for at a sign: is the core raw, is there water to be seen.
      SIGNS = { "chalky-dry" => { raw: true, free: false }, "chalky-wet" => { raw: true, free: true },
                "wet" => { raw: false, free: true } }.freeze
      # Shares of the water and of the time that are tried, the nearest first.
      WATER = { false => [1.0, 0.95, 0.9, 0.85, 0.8, 0.75, 0.7, 0.65, 0.6, 0.5].freeze,
                true => [1.0, 1.05, 1.1, 1.15, 1.2, 1.3, 1.4].freeze }.freeze
      TIME = [1.0, 0.9, 0.8, 0.7, 0.6, 0.5].freeze
      # Water that a cook sees, g per g of rice.
      SEEN_G_G = 0.02

      # The Remedy for `sign` (a key of SIGNS) on a Plan of which `poured_g` was poured and which
      # was on the heat for `heat_min`; nil where no such pot is found, or it comes right.
      # `stages` and `setting`: as they went, where that is known better than by the plan.
      def self.remedy(plan, sign, poured_g:, heat_min:, stages: nil, setting: nil)
        new(plan, sign, poured_g, heat_min, stages || planned(plan), setting || plan.setting).remedy
      end

      # The stages of a plan, with the minutes that they take (nothing ends but by its time).
      def self.planned(plan)
        plan.stages.zip(plan.run.stage_minutes).map do |stage, minutes|
          stage.with(until: nil, minutes: minutes, extra_min: 0.0)
        end
      end
      private_class_method :planned

      # The arguments are those of `remedy`.
      def initialize(plan, sign, poured_g, heat_min, stages, setting)
        @plan = plan
        @wanted = SIGNS.fetch(sign)
        @poured_g = poured_g
        @heat_min = heat_min
        @stages = stages
        @setting = setting
      end

      # The remedy, as the class describes it.
      def remedy
        tried = WATER.fetch(@wanted[:free]).product(TIME).lazy.map do |water, time|
          [@poured_g * water, so_far(@heat_min * time)]
        end
        liquid_g, stages = tried.find { |liquid_g, stages| stages.any? && seen?(liquid_g, stages) }
        liquid_g && Rescue.for(@plan.load, liquid_g, stages, @setting).first
      end

      private

      # The stages as they went in so many minutes.
      def so_far(minutes)
        @stages.filter_map do |stage|
          here_min = [stage.minutes, minutes].min
          minutes -= here_min
          stage.with(minutes: here_min) if here_min.positive?
        end
      end

      def seen?(liquid_g, stages)
        run = Pot::Cooking.end_of(@plan.load, liquid_g, stages, @setting)
        raw = Pot::Verdict.chalky?(run, @plan.load.grain, steamed: @plan.load.steamed?)
        free = run.free_g > (SEEN_G_G * @plan.load.rice_g) + @plan.load.residue_g
        raw == @wanted[:raw] && free == @wanted[:free]
      end
    end
  end
end
