# frozen_string_literal: true

require_relative "../../lib/fond_kettle/ground/catalogue"
require_relative "../../lib/fond_kettle/ground/paths"
require_relative "../../lib/fond_kettle/ground/schema"
require_relative "../../lib/fond_kettle/ground/value"

module FondKettle
  module Web
    # A sentence of the page Help: its `list` (places or words), what it is about (`key`: an address or a
    # word), the sentence, and the words that are `not` used for it.
    HelpText = Value.define(:list, :key, :say, :not)

    # The sentences of data/help.yml, checked when read.
    module HelpTexts
      FILE = File.join(DATA, "help.yml")
      LISTS = %w[places words].freeze
      SCHEMA = Schema.json(strict: true) do
        required(:list).filled(:string, included_in?: LISTS)
        required(:key).filled(:string)
        required(:say).filled(:string)
        optional(:not).array(:string)
      end

      module_function

      # HelpTexts of a list, in the file's order. Raises BadCatalogue.
      def of(list)
        @all ||= Catalogue.read(FILE, SCHEMA).map { |row| HelpText.new(not: [].freeze, **row) }.freeze
        @all.select { |text| text.list == list }
      end
    end
  end
end
