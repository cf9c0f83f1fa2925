# frozen_string_literal: true

require_relative "../../lib/fond_kettle/pot/fit"
require_relative "../html/markup"
require_relative "parts/level_marks"
require_relative "parts/pot_filling"
require_relative "parts/pot_fire"
require_relative "parts/pot_frame"
require_relative "parts/pot_lid"
require_relative "parts/pot_says"
require_relative "parts/pot_walls"

module FondKettle
  module Web
    module Drawings
      # A pot of layers cut open and to scale, each layer with its number beside it; it is taken by a
      # layer to be laid elsewhere.
      class LayersDrawing
        Svg = Html::Markup
        WIDTH = 720.0
        MOST_WIDE = 330.0
        MOST_HIGH = 250.0
        LEFT = 60.0
        FLOOR_Y = 345.0
        BOTTOM_Y = FLOOR_Y + 68
        OVER_RIM = 100.0
        WALL = 7.0
        HOLES = 3
        # What a layer is drawn as.
        KLASS = Hash.new("food").merge("rice" => "bed", "base" => "base").freeze

        # `plan`: a Methods::Plan of a pot of layers; `stack`: its Pot::Stack; `names`: what each tier
        # is called, with its number; `indexes`: where each stands among the layers of the bench.
        def initialize(plan, stack, names, indexes, look: "plain")
          @plan = plan
          @stack = stack
          @names = names
          @indexes = indexes
          @vessel = plan.request.vessel
          @look = PotLid.look(@vessel.lid, look)
          @spans = Pot::Fitting.spans(stack, plan.load, @vessel)
          @scale = [MOST_WIDE / @vessel.diameter_mm, MOST_HIGH / @vessel.height_mm].min
        end

        # SVG markup.
        def to_s
          filled = frame.within(tiers + holes, "layers")
          Svg.tag("svg", [title, filling.defs, fire, filled, walls, lid, labels, says, size].join,
                  class: "pot-drawing layers-drawing", role: "img", aria_labelledby: "layers-title",
                  viewBox: "0 #{top.round} #{WIDTH.to_i} #{(BOTTOM_Y - top).round}")
        end

        private

        def frame
          @frame ||= begin
            wide = @vessel.diameter_mm * @scale
            left = LEFT + ((MOST_WIDE - wide) / 2)
            PotFrame.of(left: left, right: left + wide, top: rim, floor: FLOOR_Y, wall: WALL,
                        taper: @vessel.bottom_mm / @vessel.diameter_mm)
          end
        end

        def filling
          @filling ||= PotFilling.new(frame, @scale, PotFilling.shape(@plan.load.grain.traits), "layers")
        end

        def rim
          FLOOR_Y - (@vessel.height_mm * @scale)
        end

        def top
          rim - OVER_RIM
        end

        def title
          Svg.tag("title", Svg.escape("The pot, cut open: from the floor up #{@names.join('; ')}"),
                  id: "layers-title")
        end

        def tiers
          @stack.tiers.each_with_index.map { |tier, i| tier(tier, i) }.join
        end

        def tier(tier, index)
          from_mm, to_mm = @spans[index]
          place = { x: frame.left, y: filling.y(to_mm), width: frame.right - frame.left,
                    height: [filling.y(from_mm) - filling.y(to_mm), 1.0].max }
          title = Svg.tag("title", Svg.escape(@names[index]))
          parts = [Svg.tag("rect", title, **place, class: KLASS[tier.what])]
          parts << Svg.tag("rect", **place, class: "grains", fill: "url(#kernels-layers)") if tier.rice?
          Svg.tag("g", parts.join, class: "layer", data_layer: @indexes[index])
        end

        # Down to the floor.
        def holes
          return "" unless @plan.sealed

          apart = (frame.right - frame.left) / (HOLES + 1)
          top_y = filling.y(@spans.last.last)
          (1..HOLES).map do |hole|
            Svg.tag("path", d: "M#{frame.left + (hole * apart)} #{top_y} V#{FLOOR_Y - 4}", class: "hole")
          end.join
        end

        def labels
          marks = @spans.each_with_index.map do |(from, to), i|
            [filling.y((from + to) / 2), @names[i], "line"]
          end
          LevelMarks.new(frame.right, frame.right).draw(marks)
        end

        def walls
          PotWalls.new(frame, @vessel.material, held: @vessel.kind.on_ring).to_s
        end

        def lid
          PotLid.new(frame, @look).to_s +
            Svg.text(PotLid::WORDS.fetch(@look), x: frame.middle, y: rim - 46, class: "label middle")
        end

        def fire
          PotFire.new(frame, @plan.request.burner.source, @plan.stages.first.heat).to_s
        end

        def says
          PotSays.draw(*PotSays.of(@plan.comes_out).values_at(:says, :well), x: frame.middle, y: rim + 22)
        end

        def size
          words = "#{@vessel.diameter_mm.round} mm wide, #{@vessel.height_mm.round} mm high"
          Svg.text(words, x: frame.middle, y: FLOOR_Y + 58, class: "label middle")
        end
      end
    end
  end
end
