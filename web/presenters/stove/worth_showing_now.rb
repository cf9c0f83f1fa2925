# frozen_string_literal: true

require_relative "../../../lib/fond_kettle/measure/rounding"
require_relative "../../../lib/fond_kettle/stove/cook"

module FondKettle
  module Web
    module Presenters
      # Things that are worth showing at this step, for the next pot's sake: the pot on a scale, a tap that
      # tells more than others.
      class WorthShowingNow
        LABELS = { Stove::Weighing::BEFORE => "Filled, under its lid, it weighs, g",
                   Stove::Weighing::AFTER => "Still shut, it weighs, g" }.freeze

        # Words on the card of a task of a meal (MealAtStove::Card) at which its pot is to be weighed, or nil.
        def self.on_card(household, card)
          return unless card.pot

          pot = household.cooks.find(card.pot)
          new(Stove::Cook.new(pot[:plan], pot[:events])).card_tells(card.row.id.split("/", 2).last)
        end

        # `cook`: Stove::Cook.
        def initialize(cook)
          @cook = cook
        end

        # True where the pot is to be weighed now.
        def weighs?
          !@cook.weighs.nil?
        end

        # Label of the field for it.
        def weigh_label
          LABELS.fetch(@cook.weighs)
        end

        # Sentence of what that is good for, or of what was written down.
        def weigh_tells
          seen_g = @cook.weighed_g[@cook.weighs]
          return "#{Measure::Rounding.grams(seen_g)} g is written down." if seen_g
          return "As before it went on the heat: what is gone went past the lid." if @cook.weighed_g.any?

          "If you have a scale: now, and again before you open it. Then the next pot's water is known " \
            "#{percent('weight')} more closely."
        end

        # Words on a card for a task (its id in the plan) at which the pot is to be weighed, or nil.
        def card_tells(task)
          place = @cook.tasks.index { |one| one[:id] == task }
          case place && @cook.weighing_at(place)
          when Stove::Weighing::BEFORE
            "If you have a scale: weigh it filled. The next pot's water is known #{percent('weight')} more " \
            "closely then."
          when Stove::Weighing::AFTER then "Weigh it again, still shut, if you weighed it filled."
          end
        end

        # Words that a tap of a cue is worth it, or nil.
        def tap_tells(cue)
          "tells the next pot's water #{percent(cue)} more closely" if @cook.worth(cue)
        end

        private

        def percent(kind)
          "#{(@cook.worth(kind) * 100).round} %"
        end
      end
    end
  end
end
