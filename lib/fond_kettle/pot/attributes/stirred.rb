# frozen_string_literal: true

require_relative "../attribute"

module FondKettle
  module Pot
    module Attributes
      # Stirred from the floor up when the stage begins, the lid off for that.
      STIRRED = Attribute.of(:stirred, :switch, set_by: %i[method stages],
                                                effect: Effects::OnEntering.new(act: :stir))
    end
  end
end
