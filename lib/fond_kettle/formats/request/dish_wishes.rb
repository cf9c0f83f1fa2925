# frozen_string_literal: true

require_relative "../../ground/limits"
require_relative "../../ground/schema"
require_relative "../../larder/grains"
require_relative "../../larder/ingredient"
require_relative "../../table/eaters"
require_relative "checked"
require_relative "rice_reader"

module FondKettle
  module Formats
    # Reads for how many a dish is made (`for`): guests, people, or an amount of rice.
    class DishWishes
      SCHEMA = Schema.json(strict: true) do
        optional(:guests).filled(Schema::Number, included_in?: 1..200)
        optional(:people).array(:hash) do
          optional(:appetite).filled(:string, included_in?: Table::APPETITE.keys)
          optional(:age).filled(:string, included_in?: Table::AGE.keys)
          optional(:avoids).array(:string, included_in?: Larder::ALLERGENS)
        end
        optional(:rice).hash do
          required(:amount).filled(Schema::Number, included_in?: Limits::AMOUNT)
          required(:unit).filled(:string)
        end
      end

      # `given`: the hash, nil: as the dish is written; `graph`: a Dishes::GraphDish. Raises InvalidInput.
      def initialize(given, graph)
        @graph = graph
        @wanted = given.nil? ? {} : Checked.call(SCHEMA, given, "for")
      end

      # Raw rice for the evening, in g. Raises InvalidInput.
      def rice_g
        if @wanted[:rice]
          return RiceReader.new(@wanted[:rice], Larder::Grains.fetch(@graph.grain), nil,
                                nil).rice_g
        end

        @graph.rice_g * factor
      end

      # Number of times that the dish is made, where no rice is told.
      def factor
        adults = @wanted[:guests] || (eaters.sum(&:share) if @wanted[:people])
        adults ? adults / @graph.serves : 1.0
      end

      # Who eats (Table::Eater); none where a number is given.
      def eaters
        (@wanted[:people] || []).map { |person| Table::Eater.of(**person) }.freeze
      end
    end
  end
end
