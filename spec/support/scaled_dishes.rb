# frozen_string_literal: true

require "tmpdir"
require_relative "../../lib/fond_kettle/dishes/shopping"
require_relative "../../lib/fond_kettle/dishes/supper"
require_relative "../../store/demo"
require_relative "../../store/household"

module Support
  # Every demo dish for its own number, 1, 7 and 23 people, as suppers and as a text
  # that a person can read (spec/fixtures/scaled_dishes.txt; `rake fixture` writes it).
  module ScaledDishes
    FILE = File.expand_path("../fixtures/scaled_dishes.txt", __dir__)
    NUMBERS = [nil, 1, 7, 23].freeze
    SMALL_POT_MM = 160

    module_function

    # Yields each supper with the household's Measure::House.
    def suppers
      in_demo do |household|
        household.dishes.with_rice.each do |record|
          numbers(household, household.dish(record)) do |supper|
            yield supper, household.shelves.measures
          end
        end
      end
    end

    # Yields the demo's household.
    def in_demo
      Dir.mktmpdir do |folder|
        household = FondKettle::Store::Household.new(folder, demo: true)
        FondKettle::Store::Demo.fill(household, Time.utc(2026, 5, 9))
        yield household
        household.close
      end
    end

    def text
      parts = []
      suppers { |supper, house| parts << page(supper, house) }
      "#{parts.join("\n")}\n"
    end

    def numbers(household, dish)
      NUMBERS.each do |number|
        factor = number ? number / dish.serves : 1.0
        yield FondKettle::Dishes::Laying.supper(dish, factor, request(household, dish, number))
      end
    end

    # A cook alone takes the small pot.
    def request(household, dish, number)
      method = household.library.fetch(dish.method)
      grain = FondKettle::Larder::Grains.fetch(dish.grain)
      pot = household.values(:pots)
                     .find { |vessel| vessel.diameter_mm == (number == 1 ? SMALL_POT_MM : dish.pan_mm) }
      FondKettle::Methods::Request.of(
        method: method, grain: grain, rice_g: dish.rice_g, vessel: pot,
        burner: household.values(:burners).first, oven: household.values(:ovens).first,
        altitude_m: household.kitchen[:altitude_m], measures: household.shelves.measures
      )
    end

    def page(supper, house)
      list = FondKettle::Dishes::Shopping.new(supper, house, {})
      rice = list.items.first
      pots = supper.batches > 1 ? "#{supper.batches} pots" : "one pot"
      head = "#{supper.dish.title}, for #{FondKettle::Measure::Rounding.plain(supper.servings)} " \
             "(#{pots}, #{supper.plan.request.vessel.name.downcase}), #{supper.plan.verdict}"
      water = "liquid in all: #{house.weighed(supper.liquid_g)} " \
              "(#{FondKettle::Measure::Spoken.say(supper.liquid_g, house)})"
      [head, "  #{rice.weight} #{rice.name}", *list.ready.map { |ready| line(ready) },
       "  #{water}", "  salt a portion: #{supper.salt.serving_g.round(1)} g",
       *supper.warnings.map do |warning|
         "  ! #{warning.say}"
       end, ""].join("\n")
    end

    def line(ready)
      said = [ready.measured.words, ready.measured.weight].compact.join(", ")
      "  #{said.ljust(44)} #{ready.name}#{", rounded #{ready.measured.off}" if ready.measured.off}"
    end
  end
end
