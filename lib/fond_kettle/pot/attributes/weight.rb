# frozen_string_literal: true

require_relative "../attribute"

module FondKettle
  module Pot
    module Attributes
      # A plate and a weight on the lid (a guess: it presses a lid that lifts a little).
      WEIGHT = Attribute.of(:weight, :switch,
                            set_by: %i[method request stages],
                            effect: Effects::LossFactor.new(factor: 0.8),
                            fits: ->(stage) { !stage.open? })
    end
  end
end
