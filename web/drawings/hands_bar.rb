# frozen_string_literal: true

require_relative "../html/markup"

module FondKettle
  module Web
    module Drawings
      # The time of a plan as a bar, from its first step to the table: high and striped where hands are busy,
      # low where it goes on by itself. Bars beside one another have one scale.
      class HandsBar
        Svg = Html::Markup
        WIDE = 420.0
        HIGH = 26.0
        LOW = 8.0
        # What is shorter is drawn so wide.
        LEAST = 2.0

        # `plan`: Methods::Plan; `most_min`: minutes of the whole width; `id`: of its stripes on the page.
        def initialize(plan, most_min, id)
          @plan = plan
          @scale = WIDE / most_min
          @id = id
        end

        # SVG markup.
        def to_s
          low = Svg.tag("rect", x: 0, y: HIGH - LOW, width: across(@plan.total_min), height: LOW,
                                class: "bar-alone")
          Svg.tag("svg", stripes + low + hands, viewBox: "0 0 #{WIDE.to_i} #{HIGH.to_i}", class: "hands-bar",
                                                preserveAspectRatio: "xMinYMid meet", role: "img",
                                                aria_label: words)
        end

        private

        def words
          "#{@plan.total_min.ceil} min, hands busy for #{@plan.hands_on_min.ceil} of them"
        end

        def hands
          @plan.starts.select { |start| start.task.hands_on }.map do |start|
            Svg.tag("rect", x: (@plan.total_min - start.before_min) * @scale, y: 0,
                            width: across(start.task.told_min), height: HIGH, class: "bar-hands",
                            fill: "url(##{@id})")
          end.join
        end

        def across(min)
          (min * @scale).clamp(LEAST, WIDE)
        end

        # Hands are told by stripes, not by colour alone.
        def stripes
          line = Svg.tag("path", d: "M0 6 L6 0", class: "bar-stripe")
          Svg.tag("defs", Svg.tag("pattern", line, id: @id, width: 6, height: 6,
                                                   patternUnits: "userSpaceOnUse"))
        end
      end
    end
  end
end
