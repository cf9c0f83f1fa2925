# frozen_string_literal: true

require_relative "../html/markup"
require_relative "lanes"

module FondKettle
  module Web
    module Drawings
      # The lanes with time going down, for a phone.
      class UprightLanes < Lanes
        WIDE = 372.0
        TIMES = 44.0
        TOP = 62.0
        PER_MIN = 5.2
        LEAST = 420.0
        MOST = 560.0

        private

        def id
          "lanes-upright"
        end

        def along
          "y"
        end

        def wide
          WIDE
        end

        def long
          (@most_min * PER_MIN).clamp(LEAST, MOST)
        end

        def high
          TOP + long + 30
        end

        def at(min)
          TOP + (long * (1 - (min / @most_min.to_f)))
        end

        def lane_wide
          (WIDE - TIMES) / @lanes.size
        end

        def lane_at(index)
          TIMES + (lane_wide * index)
        end

        def grounds
          @lanes.each_with_index.flat_map do |lane, index|
            [Svg.tag("rect", x: lane_at(index), y: TOP - 4, width: lane_wide - 3, height: long + 8,
                             class: "lane lane-#{lane.kind}"),
             *lane.name.split.last(2).each_with_index.map do |word, line|
               Svg.text(word[0, 6], x: lane_at(index) + (lane_wide / 2) - 1, y: 24 + (line * 15),
                                    class: "lane-name middle")
             end]
          end
        end

        def tick(min)
          Svg.tag("path", d: "M#{TIMES} #{at(min).round(1)} H#{WIDE}", class: "tick") +
            Svg.text(hour(min), x: 2, y: at(min) + 4, class: "label")
        end

        def box(bar, lane)
          { x: lane_at(lane) + 2, y: at(bar.from_min), width: lane_wide - 7,
            height: [at(bar.to_min) - at(bar.from_min) - 1, 3].max }
        end

        def foot(box)
          { x: box[:x], y: box[:y], width: FOOT_OF_BAR, height: box[:height] }
        end

        def words(bar, box)
          return "" if box[:height] < 13

          Svg.text(bar.mark, x: box[:x] + (box[:width] / 2), y: box[:y] + (box[:height] / 2) + 5,
                             class: "bar-label middle")
        end

        def picture(pot)
          scale = [(lane_wide - 6) / pot.wide, 30.0 / pot.high].min
          nested(pot, lane_at(pot.lane) + 2, at(pot.at_min) - (pot.high * scale) - 1, scale)
        end

        def serving
          Svg.tag("path", d: "M#{TIMES - 6} #{at(0)} H#{WIDE}", class: "serving") +
            Svg.text("eat #{hour(0)}", x: WIDE - 4, y: at(0) + 20, class: "label end strong")
        end

        def now
          return unless @now_min&.between?(0, @most_min)

          Svg.tag("path", d: "M#{TIMES - 6} #{at(@now_min).round(1)} H#{WIDE}", class: "now") +
            Svg.text("now", x: 8, y: at(@now_min).round(1) - 3, class: "label now-label")
        end
      end
    end
  end
end
