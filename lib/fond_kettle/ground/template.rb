# frozen_string_literal: true

require_relative "errors"

module FondKettle
  # Fills %{name} in a text from a data file; any other % stays as it is.
  module Template
    NAME = /%\{(\w+)\}/

    module_function

    # Names that a text asks for, as symbols.
    def names(text)
      text.scan(NAME).flatten.map(&:to_sym)
    end

    # Raises KeyError for a name that `words` does not have.
    def fill(text, words)
      return text unless text.include?("%{")

      text.gsub(NAME) { words.fetch(Regexp.last_match(1).to_sym) }
    end

    # Checks, when a file is loaded, that `texts` ask only for names that are `known`;
    # `where` is the place for the message. Raises BadCatalogue.
    def check(texts, known, where)
      unknown = texts.flat_map { |text| names(text) } - known
      return if unknown.empty?

      raise BadCatalogue, "#{where}: %{#{unknown.first}} is not known here; " \
                          "known: #{known.map { |name| "%{#{name}}" }.join(', ')}"
    end
  end
end
