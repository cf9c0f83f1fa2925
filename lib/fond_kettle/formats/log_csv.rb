# frozen_string_literal: true

require_relative "csv_table"

module FondKettle
  module Formats
    # The log as comma-separated values: a line a cook, what was planned and poured, how it came out.
    module LogCsv
      COLUMNS = %i[finished_at title grain pot rice_g planned_g poured_g planned_min took_min
                   outcome_grain outcome_wetness outcome_floor note teaches].freeze

      module_function

      # Text of finished cooks, as the store has them; `pot_names`: names by a pot's id.
      def call(cooks, pot_names)
        CsvTable.call(COLUMNS, cooks.map { |cook| row(cook, pot_names) })
      end

      def row(cook, pot_names)
        cook.slice(:title, :grain, :planned_g, :poured_g)
            .merge(planned(cook[:plan]), outcome(cook[:outcome] || {}),
                   finished_at: cook[:finished_at].utc.iso8601, pot: pot_names[cook[:pot_id]],
                   took_min: ((cook[:finished_at] - cook[:started_at]) / 60.0).round(1),
                   teaches: cook[:teaches] && !cook[:forgotten_at] ? "yes" : "no")
      end

      def planned(plan)
        { rice_g: plan.dig(:rice, :g), planned_min: plan.dig(:minutes, :total) }
      end

      def outcome(said)
        { outcome_grain: said[:grain], outcome_wetness: said[:wetness], outcome_floor: said[:floor],
          note: said[:note] }
      end

      private_class_method :row, :planned, :outcome
    end
  end
end
