# frozen_string_literal: true

module Support
  # Pots drawn at random from the spreads that the model itself gives: how many of them
  # want a liquid that lies in the range of the plan (figures: Default spread).
  module TruePots
    # What a normal is cut at, sd.
    CUT = 2.5
    # Nothing is less than this share of the book.
    LEAST = 0.05
    CLOSE_G = 0.5

    # [share inside, share below, share above] of `count` pots of a Request; nil where its
    # plan is held at nothing.
    def self.of(request, count, random)
      plan = FondKettle::Methods::Planner.plan(request)
      return unless plan.liquid_g.positive?

      book = FondKettle::Methods::LastPot.of(request)
      wanted = Array.new(count) { wanted_g(book, plan, random) }
      below = wanted.count { |g| g < plan.spread.low_g }
      above = wanted.count { |g| g > plan.spread.high_g }
      [count - below - above, below, above].map { |pots| pots / count.to_f }
    end

    def self.wanted_g(book, plan, random)
      factors = FondKettle::Belief::Unknowns.all.to_h do |unknown|
        [unknown.key, [1 + (unknown.sd * normal(random)), LEAST].max]
      end
      load, setting = FondKettle::Belief::Estimates.truth(**factors).applied(book.load, book.setting)
      FondKettle::Phases::Solving.solve(load, book.stages, setting, start_g: plan.liquid_g, close_g: CLOSE_G)
                                 .liquid_g
    end

    # A normal, cut.
    def self.normal(random)
      loop do
        drawn = FondKettle::Numerics::Normal.draw(random)
        return drawn if drawn.abs <= CUT
      end
    end
    private_class_method :wanted_g, :normal
  end
end
