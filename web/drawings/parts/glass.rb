# frozen_string_literal: true

require_relative "../../html/markup"

module FondKettle
  module Web
    module Drawings
      # A glass or cup to be counted, filled to a part of it, and a spoon beside it.
      module Glass
        Svg = Html::Markup
        WIDE = 34.0
        HIGH = 44.0
        # From the rim in, at the foot.
        LEAN = 4.0
        SPOON_WIDE = 26.0

        module_function

        # A glass at `x`, `y` (its rim's left end), full to `part` of it with `what`: "water" or "rice".
        def draw(x:, y:, part:, what:)
          level = y + (HIGH * (1 - part))
          lean = LEAN * (1 - part)
          filled = "M#{point(x + lean, level)} L#{point(x + LEAN, y + HIGH)} H#{x + WIDE - LEAN} " \
                   "L#{point(x + WIDE - lean, level)} Z"
          wall = "M#{point(x, y)} L#{point(x + LEAN, y + HIGH)} H#{x + WIDE - LEAN} L#{point(x + WIDE, y)}"
          Svg.tag("path", d: filled, class: what) + Svg.tag("path", d: wall, class: "glass")
        end

        # A spoon lying at `x`, `y`, in its bowl a mound of `what`; an empty one is taken out.
        def spoon(x:, y:, what:)
          middle = x + (SPOON_WIDE / 2)
          Svg.tag("path", d: "M#{middle} #{y + 26} V#{y + HIGH}", class: "spoon-handle") +
            Svg.tag("ellipse", cx: middle, cy: y + 14, rx: 9, ry: 12, class: "spoon #{what}")
        end

        def point(left, down)
          "#{left.round(1)} #{down.round(1)}"
        end
        private_class_method :point
      end
    end
  end
end
