# frozen_string_literal: true

module FondKettle
  module App
    # An action that changes what the kitchen stores. It takes checked input, the household and the time, runs
    # one transaction, and returns [the resulting value, the id of the journal entry that can take the action
    # back]. The id is nil when nothing changed.
    class Act
      # `household`: Store::Household; `now`: a Time.
      def initialize(household, now)
        @household = household
        @now = now
      end

      private

      attr_reader :household, :now

      # Runs the block as one act. `text`: what was done, as a cook reads it; `kind`: change, addition or
      # removal; `path`: where it is seen.
      def noted(text, kind, path, &)
        household.journal.act(text, kind: kind, path: path, now: now, &)
      end
    end
  end
end
