# frozen_string_literal: true

require_relative "../ground/limits"
require_relative "../phases/solve"
require_relative "../pot/fit"
require_relative "../numeric/root"
require_relative "supper"

module FondKettle
  module Dishes
    # How much of something a vessel takes.
    module Capacity
      # Found to within this share.
      CLOSE = 0.005

      module_function

      # The largest batch of plain rice, g, that fits the request's vessel (0.0: none).
      def rice_g(request)
        most = Limits::RICE_G.max.to_f
        Numerics::Root.largest(0.0, most, close: CLOSE) { |rice_g| fits?(request.with(rice_g: rice_g)) }
      end

      # The largest factor at which `dish` fits the request's vessel (0.0: none).
      def factor(dish, request)
        most = Limits::RICE_G.max / dish.rice_g
        Numerics::Root.largest(0.0, most, close: CLOSE) do |factor|
          fits?(Laying.scaled_request(dish, factor, request))
        end
      end

      def fits?(request)
        potful = Methods::Loading.last(request)
        Pot::Fitting.check(potful.load, potful.solve.liquid_g, request.vessel).fits?
      end

      private_class_method :fits?
    end
  end
end
