# frozen_string_literal: true

require_relative "../../ground/errors"
require_relative "../../measure/rounding"
require_relative "request"

module FondKettle
  module Methods
    # A check that the oven gets as hot as a Request wants it. A temperature that a cook gave is planned, or
    # refused; it is never turned down in silence.
    module OvenReach
      module_function

      # Raises InvalidInput at "oven_c", or at the stage of the programme.
      def call(request)
        check(request, "oven_c", request.choices.oven_c)
        programme = request.method.sealed? ? request.in_layers.programme : nil
        programme&.each_with_index do |stage, index|
          check(request, "programme.#{index}.oven_c", stage.oven_c)
        end
      end

      def check(request, field, wanted_c)
        most_c = request.oven.most_c
        return if wanted_c.nil? || wanted_c <= most_c

        raise InvalidInput.at(field, "must be at most #{Measure::Rounding.plain(most_c, 0)} °C: " \
                                     "#{request.oven.name} gets no hotter", received: wanted_c)
      end
      private_class_method :check
    end
  end
end
