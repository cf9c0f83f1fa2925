# frozen_string_literal: true

require_relative "../../../lib/fond_kettle/vessels/composition"
require_relative "../../html/markup"

module FondKettle
  module Web
    module Drawings
      # Textures of food, told apart by their shapes: rings, cubes, pieces, leaves, grains, beads, specks,
      # crumbs; what runs has none.
      module FoodTexture
        Svg = Html::Markup
        SIZE = 14.0
        # Each of a pattern's tile: paths, drawn with a line of the food's own ink.
        PATHS = { "rings" => "M1 4 q3 -4 6 0 M7 11 q3 -4 6 0",
                  "cubes" => "M1.5 2 h4 v4 h-4 z M8 8 h4 v4 h-4 z",
                  "pieces" => "M1 6 q3 -6 8 -3 q5 4 -1 7 q-6 1 -7 -4",
                  "leaves" => "M2 6 q4 -6 9 -3 q-3 6 -9 3 M2 6 l7 -2 M5 12 q3 -3 7 -1",
                  "grains" => "M2 4 l3 -1.5 M9 3 l3 1.5 M4 11 l3 0 M10 11 l2.5 -2",
                  "beads" => "M3 3 a1.6 1.6 0 1 0 .1 0 z M10 9 a1.6 1.6 0 1 0 .1 0 z",
                  "specks" => "M3 3 h.8 M10 5 h.8 M6 11 h.8 M12 12 h.8",
                  "crumbs" => "M2 3 l2 1 M8 2 l1 2 M4 9 l2 -1 M10 10 l2 1 M7 6 l1 1" }.freeze
        PLAIN = "plain"
        RICE = "rice"

        module_function

        # The texture of a Vessels::Food, by what it is like: a key of PATHS, or "plain".
        def of(food)
          what = food.ingredient
          return PLAIN if what.runs? || what.fat?

          meat(food) || by_shape(what)
        end

        # The patterns of some textures, their ids ended by the drawing's own `id`.
        def defs(textures, id)
          patterns = (textures.uniq & PATHS.keys).map { |key| pattern(key, id) }
          Svg.tag("defs", patterns.join)
        end

        def pattern(key, id)
          path = Svg.tag("path", d: PATHS.fetch(key), class: "texture")
          Svg.tag("pattern", path, id: "#{key}-#{id}", width: SIZE, height: SIZE,
                                   patternUnits: "userSpaceOnUse")
        end

        def meat(food)
          return unless food.ingredient.care.intersect?(Vessels::Composition::MEATS)

          food.ingredient.care.include?("minced") ? "crumbs" : "pieces"
        end

        def by_shape(what)
          return "grains" if what.slot == RICE
          return "leaves" if what.hot_g_ml
          return "rings" if what.slot == "onion"
          return "beads" if what.dry || what.drinks?

          %w[slower finished].include?(what.scales) ? "specks" : "cubes"
        end
        private_class_method :pattern, :meat, :by_shape
      end
    end
  end
end
