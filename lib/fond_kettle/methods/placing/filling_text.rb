# frozen_string_literal: true

require_relative "ingredient_placement"

module FondKettle
  module Methods
    # Text for filling the pot. Food that is in it already is not put in again.
    class FillingText
      WRAP = "wrap"

      # `request` in the phase `text` (PhaseText); `amounts`: its TaskAmounts, `whereto`: its
      # IngredientPlacement.
      def initialize(request, text, amounts, whereto)
        @request = request
        @text = text
        @amounts = amounts
        @whereto = whereto
      end

      # Key of a TaskText; `hot`: the liquid stands hot in another pot.
      def key(hot:)
        return "fill-turned" if @request.method.turned_out?
        return "fill-steamer" if @text.steamed
        return "lay-in" if @text.broth
        return "fill-rolls" if rolls?

        in_base || on_base || plain(hot)
      end

      private

      # True where the rice itself was wrapped in a step of the dish's own.
      def rolls?
        @request.made_in&.takes_rice? && @text.base.any? { |stage| stage.own? && stage.kind == WRAP }
      end

      def in_base
        return @amounts.rice_in? ? "fill-level" : "fill-rice" if @amounts.liquid_in?

        "fill-liquid" if @amounts.rice_in?
      end

      def on_base
        return "fill-topped" if @whereto.topped?
        return unless @whereto.on_base?
        return "fill-from-pan" unless @request.burner.kind.on_ring

        @text.fill == IngredientPlacement::STIR_IN ? "fill-sauce" : "fill-on-base"
      end

      def plain(hot)
        return "fill-hot" if hot

        @request.soaks_in_liquid? ? "fill-soaked" : "fill"
      end
    end
  end
end
