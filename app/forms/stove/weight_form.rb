# frozen_string_literal: true

require_relative "../fields"

module FondKettle
  module Forms
    # Weight of a pot, g: at most what it was before.
    class WeightForm
      SCHEMA = Schema.params do
        required(:weight).filled(Typed.within(Limits::WEIGHED_G, "g"), included_in?: Limits::WEIGHED_G)
      end

      attr_reader :problems

      # The form before anything was typed.
      def self.blank
        new({}, problems: [].freeze)
      end

      # `before_g`: what it weighed before, or nil; `problems`: in place of what is found.
      def initialize(typed, before_g: nil, problems: nil)
        @typed = typed
        result = SCHEMA.call("weight" => typed["weight"])
        @values = result.to_h
        @problems = problems || Forms.problems(result)
        @problems = gained(before_g) if ok? && problems.nil? && before_g && grams > before_g
      end

      def ok?
        @problems.empty?
      end

      def grams
        @values[:weight].to_f
      end

      def [](field)
        @typed[field.to_s]
      end

      private

      def gained(before_g)
        said = "must be at most #{before_g.round} g, as before: a pot loses water"
        [{ field: "weight", message: said }].freeze
      end
    end
  end
end
