# frozen_string_literal: true

require_relative "../../lib/fond_kettle/house/wishes"
require_relative "../../lib/fond_kettle/methods/request/request"
require_relative "fields"
require_relative "layered_form"
require_relative "making_form"

module FondKettle
  module Forms
    # The House::Wishes of a plan form without problems.
    class PlanWishes
      WASH = { rinse: :rinse_changes, soak: :soak_min, water_c: :water_c, drain: :drain }.freeze
      QUANTITY = %i[guests boxes freezer amount unit have have_g].freeze

      # `form`: a PlanForm; `values`: its fields as the schema read them; `plain`: House::Wishes
      # of way, grain and dish alone.
      def initialize(form, values, plain)
        @form = form
        @values = values
        @plain = plain
      end

      # The House::Wishes.
      def wishes
        @plain.with(quantity: quantity, batches: @form.batches, choices: choices,
                    learned: @form[:lesson] != "leave", chosen: @values.slice(:pot, :cup, :burner, :oven),
                    texture: @values[:texture], lid: @values[:lid],
                    wash: @values.slice(*WASH.keys).compact.transform_keys(WASH),
                    additions: @form.beside.additions(@form.method), company: @form.beside.company,
                    layered: LayeredForm.new(@values).layered(@form.method),
                    making: MakingForm.new(@values.slice(*MakingForm::FIELDS)).making(@form.method))
      end

      private

      def quantity
        said = @values.slice(*QUANTITY).compact
        portion = @form[:portion].empty? ? @form.usual(:portion) : @form[:portion]
        House::Quantity.of(guests: @form.usual(:guests).to_i, **said, by: @form[:for], portion: portion,
                           who: @form.who.map(&:to_i))
      end

      def choices
        Methods::Choices.of(**@values.slice(:onion, :first, :stir, :oven_c, :parts), **covered,
                            residue_g: @values[:sauce_g],
                            crust: @values[:crust] && @values[:crust] == "yes")
      end

      # What goes under the lid; nothing, where the dish has something and that was taken away.
      def covered
        chosen = @values[:cover]
        return { chosen.to_sym => true } if chosen && chosen != LID_ALONE

        own = @form.dish&.way&.cover
        chosen && own ? { own.to_sym => false } : {}
      end
    end
  end
end
