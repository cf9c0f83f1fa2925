# frozen_string_literal: true

require_relative "../belief/belief"
require_relative "../belief/scoped"
require_relative "../ground/errors"
require_relative "../ground/value"
require_relative "../methods/solved/last_pot"
require_relative "../numeric/cholesky"
require_relative "../numeric/normal"
require_relative "../pot/stage"
require_relative "../pot/runs/cooking"
require_relative "../pot/verdict"

module FondKettle
  module Log
    # A pot as one kitchen that may be this one has it: its Pot::Load, Setting, the Stages so far, where they
    # have brought it (Pot::Run), and how likely it is, beside the others.
    PossiblePot = Value.define(:load, :setting, :stages, :run, :weight) do
      # Where some more stages would bring it.
      def after(more, liquid_g)
        Pot::Cooking.run(load, liquid_g, [*stages, *more], setting, step_min: Pot::Cooking::CUES_STEP_MIN)
      end
    end

    # How a pot stands at the stove, as far as plan, pour, what stands in it and a bite tell: many kitchens
    # that may be this one, each with how well it fits (docs/learning.md: At the stove).
    class PotAtHand
      KITCHENS = 100
      # Loose water, share of the cooked weight, between what a cook calls a film, level with the rice and
      # over it; white core, share of the grain, between gone, a pin, a third and a half.
      STANDS = { "none" => [0.0, 0.006], "film" => [0.006, 0.05], "level" => [0.05, 0.2],
                 "over" => [0.2, Float::INFINITY] }.freeze
      BITES = { "gone" => [0.0, 0.02], "hard" => [0.0, 0.02], "pin" => [0.02, 0.15], "third" => [0.15, 0.42],
                "half" => [0.42, 1.0] }.freeze
      # A grain that is gone but still hard holds less than this share of what firm rice does.
      HARD_SHARE = 0.97
      # How far a look and a bite may be off.
      LOOK_SD = 0.01
      BITE_SD = 0.03
      UPTAKE_SD = 0.03

      # What was done already: `g` of hot water more (below 0: less), under a lid or not, on a heat, minutes.
      Done = Value.define(:g, :heat, :lid, :minutes)

      # `learned`: Learned; `scopes`: of this pot; `request`: Methods::Request; `liquid_g`: poured; `stage`,
      # `min`: the stage (its key) that it has been in for so long; `done`: of remedies so far; `stands`,
      # `bite`: keys of STANDS and BITES. Raises InvalidInput for a stage that it does not have.
      def initialize(learned, scopes, request, liquid_g, stage:, min:, done:, stands:, bite:, stages: nil)
        @learned = learned.meeting(scopes, request.grain.key)
        @places = Belief::Scopes.all(scopes).reject { |place| place.unknown == Belief::Scopes::TASTE }
        @pot = Methods::LastPot.of(request)
        @liquid_g = liquid_g
        @so_far = [*so_far(stages || @pot.planned, stage, min), *done.map { |one| stage(one) }]
        @seen = [STANDS.fetch(stands), BITES.fetch(bite), bite == "hard"]
      end

      # The Methods::Filling of its request, and what was poured, g.
      attr_reader :pot, :liquid_g

      # A Pot::Stage of what is Done with it.
      def stage(done)
        closed = @pot.setting.vessel.lid == "none" ? "loose" : @pot.setting.vessel.lid
        water = Pot::Addition.new(liquid_g: done.g, brought_g: 0.0, drink_g: 0.0, solids_j_k: 0.0,
                                  at_c: @pot.setting.boil_c)
        Pot::Stage.plain(key: "rescue", stirred: true, lid: done.lid ? closed : "none", heat: done.heat,
                         minutes: done.minutes.to_f, add: (water unless done.g.zero?))
      end

      # PossiblePots, their weights adding up to 1.
      def all
        @all ||= begin
          pots = Array.new(KITCHENS) { |index| possible(index) }
          sum = pots.sum(&:weight)
          pots.map { |one| one.with(weight: one.weight / sum) }
        end
      end

      # Mean of what the block reads of a Pot::Run.
      def mean
        all.sum { |one| one.weight * yield(one.run) }
      end

      private

      # The stages up to one of them, which took so many minutes; of one that ends by what is seen, all of it.
      def so_far(stages, key, min)
        at = stages.index { |stage| stage.key == key }
        raise InvalidInput.at("so_far.stage", "must be one of: #{stages.map(&:key).join(', ')}") unless at

        here = stages[at]
        [*stages.take(at), here.until ? here : here.with(minutes: min.to_f)]
      end

      def possible(index)
        load, setting = kitchen(index).applied(@pot.load, @pot.setting)
        run = Pot::Cooking.run(load, @liquid_g, @so_far, setting, step_min: Pot::Cooking::CUES_STEP_MIN)
        PossiblePot.new(load: load, setting: setting, stages: @so_far, run: run, weight: fits(load, run))
      end

      # A kitchen drawn from what is held of this one: the same for the same index.
      def kitchen(index)
        return Belief::Estimates.truth(**factors(Array.new(@places.size, 0.0))) if index.zero?

        random = Random.new(index)
        Belief::Estimates.truth(**factors(Array.new(@places.size) { Numerics::Normal.draw(random) }))
      end

      def factors(normals)
        moved = root.map { |row| row.each_with_index.sum { |value, at| value * normals[at] } }
        @places.each_with_index.to_h do |place, at|
          [place.unknown, Math.exp(@learned.belief.mean(place) + moved[at])]
        end
      end

      # The root of the covariance of the places (Cholesky).
      def root
        @root ||= begin
          at = @places.map { |place| @learned.belief.index(place) }
          rows = at.map { |from| at.map { |to| @learned.belief.covariance[from][to] } }
          Numerics::Cholesky.of(rows)
        end
      end

      # How well a run fits what was seen: 1.0 where all of it lies within what the words mean.
      def fits(load, run)
        stands, core, hard = @seen
        loose = [run.free_g - load.residue_g, 0.0].max / Pot::Verdict.cooked_g(run, load)
        off = [beyond(loose, stands) / LOOK_SD, beyond(run.core, core) / BITE_SD, dry(load, run, hard)]
        Math.exp(-0.5 * off.sum { |one| one * one }) + 1e-12
      end

      def beyond(value, band)
        (value - value.clamp(*band)).abs
      end

      # How far a grain is from being hard, or from being soft, where its core is gone.
      def dry(load, run, hard)
        return 0.0 if @seen[1].first.positive?

        share = run.uptake / (HARD_SHARE * load.grain.uptake[:firm])
        off = hard ? [share - 1, 0.0].max : [1 - share, 0.0].max
        off / UPTAKE_SD
      end
    end
  end
end
