# frozen_string_literal: true

require_relative "../value"
require_relative "balance"

module FondKettle
  module Pot
    # How far the true liquid may lie from the planned one. `parts` holds one
    # standard deviation in grams by cause.
    Spread = Value.define(:low_g, :high_g, :parts) do
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
      # point follows from one run and the slope of the loss (first order).
      def around(balance, charge, stages, setting)
        return in_plenty(charge, balance) if charge.plenty?

        parts = deviations(setting).to_h { |cause, sd| [cause, shift(cause, sd, balance, charge, stages, setting)] }
        half_g = Z80 * Math.sqrt(parts.values.sum { |grams| grams**2 })
        Spread.new(low_g: [balance.liquid_g - half_g, 0.0].max, high_g: balance.liquid_g + half_g, parts: parts.freeze)
      end

      # A lid that was tested is known better than one that was not.
      def deviations(setting)
        setting.lid_factor == Setting::UNTESTED ? SD : SD.merge(lid: TESTED_LID_SD)
      end

      # Anything from 6 to 10 parts does.
      def in_plenty(charge, balance)
        low_g, high_g = PLENTY.minmax.map { |parts| parts * charge.rice_g }
        Spread.new(low_g: [low_g, balance.liquid_g].min, high_g: [high_g, balance.liquid_g].max,
                   parts: SD.transform_values { 0.0 }.freeze)
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

      private_class_method :deviations, :in_plenty, :shift, :leaking, :moved, :drinking, :powered
    end
  end
end
