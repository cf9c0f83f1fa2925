# frozen_string_literal: true

require_relative "../../ground/vocabulary"
require_relative "../attribute"

module FondKettle
  module Pot
    module Attributes
      # What the burner is turned to.
      HEAT = Attribute.of(:heat, :choice, range: Vocabulary::HEATS, default: "off", set_by: %i[method stages])
    end
  end
end
