# frozen_string_literal: true

require "forwardable"
require_relative "../../measure/gas_mark"
require_relative "../../measure/rounding"
require_relative "../../measure/units"
require_relative "../../pot/depth"
require_relative "balance_text"
require_relative "drain_words"
require_relative "fat_words"
require_relative "poured_words"
require_relative "../request/pot_stages"
require_relative "../request/provision"

module FondKettle
  module Methods
    # Values for the texts of one phase's tasks: amounts in the house's measures, and where the water
    # goes.
    class TaskWords
      extend Forwardable

      def_delegators :@poured, :poured_g, :rice_in_cups, :told_rice, :told_liquid, :told_water, :in_cups,
                     :pours_own?, :liquid_key, :liquid_name, :poured, :pour, :rice, :liquid
      # Less than this over the rice looks level with it.
      SEEN_MM = 1.5
      OVER_LEVEL = "the liquid stands %d mm over the rice"
      LEVEL = "the liquid is level with the rice"
      LATER = "%s; the lid lets that out later"
      COLD_C = 25
      # The most salt that water for boiling rice wants, g/g.
      SALT_G_G = 0.01
      # Less than that in a broth is no food that lies in it.
      SOLIDS_G = 50
      # Names that the texts of any phase may ask for, each a method, and those of a broth.
      NAMES = %i[pour rice liquid changes soak drain snap clear surface depth level balance out back fat
                 salted pot pots].freeze
      OF_BROTH = %i[start simmered standing standing_mm].freeze
      # How the water looks with so much of its first cloudiness left.
      CLEAR = [[0.2, "the water runs nearly clear"], [0.65, "the water is about half as cloudy as the first"],
               [1.0, "the water is still cloudy"]].freeze

      # `phase`: Phases::Phase of a Request; `ledger`: the BaseLedger of its broth, or nil.
      # `sealed`: what else is filled in of a pot of layers (SealedWords).
      def initialize(request, phase, ledger = nil, sealed = {})
        @told = sealed.dup
        @request = request
        @phase = phase
        @ledger = ledger
        @load = phase.load
        @balance = phase.balance
        @poured = PouredWords.new(request, phase, ledger)
      end

      # Value for a name in the texts, worked out when it is first asked for, as few texts ask for all of
      # them; or `otherwise` for one that nobody knows here; without that, raises KeyError.
      def fetch(name, *otherwise)
        return @told[name] if @told.key?(name)
        return @told[name] = send(name) if NAMES.include?(name) || (@ledger && OF_BROTH.include?(name))

        @told.fetch(name, *otherwise)
      end

      # The cue of a stage; it says how high the liquid stands when a leaky lid needs more than level.
      def cue(stage)
        stage.until == "level" && level_mm >= SEEN_MM ? format(LATER, level) : stage.cue
      end

      # Down to where a stage boils off what stands over the rice.
      def level
        level_mm < SEEN_MM ? LEVEL : format(OVER_LEVEL, level_mm.round)
      end

      # "190 °C (374 °F; gas mark 5; turn Small oven to 180)", nil for what is on the stove (nil).
      def oven(heat_c)
        return unless heat_c

        dial_c = @request.oven.dial_c(heat_c)
        also = ["#{Measure::Units.convert(heat_c, 'C', 'F').round} °F",
                "gas mark #{Measure::GasMark.text(heat_c)}"]
        also << "turn #{@request.oven.name} to #{dial_c}" unless dial_c == heat_c.round
        "#{heat_c.round} °C (#{also.join('; ')})"
      end

      private

      def level_mm
        @phase.setting.vessel.thick_mm(@balance.run.level_ml.to_f, @load.bed_ml + @load.bulk_ml)
      end

      def drain
        DrainWords.of(@request)
      end

      def snap
        @load.grain.snap
      end

      def surface
        "#{@load.surface_g.round} g"
      end

      def balance
        BalanceText.say(@balance, @request.measures)
      end

      def out
        listed(@request.lifted)
      end

      def back
        listed(@request.coming_back)
      end

      def pots
        @request.pots.to_s
      end

      def start
        @poured.pour
      end

      def simmered
        @request.measures.weighed(@ledger.lost_g)
      end

      def standing
        standing_g = @ledger.standing_g
        @poured.weighed(standing_g)
      end

      def listed(additions)
        additions.map { |one| one.ingredient.name.downcase }.join(", ")
      end

      # By a spoon's handle, where it is known what else lies there.
      def standing_mm
        food_g = @request.additions.select(&:stays?).sum(&:in_pot_g)
        mm = @phase.setting.vessel.depth_mm(food_g + @ledger.standing_g - @ledger.brought_g)
        "#{mm.round} mm deep on a spoon's handle#{', the food in it' if food_g > SOLIDS_G}"
      end

      # "the fat", or how much where nobody has said.
      def fat
        FatWords.of(@request, @phase.setting.vessel.floor_area_m2)
      end

      # The pot of the phase by its name, where it is one of the house's.
      def pot
        vessel = @phase.setting.vessel
        vessel.id ? "the #{vessel.name}" : "the largest pot"
      end

      # "the salt", or how much at most where nobody has said.
      def salted
        return "the salt" if @request.provisions.any? { |one| one.slot == Slots::SALT && one.step.nil? }

        "salt, at most #{@request.measures.weighed(poured_g * SALT_G_G)} (1 %)"
      end

      # Some grain is not to be rinsed any clearer than that.
      def clear
        cloudy = Pot::Wash.cloudiness(@load.grain, @request.rinse_changes)
        CLEAR.find { |most, _| cloudy <= most }.last
      end

      def changes
        @request.rinse_changes == 1 ? "one change of water" : "#{@request.rinse_changes} changes of water"
      end

      def soak
        water = "water at #{Measure::Rounding.plain(@request.soaked_c)} °C"
        water = cold if @request.soaked_c <= COLD_C
        water = "the measured liquid" if @load.state.in_liquid
        "#{Measure::Rounding.duration(@request.soak_min)} in #{water}"
      end

      def cold
        @request.soak_min > Request::LONGEST_WARM_SOAK_MIN ? "cold water, in the refrigerator" : "cold water"
      end

      def depth
        Pot::Depth.words(Pot::Depth.over_rice_mm(@phase.standing_g, @load.times(1.0 / @phase.rounds),
                                                 @phase.setting.vessel))
      end
    end
  end
end
