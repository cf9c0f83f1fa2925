# frozen_string_literal: true

require_relative "../../lib/fond_kettle/methods/solved/comes_out"
require_relative "../../lib/fond_kettle/methods/planning/door_card"
require_relative "../../lib/fond_kettle/measure/rounding"
require_relative "../../lib/fond_kettle/pot/verdict"
require_relative "presenter"

module FondKettle
  module Web
    module Presenters
      # The card for the inside of the cupboard door: one pot, one bag, 1 to 9 people.
      class DoorCard < Presenter
        FINGER = { "holds" => "holds", "drowns" => "▼ drowns it", "starves" => "▲ starves it" }.freeze

        attr_reader :form

        # `form`: a PlanForm; `card`: the record of what was printed last, or nil; `today`: a Time.
        def initialize(household, form, card, today)
          super(household)
          @form = form
          @card = card
          @today = today
        end

        # Methods::DoorRow for 1 to 9 people.
        def raw_rows
          @raw_rows ||= Methods::DoorCards.rows(form.base_request, portion_g, kitchen[:finger_mm])
        end

        # Cells of each row: people, rice and water in the house's glasses and g, minutes, finger.
        def rows
          raw_rows.map do |row|
            [row.people.to_s, *both(row.rice_g, row.rice_g / form.base_request.grain.rho_g_ml),
             *both(row.liquid_g, row.liquid_g), minutes(row.low_min), said_of(row)]
          end
        end

        def title
          "#{form.base_request.grain.name} in the #{form.base_request.vessel.name.downcase}"
        end

        def lead
          "#{form.method.name}, **#{grams(portion_g)}** of raw rice a head, #{kept}."
        end

        # One sentence: where the finger's rule is right.
        def finger
          if form.method.parts
            return "Nothing is measured over the rice: it boils in plenty of water, which is poured off."
          end

          people = raw_rows.select { |row| row.finger == "holds" && sound?(row) }.map(&:people)
          mm = plain(kitchen[:finger_mm])
          if people.empty?
            return "**A finger joint** (#{mm} mm over the rice) is right for none of these here."
          end

          who = people.size == 1 ? people.first.to_s : "#{people.first} to #{people.last}"
          "**A finger joint** (#{mm} mm over the rice) is right for #{who} here, and not for the others."
        end

        # Time of the lesson.
        def learned
          because = form.lesson.because
          said = "By the book; nothing cooked here yet."
          said = "Learned here. #{because}" if because
          "As of #{@today.strftime('%-d %B %Y')}. #{said}"
        end

        # The advice to print it again, or nil.
        def reprint
          return unless @card && Methods::DoorCards.moved?(raw_rows, household.cards.liquids_g(@card))

          printed = @card[:printed_at].strftime("%-d %B %Y")
          "The card of #{printed} is more than a tablespoon off: print this one."
        end

        private

        def portion_g
          form.shelves.portions_g.fetch(form.method.portion)
        end

        def kept
          wash = form.base_request
          soak = wash.soak_min.positive? ? "soaked #{minutes(wash.soak_min)}" : "not soaked"
          "rinsed in #{wash.rinse_changes} changes, #{soak}"
        end

        def both(amount_g, ml)
          house = form.base_request.measures
          cups = house.litres?(ml) ? Measure::Rounding.litres(ml) : Measure::Spoken.say(ml, house)
          [cups, house.weighed(amount_g)]
        end

        def said_of(row)
          return "" if form.method.parts

          sound?(row) ? FINGER.fetch(row.finger) : "▲ #{Methods::ComesOut.words(row.comes_out)}"
        end

        # Does this pot cook so much as it should be?
        def sound?(row)
          Pot::Verdict::RIGHT.include?(row.comes_out)
        end
      end
    end
  end
end
