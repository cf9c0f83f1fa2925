# frozen_string_literal: true

require_relative "../lines/broth_given"
require_relative "../words/certainty"
require_relative "rice_clauses"
require_relative "rice_course"

module FondKettle
  module Reading
    # Which clauses say nothing that is done.
    module IdleClauses
      # What a few words without a verb may do all the same.
      SHORT = %w[seal preheat take-out put-back].freeze
      # "Leave every drop of the fat.", "Save the oil."
      LEFT = /\A\W*leav(?:e|ing)\b.*\b(?:fat|oil|grease|drippings|juices)\b
              |\A\W*(?:save|keep|reserve)\s+(?:(?:all|the|that|its)\s+)+(?:[[:alpha:]]+\s+)?
              (?:fat|oil|ghee|drippings?)\W*\z/ix
      LID = /\A\W*(?:the\s+)?lid\s+on\W*\z/i
      # "Wipe out the pot."
      CLEANS = /\b(?:wipe|wiping|rinse|wash|clean|scrub)\s+(?:out\s+|down\s+)?(?:the|your|that|its)\s+
                (?:[[:alpha:]]+\s+)?(?:pot|pan|skillet|wok|saucepan|bowl|board|hands)\b/ix
      KETTLE = /\A\W*(?:then\s+)?(?:put|get|fill|boil)\s+(?:the|a)\s+(?:full\s+)?kettle(?:\s+on)?\W*\z/i
      SEASON = /\A\W*(?:then\s+)?(?:season|taste)(?:\s+(?:it|well|again|to\s+taste))?\W*\z/i
      WARM = /\A\W*(?:and\s+)?keep\s+(?:it|them|that|the\s+[[:alpha:]]+)\s+(?:warm|hot)\b/i
      # What the tin is lined with is no food.
      LINED = /\A\W*line\s+[^.;]*\b(?:cling\s*film|foil|paper|parchment)\b/i
      # What only says how it looks: "the liquid should just cover it".
      SEEN = /\b(?:should|must|ought\s+to)\b|\b(?:look|check|see)\s+(?:whether|if)\b/i

      WIPED = /\A\W*(?:(?:then|next\s+day),?\s+)?(?:wipe|pat)\s+(?:it|them|the\s+[[:alpha:]]+)\s+dry\b/i
      # "Let everyone put on what they like."
      ALLOWS = /\A\W*let\s+(?:everyone|everybody|people|guests|each|them\s+all)\b/i

      # "Needs a night.", "Takes about two hours in all."
      LASTS = /\A\W*(?:it\s+|this\s+)?(?:needs|takes|wants)\s+(?:about\s+|around\s+)?
               (?:an?|the|\d+|two|three|half)\b/ix
      # "Keeps 1 day in the fridge.", "Eat the same day."
      KEEPS = /\A\W*(?:(?:it\s+|this\s+)?keeps?\s+(?:for\s+)?(?:up\s+to\s+|about\s+)?
                (?:\d|an?\s|two\s|three\s)
                |(?:best\s+)?eat(?:en)?\s+(?:it\s+|them\s+)?
                (?:(?:on\s+)?the\s+(?:same\s+)?day|within\b|at\s+once|straight\s+away|hot|warm|cold)\b)/ix
      # "Spread them on paper": where they lie already.
      ON_PAPER = /\A\W*(?:and\s+)?(?:spread|lay|leave|put)\s+(?:it|them)\s+(?:out\s+)?on(?:to)?\s+
                  (?:some\s+|a\s+|the\s+)?(?:(?:kitchen|absorbent)\s+)?(?:paper|rack|saucer)\b/ix
      # "I always start the evening before."
      BEGINS = /\A\W*(?:(?:i|we|you)\s+)(?:[[:alpha:]]+\s+){0,2}(?:start|begin)\b/i
      TESTS = %i[keeps? lasts? allows? kept_warm? kettle? seasoned? lined? lidded? left_alone? cleans? seen?
                 kept? left? on_paper? begins?].freeze

      module_function

      # True for a ReadStep in which nothing is done.
      def idle?(step)
        return false if SHORT.include?(step.kind)
        return true if TESTS.any? { |test| send(test, step) }

        Certainty.asks?(step.certainty) && step.from.empty? && nothing?(step) && !more_rice?(step)
      end

      # True for a ReadStep that only takes it off the heat.
      def off_the_fire?(step)
        step.kind == RiceClauses::REST && step.clause.minutes.nil? && nothing?(step)
      end

      # The Certainty of what is done in a Doing: a verb says it, or what goes in, or for how long it is.
      def certainty(doing)
        clause = doing.clause
        return Certainty::SAID if clause.verb

        told = doing.others || doing.goes_in || SHORT.include?(doing.kind) || clause.minutes ||
               clause.say.match?(RiceClauses::REST_OF_IT)
        told ? Certainty::IMPLIED : Certainty::GUESSED
      end

      # True for "wipe them dry", "it should still be hard": what lies somewhere lies there still, and the
      # next step goes on with the one before.
      def passed_over?(step)
        step.clause.say.match?(WIPED) || (seen?(step) && step.takes.empty?)
      end

      def nothing?(step)
        step.takes.empty? && step.clause.until.nil?
      end

      # "Sweat the leek, lid on": so it is done.
      def lidded?(step)
        step.rice == RiceCourse::BEFORE && nothing?(step) && step.from.empty? && step.clause.say.match?(LID)
      end

      def kept_warm?(step)
        nothing?(step) && step.clause.minutes.nil? && step.clause.say.match?(WARM)
      end

      # "Put the kettle on."
      def kettle?(step)
        nothing?(step) && step.clause.say.match?(KETTLE)
      end

      def seasoned?(step)
        nothing?(step) && step.kind != "taste" && step.clause.say.match?(SEASON)
      end

      def lined?(step)
        nothing?(step) && step.clause.say.match?(LINED)
      end

      # "Don't open."
      def left_alone?(step)
        step.takes.empty? && step.clause.minutes.nil? && step.clause.say.match?(RiceClauses::LEFT_ALONE)
      end

      def cleans?(step)
        step.takes.empty? && step.clause.minutes.nil? && step.clause.say.match?(CLEANS)
      end

      def seen?(step)
        Certainty.asks?(step.certainty) && step.clause.say.match?(SEEN)
      end

      # True for a note of how long all of it takes.
      def lasts?(step)
        step.kind == "own" && nothing?(step) && step.clause.say.match?(LASTS)
      end

      def keeps?(step)
        nothing?(step) && step.clause.say.match?(KEEPS)
      end

      def allows?(step)
        nothing?(step) && step.clause.say.match?(ALLOWS)
      end

      # "Keep the red water."
      def kept?(step)
        step.clause.verb.nil? && step.takes.empty? && BrothGiven.kept?(step.clause.say)
      end

      def on_paper?(step)
        nothing?(step) && step.clause.say.match?(ON_PAPER)
      end

      def begins?(step)
        nothing?(step) && step.from.empty? && step.clause.minutes.nil? && step.clause.say.match?(BEGINS)
      end

      def left?(step)
        nothing?(step) && step.clause.minutes.nil? && step.clause.say.match?(LEFT)
      end

      def more_rice?(step)
        step.rice == RiceCourse::IN && step.clause.say.match?(RiceClauses::REST_OF_IT)
      end
      private_class_method :kept_warm?, :kettle?, :seasoned?, :lined?,
                           :lidded?, :left_alone?, :cleans?, :nothing?, :seen?, :kept?, :left?, :more_rice?,
                           :allows?, :keeps?, :on_paper?, :begins?
    end
  end
end
