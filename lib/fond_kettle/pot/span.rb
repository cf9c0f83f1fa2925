# frozen_string_literal: true

require_relative "../numeric/quadrature"

module FondKettle
  module Pot
    # A straight line from one temperature, °C, to another: what has a mean over it.
    Span = Struct.new(:from_c, :to_c) do
      # The mean of the block over its temperatures.
      def mean
        span_c = to_c - from_c
        (yield(from_c + (Numerics::Quadrature::EARLY * span_c)) +
          yield(from_c + (Numerics::Quadrature::LATE * span_c))) / 2
      end
    end
  end
end
