# frozen_string_literal: true

require_relative "../html/markup"

module FondKettle
  module Web
    module Drawings
      # What the water may be between before a test and after it: two bars over one scale, in grams.
      class RangePair
        Svg = Html::Markup
        WIDE = 360.0
        WORDS = 74.0
        ROW = 30.0
        # Room at both ends of the scale, of the wider bar.
        ROOM = 0.15

        # `before`, `now`: [low, high] in grams; the block writes a number of grams.
        def initialize(before, now, &written)
          @bars = { "before" => before, "now" => now }
          @written = written
          low, high = @bars.values.flatten.minmax
          room = [(high - low) * ROOM, 1.0].max
          @from = low - room
          @per_g = (WIDE - WORDS) / (high - low + (2 * room))
        end

        # SVG markup.
        def to_s
          rows = @bars.each_with_index.map { |(name, (low, high)), index| row(name, low, high, index * ROW) }
          Svg.picture(rows.join, WIDE.to_i, (ROW * 2).to_i, words, "range-pair")
        end

        private

        def words
          @bars.map { |name, (low, high)| "#{name}: #{told(low, high)}" }.join("; ")
        end

        def told(low, high)
          "#{@written.call(low)} to #{@written.call(high)}"
        end

        def row(name, low, high, down)
          x, wide = [WORDS + ((low - @from) * @per_g), (high - low) * @per_g].map { |one| one.round(1) }
          Svg.text(name, x: 0, y: down + 20, class: "label") +
            Svg.tag("rect", x: x, y: down + 6, width: [wide, 2.0].max, height: 18, rx: 4, class: "range-bar",
                            data_low: low.round(1), data_high: high.round(1)) +
            Svg.tag("path", d: "M#{x} #{down + 3} v24 M#{(x + wide).round(1)} #{down + 3} v24",
                            class: "range-end")
        end
      end
    end
  end
end
