# frozen_string_literal: true

module FondKettle
  # Fills %{name} in a text from a data file; any other % stays as it is.
  module Template
    module_function

    # Raises KeyError for a name that `words` does not have.
    def fill(text, words)
      text.gsub(/%\{(\w+)\}/) { words.fetch(Regexp.last_match(1).to_sym) }
    end
  end
end
