# frozen_string_literal: true

require_relative "../ground/value"

module FondKettle
  module Table
    # Somebody at the table and what of it they avoid.
    Clash = Value.define(:name, :allergens) do
      # "Ilse avoids nut: it is in this."
      def to_s
        "#{name || 'Somebody'} avoids #{allergens.join(', ')}: it is in this."
      end
    end

    # What is on the table against who sits there. Judged here and nowhere else.
    module Avoids
      module_function

      # The Clashes of `eaters` (Eater) with a list of allergens.
      def clashes(eaters, allergens)
        eaters.filter_map do |eater|
          shared = eater.avoids & allergens
          Clash.new(name: eater.name, allergens: shared.freeze) if shared.any?
        end
      end
    end
  end
end
