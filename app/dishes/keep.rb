# frozen_string_literal: true

require_relative "../act"

module FondKettle
  module App
    # Keeps a dish, changes it and removes it; each can be taken back.
    class KeepDish < Act
      # Keeps a new dish (checked attributes).
      def add(values)
        noted("#{values[:title]} is among the dishes", "addition", "/dishes") do
          household.dishes.add(values)
        end
      end

      # Changes one. Raises NotFound; Conflict where `version` is not its own.
      def change(id, version, values)
        noted("Changed: #{values[:title]}", "change", "/dishes/#{id}") do
          household.dishes.change(id, version, values)
        end
      end

      # Removes one. Raises NotFound, Conflict.
      def remove(id, version)
        title = household.dishes.find(id)[:title]
        noted("Removed: #{title}", "removal", "/dishes/#{id}") { household.dishes.remove(id, version, now) }
      end
    end
  end
end
