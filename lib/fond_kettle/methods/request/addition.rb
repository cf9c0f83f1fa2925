# frozen_string_literal: true

require_relative "../../ground/value"
require_relative "../../measure/rounding"

module FondKettle
  module Methods
    # Something beside the rice.
    #   ingredient   its Larder::Ingredient; `g` of it
    #   label        how the tasks name it; nil where a dish's own lines and steps do
    #   poured       with the model's own liquid, when the pot is filled (docs/model.md: Several liquids)
    #   out          "before-rice", where it is lifted out of its broth for good before the rice goes in;
    #                "back-at-end", where it comes back when the rice is done; or nil
    #   start_c      how warm it goes in (nil: as the rice is)
    #   stage        "base", before the rice, or "with" it
    #   step, again  keys of the StageText that takes it (nil: by its slot), and of later ones that name it
    #   state        a key of Larder::STATES that was said of it
    #   kept         share of it that is lifted out again when its step is over, for later
    Addition = Value.define(:ingredient, :g, :label, :poured, :out, :start_c, :stage, :step, :state, :kept,
                            :again) do
      const_set(:OUT, %w[before-rice back-at-end].freeze)
      const_set(:BASE, "base")
      const_set(:RAW, "raw")
      const_set(:BROWNED, "browned")
      const_set(:PLAIN, { label: nil, poured: false, out: nil, start_c: nil, stage: "base", step: nil,
                          state: "raw", kept: 0.0, again: [].freeze }.freeze)
      # An Addition that nobody has written as a line: "200 g tomato".
      def self.of(ingredient, grams, label: "#{Measure::Rounding.grams(grams)} g #{ingredient.name.downcase}",
                  **said)
        new(**self::PLAIN, ingredient: ingredient, g: grams, label: label, **said)
      end

      # True for food whose state was said: it is in that when its step is over, and dries no further.
      def as_said?
        state != self.class::RAW
      end

      # True where that is browned.
      def browned?
        state == self.class::BROWNED
      end

      # True when it lies in the pot with the rice, as food.
      def stays?
        !poured && out.nil?
      end

      # What of it is in the pot when the rice goes in, as it was weighed raw, in g.
      def in_pot_g
        g * (1 - kept)
      end

      # An Addition that is poured, and named there.
      def self.poured(ingredient, grams)
        new(**self::PLAIN, ingredient: ingredient, g: grams, poured: true)
      end
    end
  end
end
