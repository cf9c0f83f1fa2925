# frozen_string_literal: true

require_relative "../../lib/fond_kettle/formats/stored_dish"
require_relative "../../lib/fond_kettle/reading/barred/barred_dish"

module Support
  # Dishes and suppers from a few lines of text with bars.
  module Suppers
    HEAD = { title: "Dish", serves: 4.0, method: "covered-pot", grain: "basmati", rice_g: 320.0,
             pan_mm: 240.0 }.freeze

    def read(text, cups = [])
      FondKettle::Dishes::QuickText.new(cups: cups).read(text)
    end

    # As a dish of schema 2 (a hash).
    def barred(text, steps: "", way: FondKettle::Dishes::Way.of, **head)
      FondKettle::Reading::BarredDish.new({ **HEAD, **head }, lines: text, steps: steps,
                                                              way: way.settings.transform_keys(&:to_s)).call
    end

    # For four; `steps` as a cook types them, `changes` any other part of a dish.
    def dish(text, steps: "", **changes)
      FondKettle::Formats::StoredDish.of(barred(text, steps: steps, **changes),
                                         names: FondKettle::Larder::Names.ours,
                                         library: FondKettle::Methods::Library.ours)
    end

    def supper(dish, factor = 1.0, **request)
      asked = request_for(basic_request(method: dish.method, vessel: { "diameter_mm" => 240 }, **request))
      FondKettle::Dishes::Laying.supper(dish, factor, asked)
    end
  end
end
