# frozen_string_literal: true

require_relative "../../lib/fond_kettle/dishes/line"

module FondKettle
  module Forms
    # Lines of a dish as fields, one row each, written back as quick text.
    module LineFields
      # What says where it goes in, in parts.
      SHARED = /(?:\d|half|rest)\S*\s+(?:base|with|finish|liquid|beside)/

      module_function

      # `rows`: row number to a hash of amount, unit, name, note, stage, state,
      # scales and like, as sent. Rows without a name are left out.
      def text(rows)
        return "" unless rows.is_a?(Hash)

        rows.sort_by { |number, _| number.to_i }.filter_map { |_, row| line(row) if row.is_a?(Hash) }
            .join("\n")
      end

      def line(row)
        row = row.transform_values { |value| value.to_s.tr("|\r\n", "/  ").strip }
        return if row["name"].to_s.empty?

        said = [row["amount"], row["unit"], row["name"]].compact.reject(&:empty?).join(" ")
        said = [said, row["note"].to_s].reject(&:empty?).join(", ")
        row["stage"] = nil if row["more"].to_s.match?(SHARED)
        marks = row.values_at("stage", "state", "scales").compact.reject do |mark|
          mark.empty? || mark == "raw"
        end
        marks << "like #{row['like']}" unless row["like"].to_s.empty?
        marks << more(row["more"])
        [said, *marks.compact].join(" | ")
      end

      # Marks beyond the columns, with anything but bars between.
      def more(text)
        text.to_s.split("/").map(&:strip).reject(&:empty?).join(" | ").then do |marks|
          marks unless marks.empty?
        end
      end
      private_class_method :line, :more
    end
  end
end
