# frozen_string_literal: true

require_relative "../../ground/limits"
require_relative "../attribute"

module FondKettle
  module Pot
    module Attributes
      # The lid is off for so many seconds when the stage begins.
      LIFTED_S = Attribute.of(:lifted_s, :number, range: Limits::LIFTED_S, default: 0.0,
                                                  set_by: %i[stages event],
                                                  effect: Effects::OnEntering.new(act: :lift_for))
    end
  end
end
