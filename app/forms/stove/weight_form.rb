# frozen_string_literal: true

require_relative "reading_form"

module FondKettle
  module Forms
    # Weight of a pot, g: at most what it was before.
    class WeightForm < ReadingForm
      FIELDS = %w[weight].freeze
      SCHEMA = Schema.params do
        required(:weight).filled(Typed.within(Limits::WEIGHED_G, "g"), included_in?: Limits::WEIGHED_G)
      end

      # `before_g`: what it weighed before, or nil; `problems`: in place of what is found.
      def initialize(typed, before_g: nil, problems: nil)
        @before_g = before_g
        super(typed, problems: problems)
      end

      def grams
        @values[:weight].to_f
      end

      private

      def beyond
        return [].freeze unless @before_g && grams > @before_g

        said = "must be at most #{@before_g.round} g, as before: a pot loses water"
        [{ field: "weight", message: said }].freeze
      end
    end
  end
end
