# frozen_string_literal: true

require_relative "../ground/value"

module FondKettle
  module Pot
    # Outcome of a run, in one word (docs/model.md: Stage minutes and verdict).
    module Verdict
      ALL = %w[chalky firm standard soft wet scorched].freeze
      # What a cook may want.
      RIGHT = %w[firm standard soft].freeze
      CHALKY_CORE = 0.08
      CHALKY_UPTAKE = 0.93
      # Steamed rice is eaten drier: firm begins at 0.60 g/g for glutinous rice (docs/model.md: Stage minutes
      # and verdict).
      CHALKY_STEAMED = 0.92
      WET_UPTAKE = 1.07
      WET_SHARE = 0.03
      # Where floor and top begin to differ, and where the top lags by TOP_LAG.
      SHALLOW_MM = 45.0
      DEEP_MM = 100.0
      TOP_LAG = 0.15

      module_function

      # Verdict on a Run of a Load; for a sealed pot, that of its worst layer of rice.
      def of(run, load)
        run.layers ? LayerVerdicts.worst(run, load) : bed(run, load)
      end

      # Verdict on one bed: a burnt floor outweighs the rest, then a raw core, then the wetness.
      def bed(run, load)
        return "scorched" if scorched?(run) && !load.crust
        return "chalky" if chalky?(run, load.grain, steamed: load.steamed?)
        return "wet" if wet?(run, load)

        texture(dressed(run, load), load.grain.uptake)
      end

      # Verdict at the floor and at the top of a bed `bed_mm` deep: the floor is
      # at the water's heels, the top lags by what has passed since it was last
      # stirred. Both are the same in a shallow bed.
      def floor_and_top(run, load, bed_mm)
        whole = of(run, load)
        return { floor: whole, top: whole } unless run.kinetics && bed_mm > SHALLOW_MM

        lag = TOP_LAG * [bed_mm / DEEP_MM, 1.0].min
        top = of(run.with(core: [1 - (run.progress - (lag * (run.progress - run.stirred_at))), run.core].max,
                          burnt: 0.0, uptake: run.uptake * (1 - (lag / 4))), load)
        { floor: whole, top: top }
      end

      # Was the floor of a Run dry on the heat for longer than it stands?
      def scorched?(run)
        run.burnt > 1
      end

      # True when a white core is left, or the grain holds less water than firm rice.
      def chalky?(run, grain, steamed: false)
        least = steamed ? CHALKY_STEAMED : CHALKY_UPTAKE
        run.core > CHALKY_CORE || run.uptake < least * grain.uptake[:firm]
      end

      # Water in the grain as it is eaten, g/g: what a dressing brings comes to it.
      def dressed(run, load)
        run.uptake + (load.dressed_g / load.rice_g)
      end

      # True when the grain holds more water than soft rice, or the pot more than wanted.
      def wet?(run, load)
        dressed(run, load) > WET_UPTAKE * load.grain.uptake[:soft] ||
          run.free_g - load.residue_g > WET_SHARE * cooked_g(run, load)
      end

      # firm, standard or soft, by the midpoints between the three columns.
      def texture(uptake, columns)
        return "firm" if uptake < (columns[:firm] + columns[:standard]) / 2
        return "soft" if uptake > (columns[:standard] + columns[:soft]) / 2

        "standard"
      end

      # Weight of what is in the pot at the end, without the free water, g.
      def cooked_g(run, load)
        (load.rice_g * (1 + run.uptake)) + run.drunk_g
      end
    end

    # Verdict on each layer of a sealed pot, and the worst of them.
    module LayerVerdicts
      # Of rice, the worst first.
      RICE = %w[scorched chalky wet soft firm standard].freeze
      FOOD = %w[done not-tender scorched not-safe].freeze

      module_function

      # Verdict on each layer of a Run of `load`, from the floor up; only the lowest burns.
      def all(run, load)
        run.layers.ends.zip(load.stack.tiers).each_with_index.map do |(layer, tier), i|
          burnt = i.zero? && Verdict.scorched?(run)
          tier.rice? ? rice(layer, run, load, burnt) : food(layer, tier, run, burnt)
        end
      end

      # The worst of the rice; a burnt floor is tasted in all of it.
      def worst(run, load)
        found = all(run, load).zip(load.stack.tiers).select { |_, tier| tier.rice? }.map(&:first)
        found << "scorched" if Verdict.scorched?(run)
        found << "wet" if gravy?(run, load)
        RICE.find { |one| found.include?(one) }
      end

      # True when there is more gravy than wanted.
      def gravy?(run, load)
        run.free_g - load.residue_g > Verdict::WET_SHARE * Verdict.cooked_g(run, load)
      end

      def rice(layer, run, load, burnt)
        Verdict.bed(run.with(uptake: layer.uptake, core: layer.core, free_g: load.residue_g,
                             burnt: burnt ? run.burnt : 0.0), load)
      end

      def food(layer, tier, run, burnt)
        return "not-safe" if tier.cut&.safe_c && !run.layers.safe?(layer)
        return "scorched" if burnt

        tier.cut && layer.tender_at_min.nil? ? "not-tender" : "done"
      end
      private_class_method :rice, :food
    end
  end
end
