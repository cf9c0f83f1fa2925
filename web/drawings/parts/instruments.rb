# frozen_string_literal: true

require_relative "../../html/markup"

module FondKettle
  module Web
    module Drawings
      # What a kitchen measures with, each told by its outline: scales, a clock, a thermometer.
      module Instruments
        Svg = Html::Markup
        SCALES = [132, 40].freeze
        CLOCK = 64
        FACE = 26.0
        THERMOMETER = [34, 102].freeze
        # Of its tube, from its bulb up.
        TUBE = 66.0

        module_function

        # Kitchen scales, to stand under a vessel; `shows`: what is on their display.
        def scales(shows, words)
          drawn = Svg.tag("path", d: "M6 4 H126 L118 12 H14 Z", class: "tool") +
                  Svg.tag("path", d: "M22 12 H110 L118 38 H14 Z", class: "tool tool-body") +
                  Svg.tag("rect", x: 38, y: 17, width: 56, height: 16, rx: 3, class: "tool-display") +
                  Svg.text(shows, x: 66, y: 29.5, class: "tool-words", text_anchor: "middle")
          Svg.picture(drawn, *SCALES, words, "tool-drawing")
        end

        # A clock with `minutes` of its hour filled in; 0: its hand stands at the top.
        def clock(minutes, words)
          middle = CLOCK / 2.0
          turn = 2 * Math::PI * minutes / 60
          x = (middle + (FACE * Math.sin(turn))).round(1)
          y = (middle - (FACE * Math.cos(turn))).round(1)
          wedge = "M#{middle} #{middle} V#{middle - FACE} A#{FACE} #{FACE} 0 #{minutes > 30 ? 1 : 0} 1 " \
                  "#{x} #{y} Z"
          drawn = Svg.tag("circle", cx: middle, cy: middle, r: FACE, class: "tool tool-face") +
                  (minutes.positive? ? Svg.tag("path", d: wedge, class: "tool-wedge") : "") +
                  Svg.tag("path", d: "M#{middle} #{middle} L#{x} #{y}", class: "tool-hand")
          Svg.picture(drawn, CLOCK, CLOCK, words, "tool-drawing")
        end

        # A thermometer, full to a `part` of its tube.
        def thermometer(part, words)
          high = TUBE * part.clamp(0.05, 1.0)
          drawn = Svg.tag("path", d: "M11 80 V12 a6 6 0 0 1 12 0 V80 a10 10 0 1 1 -12 0 Z", class: "tool") +
                  Svg.tag("circle", cx: 17, cy: 88, r: 6.5, class: "tool-warm") +
                  Svg.tag("rect", x: 14.5, y: (82 - high).round(1), width: 5, height: high.round(1),
                                  class: "tool-warm")
          Svg.picture(drawn, *THERMOMETER, words, "tool-drawing")
        end
      end
    end
  end
end
