# frozen_string_literal: true

require_relative "../belief/belief"
require_relative "../belief/scoped"
require_relative "../ground/value"
require_relative "../numeric/cholesky"
require_relative "../numeric/normal"
require_relative "../pot/stage"
require_relative "../pot/runs/cooking"
require_relative "../pot/verdict"

module FondKettle
  module Log
    # A pot as one kitchen that may be this one has it: its Pot::Load, Setting, the Stages so far, where they
    # have brought it (Pot::Run), and how likely it is, beside the others.
    # `step_min`: how finely it is run.
    PossiblePot = Value.define(:load, :setting, :stages, :run, :weight, :step_min) do
      # The Run of the same with some more stages.
      def after(more, liquid_g)
        Pot::Cooking.run(load, liquid_g, [*stages, *more], setting, step_min: step_min)
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
      AS_WANTED = %w[none gone].freeze
      # A grain that is gone but still hard holds less than this share of what firm rice does.
      HARD_SHARE = 0.97
      # How far a look and a bite may be off.
      LOOK_SD = 0.01
      BITE_SD = 0.03
      UPTAKE_SD = 0.03
      # Farther off, in squared sd, nothing that was run explains what was seen.
      BELIEVED = 9.0

      # What was done already: `g` of hot water more (below 0: less), under a lid or not, on a heat, minutes.
      Done = Value.define(:g, :heat, :lid, :minutes)

      # `learned`: Learned; `scopes`: of this pot; `filling`: the Methods::Filling of its request by the book;
      # `liquid_g`: poured; `so_far`: the Pot::Stages as they went, nothing in them ending but by its time;
      # `stands`, `bite`: keys of STANDS and BITES; `known`: factors by key of what this pot has shown itself
      # (its boil tells the fire).
      def initialize(learned, scopes, filling, liquid_g, so_far:, stands:, bite:, known: {})
        @learned = learned.meeting(scopes, filling.load.grain.key)
        @places = Belief::Scopes.all(scopes).reject { |place| place.unknown == Belief::Scopes::TASTE }
        @pot = filling
        @liquid_g = liquid_g
        @so_far = so_far
        @stands = stands
        @bite = bite
        @seen = [STANDS.fetch(stands), BITES.fetch(bite), bite == "hard"]
        @known = known
      end

      # True where the cook has found it dry, tender and without white: nobody knows better.
      def right?
        [@stands, @bite] == AS_WANTED
      end

      # The Methods::Filling of its request, what was poured, g, and the Stages so far.
      attr_reader :pot, :liquid_g, :so_far

      # A Pot::Stage of what is Done with a pot (a Methods::Filling).
      def self.stage(pot, done)
        water = Pot::Addition.new(liquid_g: done.g, brought_g: 0.0, drink_g: 0.0, solids_j_k: 0.0,
                                  at_c: pot.setting.boil_c)
        lid = pot.setting.vessel.lid_for(covered: done.lid)
        Pot::Stage.plain(key: "rescue", stirred: true, lid: lid, heat: done.heat,
                         minutes: done.minutes.to_f, add: (water unless done.g.zero?))
      end

      # Done to rice in plenty of water that goes on boiling for some minutes.
      def self.boiled_on(minutes)
        Done.new(g: 0.0, heat: "high", lid: false, minutes: minutes)
      end

      # True for rice in plenty of water, until it is drained.
      def in_plenty?
        @pot.load.plenty? && so_far.none?(&:drain)
      end

      # PossiblePots, their weights adding up to 1.
      def all
        @all ||= begin
          weights = tried.map { |_, off| Math.exp(-0.5 * (off - nearest)) }
          sum = weights.sum
          tried.zip(weights).map { |(pot, _), weight| pot.with(weight: weight / sum) }
        end
      end

      # True where a bite has no white and is not hard.
      def tender?
        @bite == "gone"
      end

      # True where it is tender, or only a pin of white is left.
      def nearly?
        tender? || @bite == "pin"
      end

      # False where no kitchen that may be this one has a pot that stands so.
      def believable?
        nearest <= BELIEVED
      end

      # The sign (a key of Care::Signs) that it is, as a cook would say it in a word, nil: it is right.
      def sign
        return @stands == "none" ? "chalky-dry" : "chalky-wet" unless tender?

        "wet" unless (@pot.load.steamed? ? %w[none] : %w[none film]).include?(@stands)
      end

      # Mean of what the block reads of a Pot::Run.
      def mean
        all.sum { |one| one.weight * yield(one.run) }
      end

      private

      # [PossiblePot, how far off] of each kitchen.
      def tried
        @tried ||= Array.new(KITCHENS) do |index|
          load, setting = kitchen(index).applied(@pot.load, @pot.setting)
          run = Pot::Cooking.run(load, @liquid_g, @so_far, setting, step_min: step_min)
          pot = PossiblePot.new(load: load, setting: setting, stages: @so_far, run: run, weight: 0.0,
                                step_min: step_min)
          [pot, off(load, run)]
        end
      end

      def nearest
        @nearest ||= tried.map(&:last).min
      end

      # Layers take their time: theirs are coarser.
      def step_min
        @pot.load.stack ? Pot::Cooking::PLANNING_STEP_MIN : Pot::Cooking::CUES_STEP_MIN
      end

      # A kitchen drawn from what is held of this one: the same for the same index.
      def kitchen(index)
        return Belief::Estimates.truth(**factors(Array.new(@places.size, 0.0))) if index.zero?

        random = Random.new(index)
        Belief::Estimates.truth(**factors(Array.new(@places.size) { Numerics::Normal.draw(random) }))
      end

      def factors(normals)
        moved = root.map { |row| row.each_with_index.sum { |value, at| value * normals[at] } }
        drawn = @places.each_with_index.to_h do |place, at|
          [place.unknown, Math.exp(@learned.belief.mean(place) + moved[at])]
        end
        drawn.merge(@known)
      end

      # The root of the covariance of the places (Cholesky).
      def root
        @root ||= begin
          at = @places.map { |place| @learned.belief.index(place) }
          rows = at.map { |from| at.map { |to| @learned.belief.covariance[from][to] } }
          Numerics::Cholesky.of(rows)
        end
      end

      # The square of how far a run is from what was seen, in sd: 0.0 where all of it lies within what the
      # words mean.
      def off(load, run)
        stands, core, hard = @seen
        loose = [run.free_g - load.residue_g, 0.0].max / Pot::Verdict.cooked_g(run, load)
        look = in_plenty? ? 0.0 : beyond(loose, stands) / LOOK_SD
        off = [look, beyond(run.core, core) / BITE_SD, dry(load, run, hard)]
        off.sum { |one| one * one }
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
