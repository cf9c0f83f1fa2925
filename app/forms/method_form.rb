# frozen_string_literal: true

require "yaml"
require_relative "../../lib/fond_kettle/measure/rounding"
require_relative "../../lib/fond_kettle/methods/method_schema"
require_relative "../../lib/fond_kettle/methods/library"
require_relative "../../lib/fond_kettle/ground/slug"
require_relative "fields"
require_relative "method_rows"

module FondKettle
  module Forms
    # A way of cooking as fields: read from a method's file, and written as one that
    # says only what differs from the method it is like.
    class MethodForm
      TEXTS = %w[name gives risks disagrees].freeze
      # Fields of one value, as in the file.
      PLAIN = %w[rinse_changes soak drain liquid_c residue_per_g stir finish].freeze
      USUAL_SOAK = "usual"
      # What a file means by saying nothing.
      UNSAID = { "stir" => "never", "finish" => "fluff", "crust" => false, "base" => [] }.freeze
      LIKE = "like"
      # Of a whole file.
      MOST_LETTERS = 20_000

      attr_reader :problems, :key, :like

      # The form of a method that is there; a copy of it gets a name of its own.
      def self.of(library, key, copy: false)
        data = library.data(key)
        data = data.merge("name" => "#{data['name']}, our way") if copy
        about = copy ? { LIKE => key } : { "key" => key, LIKE => library.own_data(key)[LIKE].to_s }
        new({ **TEXTS.to_h { |name| [name, data[name]] },
              **PLAIN.to_h { |name| [name, Measure::Rounding.shown(data[name])] },
              "suits" => data["suits"], "crust" => data["crust"] ? "yes" : "", **about,
              "stage" => MethodRows.typed(data["stages"], :stage),
              "step" => MethodRows.typed(data["base"], :step) }, library)
      end

      # `typed`: parameters with string keys; `library`: the household's.
      def initialize(typed, library)
        @typed = typed
        @library = library
        @like = library.all.key?(text(LIKE)) ? text(LIKE) : nil
        @key = text("key").empty? ? fresh_key : text("key")
        @rows = { "stages" => MethodRows.new(typed["stage"], :stage),
                  "base" => MethodRows.new(typed["step"], :step) }
        @problems = check.freeze
      end

      def ok?
        @problems.empty?
      end

      # Text that a field shows.
      def [](name)
        name == "suits" ? Array(@typed["suits"]) : text(name)
      end

      # Rows of "stages" or "base", as texts, in order.
      def rows(list)
        @rows.fetch(list).shown
      end

      # The file: what is said over what it is like.
      def file
        YAML.dump(own).delete_prefix("---\n")
      end

      # The Method, once it holds together.
      def method
        tried.all.fetch(@key)
      end

      private

      def text(name)
        Forms.text(@typed, name)
      end

      # Lower-case words with hyphens, and nobody else's.
      def fresh_key
        words = Slug.of(text("name"))
        words = "own-way" if words.empty?
        words = "own-#{words}" while @library.all.key?(words)
        words
      end

      def above
        @above ||= (@like && @library.data(@like)) || @library.data(@key) || {}
      end

      # All that the method says, as in a file.
      def filled_in
        @filled_in ||= { **above.except(LIKE), "key" => @key, **TEXTS.to_h { |name| [name, text(name)] },
                                               **plain_values,
                                               "suits" => Array(@typed["suits"]).grep(String),
                                               "crust" => text("crust") == "yes",
                                               **@rows.transform_values(&:data) }
      end

      def plain_values
        values = PLAIN.to_h { |name| [name, Schema.as_number(text(name))] }
        values["soak"] = USUAL_SOAK if values["soak"] == ""
        values.reject { |name, value| value == "" && !%w[rinse_changes drain].include?(name) }
      end

      def own
        differing = filled_in.reject do |name, value|
          value == (above[name].nil? ? UNSAID[name] : above[name])
        end
        { "key" => @key, **(@like ? { LIKE => @like, **differing } : filled_in) }
      end

      def check
        result = Methods::METHOD_SCHEMA.call(filled_in)
        return problems_of(result) if result.failure?
        return [{ field: "stages", message: "must have at least one" }] if filled_in["stages"].empty?
        if file.length > MOST_LETTERS
          return [{ field: "way", message: "must have at most #{MOST_LETTERS} letters in all" }]
        end

        clash + tried.problems.grep(/\Ayour way/)
                     .map { |words| { field: "way", message: words.delete_prefix("your way, ") } }
      end

      def clash
        if Methods::Library.ours.all.key?(@key)
          [{ field: "way", message: "must not be one of ours: #{@key}" }]
        else
          []
        end
      end

      # Each at its field, rows by where they stand on the page.
      def problems_of(result)
        Schema.faults(result).map do |message, said|
          list, index, *rest = message.path
          rows = @rows[list.to_s]
          next { field: list == :key ? "way" : list.to_s, message: said } unless rows && index

          { field: [rows.kind, rows.place(index), *rest].join("-"), message: said }
        end
      end

      # The household's methods with this one among them.
      def tried
        @tried ||= @library.trying(@key, file, as: "your way")
      end
    end
  end
end
