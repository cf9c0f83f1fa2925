# frozen_string_literal: true

require_relative "../attribute"

module FondKettle
  module Pot
    module Attributes
      # The rice in a steamer is sprinkled and turned when the stage begins, with its share of
      # what is poured in all.
      SPRINKLE = Attribute.of(:sprinkle, :switch, set_by: %i[method stages],
                                                  effect: Effects::OnEntering.new(act: :sprinkle))
    end
  end
end
