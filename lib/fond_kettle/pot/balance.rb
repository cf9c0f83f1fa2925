# frozen_string_literal: true

require_relative "../value"
require_relative "cooking"

module FondKettle
  module Pot
    # The liquid to pour: the forward run turned round (figures: The balance).
    #   liquid = uptake + loss + residue + drunk + drained + into the cloth
    #            - soak gain - surface - brought
    # `loss_g` is the loss of the run with just that liquid; `spare_g` is how much
    # water there is too much of before any is poured (0 unless liquid_g is 0).
    Balance = Value.define(:liquid_g, :uptake_g, :loss_g, :residue_g, :soak_gain_g, :surface_g,
                           :brought_g, :taken_g, :drained_g, :cloth_g, :spare_g, :run, :slope, :charge)

    # Finds that liquid.
    module Balancing
      CLOSE_G = 1e-4
      SAME_G = 1e-9
      MOST_RUNS = 80
      CLOSE_SAUCE_G = 0.1
      SAUCE_ROUNDS = 12
      LEAST_STAYS = 0.25
      # How far the loss may be taken to grow with the liquid: in the search, where an
      # open boil sees to nearly all there is too much of, and in the range.
      STEEPEST = 0.999
      STEEPEST_IN_RANGE = 0.9

      module_function

      # Repeats L <- need + loss(run(L)) until L moves by less than 1e-4 g, taking
      # secant steps on the way. `start_g` is where to begin, if somebody knows.
      # A sauce is asked for by what is left of it at the end: the grain has to leave
      # it so much more as it goes on losing while rice and rest take their time.
      def solve(charge, stages, setting, start_g: nil)
        return in_plenty(charge, stages, setting) if charge.plenty?

        found = fixed_point(charge, stages, setting, start_g)
        charge.residue_g.zero? ? found : sauced(found, charge, stages, setting)
      end

      # Secant steps on what the grain has to leave, until the sauce is right.
      def sauced(found, charge, stages, setting)
        before = nil
        SAUCE_ROUNDS.times do
          short_g = charge.residue_g - found.run.free_g
          break if short_g.abs < CLOSE_SAUCE_G || found.spare_g.positive?

          # How much of one more gram left is still there at the end.
          stays = before ? ((before[1] - short_g) / (charge.kept_g - before[0])).clamp(LEAST_STAYS, 1.0) : 1.0
          before = [charge.kept_g, short_g]
          charge = charge.with(kept_g: [charge.kept_g + (short_g / stays), 0.0].max)
          break if charge.kept_g == before[0]

          found = fixed_point(charge, stages, setting, found.liquid_g)
        end
        found
      end

      def fixed_point(charge, stages, setting, start_g)
        need_g = charge.wanted_g - charge.carried_g
        liquid_g = start_g || [need_g, 0.0].max
        before = nil
        slope = 0.0
        bracket = [-Float::INFINITY, Float::INFINITY]
        MOST_RUNS.times do
          run = Cooking.end_of(charge, liquid_g, stages, setting)
          gone_g = run.lost_g + run.cloth_g
          wanted_g = need_g + gone_g
          slope = slope_between(before, [liquid_g, gone_g], slope)
          return balance(charge, liquid_g, run, wanted_g, slope) if settled?(liquid_g, wanted_g, bracket)

          before = [liquid_g, gone_g]
          bracket[wanted_g > liquid_g ? 0 : 1] = liquid_g
          liquid_g = within(bracket, liquid_g + ((wanted_g - liquid_g) / (1 - slope)))
        end
        raise Error, "the balance did not settle at #{liquid_g} g"
      end

      # A step that leaves what is known to be too little and too much goes to the
      # middle of it.
      def within(bracket, liquid_g)
        liquid_g = [liquid_g, 0.0].max
        liquid_g > bracket.first && liquid_g < bracket.last ? liquid_g : bracket.sum / 2
      end

      # In plenty of water the amount is the cook's: so many parts to one of rice.
      def in_plenty(charge, stages, setting)
        liquid_g = charge.parts * charge.rice_g
        run = Cooking.end_of(charge, liquid_g, stages, setting)
        whole = balance(charge, liquid_g, run, liquid_g, 0.0)
        whole.with(uptake_g: run.uptake * charge.rice_g, taken_g: run.drunk_g, residue_g: run.free_g)
      end

      # Or nothing lies between too little and too much: then the run's verdict says
      # what comes of it.
      def settled?(liquid_g, wanted_g, bracket)
        (wanted_g - liquid_g).abs < CLOSE_G || (liquid_g.zero? && wanted_g.negative?) ||
          bracket.last - bracket.first < SAME_G
      end

      # How the loss grows with the liquid, between the last two runs.
      def slope_between(before, now, slope)
        return slope unless before

        apart = now[0] - before[0]
        return slope if apart.abs < 1e-7

        ((now[1] - before[1]) / apart).clamp(-STEEPEST, STEEPEST)
      end

      def balance(charge, liquid_g, run, wanted_g, slope)
        Balance.new(liquid_g: liquid_g, uptake_g: charge.uptake * charge.rice_g, loss_g: run.lost_g,
                    residue_g: charge.residue_g, brought_g: charge.brought_g, taken_g: charge.drink_g,
                    soak_gain_g: charge.washed.in_pot ? 0.0 : charge.soak_gain_g, surface_g: charge.surface_g,
                    drained_g: run.drained_g, cloth_g: run.cloth_g,
                    spare_g: [-wanted_g, 0.0].max, run: run, charge: charge,
                    slope: slope.clamp(-STEEPEST_IN_RANGE, STEEPEST_IN_RANGE))
      end

      private_class_method :sauced, :fixed_point, :within, :in_plenty, :settled?, :slope_between, :balance
    end
  end
end
