# frozen_string_literal: true

require_relative "../../html/markup"

module FondKettle
  module Web
    module Drawings
      # A plate from above, with its rice.
      module Plate
        Svg = Html::Markup
        RIM = 0.72

        module_function

        # A plate around `x`, `y`, `radius` wide from its middle; `heaped`: the part of its well that rice
        # covers, 0 to 1.
        def draw(x:, y:, radius:, heaped: 0.6)
          well = radius * RIM
          rice = well * Math.sqrt(heaped.clamp(0.0, 1.0))
          Svg.tag("circle", cx: x, cy: y, r: radius, class: "plate-rim") +
            Svg.tag("circle", cx: x, cy: y, r: well, class: "plate-well") +
            (rice.positive? ? Svg.tag("circle", cx: x, cy: y, r: rice, class: "rice") : "")
        end
      end
    end
  end
end
