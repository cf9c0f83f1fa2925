# frozen_string_literal: true

require_relative "../value"
require_relative "balance"

module FondKettle
  module Pot
    # How far the true liquid may lie from the planned one. `parts` holds one
    # standard deviation in grams by cause; `narrowed` is [low, high] by cause, once
    # that was tested or one more cook was written down, where that helps.
    Spread = Value.define(:low_g, :high_g, :parts, :narrowed) do
      # The unknown that contributes most, a key of `parts`.
      def largest
        parts.max_by { |_, grams| grams.abs }.first
      end

      # [low, high] once that is known better, or nil.
      def then_g
        narrowed[largest]
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
        Spread.new(low_g: low_g, high_g: high_g, parts: parts, narrowed: narrowed(known, cooks, parts, balance.liquid_g))
      end

      # The interval once a cause is better known, by cause.
      def narrowed(known, cooks, parts, liquid_g)
        better = deviations(true, cooks + 1).select { |cause, sd| sd < known[cause] }
        better.to_h { |cause, sd| [cause, ends(liquid_g, parts.merge(cause => parts[cause] * sd / known[cause]))] }.freeze
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
                   parts: SD.transform_values { 0.0 }.freeze, narrowed: {}.freeze)
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

      private_class_method :ends, :narrowed, :deviations, :in_plenty, :shift, :leaking, :moved, :drinking, :powered
    end
  end
end
