# frozen_string_literal: true

require "json"
require_relative "../../lib/fond_kettle/care/signs"
require_relative "../../lib/fond_kettle/log/pot_at_hand"
require_relative "../../lib/fond_kettle/log/remedy_words"
require_relative "../../lib/fond_kettle/log/remedying"
require_relative "../../lib/fond_kettle/methods/solved/last_pot"
require_relative "../../store/teaching_cook"

module FondKettle
  module App
    # Works out what to do next with a pot that went wrong, from what stands in it, a bite, how it went so far
    # and what this kitchen has taught (docs/learning.md: At the stove).
    class WayOut
      RIGHT = "It is right as it is. Go on with the next step."
      DRAIN = "Drain it now: it cooks on by itself for half a minute."
      ENOUGH = "No more water and no more heat: serve it as it is."

      # `household`: Store::Household; `record`, `request`: of the cook; `course`: its Stove::Course.
      def initialize(household, record, request, course)
        @household = household
        @record = record
        @request = request
        @course = course
        @cook = course.cook
      end

      # Events that follow from a Stove::Event of trouble: [kind, what] each; none for a sign that is answered
      # in words, or a pot that was not on the heat yet.
      def events(wrong)
        found = wrong.kind == "found" ? wrong.what : Care::Signs.all[wrong.what]&.found
        stages = found && @course.so_far(wrong.at)
        return [] unless stages.to_a.sum(&:minutes).positive?

        [["remedy", JSON.generate(remedy(stages, *found.split))]]
      end

      private

      def remedy(stages, stands, bite)
        hand = Log::PotAtHand.new(@household.lessons.learned, scopes, pot, @cook.poured_g,
                                  so_far: stages, stands: stands, bite: bite, known: fire)
        told(Log::Remedying.new(hand, @cook.parts_done.size))
      end

      def told(remedying)
        part = remedying.part
        return done(remedying) unless part

        { say: part.say, add_g: part.add_g.round, off_g: part.tip_off_g.round, minutes: part.minutes,
          heat: part.heat, lid: part.lid, look: true }
      end

      # The remedy where nothing more is to be done.
      def done(remedying)
        { say: last_words(remedying), add_g: 0, off_g: 0, minutes: 0, look: false }
      end

      def last_words(remedying)
        return Log::RemedyWords::LOST if remedying.lost?
        return DRAIN if remedying.drain?

        remedying.serve? ? RIGHT : ENOUGH
      end

      def pot
        @pot ||= Methods::LastPot.of(@request.by_the_book)
      end

      # The fire as its boil has shown it.
      def fire
        high_w = @course.shown_high_w
        high_w ? { power: high_w / pot.setting.burner.high_w } : {}
      end

      def scopes
        Store::TeachingCook.scopes(@record, @request)
      end
    end
  end
end
