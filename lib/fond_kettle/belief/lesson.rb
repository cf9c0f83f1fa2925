# frozen_string_literal: true

require_relative "belief"

module FondKettle
  module Belief
    # What earlier cooks of one grain in one pot had taught the plans of before a kitchen was learned as one
    # (Belief::Gaussian); a pot keeps the plan it was cooked by. An Estimate of how much it drinks there,
    # `extra_min` more on low (minutes), and `because`, in words.
    Lesson = Value.define(:estimate, :extra_min, :because)

    NO_LESSON = Lesson.new(estimate: Estimate.book(Unknowns.fetch(:uptake)), extra_min: 0.0, because: nil)
  end
end
