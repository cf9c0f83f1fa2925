# frozen_string_literal: true

require_relative "../ground/keyed_catalogue"

module FondKettle
  module Methods
    # The appearance of a bitten grain (data/bites.yml), checked when loaded.
    module Bites
      extend KeyedCatalogue

      SCHEMA = Schema.json(strict: true) do
        required(:upto).filled(Schema::Number, included_in?: 0..2)
        required(:left).filled(:string)
        required(:say).filled(:string)
      end
      rows("bites.yml", SCHEMA, key: :upto) { |row| row }

      module_function

      # The appearance of a grain after this share of the core's time.
      #
      #   say(0.8) # => "a bitten grain has a thin white thread left"
      def say(done)
        row(done).fetch(:say)
      end

      # The same in a few words: "a thin white thread left".
      def left(done)
        row(done).fetch(:left)
      end

      def row(done)
        rows = all.values.sort_by { |row| row[:upto] }
        rows.find { |row| done <= row[:upto] } || rows.last
      end
      private_class_method :row
    end
  end
end
