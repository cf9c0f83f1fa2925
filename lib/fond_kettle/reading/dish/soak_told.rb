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

      # Minutes, or nil: some step says, or the way does; `own`: key of the rice's vessel.
      #
      #   SoakTold.minutes(rice, steps, "covered-pot", "pot") # => 0
      def minutes(rice, steps, method, own)
        return if rice.nil? || STEAMED.include?(method) || steps.any? { |step| soaks?(step, rice, own) }

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
      def in_its_liquid?(steps, own)
        steps.any? { |step| soaks_in_pot?(step, own) }
      end

      # "Soak the saffron", while the rice lies in its pot, is in a bowl.
      def soaks_in_pot?(step, own)
        step.kind == SOAK && IN_POT.include?(step.rice) && step.vessel == own
      end

      # `rice` may lie in another vessel of its own by then.
      def soaks?(step, rice, own)
        soaks_in_pot?(step, own) || (step.kind == SOAK && RiceMeant.call(step, rice))
      end
      private_class_method :soaks?, :soaks_in_pot?, :told_before, :time
    end
  end
end
