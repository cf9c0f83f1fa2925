# frozen_string_literal: true

module FondKettle
  module Reading
    # A part of what is made beside the rice is kept back, and the rest goes on: "Keep back 100 ml for
    # serving. Stir the rest into the hot rice."
    class KeptBack
      TAKE_OUT = "take-out"
      KEEPS = /\A\W*(?:then\s+)?(?:keep|hold|put|set)\s+(?:back|aside)\b|\breserve\b/i
      REST = /\bthe\s+(?:rest|remainder)\s+(?:in|into|over|on|onto|through|to)\b/i

      # `vessels`: StepVessels.
      def initialize(vessels)
        @vessels = vessels
      end

      # Key of the vessel of which a clause of a kind keeps a part, or pours the rest; nil: it does neither.
      # `last`: the ReadStep before.
      def vessel(clause, kind, last)
        return @from = nil unless last
        return @from if @from && clause.say.match?(REST)

        keeps = kind == TAKE_OUT && clause.say.match?(KEEPS) && @vessels.beside_rice?(last.vessel)
        @from = (last.vessel if keeps)
      end
    end
  end
end
