# frozen_string_literal: true

require_relative "../act"

module FondKettle
  module App
    # Changes a meal that is laid, or takes it off the clock; either can be taken back.
    class ChangeMeal < Act
      # Puts a meal and its schedule in the place of what stands there. `text`: what was done; `path`: where
      # it is seen. Raises Conflict where `version` is not its own.
      def call(record, version, meal, schedule, text: "Placed anew", path: "/clock/#{record[:id]}")
        noted("#{text}: #{record[:title]}", "change", path) do
          household.meals.change(record[:id], version, meal, schedule)
        end
      end

      # Ends a meal that is over, or is not cooked.
      def end(record)
        noted("Taken off the clock: #{record[:title]}", "removal", "/clock/#{record[:id]}") do
          household.meals.end(record[:id], now)
        end
      end
    end
  end
end
