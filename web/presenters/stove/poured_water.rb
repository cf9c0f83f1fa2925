# frozen_string_literal: true

require_relative "../../../lib/fond_kettle/measure/rounding"
require_relative "../../../lib/fond_kettle/measure/spoken"
require_relative "../../../lib/fond_kettle/stove/one_pot"
require_relative "../../helpers/numbers"

module FondKettle
  module Web
    module Presenters
      # Water that is poured at the stove, kept hot, or measured there.
      class PouredWater
        include Helpers::Numbers

        # Kinds of step at which a broth is measured, and at which a pot is filled.
        MEASURE = "measure"
        FILL = Stove::OnePot::FILL

        # `cook`: Stove::Cook; `shelves`: House::Shelves; `now`: a Time.
        def initialize(cook, shelves, now)
          @cook = cook
          @shelves = shelves
          @now = now
        end

        # True when the poured or standing water is measured at this step.
        def pours?
          measures = cook.tasks.any? { |one| one[:kind] == MEASURE }
          cook.task[:kind] == (measures ? MEASURE : FILL) && !cook.waiting?
        end

        # Label of the field in which the filling is measured.
        def pour_label
          cook.plan[:base] ? "Broth in the pot" : "Poured"
        end

        # The first value of that field, in g, as the house's scale shows it.
        def pour_g
          Measure::Rounding.grams(cook.standing_g || cook.plan.dig(:base, :standing_g) || cook.poured_g,
                                  shelves.scale_step_g)
        end

        # The changes that one tap makes, in g and in the house's cup.
        def pour_steps
          { g: [shelves.scale_step_g.to_f, 5.0].max, cup: 0.25 }
        end

        # The range as an act, where this step may hold water back: {pour_g, keep_g, look_min}.
        def act_of_range
          cook.plan[:act] if pours? && cook.plan[:base].nil?
        end

        # The offer to hold water back, as a text.
        def hold_words
          offer = act_of_range
          measures = shelves.measures
          pour, keep = [offer[:pour_g], offer[:keep_g]].map do |g|
            "**#{measures.weighed(g)}** (#{Measure::Spoken.say(g, measures)})"
          end
          first = offer[:pour_g].round == cook.plan[:liquid][:g].round ? "Keep" : "Pour #{pour} and keep"
          "#{first} #{keep} hot beside it: at minute #{offer[:look_min].floor} you look whether it goes in"
        end

        # Water that is kept hot until the look, in words, and whether that is due; or nil.
        def held
          g = cook.held_g
          return unless g && cook.look_at

          amount = "#{grams(g)}, #{Measure::Spoken.say(g, shelves.measures)}"
          return "**Look now.** Tilt the pot: are the craters dry? Then the #{amount} go in." if look_due?

          "At **#{hour(cook.look_at)}** you look whether the #{amount} kept hot go in."
        end

        def look_due?
          !cook.look_at.nil? && now >= cook.look_at - 5
        end

        # The advice on a broth as it was measured, or nil.
        def standing
          found = cook.standing
          found && { "right" => "**That is right.** Lay the rice on it.",
                     "more" => "**Top up with #{grams(found.grams)}** of hot water.",
                     "less" => "**Ladle off #{grams(found.grams)}** and keep it as stock, or boil it " \
                               "#{minutes(found.minutes)} more on medium, open." }.fetch(found.way)
        end

        # The units of pouring: pairs of unit and words.
        def pour_units
          cup = shelves.cups.first
          [%w[g grams], ["cup", cup ? "#{cup.name}, #{plain(cup.ml)} mL" : "US cups"]]
        end

        private

        attr_reader :cook, :shelves, :now
      end
    end
  end
end
