# frozen_string_literal: true

require "set"
require_relative "ingredient"

module FondKettle
  module Larder
    # Words of a food's name that only describe it, and name no food.
    PLAIN_WORDS = %w[a an the of in on and or with to for as dried dry fresh ground whole large small big
                     medium little thin thick black white red green yellow brown sweet sour hot cold warm
                     boiling unsalted salted smoked ripe young baby leaf seed piece half very finely coarsely
                     chopped sliced grated soft firm mixed cooked tinned canned tin can
                     frozen].to_set.merge(STATES.keys).freeze
  end
end
