# frozen_string_literal: true

require_relative "../ground/value"

module FondKettle
  module Table
    # Somebody at the table and what of it they avoid; `not_checked`: food of which nobody
    # knows whether it has that.
    Clash = Value.define(:name, :allergens, :not_checked) do
      # "Ilse avoids nut: it is in this." or "Ilse avoids nut: nobody has checked sea moss."
      def to_s
        why = not_checked.empty? ? "it is in this" : "nobody has checked #{not_checked.join(', ')}"
        "#{name || 'Somebody'} avoids #{allergens.join(', ')}: #{why}."
      end
    end

    # The comparison of the food on the table with what its eaters avoid. No other place judges this.
    module Avoids
      module_function

      # The Clashes of `eaters` (Eater) with a list of allergens, and with food that nobody
      # has checked.
      def clashes(eaters, allergens, not_checked = [])
        eaters.flat_map do |eater|
          shared = eater.avoids & allergens
          doubtful = not_checked.empty? ? [] : eater.avoids - shared
          [(clash(eater, shared, []) if shared.any?),
           (clash(eater, doubtful, not_checked) if doubtful.any?)].compact
        end
      end

      def clash(eater, allergens, not_checked)
        Clash.new(name: eater.name, allergens: allergens.freeze, not_checked: not_checked.dup.freeze)
      end
      private_class_method :clash
    end
  end
end
