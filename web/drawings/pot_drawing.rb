# frozen_string_literal: true

require_relative "../../lib/fond_kettle/pot/depth"
require_relative "../../lib/fond_kettle/pot/fit"
require_relative "../html/markup"
require_relative "parts/level_marks"
require_relative "parts/pot_filling"
require_relative "parts/pot_fire"
require_relative "parts/pot_frame"
require_relative "pot_handles"
require_relative "parts/pot_lid"
require_relative "parts/pot_says"
require_relative "parts/pot_walls"
require_relative "soak_ring"

module FondKettle
  module Web
    module Drawings
      # The cook's own pot cut open and to scale: rice bed, water line, head room,
      # lid and heat, each number beside the thing it measures.
      class PotDrawing
        Svg = Html::Markup
        WIDTH = 720.0
        # Room for the pot itself, in drawing units; the rest is for labels.
        MOST_WIDE = 330.0
        MOST_HIGH = 250.0
        LEFT = 100.0
        FLOOR_Y = 345.0
        BOTTOM_Y = FLOOR_Y + 68
        # Room above the rim for the lid and the soak ring beside it.
        OVER_RIM = 122.0
        WALL = 7.0
        RING_BELOW_TOP = 46

        # `liquid_g`: the water to be drawn; the planned line is kept where it differs. `look`:
        # what the pot's own lid is like; `comes_out`: what comes of that water.
        def initialize(plan, liquid_g, look: "plain", comes_out: plan.comes_out)
          @look = PotLid.look(plan.request.vessel.lid, look)
          @comes_out = comes_out
          @soak_min = plan.request.soak_min
          @load = plan.load
          @vessel = plan.request.vessel
          @planned_mm = Pot::Depth.over_rice_mm(plan.liquid_g, @load, @vessel)
          @liquid_g = liquid_g
          @fit = plan.fit
          @source = plan.request.burner.source
          @heat = plan.stages.first.heat
          @bed_mm = @vessel.thick_mm(@load.bed_ml, @load.bulk_ml)
          # What goes in beside the rice is drawn under it.
          @base_mm = @vessel.depth_mm(@load.bulk_ml)
          @over_mm = Pot::Depth.over_rice_mm(@liquid_g, @load, @vessel)
          place
        end

        # SVG markup.
        def to_s
          ring = SoakRing.new(@soak_min, top + RING_BELOW_TOP).to_s
          filled = frame.within(filling.layers(base_mm: @base_mm, bed_mm: bed_top_mm, water_mm: water_mm),
                                "plan")
          walls = PotWalls.new(frame, @vessel.material, held: @vessel.kind.on_ring)
          parts = [title, filling.defs, fire, filled, walls, lid, labels, says, planned, ring, handles]
          Svg.tag("svg", parts.join, class: "pot-drawing", role: "group", data_scale: @scale,
                                     viewBox: "0 #{top.to_i} #{WIDTH.to_i} #{(BOTTOM_Y - top).to_i}",
                                     aria_labelledby: "pot-title pot-desc")
        end

        private

        def place
          @scale = [MOST_WIDE / @vessel.diameter_mm, MOST_HIGH / @vessel.height_mm].min
          @width = @vessel.diameter_mm * @scale
          @left = LEFT + ((MOST_WIDE - @width) / 2)
        end

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
          filling.y(depth_mm)
        end

        def water_mm
          [@base_mm + @bed_mm + @over_mm, 0.0].max
        end

        def bed_top_mm
          @base_mm + @bed_mm
        end

        def frame
          @frame ||= PotFrame.of(left: @left, right: right, top: rim, floor: FLOOR_Y, wall: WALL,
                                 taper: @vessel.bottom_mm / @vessel.diameter_mm)
        end

        def filling
          @filling ||= PotFilling.new(frame, @scale, PotFilling.shape(@load.grain.traits), "plan")
        end

        def rim
          FLOOR_Y - height
        end

        def lid
          return "" if @look == "none"

          PotLid.new(frame, @look).to_s +
            Svg.text(PotLid::WORDS.fetch(@look), x: frame.middle, y: rim - 46, class: "label middle")
        end

        def fire
          PotFire.new(frame, @source, @heat).to_s
        end

        def says
          PotSays.draw(*PotSays.of(@comes_out).values_at(:says, :well),
                       x: frame.middle, y: [y([water_mm, bed_top_mm].max) - 14, rim + 20].max)
        end

        def labels
          full_mm = Pot::Fitting.full_mm(@vessel)
          marks = [[full_mm, "boils over above", "line#{' crossed' if water_mm > full_mm}"],
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

        def handles
          PotHandles.new(frame, y(water_mm), y(bed_top_mm))
                    .to_s(over_mm: @over_mm.round, over_words: "#{over_words}: #{@liquid_g.round} g",
                          rice_g: @load.rice_g, bed_mm: @bed_mm, high_mm: @vessel.height_mm.round)
        end
      end
    end
  end
end
