# frozen_string_literal: true

require_relative "../../lib/fond_kettle/ground/value"

module FondKettle
  module Forms
    # The two versions of a record that two people changed at once: the second person's input beside the
    # stored value, for each field in which they differ.
    module BothWays
      # A field's title, what was typed and what stands there.
      Difference = Value.define(:title, :yours, :theirs)

      module_function

      # Differences of what was `typed` (by name) and what is `stored` (as a form would show it), of
      # `titles` (by name).
      #
      #   of({ "ml" => "Holds, mL" }, { "ml" => "210" }, { "ml" => "220" })
      def of(titles, typed, stored)
        titles.filter_map do |name, title|
          yours, theirs = [typed, stored].map { |values| text(values[name.to_s]) }
          Difference.new(title: title, yours: yours, theirs: theirs) unless yours == theirs
        end
      end

      # The titles of some Fields, by name.
      def titles(fields)
        fields.to_h { |field| [field.key.to_s, field.title] }
      end

      def text(value)
        Array(value).join(", ").gsub("\r\n", "\n").strip
      end
      private_class_method :text
    end
  end
end
