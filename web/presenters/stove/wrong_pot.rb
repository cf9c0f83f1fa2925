# frozen_string_literal: true

require_relative "../../../lib/fond_kettle/ground/words"
require_relative "../../../lib/fond_kettle/stove/cook"
require_relative "../../helpers/numbers"
require_relative "../water_words"

module FondKettle
  module Web
    module Presenters
      # The trouble with a pot at the stove: what is wrong, what to do about it, and when to look after.
      class WrongPot
        include Helpers::Numbers
        include WaterWords

        STANDS = Words.of("stands")
        IN_STEAMER = Words.of("stands-in-steamer")
        BITES = Words.of("bites")
        NOW = "Look and bite now."

        # `cook`: Stove::Cook; `now`: a Time; `measures`: the house's own.
        def initialize(cook, now, measures)
          @cook = cook
          @now = now
          @measures = measures
        end

        # The remedy, until it is done (a hash), or nil.
        def remedy
          @cook.remedy
        end

        # The trouble: "Smells burnt", "No water; a third is white".
        def wrong
          stands, bite = @cook.last_found
          return @cook.last_sign&.say unless stands

          "#{all_stands.fetch(stands, STANDS[stands])}; #{BITES.fetch(bite).downcase}"
        end

        # The instruction in place of the step's, or nil.
        def says
          return remedy[:say] if remedy
          return unless @cook.look_after?

          over? ? NOW : "Leave it until #{hour(@cook.task_ends_at)}, then look and bite."
        end

        # The time of the look, as a text; nil where it is now, or something is to be done first.
        def following
          return if !look_after? || over?

          in_min = ((@cook.task_ends_at - @now) / 60.0).ceil
          "#{hour(@cook.task_ends_at)}, in #{minutes(in_min)}: Look and bite"
        end

        # The look, as a text, and its Time.
        def wanted
          [NOW, @cook.task_ends_at]
        end

        # Amounts of the remedy, one text each.
        def puts_in
          remedy ? remedy_amounts(remedy, @measures) : []
        end

        # True while a part of the way out is done and nobody has looked what came of it.
        def look_after?
          @cook.look_after?
        end

        # True where nothing more is to be done about it.
        def right?
          !remedy.nil? && remedy[:look] == false
        end

        # Answers to what stands in the pot: [key, words] each; none where it is not asked.
        def stands
          @cook.can_be_bitten? ? all_stands.to_a : []
        end

        # Answers to what a bite shows in a pot in which so much stands (a key): [what is told, words] each;
        # none for what is no such key.
        def bites(stands)
          return [] unless @cook.can_be_bitten? && all_stands.key?(stands)

          BITES.map { |bite, words| ["#{stands} #{bite}", words] }
        end

        private

        def all_stands
          @cook.plan[:steaming] ? IN_STEAMER : STANDS
        end

        def over?
          @now >= @cook.task_ends_at
        end
      end
    end
  end
end
