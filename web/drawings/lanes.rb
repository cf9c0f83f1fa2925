# frozen_string_literal: true

require_relative "../html/markup"

module FondKettle
  module Web
    module Drawings
      # An evening at a glance: a lane for each pair of hands, ring and oven and for what waits, serving at
      # the end, the moment that it is now as a line.
      class Lanes
        Svg = Html::Markup
        ACROSS = 1180.0
        NAMES = 96.0
        HEAD = 30.0
        FOOT = 40.0
        LANE = 54.0
        BAR = 34.0
        FOOT_OF_BAR = 5.0
        STEPS_MIN = [5, 10, 15, 30, 60, 120, 240].freeze
        MOST_TICKS = 14
        LETTER = 8.2

        # `lanes`: Lane; `pots`: PotOnLane; `serve_at`: a Time; `now_min`: minutes before serving, or nil;
        # `chosen`: the id of the task that is looked at.
        def initialize(lanes, pots, serve_at:, span_min:, now_min: nil, chosen: nil)
          @lanes = lanes
          @pots = pots
          @serve_at = serve_at
          @now_min = now_min
          @chosen = chosen
          @most_min = [span_min, now_min.to_i.clamp(0, span_min + 30), 10].max
        end

        # SVG markup.
        def to_s
          drawn = [Svg.tag("title", "The evening, lane by lane", id: "#{id}-title"), *grounds, *ticks, *bars,
                   *@pots.map { |pot| picture(pot) }, serving, now]
          Svg.tag("svg", drawn.compact.join, viewBox: "0 0 #{wide.round} #{high.round}", class: "lanes #{id}",
                                             role: "img", aria_labelledby: "#{id}-title",
                                             data_from: at(@most_min).round(1), data_to: at(0).round(1),
                                             data_span: @most_min, data_along: along)
        end

        private

        def id
          "lanes-wide"
        end

        def along
          "x"
        end

        def wide
          ACROSS
        end

        def high
          HEAD + (LANE * @lanes.size) + FOOT
        end

        def at(min)
          NAMES + ((ACROSS - NAMES - 26) * (1 - (min / @most_min.to_f)))
        end

        def lane_at(index)
          HEAD + (LANE * index)
        end

        def grounds
          @lanes.each_with_index.flat_map do |lane, index|
            [Svg.tag("rect", x: 0, y: lane_at(index), width: ACROSS, height: LANE - 4,
                             class: "lane lane-#{lane.kind}"),
             Svg.text(lane.name, x: 6, y: lane_at(index) + (LANE / 2) + 4, class: "lane-name")]
          end
        end

        def ticks
          step = STEPS_MIN.find { |min| @most_min / min <= MOST_TICKS } || STEPS_MIN.last
          first = (@serve_at.min + (@serve_at.hour * 60)) % step
          (first..@most_min).step(step).map { |min| tick(min) }
        end

        def tick(min)
          Svg.tag("path", d: "M#{at(min).round(1)} #{HEAD - 6} V#{high - FOOT}", class: "tick") +
            Svg.text(hour(min), x: at(min), y: HEAD - 12, class: "label middle")
        end

        def hour(min)
          (@serve_at - (min * 60)).getlocal.strftime("%H:%M")
        end

        def bars
          @lanes.each_with_index.flat_map { |lane, index| lane.bars.map { |bar| bar(bar, index) } }
        end

        def bar(bar, lane)
          box = box(bar, lane)
          Svg.tag("g", shape(bar, box) + marks(bar, box) + words(bar, box), class: classes(bar),
                                                                            data_task: bar.id)
        end

        def box(bar, lane)
          { x: at(bar.from_min), y: lane_at(lane) + ((LANE - 4 - BAR) / 2),
            width: [at(bar.to_min) - at(bar.from_min) - 1, 3].max, height: BAR }
        end

        def classes(bar)
          ["bar", "dish-#{bar.mark}", ("is-critical" if bar.critical), ("is-pinned" if bar.pinned),
           ("is-chosen" if bar.id == @chosen), ("is-#{bar.state}" if bar.state)].compact.join(" ")
        end

        def shape(bar, box)
          foot = bar.critical ? Svg.tag("rect", **foot(box), class: "notch") : ""
          Svg.tag("rect", **box, rx: 4) + foot
        end

        # Along the bar, on the side away from its start.
        def foot(box)
          { x: box[:x], y: box[:y] + box[:height] - FOOT_OF_BAR, width: box[:width], height: FOOT_OF_BAR }
        end

        def marks(bar, box)
          return "" unless bar.pinned

          Svg.tag("circle", cx: box[:x] + 5, cy: box[:y] + 1, r: 5, class: "pin")
        end

        # As much of it as there is room for: its dish, and what it is.
        def words(bar, box)
          room = (box[:width] / LETTER).floor
          return "" if room < 2

          whole = "#{bar.mark} #{bar.label}"
          said = whole.length <= room ? whole : "#{whole[0, [room - 1, 1].max]}#{'…' if room > 3}"
          Svg.text(room > 3 ? said : bar.mark, x: box[:x] + 4, y: box[:y] + (BAR / 2) + 4, class: "bar-label")
        end

        def picture(pot)
          scale = [(LANE - 8) / pot.high, 60.0 / pot.wide].min
          nested(pot, at(pot.at_min) - (pot.wide * scale) - 3, lane_at(pot.lane) + 2, scale)
        end

        def nested(pot, left, top, scale)
          there = "translate(#{left.round(1)} #{top.round(1)}) scale(#{scale.round(3)})"
          Svg.tag("g", pot.drawing, transform: there, class: "pot-on-lane")
        end

        def serving
          Svg.tag("path", d: "M#{at(0)} #{HEAD - 6} V#{high - FOOT + 4}", class: "serving") +
            Svg.text("eat #{hour(0)}", x: at(0) + 22, y: high - 18, class: "label end strong")
        end

        def now
          return unless @now_min&.between?(0, @most_min)

          Svg.tag("path", d: "M#{at(@now_min).round(1)} #{HEAD - 8} V#{high - FOOT + 4}", class: "now") +
            Svg.text("now #{hour(@now_min)}", x: at(@now_min).round(1), y: high - 18,
                                              class: "label middle now-label")
        end
      end
    end
  end
end
