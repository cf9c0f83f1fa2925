# frozen_string_literal: true

require_relative "../attribute"

module FondKettle
  module Pot
    module Attributes
      # A disc on the surface (docs/model.md: Loss of water).
      PARCHMENT = Attribute.of(:parchment, :switch, set_by: %i[method request stages],
                                                    effect: Effects::LossFactor.new(factor: 0.7))
    end
  end
end
