# frozen_string_literal: true

require_relative "../html/markup"

module FondKettle
  module Web
    module Drawings
      # A part of a drawing that can be dragged, or moved by the arrow keys.
      module Grip
        Svg = Html::Markup
        # A disc that is seen well enough.
        RADIUS = 13
        # Its arrows stand so far from its middle, a share of that.
        ARROWS = 0.6

        module_function

        # `drawn`: its picture; `name`: the field that it moves.
        def slider(name, label, now, least, most, drawn, **data)
          Svg.tag("g", drawn, role: "slider", tabindex: 0, data_drag: name, aria_label: label,
                              aria_valuenow: now,
                              aria_valuemin: least, aria_valuemax: most, **data)
        end

        # Taken there, not seen.
        def reach(x, y, width, height)
          Svg.tag("rect", x: x, y: y, width: width, height: height, class: "reach")
        end

        # A disc with an arrow up and an arrow down.
        def disc(x, y, klass = nil, radius: RADIUS)
          off = (radius * ARROWS).round
          Svg.tag("circle", cx: x, cy: y, r: radius, class: ["grip", *klass].join(" ")) +
            Svg.tag("path", d: "M#{x} #{y - off} l4 5 h-8 Z M#{x} #{y + off} l4 -5 h-8 Z",
                            class: "grip-arrows")
        end
      end
    end
  end
end
