# frozen_string_literal: true

require_relative "../../larder/names"
require_relative "../words/amount_forms"

module FondKettle
  module Reading
    # Foods of one row with nothing between them: "1 carrot 1 onion 1 celery", "salt peppercorns bay".
    module UnpartedFoods
      # Before the next amount, where no comma stands.
      NEXT = /\s+(?=\d+\s+[[:alpha:]])/
      # "Soy 2 tbsp mirin 1 tbsp honey 1 tsp": each amount behind its thing.
      BEHIND = %r{[[:alpha:]][[:alpha:] -]*?\s+[\d½¼¾][\d./½¼¾]*\s?#{AmountForms::UNITS}\b}i
      SEVERAL = (3..5)

      module_function

      # Texts of them, or nil; the block tells of an amount with its thing whether that is a food.
      def of(row)
        return if row.match?(/[,+]/)

        behind = each_behind(row)
        return behind if behind

        parts = row.split(row.match?(/\d/) ? NEXT : /\s+/)
        foods = parts.all? { |part| part.match?(/\d/) ? yield(part) : Larder::Names.ours.whole?(part) }
        parts if foods && SEVERAL.cover?(parts.size)
      end

      # Texts of several that each have their amount behind them, or nil.
      def each_behind(row)
        behind = row.scan(BEHIND).map(&:strip)
        behind if SEVERAL.cover?(behind.size) && behind.join(" ") == row.squeeze(" ").strip
      end
      private_class_method :each_behind
    end
  end
end
