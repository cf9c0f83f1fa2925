# frozen_string_literal: true

require "csv"

module FondKettle
  module Formats
    # A shopping list (Dishes::Item) as text and as CSV.
    module ShoppingList
      HEADER = %w[aisle item amount weight need_g have_g buy_g].freeze
      # A spreadsheet would take such a cell for a formula.
      FORMULA = /\A[=+\-@\t]/

      module_function

      # One line an item, by aisle.
      def text(items)
        items.group_by(&:aisle)
             .map { |aisle, list| ["#{aisle.capitalize}:", *list.map { |item| "- #{item}" }].join("\n") }
             .join("\n\n") << "\n"
      end

      # A header and a row an item; no cell that a spreadsheet takes for a formula.
      def csv(items)
        CSV.generate do |rows|
          rows << HEADER
          items.each { |item| rows << row(item).map { |cell| safe(cell) } }
        end
      end

      def row(item)
        weights = [item.need_g, item.have_g, item.buy_g].map { |grams| grams&.round(1) }
        [item.aisle, item.name, item.words, item.weight, *weights]
      end

      def safe(cell)
        cell.is_a?(String) && cell.match?(FORMULA) ? "'#{cell}" : cell
      end

      private_class_method :row, :safe
    end
  end
end
