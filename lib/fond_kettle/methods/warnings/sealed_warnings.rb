# frozen_string_literal: true

require_relative "../../pot/verdict"
require_relative "../placing/raw_to_rice"
require_relative "warning"
require_relative "../sealed/sealed_changes"
require_relative "sealed_faults"

module FondKettle
  module Methods
    # Warnings about a sealed pot as it is planned: the faults of its course, water that never comes right,
    # and notes of the plan itself.
    class SealedWarnings
      # The code of a bed that is too deep, here for the water's sake.
      DEEP = "bed-too-deep"
      # Water from the base rises so far in a bed of rice, mm, at most twice.
      WICKS_TWICE_MM = 50.0

      # A list of Warning of `request` whose `last` phase (Phases::Phase) took this `run`, with what
      # was found of it (Sealed).
      def self.of(request, last, run, sealed)
        new(request, last, run, sealed).to_a
      end

      # The arguments are those of `of`.
      def initialize(request, last, run, sealed)
        @request = request
        @load = last.load
        @vessel = last.setting.vessel
        @run = run
        @layers = run.layers
        @sealed = sealed
        @base = request.in_layers.base
      end

      # The warnings, the most important first.
      def to_a
        [*SealedFaults.of(@request, @load, @run), *open_budget, *deep, *boil_back, *two_meats, *assumed,
         *lengthened]
      end

      private

      # Nothing closes, or not what was asked for; SealedChanges says what would.
      def open_budget
        par = @sealed.par_cook
        return [] if par.closes?

        [warning("cannot-close",
                 [open_words(par), *SealedChanges.of(@request, @load, @sealed).map(&:say)].join(" "))]
      end

      def open_words(par)
        low, high = [par.done_low, par.done_high].map { |done| (done * 100).round }
        return "This does not close: #{wants(par)}." unless par.closing?

        "Par-cooked to #{(par.done * 100).round} % it does not come right; #{low} to #{high} % would."
      end

      def wants(par)
        dry = par.water.low.nil? || par.water.low > 1
        return "the rice is #{lacking_g.round} g of water short" if dry
        return "its floor has too little water for steam" if @run.starved?
        return "the base has too much water for the rice" if par.done > (par.water.high || 0.0)

        "there is too little time under the seal"
      end

      def lacking_g
        [(@load.uptake - @run.uptake) * @load.rice_g, 0.0].max
      end

      def deep
        spans = Pot::Fitting.spans(@load.stack, @load, @vessel)
        deep = deepest_mm(@load.stack.tiers.zip(spans))
        return [] unless deep > WICKS_TWICE_MM

        [warning(DEEP, "#{deep.round} mm of rice lie over one layer of base: its water wicks about 25 mm " \
                       "up. Lay the base in two halves, one between the rice.")]
      end

      # The deepest rice between one layer of base and the next.
      def deepest_mm(placed)
        runs = placed.slice_when { |(one, _), (other, _)| one.rice? != other.rice? }
        beds = runs.select { |run| run.first.first.rice? }
        beds.map { |bed| bed.last.last.last - bed.first.last.first }.max
      end

      def boil_back
        par = @sealed.par_cook
        return [] unless par.done.positive?
        if par.boil_back_min.nil?
          return [warning("boil-not-back",
                          "The water does not boil again before the rice has to be drained: boil it " \
                          "in smaller rounds.")]
        end
        return [] unless par.rounds > 1

        [warning("par-boil-rounds",
                 "Par-boil the rice in #{par.rounds} rounds, each with a #{share(par.rounds)} of " \
                 "it, in the same water: all at once it would not boil again in time.")]
      end

      def share(rounds)
        { 2 => "half", 3 => "third", 4 => "quarter" }.fetch(rounds, "#{rounds}th")
      end

      def two_meats
        cooked = RawToRice.cooked_apart(@request)
        base = @request.in_base.reject { |one| cooked.include?(one.step) }
        raw = base.flat_map { |one| one.ingredient.care & Care::Cautions.surely_raw }.uniq
        raw |= [@base.food.care] if @base.raw && @base.food&.core_c
        return [] if raw.size < 2

        [warning("two-raw-meats",
                 "Two kinds of raw food lie in one base: the plan waits for the slower, and for the " \
                 "higher temperature. Measure in both.")]
      end

      def assumed
        return [] unless @base.assumed

        [warning("base-assumed",
                 "Nobody said what lies under the rice: #{@base.g.round} g with #{@base.water_g.round} g " \
                 "of gravy is taken. Say what it is.")]
      end

      def lengthened
        return [] unless @sealed.lengthened_min.positive?

        [warning("programme-longer",
                 "The last stage is #{@sealed.lengthened_min} min longer than you said: the food is safe " \
                 "after #{@layers.safe_min.ceil} min, and stays so for 3 min before the heat goes off.")]
      end

      def warning(code, say)
        Warning.new(code: code, say: say)
      end
    end
  end
end
