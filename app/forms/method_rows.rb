# frozen_string_literal: true

require_relative "../../lib/fond_kettle/methods/method_schema"
require_relative "../../lib/fond_kettle/ground/words"
require_relative "../../lib/fond_kettle/measure/rounding"
require_relative "../../lib/fond_kettle/ground/schema"
require_relative "../../lib/fond_kettle/ground/slug"
require_relative "fields"

module FondKettle
  module Forms
    # The stages of a way, or the steps of its base, as rows of fields: what was
    # typed, and the list that a method's file has.
    class MethodRows
      MOST = 30
      MINUTES = "minutes"
      READY = Vocabulary::READY
      # What a stage may end with, besides so many minutes.
      ENDS = { **Words.of("ends"), READY => "grain and water are ready",
                                   MINUTES => "so many minutes" }.freeze
      # Attributes that are on or off, and whether it needs hands.
      SWITCH_KEYS = Pot::Attributes.switches(:method).map { |attribute| attribute.key.to_s }.freeze
      SWITCHES = { **Words.of("attributes").slice(*SWITCH_KEYS), "hands_on" => "hands on" }.freeze
      # What a base's step keeps through the form.
      HELD = %w[key kind slot state].freeze
      LIST = "food"
      TEXTS = %w[say cue why].freeze

      # A file's list as texts for the fields, by number.
      def self.typed(list, kind)
        (list || []).each_with_index.to_h do |row, index|
          [index.to_s, kind == :stage ? stage(row) : step(row)]
        end
      end

      def self.stage(row)
        ends = row["until"] || (row[MINUTES] == READY ? READY : MINUTES)
        minutes = ends == MINUTES ? Measure::Rounding.shown(row[MINUTES]) : ""
        { **row.slice("key", "kind", *TEXTS, "heat"), LIST => Array(row[LIST]).join(","),
                                                      "lid" => row["lid"].to_s,
                                                      "end" => ends, MINUTES => minutes,
                                                      "oven_c" => Measure::Rounding.shown(row["oven_c"]),
                                                      "on" => ticked(row), "watch" => row["watch"] || [] }
      end

      def self.step(row)
        colours = (row["colours"] || {}).transform_values { |min| Measure::Rounding.shown(min) }
        { **row.slice(*HELD, *TEXTS), LIST => Array(row[LIST]).join(","),
                                      MINUTES => Measure::Rounding.shown(row[MINUTES]), "on" => ticked(row),
                                      **colours }
      end

      def self.ticked(row)
        SWITCHES.keys.select { |name| row[name] }
      end

      attr_reader :kind

      # `typed`: rows by number, each a hash of texts; `kind`: :stage or :step.
      def initialize(typed, kind)
        @kind = kind
        rows = typed.is_a?(Hash) ? typed.values.grep(Hash) : []
        @rows = rows.first(MOST).each_with_index.sort_by { |row, index| [order(row, index), index] }
                    .map(&:first)
      end

      # Rows in order, with what was typed.
      def shown
        @rows
      end

      # The list as a file has it; a row without words is left out.
      def data
        kept.map { |row, index| @kind == :stage ? stage(row, index) : step(row, index) }
      end

      # The place among the shown rows of the row at the list's `index`.
      def place(index)
        kept[index].last
      end

      private

      def kept
        @kept ||= @rows.each_with_index.reject do |row, _|
          TEXTS.all? { |name| text(row, name).empty? } || row["out"]
        end
      end

      def order(row, index)
        Float(text(row, "order"), exception: false) || (index + 1)
      end

      def stage(row, index)
        switches = SWITCHES.keys.to_h { |name| [name, true] }.slice(*Array(row["on"]))
        watch = Array(row["watch"]).grep(String)
        { "key" => key(row, "stage", index), **given(row, "kind"), **food(row), "heat" => text(row, "heat"),
          **given(row, "lid"), **ends(row), **numbers(row, "oven_c"), **switches,
          **(watch.empty? ? {} : { "watch" => watch }), **texts(row) }
      end

      def step(row, index)
        colours = Vocabulary::ONION_COLOURS.reduce({}) { |found, colour| found.merge(numbers(row, colour)) }
        { "key" => key(row, "step", index), **given(row, "kind"), **given(row, "slot"), **given(row, "state"),
          **food(row),
          **(colours.empty? ? numbers(row, MINUTES) : { "colours" => colours }),
          "hands_on" => Array(row["on"]).include?("hands_on"), **texts(row) }
      end

      # Care of what is in it, as the file had it.
      def food(row)
        names = text(row, LIST).split(",")
        names.empty? ? {} : { LIST => names }
      end

      # Its own, or words of what it says.
      def key(row, word, index)
        return text(row, "key") unless text(row, "key").empty?

        words = Slug.of(text(row, "say")).split("-").first(3).join("-")
        words.empty? ? "#{word}-#{('a'..'z').to_a[index % 26]}" : words
      end

      def ends(row)
        ends = text(row, "end")
        return { "until" => ends } if Vocabulary::ENDS.include?(ends)
        return { MINUTES => READY } if ends == READY

        { MINUTES => text(row, MINUTES).empty? ? "" : Schema.as_number(text(row, MINUTES)) }
      end

      def numbers(row, name)
        text(row, name).empty? ? {} : { name => Schema.as_number(text(row, name)) }
      end

      def given(row, name)
        text(row, name).empty? ? {} : { name => text(row, name) }
      end

      def texts(row)
        TEXTS.to_h { |name| [name, text(row, name)] }
      end

      def text(row, name)
        Forms.text(row, name)
      end
    end
  end
end
