# frozen_string_literal: true

require_relative "../../larder/names"

module FondKettle
  module Reading
    # Foods of one row with nothing between them: "1 carrot 1 onion 1 celery", "salt peppercorns bay".
    module UnpartedFoods
      # Before the next amount, where no comma stands.
      NEXT = /\s+(?=\d+\s+[[:alpha:]])/
      SEVERAL = (3..5)

      module_function

      # Texts of them, or nil; the block tells of an amount with its thing whether that is a food.
      def of(row)
        return if row.match?(/[,+]/)

        parts = row.split(row.match?(/\d/) ? NEXT : /\s+/)
        foods = parts.all? { |part| part.match?(/\d/) ? yield(part) : Larder::Names.ours.whole?(part) }
        parts if foods && SEVERAL.cover?(parts.size)
      end
    end
  end
end
