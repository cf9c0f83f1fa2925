# frozen_string_literal: true

require_relative "../act"

module FondKettle
  module App
    # Keeps a dish, changes it and removes it; each can be taken back.
    class KeepDish < Act
      # Keeps a new dish (checked attributes), and what things weigh, g each by name, as its cook has said.
      def add(values, weights = {})
        noted("#{values[:title]} is among the dishes", "addition", "/dishes") do
          learn(weights)
          household.dishes.add(values)
        end
      end

      # Changes one. Raises NotFound; Conflict where `version` is not its own.
      def change(id, version, values, weights = {})
        noted("Changed: #{values[:title]}", "change", "/dishes/#{id}") do
          learn(weights)
          household.dishes.change(id, version, values)
        end
      end

      # Removes one. Raises NotFound, Conflict.
      def remove(id, version)
        title = household.dishes.find(id)[:title]
        noted("Removed: #{title}", "removal", "/dishes/#{id}") { household.dishes.remove(id, version, now) }
      end

      private

      def learn(weights)
        weights.each { |name, each_g| household.weights.learn(name, each_g) }
      end
    end
  end
end
