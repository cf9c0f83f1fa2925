# frozen_string_literal: true

require_relative "../../pot/load"
require_relative "../../pot/heat/loss"
require_relative "../../pot/steamer/steamer_pot"

module FondKettle
  module Methods
    # A steamed phase as its stages: a method's file says once what the first steam, a sprinkling, the
    # steam after it and the last are like, the wanted uptake how often they come.
    module Sprinkled
      # The most that one pour brings evenly into a bed, g per g of rice, and how many there may be:
      # more would be another way of cooking.
      MOST_PER_G = 0.17
      MOST_POURS = 4
      # Less than this is not worth opening the lid for, g per g of rice.
      LEAST_PER_G = 0.02

      module_function

      # The PhaseText of `load` (Pot::Load) in `setting` (Pot::Setting), with as many sprinklings as
      # it wants; any other stays as it is.
      def text(text, load, setting)
        text.steamed ? counted(text, pours(load, setting)) : text
      end

      # The same with so many.
      def counted(text, count)
        file = text.file || text.stages
        set, sprinkle, steam, through = file
        repeated = (1..count).flat_map do |number|
          [sprinkle, *(steam if number < count)].map { |stage| stage.with(key: "#{stage.key}-#{number}") }
        end
        text.with(stages: [set, *repeated, through].freeze, file: file)
      end

      # Number of times that a load is sprinkled.
      def pours(load, setting)
        per_g = poured_g(load, setting) / load.rice_g
        per_g < LEAST_PER_G ? 0 : (per_g / MOST_PER_G).ceil.clamp(1, MOST_POURS)
      end

      # About what has to be poured over it in all, g: what steam brings while all gets hot, and
      # again what was poured, is not poured.
      def poured_g(load, setting)
        capacity_j_k = load.solids_j_k + (load.rice_g * Pot::DRY_FOOD_J_G_K) +
                       (load.carried_g * Pot::WATER_J_G_K)
        heated_g = capacity_j_k * (setting.boil_c - load.start_c) / Pot::Loss::LATENT_J_G
        again = Pot::WATER_J_G_K * (setting.boil_c - load.liquid_c) / Pot::Loss::LATENT_J_G
        kept_g = (load.wanted_g - load.carried_g - heated_g) / (1 + again)
        [kept_g, 0.0].max / Pot::SteamerPot::KEEPS
      end
      private_class_method :poured_g
    end
  end
end
