# frozen_string_literal: true

require_relative "../../care/task"
require_relative "../loads/base_graph"
require_relative "../loads/rice_vessel"

module FondKettle
  module Methods
    # What other vessels of a dish give at a task, as a cook reads it (Care::Amount). Its lines were told
    # where they went in: no grams are counted twice.
    class PouredAmounts
      # `request`: a Request.
      def initialize(request)
        @request = request
      end

      # At a StageText of a base; `times`: so many pots' worth.
      def at(stage, times)
        of(stage.key, times)
      end

      # When the rice goes in.
      def at_rice
        of(BaseGraph::RICE, 1)
      end

      private

      def of(key, times)
        return [] unless @request.made_in

        row = RiceVessel.of(@request).row(key)
        weights = row ? weights_g(row) : {}
        weights.select { |_, weight_g| weight_g >= 1 }.map { |from, weight_g| amount(from, weight_g * times) }
      end

      # By vessel's key, where a part of what is there is poured: nobody weighs what goes in whole.
      def weights_g(row)
        parts = row.step.from.zip(row.poured).select { |pour, _| pour.share || pour.g }
        parts.each_with_object(Hash.new(0.0)) do |(pour, (_, contents)), all|
          all[pour.vessel] += contents.mass_g
        end
      end

      def amount(from, weight_g)
        vessel = @request.made_in.vessel(from)
        called = vessel.called.sub(/\Aan? /, "the ")
        told = "#{@request.measures.weighed(weight_g)} from #{called}"
        Care::Amount.of(key: "from-#{vessel.key}", what: called, g: nil, measured: "", told: told)
      end
    end
  end
end
