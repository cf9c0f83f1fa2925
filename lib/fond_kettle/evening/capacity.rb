# frozen_string_literal: true

require_relative "../method/limits"
require_relative "../pot/balance"
require_relative "../pot/fit"
require_relative "supper"

module FondKettle
  module Evening
    # How much of something a vessel takes.
    module Capacity
      # Found to within this share.
      CLOSE = 0.005

      module_function

      # The largest batch of plain rice, g, that fits the request's vessel (0.0: none).
      def rice_g(request)
        most = Method::Limits::RICE_G.max.to_f
        largest(most) { |rice_g| fits?(request.with(rice_g: rice_g)) }
      end

      # The largest factor at which `dish` fits the request's vessel (0.0: none).
      def factor(dish, request)
        most = Method::Limits::RICE_G.max / dish.rice_g
        largest(most) do |factor|
          fits?(Laying.scaled_request(dish, factor, request))
        end
      end

      def fits?(request)
        charge = Method::Charging.charge(request)
        liquid_g = Pot::Balancing.solve(charge, Method::Charging.stages(request), Method::Charging.setting(request)).liquid_g
        Pot::Fitting.check(charge, liquid_g, request.vessel).fits?
      end

      # The largest number for which the block holds, by halving.
      def largest(most)
        low = 0.0
        high = most
        while high - low > CLOSE * high
          middle = (low + high) / 2
          yield(middle) ? low = middle : high = middle
        end
        low
      end

      private_class_method :fits?, :largest
    end
  end
end
