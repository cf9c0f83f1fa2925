# frozen_string_literal: true

require_relative "../../lib/fond_kettle/pot/depth"
require_relative "../../lib/fond_kettle/pot/fit"
require_relative "../html/markup"
require_relative "level_marks"
require_relative "pot_shell"
require_relative "soak_ring"

module FondKettle
  module Web
    module Drawings
      # The cook's own pot cut open and to scale: rice bed, water line, head room,
      # lid and heat, each number beside the thing it measures.
      class PotDrawing
        Svg = Html::Markup
        WIDTH = 640.0
        # Room for the pot itself, in drawing units; the rest is for labels.
        MOST_WIDE = 330.0
        MOST_HIGH = 250.0
        LEFT = 44.0
        FLOOR_Y = 345.0
        BOTTOM_Y = FLOOR_Y + 68
        # Room above the rim for the lid and the soak ring beside it.
        OVER_RIM = 122.0
        WALL = 7.0
        RING_BELOW_TOP = 46
        GRAIN = { across: 11.0, down: 8.0 }.freeze

        # `liquid_g`: the water to be drawn; the planned line is kept where it differs.
        def initialize(plan, liquid_g)
          @soak_min = plan.request.soak_min
          @planned_mm = Pot::Depth.over_rice_mm(plan.liquid_g, plan.load, plan.request.vessel)
          @load = plan.load
          @vessel = plan.request.vessel
          @liquid_g = liquid_g
          @fit = plan.fit
          @heat = plan.request.burner.source
          @bed_mm = @vessel.thick_mm(@load.bed_ml, @load.bulk_ml)
          # What goes in beside the rice is drawn under it.
          @base_mm = @vessel.depth_mm(@load.bulk_ml)
          @over_mm = Pot::Depth.over_rice_mm(@liquid_g, @load, @vessel)
          @scale = [MOST_WIDE / @vessel.diameter_mm, MOST_HIGH / @vessel.height_mm].min
          @width = @vessel.diameter_mm * @scale
          @left = LEFT + ((MOST_WIDE - @width) / 2)
        end

        # SVG markup.
        def to_s
          ring = SoakRing.new(@soak_min, top + RING_BELOW_TOP).to_s
          filled = shell.within(water + bed + base)
          parts = [title, patterns, heat, filled, shell.walls, lid, labels, planned, ring, handles]
          Svg.tag("svg", parts.join, class: "pot-drawing", role: "group", data_scale: @scale,
                                     viewBox: "0 #{top.to_i} #{WIDTH.to_i} #{(BOTTOM_Y - top).to_i}",
                                     aria_labelledby: "pot-title pot-desc")
        end

        private

        # The drawing begins just above the lid.
        def top
          rim - OVER_RIM
        end

        def title
          Svg.tag("title", "The pot, cut open", id: "pot-title") +
            Svg.tag("desc", Svg.escape(description), id: "pot-desc")
        end

        def description
          "#{@vessel.name}, #{size_words}. " \
            "Rice bed #{@bed_mm.round} mm deep; the water stands #{over_words}; " \
            "#{(@fit.fill_before * 100).round} % full before the boil. Cooked bed " \
            "#{@fit.bed_mm.round} mm deep."
        end

        def patterns
          grain = [[2, 3, 18], [7.5, 6.5, -24]].map do |x, y, turn|
            Svg.tag("ellipse", cx: x, cy: y, rx: 2.6, ry: 0.95, transform: "rotate(#{turn} #{x} #{y})",
                               class: "kernel")
          end
          Svg.tag("defs",
                  Svg.tag("pattern", grain.join, id: "kernels", width: GRAIN[:across], height: GRAIN[:down],
                                                 patternUnits: "userSpaceOnUse"))
        end

        def over_words
          Pot::Depth.words(@over_mm)
        end

        def over_label
          over_words.delete_suffix(" the rice").delete_suffix(" the top of")
        end

        def height
          @vessel.height_mm * @scale
        end

        def right
          @left + @width
        end

        def y(depth_mm)
          FLOOR_Y - ([depth_mm, @vessel.height_mm].min * @scale)
        end

        def layer(depth_mm, klass)
          Svg.tag("rect", x: @left, y: y(depth_mm), width: @width, height: FLOOR_Y - y(depth_mm),
                          class: klass)
        end

        def water_mm
          [@base_mm + @bed_mm + @over_mm, 0.0].max
        end

        def bed_top_mm
          @base_mm + @bed_mm
        end

        def base
          layer(@base_mm, "base")
        end

        def water
          layer(water_mm, "water")
        end

        def bed
          layer(bed_top_mm, "bed") +
            Svg.tag("rect", x: @left, y: y(bed_top_mm), width: @width, height: FLOOR_Y - y(bed_top_mm),
                            fill: "url(#kernels)")
        end

        def shell
          @shell ||= PotShell.new(left: @left, right: right, top: rim, floor: FLOOR_Y, wall: WALL,
                                  taper: @vessel.bottom_mm / @vessel.diameter_mm)
        end

        def rim
          FLOOR_Y - height
        end

        def lid
          return "" if @vessel.lid == "none"

          shell.lid + Svg.text("#{@vessel.lid} lid", x: @left + (@width / 2), y: rim - 42,
                                                     class: "label middle")
        end

        # Flames for gas, a plate for everything else.
        def heat
          under = FLOOR_Y + WALL + 6
          unless @heat == "gas"
            return Svg.tag("rect", x: @left, y: under, width: @width, height: 9, rx: 3, class: "plate")
          end

          (1..7).map do |index|
            x = @left + (@width * index / 8)
            Svg.tag("path", d: flame(x, under), class: "flame")
          end.join
        end

        def flame(x, top)
          "M#{x - 6} #{top + 24} Q#{x - 8} #{top + 10} #{x} #{top} " \
            "Q#{x + 8} #{top + 10} #{x + 6} #{top + 24} Z"
        end

        # What stands at which height, and how wide and high the pot is.
        def labels
          marks = [[Pot::Fitting.full_mm(@vessel), "boils over above here", "line"],
                   [water_mm, "water, #{over_label}", "line strong"],
                   [bed_top_mm, "rice bed #{@bed_mm.round} mm", "line"],
                   [@base_mm + @fit.bed_mm, "cooked #{@fit.bed_mm.round} mm", "line dashed"],
                   *([[@base_mm, "base #{@base_mm.round} mm", "line"]] if @base_mm >= 1)]
          LevelMarks.new(@left, right)
                    .draw(marks.map { |depth_mm, words, klass| [y(depth_mm), words, klass] }) + size
        end

        def size
          Svg.text(size_words, x: @left + (@width / 2), y: FLOOR_Y + 58, class: "label middle")
        end

        def size_words
          floor = ", #{@vessel.floor_mm.round} mm at the floor" if @vessel.floor_mm
          "#{@vessel.diameter_mm.round} mm wide#{floor}, #{@vessel.height_mm.round} mm high"
        end

        # The planned water line where the cook's own stands elsewhere.
        def planned
          return "" if (@planned_mm - @over_mm).abs < 1

          level_y = y([bed_top_mm + @planned_mm, 0.0].max)
          Svg.tag("path", d: "M#{@left} #{level_y} H#{right}", class: "mark planned") +
            Svg.text("planned", x: @left + 6, y: level_y - 5, class: "label")
        end

        # Grips for water line and rice bed.
        def handles
          Grip.slider("water", "Water over the rice, mm", @over_mm.round, -@bed_mm.round,
                      @vessel.height_mm.round,
                      Svg.tag("circle", cx: @left - 24, cy: y(water_mm), r: 11, class: "grip water-grip")) +
            Grip.slider("bed", "Raw rice, g", @load.rice_g.round, 10, 20_000,
                        Svg.tag("circle", cx: @left - 24, cy: [y(bed_top_mm) + 26, FLOOR_Y].min, r: 11,
                                          class: "grip bed-grip"),
                        data_g_per_mm: @load.rice_g / @bed_mm)
        end
      end
    end
  end
end
