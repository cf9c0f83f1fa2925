# frozen_string_literal: true

require_relative "../../measure/rounding"
require_relative "../../pot/fit"
require_relative "../../pot/verdict"
require_relative "../../table/eaters"
require_relative "../loads/base_ledger"
require_relative "not_safe"
require_relative "outcome_warnings"
require_relative "../loads/plenty_pot"
require_relative "salt_warnings"
require_relative "../request/dressing"
require_relative "sealed_warnings"
require_relative "steam_warnings"
require_relative "../sealed/turned_out"
require_relative "vessel_warnings"
require_relative "warning"

module FondKettle
  module Methods
    # Warnings for the cook before the start, from a balance, a run and a fit.
    module Warnings
      SLOW_BOIL_MIN = 45.0
      # Hotter than that it is told, °C.
      HOT_OVEN_C = 220.0
      DEEPEST_MM = Pot::Fitting::DEEPEST_MM.round
      THINNEST_MM = Pot::Fitting::THINNEST_MM.round

      module_function

      # Warnings about a Request whose `last` phase (Phases::Phase) took this `run` and has this `fit`;
      # `sealed`: the solution of a sealed pot (Sealed), or nil.
      def for(request, last, run, fit, sealed)
        return under_seal(request, last, run, fit, sealed) if sealed

        [*avoided(request), *NotSafe.warnings(request, run), *turned_out(request, last, run),
         *boiling(run, last.setting), *SteamWarnings.of(request, last, run),
         *water(last.balance, last.load),
         *fit.problems.map { |code| fitting(code, fit) },
         *OutcomeWarnings.coming_out(run, last.load, last.balance), *not_as_wanted(request, last, run),
         *outside(request),
         *less_water(request), *hot_oven(last.stages), *SaltWarnings.of(request, last.liquid_g),
         *uncovered(BaseLedger.of(request, request.method.last_phase, last), request.measures),
         *VesselWarnings.new(request, last).to_a]
      end

      # Warnings about a pot of layers, which neither boils nor has liquid poured in.
      def under_seal(request, last, run, fit, sealed)
        [*avoided(request), *SealedWarnings.of(request, last, run, sealed), *NotSafe.in_layers(request),
         *(fit.problems - [SealedWarnings::DEEP]).map { |code| fitting(code, fit) },
         *not_as_wanted(request, last, run), *outside(request),
         *less_water(request), *hot_oven(last.stages), *SaltWarnings.of(request, last.liquid_g),
         *VesselWarnings.new(request, last).to_a]
      end

      # Warnings about a texture that this method cannot reach; when food brings too much water, that is the
      # warning.
      def not_as_wanted(request, last, run)
        return [] if last.balance.spare_g.positive?

        grain = last.load.grain
        wanted = Pot::Verdict.texture(grain.uptake_for(request.texture_here), grain.uptake)
        OutcomeWarnings.not_as_wanted(wanted, run, last.load)
      end

      # Warnings about a pot that is turned out: raw food in its layers, and a cake that falls apart.
      def turned_out(request, last, run)
        return [] unless request.method.turned_out?

        turned = TurnedOut.new(request, last, run)
        falls = turned.cake.falls_because
        [*(unless turned.safe_min
             warning("not-safe", "The raw food in its layers never gets to #{turned.cut&.safe_c} °C.")
           end),
         *(warning("falls", "Turned out, it falls: #{falls}.") if falls)]
      end

      # Who at the table avoids some of it, before anything else.
      def avoided(request)
        request.clashes.map { |clash| warning("avoided", clash.to_s) }
      end

      # The Warning of a problem `code` of a Pot::Fit.
      def fitting(code, fit)
        warning(code, case code
                      when "pot-too-small" then "Too much for this pot. #{split(fit)}"
                      when "boils-over"
                        "The pot is #{percent(fit.fill_before)} full before it boils; " \
                        "above #{percent(fit.most_before)} it boils over. #{split(fit)}"
                      when "bed-too-deep"
                        "The cooked bed is #{fit.bed_mm.round} mm deep; over #{DEEPEST_MM} mm " \
                        "it cooks unevenly."
                      when "bed-too-thin"
                        "The cooked bed is only #{fit.bed_mm.round} mm deep; under #{THINNEST_MM} mm " \
                        "it scorches. Take a narrower pot."
                      end)
      end

      # A broth is poured over its food.
      def uncovered(ledger, measures)
        return [] unless ledger && ledger.uncovered_g.round.positive?

        [warning("base-not-covered",
                 "#{measures.weighed(ledger.start_g)} does not cover the food in the broth. Pour " \
                 "#{measures.weighed(ledger.uncovered_g)} more, and boil it down by as much before the " \
                 "rice goes in.")]
      end

      # Warnings about an oven (`stages`: Pot::Stage) that is hotter than rice is usually baked in.
      def hot_oven(stages)
        hottest_c = stages.filter_map(&:oven_c).max
        return [] unless hottest_c && hottest_c > HOT_OVEN_C

        [warning("hot-oven", "The oven is at #{hottest_c.round} °C: above #{HOT_OVEN_C.round} °C it drives " \
                             "off much more water, and the rim browns. Look into it early.")]
      end

      # Warnings about rice in plenty of water whose pot holds less than is usual.
      def less_water(request)
        boiled = request.method.phases.select(&:parts)
        short = boiled.map { |text| PlentyPot.new(request, text) }.select(&:less?)
        short.map do |pot|
          parts = Measure::Rounding.plain(pot.parts)
          warning("less-water", "#{pot.vessel.name} holds no more than #{parts} parts of water to one of " \
                                "rice, three quarters full: that is enough (6 to 10), stir it once.")
        end
      end

      # A method has its range; beyond it the cook decides.
      def outside(request)
        { "rinse" => [request.rinse_changes, request.method.rinse_range, "changes of water"],
          "soak" => [request.soak_min, request.method.soak_range_of(request.grain), "min"] }
          .filter_map do |what, (given, range, unit)|
          next if given.between?(range.min, range.max)

          warning("outside-method",
                  "#{request.method.name} takes a #{what} of #{range.min} to #{range.max} #{unit}; " \
                  "you chose #{Measure::Rounding.plain(given)}.")
        end
      end

      def split(fit)
        if fit.batches > 1
          "Split it into #{fit.batches} equal pots of this size, or take a larger pot."
        else
          "Take a larger pot."
        end
      end

      # Warnings about a Pot::Run that never boils, that is dry before it does, or that takes more than 45 min
      # to.
      def boiling(run, setting)
        boil_min = run.at("boil")
        return [dry_first(setting)] if run.dry_before_boil?
        return [never_boiled(setting)] unless boil_min
        return [] unless boil_min > SLOW_BOIL_MIN

        [warning("slow-to-boil", "#{boil_min.round} min to the boil on #{setting.burner.high_w.round} W: " \
                                 "take a stronger burner or a smaller batch.")]
      end

      def never_boiled(setting)
        warning("never-boiled", "This never comes to the boil on #{setting.burner.high_w.round} W: " \
                                "the heat is off or too weak. Rice that never boils may not be safe to eat.")
      end

      def dry_first(setting)
        warning("dry-before-boil", "The water is gone before it ever boils on " \
                                   "#{setting.burner.high_w.round} W: take a stronger burner or a " \
                                   "smaller pot.")
      end

      # The water to pour; less than can be weighed is nothing.
      def water(balance, load)
        return [] unless balance.spare_g.round.positive?

        share = balance.spare_g / load.brought_g if load.brought_g.positive?
        way = "use less base or more rice"
        way = "reduce or drain the base by #{balance.spare_g.round} g" if share && share <= 1
        way = "pour so much less" if balance.spare_g <= load.poured_g
        [warning("too-much-water",
                 "#{balance.spare_g.round} g of water too much before any is poured: #{way}.")]
      end

      def warning(code, say)
        Warning.new(code: code, say: say)
      end

      def percent(share)
        "#{(share * 100).round} %"
      end

      private_class_method :under_seal, :less_water, :hot_oven, :turned_out, :not_as_wanted, :avoided,
                           :uncovered, :outside, :split, :never_boiled, :dry_first, :water, :warning, :percent
    end
  end
end
