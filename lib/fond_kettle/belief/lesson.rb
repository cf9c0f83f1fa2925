# frozen_string_literal: true

require_relative "belief"

module FondKettle
  module Belief
    # What earlier cooks of one grain in one pot have taught: an Estimate of how much it
    # drinks there, `extra_min` more on low (minutes), and `because`, in words.
    Lesson = Value.define(:estimate, :extra_min, :because) do
      # Water uptake relative to the published figure.
      def drinks
        estimate.factor
      end

      # Number of cooks that taught it.
      def cooks
        estimate.cooks
      end
    end

    NO_LESSON = Lesson.new(estimate: Estimate.book(Unknowns.fetch(:uptake)), extra_min: 0.0, because: nil)
  end
end
