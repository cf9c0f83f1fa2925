# frozen_string_literal: true

module Support
  # Dishes and suppers from a few lines of text.
  module Suppers
    def read(text, cups = [])
      FondKettle::Dishes::QuickText.new(cups: cups).read(text)
    end

    # For four; `steps` as a cook types them, `changes` any other part of a dish.
    def dish(text, steps: "", **changes)
      FondKettle::Dishes::Dish.of(title: "Dish", serves: 4.0, method: "covered-pot", grain: "basmati",
                                  rice_g: 320.0, pan_mm: 240.0, lines: read(text).lines,
                                  steps: FondKettle::Dishes::QuickSteps.read(steps),
                                  note: "", **changes)
    end

    def supper(dish, factor = 1.0, **request)
      asked = request_for(basic_request(method: dish.method, vessel: { "diameter_mm" => 240 }, **request))
      FondKettle::Dishes::Laying.supper(dish, factor, asked)
    end
  end
end
