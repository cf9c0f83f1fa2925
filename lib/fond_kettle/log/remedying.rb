# frozen_string_literal: true

require_relative "../pot/verdict"
require_relative "pot_at_hand"
require_relative "known_way"
require_relative "remedy_part"
require_relative "remedy_words"

module FondKettle
  module Log
    # What a cook should do next with a pot as it stands: the part that most of the kitchens that may be this
    # one come right by, and hardly any burst or burnt (docs/learning.md: At the stove).
    class Remedying
      # Shares of the rice's weight in water of a part: the first two, and those after.
      MOST_ADDED = [0.2, 0.2].freeze
      MOST_LATER = 0.1
      SHARES = [0.0, 0.04, 0.08, 0.12, 0.16, 0.2].freeze
      # Shares of what stands loose that are tipped off.
      TIPPED = [0.5, 1.0].freeze
      MINUTES = [3, 5, 8].freeze
      # In plenty of water rice comes to its point in a minute, and past it.
      BOILED_ON = [1, 2, *MINUTES].freeze
      # So many kitchens may burst or burn; more only where nothing safer helps.
      HARMED = [0.01, 0.05].freeze
      # From this share right on it is served; after so many parts it is whatever comes.
      SERVED = 0.9
      PARTS = 4
      # Grams that anybody can sprinkle or tip off.
      MEASURED_G = 5.0
      # Less loose water than this share of the rice is left alone.
      LOOSE_SHARE = 0.02
      # What a pot that can still be put right is worth beside one that is right.
      OPEN = 0.7
      # A part that is no better than this is not worth its minutes.
      BETTER = 0.02

      # `hand`: PotAtHand; `before`: number of parts that were done already.
      def initialize(hand, before)
        @hand = hand
        @pot = hand.pot
        @before = before
      end

      # The RemedyPart to do now, nil: nothing more.
      def part
        return @part if defined?(@part)

        @part = if serve? || @before >= PARTS then nil
                else @hand.believable? && best ? words(best) : KnownWay.new(@hand).part
                end
      end

      # True where it is to be served, or nothing more can be done.
      def serve?
        @hand.right? || lost? || (done? && @hand.believable? && right_now >= SERVED)
      end

      # True for rice that is to be drained now, as far as anybody can tell.
      def drain?
        @hand.in_plenty? && !lost?
      end

      # True where most of the kitchens have it burst or burnt already: said at the first ask.
      def lost?
        !@hand.right? && @hand.believable? && already_harmed > 0.5
      end

      private

      # True where a bite finds it done: a pin of white goes by itself, but not off the steam. No model knows
      # better than a bite that finds it hard.
      def done?
        @pot.load.steamed? ? @hand.tender? : @hand.nearly?
      end

      def right_now
        @right_now ||= share { |run, one| right?(run, one) }
      end

      # Share of the kitchens of whose run the block says so.
      def share
        @hand.all.sum { |one| yield(one.run, one) ? one.weight : 0.0 }
      end

      # What is done, the likeliest to come right.
      def best
        return @best if defined?(@best)

        tried = choices.map { |done| [done, *worth(done)] }
        @best = HARMED.lazy.filter_map { |most| best_of(tried, most) }.first
      end

      # The best of those by which at most a share of the kitchens is harmed that was not before, or nil.
      def best_of(tried, most)
        safe = tried.select { |_, _, harmed| harmed <= already_harmed + most }
        found = safe.max_by { |done, worth, _| [worth.round(3), -done.g.abs, -done.minutes] }
        found&.first if found && found[1] > now_worth + BETTER
      end

      def already_harmed
        @already_harmed ||= share { |run, one| harmed?(run, one) }
      end

      def now_worth
        @hand.all.sum { |one| one.weight * good(one.run, one) }
      end

      # From 0 (burst or burnt) to 1 (right).
      def good(run, one)
        return 0.0 if harmed?(run, one)

        right?(run, one) ? 1.0 : OPEN * nearness(run, one)
      end

      # The parts that a practised cook would think of: more heat under a lid only while a bite is not tender,
      # the lid off only once it nearly is.
      def choices
        return boiled_on if @hand.in_plenty?
        return @hand.tender? ? [] : steamed if @pot.load.steamed?

        [*(covered unless @hand.tender?), *(opened if loose? && @hand.nearly?), *(tipped if loose?)]
      end

      def loose?
        loose_g > LOOSE_SHARE * @pot.load.rice_g
      end

      def loose_g
        @loose_g ||= @hand.mean { |run| run.free_g - @pot.load.residue_g }
      end

      # In plenty of water it goes on boiling.
      def boiled_on
        BOILED_ON.map { |minutes| PotAtHand.boiled_on(minutes) }
      end

      def covered
        sprinkled(%w[low medium])
      end

      # Steam wants the water below at a hard boil.
      def steamed
        sprinkled(%w[high])
      end

      def sprinkled(heats)
        most = MOST_ADDED.fetch(@before, MOST_LATER)
        grams = SHARES.select { |share| share <= most }.map { |share| measured_g(share * @pot.load.rice_g) }
        grams.uniq.product(MINUTES, heats).map do |liquid_g, minutes, heat|
          PotAtHand::Done.new(g: liquid_g, heat: heat, lid: true, minutes: minutes)
        end
      end

      def opened
        MINUTES.product(%w[low medium]).map do |minutes, heat|
          PotAtHand::Done.new(g: 0.0, heat: heat, lid: false, minutes: minutes)
        end
      end

      def tipped
        TIPPED.product(@hand.tender? ? %w[off] : %w[off low]).map do |share, heat|
          PotAtHand::Done.new(g: -measured_g(share * loose_g), heat: heat, lid: true, minutes: MINUTES.first)
        end
      end

      # The same in grams that anybody can measure, never more.
      def measured_g(liquid_g)
        (liquid_g / MEASURED_G).floor * MEASURED_G
      end

      # [worth, share that is harmed] of what is done.
      def worth(done)
        stage = PotAtHand.stage(@pot, done)
        likely.reduce([0.0, 0.0]) do |(worth, harmed), one|
          run = one.after([stage], @hand.liquid_g)
          [worth + (one.weight * good(run, one)), harmed + (harmed?(run, one) ? one.weight : 0.0)]
        end
      end

      # Those of the kitchens that make up nearly all of the likelihood.
      def likely
        @likely ||= begin
          sorted = @hand.all.sort_by { |one| -one.weight }
          sum = 0.0
          sorted.take_while { |one| (sum += one.weight) - one.weight < 0.98 }
        end
      end

      # From 0 to 1, how near a pot is to coming right: by the core that is left and the water that it lacks
      # or has too much of.
      def nearness(run, one)
        off_g = lacking_g(run, one).abs / one.load.rice_g
        1 / (1 + (4 * run.core) + (3 * off_g))
      end

      def lacking_g(run, one)
        run = drained(run, one)
        ((one.load.uptake - run.uptake) * one.load.rice_g) - (run.free_g - one.load.residue_g)
      end

      def right?(run, one)
        Pot::Verdict::RIGHT.include?(Pot::Verdict.of(drained(run, one), one.load))
      end

      # In plenty of water it is drained before it is eaten.
      def drained(run, one)
        @hand.in_plenty? ? run.with(free_g: one.load.residue_g) : run
      end

      def harmed?(run, one)
        run.uptake > Pot::Verdict::WET_UPTAKE * one.load.grain.uptake[:soft] ||
          (Pot::Verdict.scorched?(run) && !one.load.crust)
      end

      def words(done)
        RemedyPart.new(say: RemedyWords.new(@hand).say(done), add_g: [done.g, 0.0].max,
                       tip_off_g: [-done.g, 0.0].max, heat: done.heat, lid: done.lid, minutes: done.minutes,
                       look: true)
      end
    end
  end
end
