# frozen_string_literal: true

module FondKettle
  # Fills %{name} in a text from a data file; any other % stays as it is.
  module Template
    NAME = /%\{(\w+)\}/

    module_function

    # The names that a text asks for.
    def names(text)
      text.scan(NAME).flatten.map(&:to_sym)
    end

    # Raises KeyError for a name that `words` does not have.
    def fill(text, words)
      text.gsub(NAME) { words.fetch(Regexp.last_match(1).to_sym) }
    end
  end
end
