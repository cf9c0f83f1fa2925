# frozen_string_literal: true

require_relative "../../ground/vocabulary"
require_relative "../attribute"

module FondKettle
  module Pot
    module Attributes
      # What is to be seen when the stage is over, where that is not a time.
      UNTIL = Attribute.of(:until, :choice, range: Vocabulary::ENDS, set_by: %i[method stages])
    end
  end
end
