# frozen_string_literal: true

require_relative "../../measure/durations"
require_relative "../lines/broth_given"
require_relative "hands_needed"
require_relative "put_in"
require_relative "../vessels/given_along"
require_relative "rice_liquid"
require_relative "soak_told"
require_relative "../steps/step_flow"
require_relative "../lines/kept_amount"
require_relative "../steps/told_minute"
require_relative "../words/oven_heat"
require_relative "../words/said_share"
require_relative "../words/verbs"

module FondKettle
  module Reading
    # Steps of a dish of schema 2 (hashes) of what was read.
    class StepJson
      # "Water to cover", "just enough water to cover the beans": no lid.
      BY_WATER = /\b(?:water|stock|broth|milk|liquid)\b[^.;]{0,30}?\bto\s+(?:just\s+|barely\s+)?cover\b/i
      # "Take the foil off", "lid off", "without a lid"
      OPENED = /\b(?:no|without\s+(?:an?|the|its))\s+lid\b|\buncovered\b|\b(?:lid|foil|cover)\s+off\b
                |\bfoil\s+back\b
                |\b(?:pull|peel|take|lift)\s+(?:off|back)\s+(?:the\s+)?(?:lid|foil|cover)\b/ix
      # "Lid ajar", "half covered"
      AJAR = /\b(?:lid|cover)\s+(?:ajar|askew|tilted|half\s+(?:on|off)|slightly\s+open
              |a\s+(?:crack|finger)\s+open)\b
              |\b(?:half|part|partly|partially)[- ]cover/ix
      LIDS = { OPENED => "none", AJAR => "loose", /\bfoil\b/i => "foil",
               /\blid\b|\bcover/i => "ordinary" }.freeze
      # What is hard is no hard boil.
      STILL_HARD = /(?:\b(?:is|still|if|too)|'s)\s+(?:still\s+)?hard\b
                    |\bhard[- ]boil|\b(?:press|squeez)[^,.;]{0,30}\shard\b/ix
      HEATS = { /\b(?:low|lowest|gentle|gently|tiny|smallest|slow)\b/i => "low",
                /\b(?:high|hard|big\s+flame|fierce)\b/i => "high", /(?<!\d\s)\bmedium\b/i => "medium" }.freeze
      OVEN = %w[bake preheat].freeze
      TAKE_OUT = "take-out"
      LIES = %w[soak marinate].freeze
      NIGHT_BEFORE = /\b(?:night|evening)\s+before\b/i
      LIQUID = "liquid"
      SOLIDS = "solids"
      NEEDED = "needed"
      # Less is the amount of something else, g.
      LEAST_G = 30.0

      # `steps`: ReadSteps; `lines`: ReadLines; `method`: key of the way; `own`: key of the rice's vessel;
      # `broth_g`: so much of the broth that the dish makes is listed, g, or nil.
      def initialize(steps, lines, method, own, broth_g: nil)
        @steps = steps
        @lines = lines
        @rice_liquid = RiceLiquid.new(steps, lines, method, own)
        @listed_g = broth_g
      end

      # The hashes, in the order of the steps.
      def all
        @steps.each_with_index.map do |step, index|
          put_in = { "minutes" => PutIn.minutes(step, @steps.drop(index + 1), @lines) }.compact
          step(step, @steps.first(index)).merge(put_in)
        end
      end

      private

      # `before`: the ReadSteps before it.
      def step(step, before)
        { "id" => step.id, "say" => step.clause.say, "kind" => step.kind, "vessel" => step.vessel,
          **manner(step, before), "takes" => step.takes.map { |index, share| take(index, share) },
          "from" => step.from.flat_map { |key| [pour(key, step, before), *along(key, step)] },
          "rice" => step.rice, "at_min" => ToldMinute.of(step, before), "beside" => step.beside }.compact
      end

      def manner(step, before)
        say = step.clause.say
        { "minutes" => minutes(step), "hands_on" => HandsNeeded.for?(step),
          "heat" => said(HEATS, say.gsub(STILL_HARD, "")),
          "lid" => said(LIDS, say.gsub(Verbs::COVERED_WITH, "").gsub(BY_WATER, "")),
          "until" => step.clause.until,
          "oven_c" => (oven_c(step, before) if OVEN.include?(step.kind)) }
      end

      # "The beans for the last 2 minutes" boil so long; what soaks from the night before does so overnight.
      def minutes(step)
        say = step.clause.say
        step.clause.minutes || (ToldMinute.last(say) if step.kind == StepFlow::PAR_BOIL) ||
          (Measure::Durations::OVERNIGHT_MIN if LIES.include?(step.kind) && say.match?(NIGHT_BEFORE))
      end

      # The oven's heat at a step: as its own words say, else as was said last before it.
      def oven_c(step, before)
        so_far = before.select { |one| OVEN.include?(one.kind) }
        [step, *so_far.reverse].lazy.filter_map { |one| OvenHeat.of(one.clause.say) }.first
      end

      def take(index, share)
        { "line" => @lines[index].id, "share" => share.round(4) }
      end

      # Of a broth so much is poured as its words say, and so much is taken out.
      def pour(key, step, before)
        say = step.clause.say
        weight_g = broth_g(key, step)
        needed = weight_g ? @rice_liquid.broth?(key, step) : @rice_liquid.in?(key, step, before)
        return { "vessel" => key, "as" => NEEDED, "g" => weight_g }.compact if needed

        kept_g = (KeptAmount.weight_g(say) if step.kind == TAKE_OUT)
        { "vessel" => key, "what" => given(key, step, weight_g), "g" => weight_g || kept_g,
          "share" => step.shares[key] || (SaidShare.part(say) if step.kind == TAKE_OUT) }.compact
      end

      # What lies in the liquor of which a part is poured, and goes in with it.
      def along(key, step)
        return [] unless step.along && step.broth == key && broth_g(key, step)

        [{ "vessel" => key, "what" => SOLIDS }]
      end

      # So much broth as a step's words pour from a vessel (its key), g; nil: they say no amount of it.
      def broth_g(key, step)
        say = step.clause.say
        return if !BrothGiven.in?(say) || ![nil, key].include?(step.broth) || liquid?(step)

        weight_g = (BrothGiven.weight_g(say) || (@listed_g if @rice_liquid.with_rice?(step)))&.round(1)
        weight_g if weight_g && weight_g >= LEAST_G
      end

      # True where a listed liquid goes in: that is what the words measure.
      def liquid?(step)
        step.takes.any? { |index, _| @lines[index].ingredient&.liquid }
      end

      # What of it is given; nil: all.
      def given(key, step, weight_g)
        return LIQUID if weight_g || (step.kind == SoakTold::SOAK && step.broth == key)

        return LIQUID if GivenAlong.liquid?(step.clause.say)

        SOLIDS if step.solids.include?(key)
      end

      def said(table, say)
        table.find { |words, _| say.match?(words) }&.last
      end
    end
  end
end
