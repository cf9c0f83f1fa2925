# frozen_string_literal: true

require_relative "../../ground/limits"
require_relative "../attribute"

module FondKettle
  module Pot
    module Attributes
      # In an oven of so many °C; the burner is off. A stage on the stove stays there.
      OVEN_C = Attribute.of(:oven_c, :number, range: Limits::OVEN_C, set_by: %i[method request stages],
                                              fits: ->(stage) { !stage.oven_c.nil? })
    end
  end
end
