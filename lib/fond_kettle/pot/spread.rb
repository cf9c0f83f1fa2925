# frozen_string_literal: true

require_relative "../value"
require_relative "balance"

module FondKettle
  module Pot
    # How far the true liquid may lie from the planned one. `parts` holds one
    # standard deviation in grams by cause; `then_g` is [low, high] once the largest
    # unknown was tested or one more cook was written down, nil where neither helps.
    Spread = Value.define(:low_g, :high_g, :parts, :then_g) do
      # The unknown that contributes most, a key of `parts`.
      def largest
        parts.max_by { |_, grams| grams.abs }.first
      end
    end

    # The 80 % interval from the default spreads (figures: The balance).
    module Spreading
      SD = { uptake: 0.06, lid: 0.40, open: 0.30, carry: 0.30, power: 0.20 }.freeze
      PLENTY = (6.0..10.0)
      TESTED_LID_SD = 0.15
      # Standard normal, 10th to 90th percentile.
      Z80 = 1.2815515655446004

      module_function

      # Each cause is shifted by one standard deviation; the shift of the fixed
      # point follows from one run and the slope of the loss (first order). `cooks`
      # have taught how much this rice drinks.
      def around(balance, charge, stages, setting, cooks: 0)
        return in_plenty(charge, balance) if charge.plenty?

        known = deviations(setting.lid_factor != Setting::UNTESTED, cooks)
        parts = known.to_h { |cause, sd| [cause, shift(cause, sd, balance, charge, stages, setting)] }.freeze
        low_g, high_g = ends(balance.liquid_g, parts)
        spread = Spread.new(low_g: low_g, high_g: high_g, parts: parts, then_g: nil)
        spread.with(then_g: once_found_out(spread.largest, known, deviations(true, cooks + 1), parts, balance.liquid_g))
      end

      # The interval once the cause that contributes most is better known.
      def once_found_out(cause, known, better, parts, liquid_g)
        share = better[cause] / known[cause]
        ends(liquid_g, parts.merge(cause => parts[cause] * share)) if share < 1
      end

      # The 80 % interval.
      def ends(liquid_g, parts)
        half_g = Z80 * Math.sqrt(parts.values.sum { |grams| grams**2 })
        [[liquid_g - half_g, 0.0].max, liquid_g + half_g].freeze
      end

      # A lid that was tested is known better than one that was not; of what a bag
      # drinks each cook says as much as the book.
      def deviations(tested, cooks)
        SD.merge(lid: tested ? TESTED_LID_SD : SD[:lid], uptake: SD[:uptake] / Math.sqrt(1 + cooks))
      end

      # Anything from 6 to 10 parts does.
      def in_plenty(charge, balance)
        low_g, high_g = PLENTY.minmax.map { |parts| parts * charge.rice_g }
        Spread.new(low_g: [low_g, balance.liquid_g].min, high_g: [high_g, balance.liquid_g].max,
                   parts: SD.transform_values { 0.0 }.freeze, then_g: nil)
      end

      # g of liquid for one standard deviation of `cause`.
      def shift(cause, deviation, balance, charge, stages, setting)
        case cause
        when :carry then -deviation * charge.surface_g
        when :uptake then moved(balance, drinking(charge, 1 + deviation), stages, setting)
        when :power then moved(balance, charge, stages, powered(setting, 1 + deviation))
        else leaking(cause, deviation, balance, charge, stages, setting)
        end
      end

      def leaking(cause, deviation, balance, charge, stages, setting)
        open = stages.select(&:open?)
        return 0.0 if cause == :open ? open.empty? : open.size == stages.size

        factor = cause == :open ? :open_factor : :lid_factor
        moved(balance, charge, stages, setting.with(factor => setting.public_send(factor) * (1 + deviation)))
      end

      def moved(balance, charge, stages, setting)
        run = Cooking.end_of(charge, balance.liquid_g, stages, setting)
        (charge.wanted_g - charge.carried_g + run.lost_g + run.cloth_g - balance.liquid_g) / (1 - balance.slope)
      end

      def drinking(charge, factor)
        charge.with(grain: charge.grain.drinking(factor), uptake: charge.uptake * factor)
      end

      def powered(setting, factor)
        setting.with(burner: setting.burner.with(high_w: setting.burner.high_w * factor))
      end

      private_class_method :ends, :once_found_out, :deviations, :in_plenty, :shift, :leaking, :moved, :drinking, :powered
    end
  end
end
