# frozen_string_literal: true

require "csv"

module FondKettle
  module Formats
    # A shopping list (Evening::Item) as text and as CSV.
    module ShoppingList
      HEADER = %w[aisle item amount weight need_g have_g buy_g].freeze
      # A spreadsheet would take such a cell for a formula.
      FORMULA = /\A[=+\-@\t]/

      module_function

      # One line an item, by aisle.
      def text(items)
        items.group_by(&:aisle).map do |aisle, list|
          ["#{aisle.capitalize}:", *list.map do |item|
            "- #{[item.words, ("(#{item.weight})" if item.weight && item.words), item.name].compact.join(' ')}"
          end]
            .join("\n")
        end.join("\n\n") << "\n"
      end

      def csv(items)
        CSV.generate do |rows|
          rows << HEADER
          items.each do |item|
            rows << [item.aisle, item.name, item.words, item.weight, *[item.need_g, item.have_g, item.buy_g].map do |g|
              g&.round(1)
            end]
                    .map { |cell| cell.is_a?(String) && cell.match?(FORMULA) ? "'#{cell}" : cell }
          end
        end
      end
    end
  end
end
