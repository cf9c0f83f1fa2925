# frozen_string_literal: true

require_relative "../attribute"

module FondKettle
  module Pot
    module Attributes
      # The steam hole of the lid is plugged (a guess: the rim still lets steam out).
      PLUGGED = Attribute.of(:plugged, :switch,
                             set_by: %i[method request stages],
                             effect: Effects::LossFactor.new(factor: 0.7),
                             fits: ->(stage) { !stage.open? })
    end
  end
end
