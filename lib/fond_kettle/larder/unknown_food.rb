# frozen_string_literal: true

require_relative "../ground/words"

module FondKettle
  module Larder
    # Food by a name that nobody knows, and what a household says that it is: the answers by the key of an
    # ingredient that it is then like.
    module UnknownFood
      KINDS = Words.of("unknown-food")
      # Of these nobody has said what allergens are in it.
      UNCHECKED = (KINDS.keys - ["egg"]).freeze
      # What the question of a line starts with.
      ASK = "What is “%s”: raw meat or fish, egg, a pulse, or none of these? Say so, or add “| like " \
            "turnip” (or what it is like); until then it is cooked like raw meat, and brings and drinks no " \
            "water."
    end
  end
end
