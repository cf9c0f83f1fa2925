# frozen_string_literal: true

module FondKettle
  # A name as lower-case words with hyphens, for keys and files.
  module Slug
    module_function

    # Letters without their marks; with `digits`, numbers too; "" where nothing is left.
    #
    #   of("Ilse's Pöt 2")               # => "ilse-s-pot"
    #   of("Ilse's Pöt 2", digits: true) # => "ilse-s-pot-2"
    def of(text, digits: false)
      text.unicode_normalize(:nfkd).gsub(/\p{Mn}/, "").downcase.scan(digits ? /[a-z0-9]+/ : /[a-z]+/)
          .join("-")
    end
  end
end
