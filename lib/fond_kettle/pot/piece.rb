# frozen_string_literal: true

require_relative "../ground/value"

module FondKettle
  module Pot
    # How food in a layer is cut, and what it has to become.
    #   shape       a key of Piece::SHAPES
    #   mm          how thick the thickest piece is
    #   safe_c      °C that its core must reach; nil where nothing has to
    #   tender_min  minutes that it takes to be tender once its layer is hot; 0.0 where it is
    Cut = Value.define(:shape, :mm, :safe_c, :tender_min)

    # The core of the thickest piece in a layer whose temperature changes (docs/model.md: Meat). A
    # sphere or a slab, each term of its series followed by itself; steps are straight lines.
    # In a layer held at Ts it takes, to Tt, but for terms that soon are gone,
    #   sphere: r^2/(pi^2 alpha) ln(2 (Ts-T0)/(Ts-Tt))     slab: 4 h^2/(pi^2 alpha) ln(4/pi ...)
    class Piece
      # Moist food, 1.4e-7 m2/s, in mm2/min.
      ALPHA_MM2_MIN = 1.4e-7 * 1e6 * 60
      # An odd number of terms begins too cold, never too warm.
      TERMS = 5
      SPHERE = (1..TERMS).map { |n| [2.0 * (n.odd? ? 1 : -1), (n**2).to_f] }.freeze
      SLAB = (0...TERMS).map do |n|
        [4 / Math::PI * (n.even? ? 1 : -1) / ((2 * n) + 1), (((2 * n) + 1)**2).to_f]
      end.freeze
      # Terms, how its own time goes by half the thickness, and how much slower it is than the
      # plain body. What nobody has told the shape of is cubes.
      SHAPES = { "cubes" => [SPHERE, 1.0, 1.35], "flat" => [SLAB, 4.0, 1.2],
                 "bone-in" => [SPHERE, 1.0, 2.3] }.freeze
      USUAL_SHAPE = "cubes"
      USUAL_MM = 40.0

      # °C at its core.
      attr_reader :core_c

      # A Cut that lies in a layer as warm as itself, at `start_c`.
      def initialize(cut, start_c)
        terms, by_half, slower = SHAPES.fetch(cut.shape)
        @tau_min = by_half * slower * ((cut.mm / 2)**2) / ((Math::PI**2) * ALPHA_MM2_MIN)
        @start_c = @core_c = start_c
        @behind_c = Array.new(TERMS, 0.0)
        @shares = terms.map(&:first)
        @rates = terms.map { |_, order| order / @tau_min }
      end

      # Its layer goes from one temperature to another in `minutes`, along a straight line.
      def follow(from_c, to_c, minutes)
        return unless minutes.positive?

        per_min = (to_c - from_c) / minutes
        fading = fading(minutes)
        behind_c = 0.0
        index = 0
        @shares.each do |share|
          fades = fading[index]
          @behind_c[index] = (@behind_c[index] * fades) + (per_min * (1 - fades) / @rates[index])
          behind_c += share * @behind_c[index]
          index += 1
        end
        @core_c = (to_c - behind_c).clamp([@start_c, to_c].min, nil)
      end

      private

      # What each term fades to in so many minutes: nearly all steps are as long as the one before.
      def fading(minutes)
        return @fading if minutes == @faded_min

        @faded_min = minutes
        @fading = @rates.map { |rate| Math.exp(-rate * minutes) }
      end
    end
  end
end
