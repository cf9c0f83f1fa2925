# frozen_string_literal: true

require_relative "../ground/value"
require_relative "../methods/request/request"

module FondKettle
  module House
    # How much is wanted, `by` "people", "amount", "pot" (as much as it takes) or "have" (by
    # what there is of something): `who` eats (ids) and `guests` beside, `boxes` and
    # `freezer` portions left over, `portion` a kind of meal or HowMuch::AS_DISH; an `amount`
    # in a `unit`; `have_g` of the dish's line number `have`. nil: not said.
    Quantity = Value.define(:by, :who, :guests, :boxes, :freezer, :portion, :amount, :unit, :have, :have_g) do
      # A Quantity with the given attributes; the others take their defaults.
      def self.of(**said)
        new(by: "people", who: [].freeze, guests: 0, boxes: 0, freezer: 0, portion: "main", amount: nil,
            unit: "g",
            have: nil, have_g: nil, **said)
      end
    end

    # What somebody wants cooked in this house. `method` and `grain` are the core's values,
    # `dish` a Dishes::Dish or nil; `chosen` ids of pot, cup, burner and oven; `quantity` a
    # Quantity, in `batches` equal pots; `wash` (rinse_changes, soak_min, water_c, drain) and
    # `texture` where they are not the dish's or the method's own; `lid` what closes the pot tonight
    # in the place of its own (nil: its own, or the dish's); `choices` Methods::Choices; `additions`
    # and `company` as in a Methods::Request; `learned` false leaves out what the log says;
    # `layered` (Methods::Layered) what is said of a pot of layers, nil: nothing; `making`
    # (Methods::Making) of what is made of the rice.
    Wishes = Value.define(:method, :grain, :dish, :chosen, :quantity, :batches, :wash, :texture, :lid,
                          :choices,
                          :additions,
                          :company, :learned, :layered, :making) do
      # Wishes with the given attributes; the others take their defaults.
      def self.of(method:, grain:, **said)
        new(method: method, grain: grain, dish: nil, chosen: {}.freeze, quantity: Quantity.of, batches: 1,
            wash: {}.freeze, texture: nil, lid: nil, choices: Methods::Choices.of, additions: [].freeze,
            company: [].freeze, learned: true, layered: nil,
            making: Methods::Making.of, **said)
      end
    end
  end
end
