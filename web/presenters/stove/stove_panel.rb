# frozen_string_literal: true

require_relative "../../../app/forms/stove/told_form"
require_relative "stove_step"

module FondKettle
  module Web
    module Presenters
      # The panels that are one tap away from a step: what may be wrong, what else was done, all amounts.
      class StovePanel < StoveStep
        NAMES = %w[wrong did amounts].freeze
        # How long a lid was off, as it is asked.
        LIFTED = Forms::ToldForm::LIFTED_S.map { |s| [s.to_s, ToldWords.seconds(s.to_s)] }.freeze

        # `stands`: what stands in the pot, where it was asked already (a key).
        def initialize(household, record, now, stands: nil)
          super(household, record, now)
          @asked = stands
        end

        # Answers to what stands in the pot, while that is asked first: [key, words].
        def stands
          bites.empty? ? trouble.stands : []
        end

        # Answers to what a bite shows, once it was told what stands in the pot: [what is told, words].
        def bites
          trouble.bites(@asked)
        end

        def lid_times
          LIFTED
        end

        # Signs that can occur now: [key, words].
        def signs
          cook.signs_at(now).map { |sign| [sign.key, sign.say] }
        end

        # All steps with the food that goes in at them: [say, [what …], is it this one?, is it done?].
        def amounts
          cook.tasks.each_with_index.map do |task, index|
            [task[:say], task[:puts_in].to_s.split("; "), index == cook.position, index < cook.position]
          end
        end

        # Food that is in the pot and can be taken out: [key, name].
        def in_pot
          cook.in_pot.map { |key| [key, cook.food_name(key)] }
        end

        # Food that was taken out and is not back yet: [key, name].
        def out_of_pot
          cook.out_of_pot.map { |key| [key, cook.food_name(key)] }
        end

        # The events so far, oldest first: [hour, words].
        def events
          ToldWords.all(cook).map { |at, words| [hour(at), words] }
        end
      end
    end
  end
end
