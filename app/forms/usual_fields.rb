# frozen_string_literal: true

require_relative "../../lib/fond_kettle/house/usual"
require_relative "../../lib/fond_kettle/measure/rounding"

module FondKettle
  module Forms
    # Values of a plan's fields before anything is typed: the dish's own, or the house's usual ones.
    module UsualFields
      PLAIN = { for: "people", unit: "g", amount: "", boxes: "0", freezer: "0", texture: "0", lesson: "use",
                own_kind: "volume",
                cover: "lid" }.freeze

      module_function

      # Texts by field; `typed` as it came, `shelves` a House::Shelves, `dish` a Dishes::Dish
      # or nil.
      def of(typed, shelves, method, dish)
        guests = typed.key?(:who) ? 0 : House::Usual.guests(shelves)
        { **PLAIN, method: dish&.method || House::Usual::METHOD,
                   portion: House::Usual.portion(method, dish),
                   grain: (House::Usual.grain(shelves, dish) unless typed.key?(:grain)),
                   guests: guests.to_s, stir: method.stir, drain: method.drain,
                   crust: method.crust ? "yes" : "no",
                   rinse: method.rinse_changes.to_s, **(dish ? of_way(dish.way) : {}) }.freeze
      end

      # Values that a dish's own settings bring.
      def of_way(way)
        number = ->(value) { value && Measure::Rounding.plain(value) }
        { rinse: number.call(way.rinse), soak: number.call(way.soak), water_c: number.call(way.soak_c),
          drain: way.drain, oven_c: number.call(way.oven_c), texture: number.call(way.texture),
          cover: way.cover }.compact
      end
      private_class_method :of_way
    end
  end
end
