# frozen_string_literal: true

require_relative "../ground/value"

module FondKettle
  module Dishes
    # A line of a dish (its index) that goes in at a step, at a `stage` of it.
    Claim = Value.define(:index, :stage)
  end
end
