# frozen_string_literal: true

require_relative "../attribute"

module FondKettle
  module Pot
    module Attributes
      # A cloth under the lid takes up drips once (docs/model.md: Loss of water). It goes under
      # a lid off the heat or on low.
      CLOTH = Attribute.of(:cloth, :switch,
                           set_by: %i[method request stages],
                           effect: Effects::Sink.new(most_g: 20.0, g_min: 2.0),
                           fits: ->(stage) { !stage.open? && %w[off low].include?(stage.heat) })
    end
  end
end
