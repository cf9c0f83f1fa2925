# frozen_string_literal: true

require_relative "../attribute"

module FondKettle
  module Pot
    module Attributes
      # Liquid and food that go in when the stage begins (a Pot::Addition).
      ADD = Attribute.of(:add, :charge, set_by: %i[stages], effect: Effects::OnEntering.new(act: :add))
    end
  end
end
