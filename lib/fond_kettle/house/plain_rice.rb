# frozen_string_literal: true

require_relative "../ground/errors"
require_relative "../larder/grains"
require_relative "../methods/library"
require_relative "composition"
require_relative "usual"
require_relative "wishes"

module FondKettle
  module House
    # Plain rice of the first bag, as this house cooks it where nobody says more.
    class PlainRice
      # `log`: as in Composition.
      def initialize(shelves, log: nil)
        @shelves = shelves
        @log = log
        @grain = Larder::Grains.or_first(Usual.grain(shelves, nil))
      end

      # Amount of rice that a pot of the shelves (Kit::Vessel) takes, in g; 0.0 when it takes nothing.
      # Runs the model a few times.
      def takes_g(pot)
        composed(pot, Usual.method_for(pot.kind), Quantity.of(by: "pot")).rice_g
      rescue InvalidInput
        0.0
      end

      # The Methods::Request for the whole table in that pot, or nil where nothing comes of it.
      def for_table(pot)
        everybody = Quantity.of(who: @shelves.eaters.map(&:id), guests: Usual.guests(@shelves))
        composed(pot, Usual::METHOD, everybody).request
      rescue InvalidInput
        nil
      end

      private

      def composed(pot, method, quantity)
        wishes = Wishes.of(method: Methods::Library.ours.fetch(method), grain: @grain,
                           chosen: { pot: pot.id }, quantity: quantity)
        Composition.new(wishes, @shelves, log: @log)
      end
    end
  end
end
