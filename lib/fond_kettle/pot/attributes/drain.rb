# frozen_string_literal: true

require_relative "../attribute"

module FondKettle
  module Pot
    module Attributes
      # The liquid is poured off when the stage begins.
      DRAIN = Attribute.of(:drain, :switch, set_by: %i[method stages],
                                            effect: Effects::OnEntering.new(act: :drain))
    end
  end
end
