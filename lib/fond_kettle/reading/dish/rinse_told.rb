# frozen_string_literal: true

require_relative "../../measure/numeral"
require_relative "rice_meant"
require_relative "../vessels/wash_vessel"

module FondKettle
  module Reading
    # In how many changes of water a text rinses its rice, where its way would not do the same: "rinse 3
    # times", "unrinsed", or that it is rinsed at all where the way keeps it dry.
    module RinseTold
      RINSE = "rinse"
      # Until the water is nearly clear, of long grain.
      CLEAR_CHANGES = 4
      NEVER = /\b(?:do\s+not|don'?t|never|without|no)\s+(?:rins|wash)(?:e|ing)?\b|\bun(?:rinsed|washed)\b/i
      RINSED = /\b(?:rinsed?|washed?)\b/i
      # "The rice is rinsed and stirred in", "the washed rice"; not the lentils that go in with it.
      RICE_RINSED = /\brice\s+(?:(?:is|was|that|you|has|been|well)\s+){0,4}(?:rinsed|washed)\b|
                     \b(?:rinsed|washed)\s+(?:and\s+\w+\s+)?rice\b/xi
      ADVERBS = { "once" => 1, "twice" => 2, "thrice" => 3 }.freeze
      NUMBER = /1?\d|20|#{Measure::Numeral::ONES.join('|')}/
      TIMES = /\b(?:(?<adverb>once|twice|thrice)\b|
                (?<number>#{NUMBER})(?:\s*(?:-|–|to|or)\s*(?:#{NUMBER}))?\s*(?:x|times|waters|changes)\b)/xi

      module_function

      # Changes of water (0 to 20), or nil: as its Methods::Method does.
      #
      #   RinseTold.changes(rice, steps, Methods::Library.ours.fetch("toasted-pilaf")) # => 4
      def changes(rice, steps, method)
        return unless rice

        meant = steps.select { |step| RiceMeant.call(step, rice) }
        return 0 if [rice.text, *meant.map { |step| step.clause.say }].any?(NEVER)

        rinsed = [*said_of(meant), *[rice.text].grep(RINSED)]
        return if rinsed.empty?

        counted(rinsed) || (CLEAR_CHANGES if method.rinse_changes.zero?)
      end

      # True where so many `changes` (nil: none are told) are only spoken of, with no step for them: nobody
      # spreads the rice to dry.
      def in_passing?(changes, steps)
        changes.to_i.positive? && steps.none? { |step| WashVessel::KINDS.include?(step.kind) }
      end

      # What steps say that rinse, of those that speak of the rice.
      def said_of(meant)
        rinsing = meant.select { |step| step.kind == RINSE || step.clause.say.match?(RICE_RINSED) }
        rinsing.map { |step| step.clause.say }
      end
      private_class_method :said_of

      def counted(rinsed)
        found = rinsed.filter_map { |say| say.match(TIMES) }.first or return

        ADVERBS.fetch(found[:adverb].to_s.downcase) { Measure::Numeral.read(found[:number]).first.to_i }
      end
      private_class_method :counted
    end
  end
end
