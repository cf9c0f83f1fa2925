# frozen_string_literal: true

require_relative "../html/markup"
require_relative "parts/glass"

module FondKettle
  module Web
    module Drawings
      # Cups to one scale, and how high the kitchen stands, as they are seen in the cupboard.
      module ShelfThings
        Svg = Html::Markup
        # A cup of so many mL is drawn as large as a glass to be counted.
        USUAL_ML = 240.0
        CUP_SCALE = 1.6
        ROOM = 4
        HILL = "M2 88 C26 86 34 70 48 44 C56 28 66 22 74 30 C92 46 96 84 126 88 Z"
        HILL_FOOT = 88.0
        HILL_HIGH = 62.0
        # The kitchen is drawn at the top from there on.
        HIGHEST_M = 3000.0

        module_function

        # A cup of `ml`, by its volume.
        def cup(ml, words)
          scale = CUP_SCALE * Math.cbrt(ml / USUAL_ML)
          side = [Glass::WIDE, Glass::HIGH].map { |mm| ((mm * scale) + (2 * ROOM)).ceil }
          drawn = Svg.tag("g", Glass.draw(x: 0, y: 0, part: 1.0, what: "water"),
                          transform: "translate(#{ROOM} #{ROOM}) scale(#{scale.round(3)})")
          Svg.picture(drawn, *side, words, "shelf-thing glasses")
        end

        # A hill with the kitchen on it, so many metres above the sea.
        def hill(altitude_m, words)
          up = (altitude_m / HIGHEST_M).clamp(0.0, 1.0)
          y = HILL_FOOT - 6 - (HILL_HIGH * up)
          x = 22 + (50 * up)
          house = Svg.tag("path", d: "M#{(x - 9).round(1)} #{y.round(1)} l9 -9 l9 9 v10 h-18 Z",
                                  class: "hill-house")
          Svg.picture(Svg.tag("path", d: HILL, class: "hill") + house, 128, 96, words, "shelf-thing")
        end
      end
    end
  end
end
