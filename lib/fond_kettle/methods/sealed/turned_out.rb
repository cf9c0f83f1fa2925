# frozen_string_literal: true

require_relative "../../measure/rounding"
require_relative "../../pot/piece"
require_relative "cake"
require_relative "../request/layer_words"
require_relative "../loads/layering"

module FondKettle
  module Methods
    # The solution of a pot that is turned out, besides its liquid: the Cake, and whether raw food in it is
    # safe. Its layers lie in one bed that boils.
    class TurnedOut
      # `request` with the solved `last` phase (Phases::Phase) and its `run` with a curve.
      def initialize(request, last, run)
        @request = request
        @last = last
        @run = run
      end

      # The Cake.
      def cake
        @cake ||= Cake.of(@last.load, @run, @last.stages, @request.vessel)
      end

      # Minute at which the thickest raw piece is safe, nil: never; 0.0 where nothing is raw.
      def safe_min
        cut = self.cut
        return 0.0 unless cut&.safe_c

        piece = Pot::Piece.new(cut, @run.curve.first.temp_c)
        @run.curve.each_cons(2) do |before, after|
          piece.follow(before.temp_c, after.temp_c, after.min - before.min)
          return after.min if piece.core_c >= cut.safe_c
        end
        nil
      end

      # The Cut of what is raw in it, or nil.
      def cut
        Layering.new(@request).to_h.fetch(:stack).tiers.filter_map(&:cut).max_by { |one| one.safe_c.to_f }
      end

      # Texts of its turning.
      def words
        { plate: "#{cake.plate_mm.round} mm or more",
          lift: "#{Measure::Rounding.plain(cake.lift_kg.round(1), 1)} kg",
          layers: LayerWords.of(@request, @request.rice_g, Layering.new(@request).base_g),
          people: cake.people > 1 ? "it takes two people" : "one person can",
          cake: "#{cake.height_mm.round} mm high and #{cake.diameter_mm.round} mm wide" }
      end
    end
  end
end
