# frozen_string_literal: true

require "json"
require_relative "../lib/fond_kettle/reading/barred/barred_dish"
require_relative "../lib/fond_kettle/reading/rows/barred_text"

module FondKettle
  module Store
    # Dishes of before they were told: fields, lines and steps with bars, brought forward to a text and what
    # is read of it (schema 2).
    class OldDishes
      def initialize(household)
        @household = household
      end

      # Brings forward all that are not yet, those that were removed too, in one transaction.
      def bring_forward
        rows = @household.database.read { |db| db[:dishes].where(graph: "").all }
        return if rows.empty?

        @household.database.write do |db|
          rows.each { |row| db[:dishes].where(id: row[:id]).update(graph: JSON.generate(dish(row))) }
        end
      end

      private

      def dish(row)
        head = row.slice(:title, :serves, :grain, :rice_g, :method, :pan_mm)
        lines, steps, note = row.values_at(:lines, :steps, :note)
        Reading::BarredDish.new(head, lines: lines, steps: steps, way: JSON.parse(row[:way]),
                                      names: @household.names, cups: @household.values(:cups),
                                      library: @household.library).call
                           .merge("text" => Reading::BarredText.of(head, note, lines, steps),
                                  "not_read" => [note].reject(&:empty?))
      end
    end
  end
end
