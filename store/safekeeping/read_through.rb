# frozen_string_literal: true

require "json"
require "time"
require_relative "../../lib/fond_kettle/formats/history/linearised_json"
require_relative "../../lib/fond_kettle/formats/stored_request"
require_relative "../../lib/fond_kettle/ground/errors"
require_relative "../../lib/fond_kettle/house/shelf_kinds"
require_relative "../../lib/fond_kettle/stove/cook"
require_relative "../household"

module FondKettle
  module Store
    # Reads everything that a household keeps, as the pages would: each record of a shelf, each dish, plan,
    # event, outcome, meal, box, card and change. What later versions store is added here.
    class ReadThrough
      # What may go wrong where a text is not what it was written as.
      UNREADABLE = [JSON::ParserError, ArgumentError, KeyError, TypeError, NoMethodError, UserError].freeze

      # Sentences about what cannot be read, and how many of each were read, by their word.
      attr_reader :problems, :counts

      def initialize(household)
        @household = household
        @problems = []
        @counts = Hash.new(0)
      end

      # Reads all. Returns itself.
      def call
        shelves
        rows(:dishes) { |row| @household.dish(row) }
        cooks
        rows(:meals) { |row| @household.meals.standing(@household.meals.find(row[:id])) }
        rows(:kept, "boxes") { |row| @household.kept.value(row).use_by(Time.parse(row[:made_at])) }
        rows(:components) { |row| Time.parse(row[:made_at]) && Date.iso8601(row[:use_by]) }
        rows(:cards) { |row| @household.cards.liquids_g(row).sum }
        rows(:changes) do |row|
          JSON.parse(row[:rows]).each do |one|
            one.fetch("table")
          end && Time.parse(row[:at])
        end
        methods
        self
      end

      private

      def shelves
        House::SHELF_KINDS.each do |table, kind|
          rows(table, "records") { |row| kind.value ? @household.value(table, row) : row }
        end
      end

      # A cook with its plan, its events and where it stood after each of them.
      def cooks
        rows(:cooks, "plans") do |row|
          record = @household.cooks.find(row[:id])
          @counts["events"] += record[:events].size
          Stove::Cook.new(record[:plan], record[:events]).position
          Formats::StoredRequest.read(row[:request])
        end
        rows(:meal_dishes, "plans") { |row| row[:request] && Formats::StoredRequest.read(row[:request]) }
        %i[lessons mine].each { |table| rows(table) { |row| Formats::LinearisedJson.read(row[:seen]) } }
        rows(:outcomes) { |row| Log::Outcome.of(**row.slice(*Log::Outcome.members)) }
      end

      def methods
        @counts["methods"] = @household.own_keys.size
        @problems.concat(@household.library.problems)
      end

      # Reads each row of a table by the block.
      def rows(table, word = table.to_s)
        @household.database.read { |db| db[table].all }.each do |row|
          @counts[word] += 1
          yield row
        rescue *UNREADABLE => e
          which = row[:title] || row[:name] || row[:what] || row[:id] || row[:cook_id]
          @problems << "#{table}, #{which}: cannot be read (#{e.message[0, 120]})"
        end
      end
    end
  end
end
