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

      # At a StageText of a base.
      def at(stage)
        of(stage.key)
      end

      # When the rice goes in.
      def at_rice
        of(BaseGraph::RICE)
      end

      private

      def of(key)
        return [] unless @request.made_in

        row = RiceVessel.of(@request).rows.find { |one| one.step.key == key }
        weights = weights_g(row ? row.poured : []).select { |_, weight_g| weight_g >= 1 }
        weights.map { |from, weight_g| amount(from, weight_g) }
      end

      # By vessel's key: two pours from one are weighed together.
      def weights_g(poured)
        poured.each_with_object(Hash.new(0.0)) { |(from, contents), all| all[from] += contents.mass_g }
      end

      def amount(from, weight_g)
        vessel = @request.made_in.vessel(from)
        told = "#{@request.measures.weighed(weight_g)} from #{vessel.called}"
        Care::Amount.of(key: "from-#{vessel.key}", what: vessel.called, g: nil, measured: "", told: told)
      end
    end
  end
end
