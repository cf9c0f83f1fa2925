# frozen_string_literal: true

require_relative "../html/markup"

module FondKettle
  module Web
    module Drawings
      # A box with food that is kept, as full as it is: a piece for each portion; its lid tells by shape how
      # long it keeps, a knob for days, a bar for the last day, a peak for what must go now.
      class KeptBox
        Svg = Html::Markup
        WIDE = 92
        HIGH = 74
        TOP = 24.0
        # Portions that are drawn, so many a row.
        MOST = 12
        ROW = 4
        PIECE = 18.0
        LIDS = { "days" => "M40 14 q6 -9 12 0", "last-day" => "M30 14 v-5 h32 v5",
                 "now" => "M32 14 L46 1 L60 14 Z" }.freeze

        # `lasts`: a key of LIDS; `words`: what the box is, for those who do not see it.
        def initialize(portions, lasts, words)
          @portions = portions
          @lasts = lasts
          @words = words
        end

        # SVG markup.
        def to_s
          box = Svg.tag("path", d: "M6 #{TOP} L12 #{HIGH - 3} H#{WIDE - 12} L#{WIDE - 6} #{TOP}",
                                class: "box-wall")
          rim = Svg.tag("path", d: "M2 #{TOP - 4} H#{WIDE - 2}", class: "box-rim")
          lid = Svg.tag("path", d: LIDS.fetch(@lasts), class: "box-lid")
          Svg.picture(pieces + box + rim + lid, WIDE, HIGH, @words, "kept-box lasts-#{@lasts}")
        end

        private

        def pieces
          Array.new([@portions, MOST].min) do |number|
            across = 14 + ((number % ROW) * (PIECE - 2))
            down = HIGH - 7 - (((number / ROW) + 1) * (PIECE - 3))
            Svg.tag("rect", x: across, y: down, width: PIECE - 4, height: PIECE - 5, rx: 3, class: "rice")
          end.join
        end
      end
    end
  end
end
