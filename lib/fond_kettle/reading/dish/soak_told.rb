# frozen_string_literal: true

require_relative "../../measure/durations"
require_relative "rice_meant"

module FondKettle
  module Reading
    # How long a text soaks its rice, where no step of it does: as its line says ("basmati, soaked for 30
    # minutes"), else not at all. What is steamed is soaked whatever the text says.
    module SoakTold
      SOAK = "soak"
      SOAKED = /\bsoak/i
      BEFORE = /\b(?:that|which)\s[^,.;]*\bsoaked\b[^,.;]*/i
      OVERNIGHT = /\bovernight\b/i
      # Where the rice is once it lies in its pot.
      IN_POT = %w[in with].freeze
      STEAMED = %w[steamed-sticky leaf-parcels].freeze

      module_function

      # Minutes, or nil: some step says, or the way does.
      #
      #   SoakTold.minutes(rice, steps, "covered-pot") # => 0
      def minutes(rice, steps, method)
        return if rice.nil? || STEAMED.include?(method) || steps.any? { |step| soaks?(step, rice) }

        told = [rice.text, *told_before(steps, rice)].lazy.filter_map { |text| time(text) }.first
        told.to_f.round
      end

      # "Put in the rice that you have soaked for half an hour."
      def told_before(steps, rice)
        steps.select { |step| RiceMeant.call(step, rice) }.filter_map { |step| step.clause.say[BEFORE] }
      end

      def time(text)
        return unless text.match?(SOAKED)

        text.match?(OVERNIGHT) ? Measure::Durations::OVERNIGHT_MIN : Measure::Durations.all(text).first&.minutes
      end

      # True where it soaks in the pot in which it is cooked, and in that liquid.
      def in_its_liquid?(steps)
        steps.any? { |step| step.kind == SOAK && IN_POT.include?(step.rice) }
      end

      # `rice` may lie in another vessel of its own by then.
      def soaks?(step, rice)
        step.kind == SOAK && (IN_POT.include?(step.rice) || RiceMeant.call(step, rice))
      end
      private_class_method :soaks?, :told_before, :time
    end
  end
end
