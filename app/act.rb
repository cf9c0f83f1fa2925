# frozen_string_literal: true

module FondKettle
  module App
    # What somebody does to what the kitchen keeps: takes checked input, the household and the time, does one
    # transaction, and returns [what there is then, the id of its entry in the journal]: by that it can be
    # taken back. The id is nil where nothing was changed.
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
