# frozen_string_literal: true

require_relative "../../html/markup"
require_relative "pot_frame"

module FondKettle
  module Web
    module Drawings
      # The lid of a pot, recognised by its outline: a plain dome, clear glass, one that sits askew, a clamped
      # rim, a cloth tied up, crimped foil, a rope of dough, the body of a cooker; none when the pot is open.
      class PotLid
        Svg = Html::Markup
        WORDS = { "plain" => "plain lid", "glass" => "glass lid", "loose" => "loose lid",
                  "tight" => "tight lid", "cloth" => "lid with a cloth tied up",
                  "foil" => "foil under the lid", "dough" => "lid sealed with dough",
                  "cooker" => "cooker's lid", "none" => "no lid" }.freeze
        BEADS = 14

        # The appearance of a lid (of Vocabulary::LIDS), a key of WORDS. `look`: the pot's own ("glass");
        # `cloth`: a cloth is under it today.
        def self.look(lid, look = "plain", cloth: false)
          return "cloth" if cloth && lid != "none"

          lid == "ordinary" ? look : lid
        end

        # `look`: a key of WORDS.
        def initialize(frame, look)
          @frame = frame
          @look = look
        end

        # SVG markup, with what it is as its title.
        def to_s
          return "" if @look == "none"

          Svg.tag("g", [Svg.tag("title", WORDS.fetch(@look)), *send(@look)].join, class: "lid-#{@look}",
                                                                                  **turned)
        end

        private

        def turned
          return {} unless @look == "loose"

          { transform: "rotate(-5 #{@frame.left} #{@frame.top})" }
        end

        def plain
          [dome("lid"), knob]
        end
        alias loose plain

        # Seen through: an outline, with a rim of steel and a gleam.
        def glass
          [dome("lid lid-clear"), band(5, "handle"),
           Svg.tag("path", d: "M#{middle - (38 * s)} #{up(14)} Q#{middle - (14 * s)} #{up(23)} " \
                              "#{middle + (8 * s)} #{up(23)}", class: "gleam"), knob]
        end

        def tight
          clamps = [@frame.left - (6 * s), @frame.right - (2 * s)].map do |x|
            Svg.tag("rect", x: x, y: up(12), width: 8 * s, height: 20 * s, class: "handle")
          end
          [dome("lid"), knob, *clamps]
        end

        # Its corners are knotted over the knob.
        def cloth
          knot = "M#{middle} #{up(32)} l#{-16 * s} #{-12 * s} l#{9 * s} #{-2 * s} l#{7 * s} #{8 * s} " \
                 "l#{7 * s} #{-8 * s} l#{9 * s} #{2 * s} Z"
          [dome("lid lid-cloth"), Svg.tag("path", d: knot, class: "lid lid-cloth"),
           band(7, "lid lid-cloth")]
        end

        # Crimped over the edge.
        def foil
          wide = right - left
          zigzag = (0..BEADS).map do |i|
            "L#{left + (wide * i / BEADS)} #{@frame.top + ((i.even? ? 9 : 2) * s)}"
          end
          [dome("lid"), knob, Svg.tag("path", d: "M#{left} #{up(4)} #{zigzag.join(' ')} L#{right} #{up(4)} Z",
                                              class: "lid lid-foil")]
        end

        # A string of beads along the rim.
        def dough
          wide = right - left
          beads = (0..BEADS).map do |i|
            Svg.tag("circle", cx: left + (wide * i / BEADS), cy: @frame.top - s, r: 6 * s,
                              class: "lid-dough-bead")
          end
          [dome("lid"), knob, *beads]
        end

        # Flat, hinged, with a vent.
        def cooker
          [Svg.tag("rect", x: left, y: up(26), width: right - left, height: 24 * s, rx: 8 * s, class: "lid"),
           Svg.tag("rect", x: right - (36 * s), y: up(32), width: 14 * s, height: 6 * s, class: "handle")]
        end

        def dome(klass)
          Svg.tag("path", d: "M#{left} #{up(4)} Q#{middle} #{up(34)} #{right} #{up(4)} Z", class: klass)
        end

        def knob
          Svg.tag("rect", x: middle - (14 * s), y: up(31), width: 28 * s, height: 10 * s, rx: 5 * s,
                          class: "handle")
        end

        def band(high, klass)
          Svg.tag("rect", x: left, y: up(4), width: right - left, height: high * s, class: klass)
        end

        def s
          @frame.scale
        end

        def up(over)
          @frame.top - (over * s)
        end

        def left
          @frame.left - @frame.wall - (3 * s)
        end

        def right
          @frame.right + @frame.wall + (3 * s)
        end

        def middle
          @frame.middle
        end
      end
    end
  end
end
