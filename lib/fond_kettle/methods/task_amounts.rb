# frozen_string_literal: true

require_relative "../care/task"
require_relative "method"

module FondKettle
  module Methods
    # What goes in at which task of one phase, each thing once: rice that is toasted and
    # liquid that is made hot go into the base, the rest when the pot is filled.
    class TaskAmounts
      # What filling is to say (TaskTexts), by the kind of the base that took the liquid.
      FILLING = { nil => "fill", "heat-liquid" => "fill-rice", PhaseText::BROTH => "fill-broth" }.freeze
      # Kinds of a base that take the rice or the liquid.
      TAKES_RICE = %w[toast].freeze
      TAKES_LIQUID = FILLING.keys.compact.freeze

      # Of the phase `text` (PhaseText) solved as `phase`; `words`: its TaskWords. Raw rice
      # goes into the `first` phase, what lies beside it into the `last`.
      def initialize(request, text, phase, words, first:, last:)
        @request = request
        @text = text
        @phase = phase
        @words = words
        @first = first
        @last = last
      end

      # Amounts (Care::Amount) at a stage of the base.
      def at(stage)
        return rice if stage.equal?(taking(TAKES_RICE))

        stage.equal?(taking(TAKES_LIQUID)) ? liquid : []
      end

      # When the pot is filled: what did not go in before.
      def filling
        [*(rice unless taking(TAKES_RICE)), *(liquid unless taking(TAKES_LIQUID)),
         *beside { |one| one.label.nil? && !one.poured }]
      end

      # Key of what filling is to say (TaskTexts): what is in the pot already is not put in again.
      def filling_text
        return "fill-liquid" if taking(TAKES_RICE)

        FILLING.fetch(taking(TAKES_LIQUID)&.kind)
      end

      # What is put ready beside the rice, by the cook's own words for it.
      def gathered
        beside(&:label)
      end

      private

      # The first stage of the base of one of these kinds, or nil.
      def taking(kinds)
        @text.base.find { |stage| kinds.include?(stage.kind) }
      end

      def rice
        return [] unless @first

        [Care::Amount.new(what: @request.grain.name, g: @phase.load.rice_g, measured: @words.rice_in_cups)]
      end

      def liquid
        [Care::Amount.new(what: @words.liquid_name, g: @words.poured_g, measured: @words.liquid_in_cups),
         *@words.poured.map do |one, in_cups|
           Care::Amount.new(what: one.ingredient.name, g: one.g, measured: in_cups)
         end]
      end

      def beside(&)
        return [] unless @last

        @request.additions.select(&).map do |addition|
          Care::Amount.new(what: addition.ingredient.name, g: addition.g,
                           measured: @request.measures.weighed(addition.g))
        end
      end
    end
  end
end
