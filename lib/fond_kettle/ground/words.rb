# frozen_string_literal: true

require_relative "catalogue"
require_relative "paths"
require_relative "schema"

module FondKettle
  # Texts for the keys of the vocabulary and of the attributes (data/words.yml): each list by its name, key to
  # text. Checked when loaded.
  module Words
    FILE = File.join(DATA, "words.yml")
    SCHEMA = Schema.json(strict: true) do
      required(:list).filled(:string)
      required(:key).filled(:string)
      required(:say).filled(:string)
    end

    module_function

    # The words of a list, by key as text. Raises KeyError for a list that is not there.
    #
    #   of("attributes")["cloth"] # => "cloth under the lid"
    def of(list)
      all.fetch(list)
    end

    # A text as a sentence begins: the rest of it stays as it is.
    def capital(text)
      text[0].upcase + text[1..]
    end

    # All lists.
    def all
      @all ||= Catalogue.read(FILE, SCHEMA).group_by { |row| row[:list] }.transform_values do |rows|
        rows.to_h { |row| [row[:key], row[:say]] }.freeze
      end.freeze
    end
  end
end
