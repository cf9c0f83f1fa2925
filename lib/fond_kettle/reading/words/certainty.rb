# frozen_string_literal: true

module FondKettle
  module Reading
    # How sure a reading is, from 0 (nothing speaks for it) to 1 (the words say it themselves). What is below
    # BAR is planned by its likeliest reading and asked about.
    module Certainty
      # A verb, or a whole name, says it.
      SAID = 1.0
      # What goes in, where, or for how long says it.
      IMPLIED = 0.7
      # A word says it that may mean another thing too.
      SHARED = 0.4
      # Nothing says it but what comes before.
      GUESSED = 0.2
      BAR = 0.5

      module_function

      # True where a certainty asks for the cook's word.
      def asks?(certainty)
        certainty < BAR
      end
    end
  end
end
