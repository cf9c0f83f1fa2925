# frozen_string_literal: true

require_relative "../attribute"

module FondKettle
  module Pot
    module Attributes
      # A flat pan between pot and flame: its dry floor stands the heat for longer (Pot::Scorch).
      FLAT_PAN = Attribute.of(:flat_pan, :switch, set_by: %i[method stages],
                                                  fits: ->(stage) { stage.oven_c.nil? })
    end
  end
end
