# frozen_string_literal: true

require_relative "../ground/limits"
require_relative "../ground/remembered"
require_relative "../methods/loads/plenty_pot"
require_relative "../numeric/root"
require_relative "../pot/fit"
require_relative "supper"

module FondKettle
  module Dishes
    # Amount of food that a vessel takes.
    module Capacity
      # Full to within this share.
      CLOSE = 0.005
      # The liquid is found roughly, and what that may hide must fit too.
      SURE = 1.0025
      # Where to begin: g of rice that a millilitre of pot takes, plain and covered.
      PLAIN_G_ML = 0.244

      # A shelf of pots is looked at more often than it changes.
      TAKES = Remembered.new(200) do |request|
        filling(request, 1.0) { |rice_g| request.with(rice_g: rice_g) }
      end
      private_constant :TAKES

      module_function

      # The largest batch of plain rice, g, that fits the request's vessel (0.0: none).
      def rice_g(request)
        TAKES[request]
      end

      # The largest factor at which `dish` fits the request's vessel (0.0: none).
      def factor(dish, request)
        filling(request, dish.rice_g) { |factor| Laying.scaled_request(dish, factor, request) }
      end

      # The block makes a request of so many times `one_g` of rice.
      def filling(request, one_g)
        start = request.vessel.volume_ml * PLAIN_G_ML / one_g
        balance = nil
        Numerics::Root.filling(start, Limits::RICE_G.max / one_g, close: CLOSE) do |times|
          potful = Methods::LastPot.of(fullest(yield(times)))
          balance = potful.roughly(like: balance)
          Pot::Fitting.check(potful.load, balance.liquid_g, request.vessel).filled * SURE
        end
      end

      # The request with as little water as rice in plenty of it may have.
      def fullest(request)
        return request unless request.method.last_phase.parts

        request.with(choices: request.choices.with(parts: Methods::PlentyPot::LEAST_PARTS))
      end

      private_class_method :filling, :fullest
    end
  end
end
