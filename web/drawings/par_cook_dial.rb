# frozen_string_literal: true

require_relative "../../lib/fond_kettle/methods/sealed/par_cook"
require_relative "../html/markup"
require_relative "grip"

module FondKettle
  module Web
    module Drawings
      # A grain cut across, its white core as wide as it is at the chosen degree, over a line from raw
      # to cooked: where the water closes, where the time does, and the four degrees that schools name.
      class ParCookDial
        Svg = Html::Markup
        WIDTH = 720.0
        HEIGHT = 372.0
        LEFT = 150.0
        RIGHT = 690.0
        GRAIN_Y = 74.0
        GRAIN = [128.0, 46.0].freeze
        LINE_Y = 252.0
        BANDS = { water: 176.0, time: 206.0 }.freeze
        BAND = 20.0
        REACH = 44.0
        # Every other degree stands below the others, clear of its neighbours.
        LOWER = 50
        # What is drawn from its middle to the right.
        MOST = 1.0

        # `par`: Methods::ParCook; `minutes`: in the water at each of the four degrees, by name.
        def initialize(par, minutes)
          @par = par
          @minutes = minutes
        end

        # SVG markup.
        def to_s
          parts = [title, grain, band(:water, "water", @par.water.low, @par.water.high),
                   band(:time, "time", @par.time.low, MOST), line, degrees, grip]
          Svg.tag("svg", parts.join, class: "par-dial", role: "group", aria_labelledby: "dial-title",
                                     viewBox: "0 0 #{WIDTH.to_i} #{HEIGHT.to_i}", data_left: LEFT,
                                     data_right: RIGHT)
        end

        private

        def x(done)
          LEFT + ((RIGHT - LEFT) * done.clamp(0.0, MOST))
        end

        def shown
          [@par.done, MOST].min
        end

        def percent(done)
          (done * 100).round
        end

        def title
          low, high = [@par.done_low, @par.done_high].map { |done| percent(done) }
          closes = @par.closing? ? "comes right from #{low} to #{high} %" : "does not close"
          Svg.tag("title", "Par-cooked to #{percent(@par.done)} %; #{closes}", id: "dial-title")
        end

        # The core is as wide as is left of it.
        def grain
          long, wide = GRAIN
          middle = (LEFT + RIGHT) / 2
          core = [1 - shown, 0.0].max
          [Svg.tag("ellipse", cx: middle, cy: GRAIN_Y, rx: long, ry: wide, class: "grain-clear"),
           (if core > 0.01
              Svg.tag("ellipse", cx: middle, cy: GRAIN_Y, rx: long * core, ry: wide * core,
                                 class: "grain-core")
            end),
           Svg.text("#{percent(core)} % white", x: middle, y: GRAIN_Y + wide + 24,
                                                class: "label middle")].compact.join
        end

        def band(key, words, low, high)
          y = BANDS.fetch(key)
          open = low && high && low <= high
          drawn = if open
                    Svg.tag("rect", x: x(low), y: y, width: [x(high) - x(low), 3.0].max, height: BAND,
                                    class: "band band-#{key}")
                  else
                    ""
                  end
          Svg.text(words, x: LEFT - 12, y: y + 16, class: "label end") +
            Svg.tag("rect", x: LEFT, y: y, width: RIGHT - LEFT, height: BAND, class: "band-whole") + drawn
        end

        def line
          Svg.tag("path", d: "M#{LEFT} #{LINE_Y} H#{RIGHT}", class: "axis") +
            Svg.text("raw", x: LEFT - 12, y: LINE_Y + 6, class: "label end")
        end

        # Named above the line, their minutes below.
        def degrees
          Methods::ParCook::DEGREES.each_with_index.map do |(name, done), index|
            at = x(done)
            low = index.odd? ? LOWER : 0
            anchor = done >= 1 ? "end" : "middle"
            Svg.tag("path", d: "M#{at} #{LINE_Y - 7} v14", class: "axis") +
              Svg.text(name, x: at, y: LINE_Y + 30 + low, class: "label #{anchor}") +
              Svg.text(@minutes.fetch(name), x: at, y: LINE_Y + 54 + low, class: "label #{anchor} soft")
          end.join
        end

        # Taken and moved, or by the arrow keys.
        def grip
          at = x(shown)
          drawn = Grip.reach(at - REACH, LINE_Y - REACH, REACH * 2, REACH * 2) +
                  Svg.tag("path", d: "M#{at} #{BANDS[:water] - 6} V#{LINE_Y}", class: "dial-mark") +
                  Svg.tag("circle", cx: at, cy: LINE_Y, r: 15, class: "grip")
          Grip.slider("done", "Par-cooked to, %", percent(shown), 0, 100, drawn,
                      aria_valuetext: "#{percent(shown)} %")
        end
      end
    end
  end
end
