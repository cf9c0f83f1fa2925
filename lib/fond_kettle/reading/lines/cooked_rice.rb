# frozen_string_literal: true

require_relative "../../larder/grains"
require_relative "../../measure/amounts"
require_relative "../../measure/unit_table"

module FondKettle
  module Reading
    # Rice that a line lists as cooked already: what of raw rice it was.
    class CookedRice
      # "Cooked so that every grain is apart" says how, of what is raw.
      COOKED = /\b(?:cooked(?!\s+(?:so|until|till|as)\b)|leftover|left-over|day-old)\b/i
      # "(300 g before cooking)": the weight is that of raw rice.
      RAW = /\b(?:before\s+(?:cooking|it\s+is\s+cooked)|uncooked|when\s+raw|raw\s+weight)\b/i
      VOLUME = "volume"
      ASK = "“%s” is cooked already: %.0f g of raw rice is taken for it."

      # `text`: the line; `certain`: its amount in certain measures; `grain`: its key.
      def initialize(text, certain, grain)
        @text = text
        @certain = certain
        @grain = Larder::Grains.or_first(grain)
      end

      # Raw rice, g, for `weight_g` as it was read, as of raw rice where a volume is written; nil: not said.
      #
      #   CookedRice.new("500 g cooked rice", "500 g cooked rice", "basmati").raw_g(500.0) # => 200.0
      def raw_g(weight_g)
        return weight_g unless weight_g && cooked?

        cooked_g = volume? ? weight_g * @grain.cooked_g_ml / @grain.rho_g_ml : weight_g
        cooked_g / (1.0 + @grain.uptake.fetch(:standard))
      end

      # Questions about it.
      def questions(weight_g)
        weight_g && cooked? ? [format(ASK, @text, raw_g(weight_g))] : []
      end

      private

      def cooked?
        @text.match?(COOKED) && !@text.match?(RAW)
      end

      def volume?
        unit = Measure::Amounts.new.read(@certain)&.unit
        Measure::UnitTable.find(unit.to_s)&.family == VOLUME
      end
    end
  end
end
