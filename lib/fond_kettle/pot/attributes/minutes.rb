# frozen_string_literal: true

require_relative "../../ground/limits"
require_relative "../attribute"

module FondKettle
  module Pot
    module Attributes
      # How long the stage takes: minutes, or Vocabulary::READY.
      MINUTES = Attribute.of(:minutes, :minutes, range: Limits::STAGE_MIN, set_by: %i[method stages])
    end
  end
end
