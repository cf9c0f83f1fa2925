# frozen_string_literal: true

require "csv"

module FondKettle
  module Formats
    # Records as a table of comma-separated values, with a line of headings.
    module CsvTable
      # A spreadsheet would reckon with what begins like this, and not show it.
      FORMULA = /\A[=+\-@\t\r]/

      module_function

      # Text of `rows` (hashes), a column for each key of `columns`.
      #
      #   call(%i[name ml], [{ name: "Jam glass", ml: 210.0 }]) # => "name,ml\nJam glass,210.0\n"
      def call(columns, rows)
        CSV.generate do |csv|
          csv << columns
          rows.each { |row| csv << columns.map { |column| cell(row[column]) } }
        end
      end

      def cell(value)
        value.is_a?(String) && value.match?(FORMULA) ? "'#{value}" : value
      end

      private_class_method :cell
    end
  end
end
