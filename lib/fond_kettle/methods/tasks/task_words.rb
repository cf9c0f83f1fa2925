# frozen_string_literal: true

require_relative "../../care/task"
require_relative "../../measure/gas_mark"
require_relative "../../measure/rounding"
require_relative "../../measure/units"
require_relative "../../pot/depth"
require_relative "../placing/amounts"
require_relative "balance_text"
require_relative "drain_words"
require_relative "fat_words"
require_relative "../request/pot_stages"
require_relative "../request/provision"

module FondKettle
  module Methods
    # Values for the texts of one phase's tasks: amounts in the house's measures, and where the water
    # goes.
    class TaskWords
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
      end

      # Value for a name in the texts, worked out when it is first asked for, as few texts ask for all of
      # them; or `otherwise` for one that nobody knows here; without that, raises KeyError.
      def fetch(name, *otherwise)
        return @told[name] if @told.key?(name)
        return @told[name] = send(name) if NAMES.include?(name) || (@ledger && OF_BROTH.include?(name))

        @told.fetch(name, *otherwise)
      end

      # The water that is poured for a broth (or for the rice, when there is none), in g.
      def poured_g
        @ledger ? @ledger.start_g : @phase.standing_g
      end

      # The rice in the house's own cup.
      def rice_in_cups
        @rice_in_cups ||= Measure::Spoken.say(@load.rice_g / @load.grain.rho_g_ml, @request.measures)
      end

      # Liquid in the house's own measures.
      def liquid_in_cups
        @liquid_in_cups ||= Amounts.in_cups(poured_g, @load, @request.measures)
      end

      # The rice as a cook reads it, of so many pots: "300 g basmati (1 3/4 jam glasses)".
      def told_rice(pots)
        grams = @load.rice_g * pots
        in_cups = Measure::Spoken.say(grams / @load.grain.rho_g_ml, @request.measures)
        "#{@request.measures.weighed(grams)} #{@load.grain.name.downcase} (#{in_cups})"
      end

      # The model's own liquid as a cook reads it.
      def told_liquid
        return "no #{liquid_name.downcase}" unless poured_g.round.positive?

        told_water(liquid_name, poured_g)
      end

      # An amount of a liquid, as a cook reads it. Nobody counts many cups.
      def told_water(name, grams)
        return "#{Measure::Rounding.litres(grams)} #{name.downcase}" if @request.measures.litres?(grams)

        "#{@request.measures.weighed(grams)} #{name.downcase} (#{in_cups(grams)})"
      end

      # g of water in the house's own measures.
      def in_cups(grams)
        Amounts.in_cups(grams, @load, @request.measures)
      end

      # True when some of the model's own liquid is poured.
      def pours_own?
        poured_g.round.positive? || poured.empty?
      end

      # The key of the liquid that the model doses.
      def liquid_key
        (@request.main_liquid if last?)&.key || Care::Amount::WATER
      end

      # Its name.
      def liquid_name
        (@request.main_liquid if last?)&.name || "Water"
      end

      # The other liquids that are poured with it: each Addition and its amount in the house's measures.
      def poured
        others = last? ? @request.poured : []
        others.to_h { |one| [one, Measure::Spoken.say(one.g / one.ingredient.g_ml, @request.measures)] }
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

      def last?
        @phase.key == @request.method.last_phase.key
      end

      # "385 g (1 3/4 jam glasses) of water", and whatever else is poured with it.
      def pour
        others = poured.map { |one, in_cups| "#{weighed(one.g, in_cups)} of #{one.ingredient.name.downcase}" }
        main = "#{weighed(poured_g, liquid_in_cups)} of #{liquid_name.downcase}"
        [*others, *(main if pours_own?)].join(" and ")
      end

      def rice
        weighed(@load.rice_g, rice_in_cups)
      end

      def liquid
        weighed(poured_g, liquid_in_cups)
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
        pour
      end

      def simmered
        @request.measures.weighed(@ledger.lost_g)
      end

      def standing
        standing_g = @ledger.standing_g
        weighed(standing_g, Amounts.in_cups(standing_g, @load, @request.measures))
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

      # "385 g (1 3/4 jam glasses)"
      def weighed(grams, in_cups)
        "#{@request.measures.weighed(grams)} (#{in_cups})"
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
