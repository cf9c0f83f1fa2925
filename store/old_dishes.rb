# frozen_string_literal: true

require "json"
require_relative "../lib/fond_kettle/ground/errors"
require_relative "../lib/fond_kettle/larder/grains"
require_relative "../lib/fond_kettle/measure/rounding"
require_relative "../lib/fond_kettle/reading/barred/barred_dish"
require_relative "../lib/fond_kettle/reading/barred_text"
require_relative "../lib/fond_kettle/reading/head_rows"

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
        way = JSON.parse(row[:way])
        Reading::BarredDish.new(head(row), lines: row[:lines], steps: row[:steps], way: way,
                                           names: @household.names, cups: @household.values(:cups),
                                           library: @household.library).call
                           .merge("text" => text(row), "not_read" => [row[:note]].reject(&:empty?))
      end

      def head(row)
        row.slice(:title, :serves, :grain, :rice_g, :method, :pan_mm)
      end

      def text(row)
        rice = "#{Measure::Rounding.plain(row[:rice_g])} g #{row[:grain].tr('-', ' ')} rice"
        head = [row[:title], "Serves #{Measure::Rounding.plain(row[:serves])}", rice,
                *Reading::HeadRows.write(**row.slice(:method, :pan_mm, :note))]
        Reading::BarredText.write(head, row[:lines], row[:steps])
      end
    end
  end
end
