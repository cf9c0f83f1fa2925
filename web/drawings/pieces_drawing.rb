# frozen_string_literal: true

require_relative "../html/markup"

module FondKettle
  module Web
    module Drawings
      # The pieces of rice: one cut open and to scale, with rice and filling, and all of them from above, on a
      # tray or in the baskets of a steamer, with the remainder beside them.
      class PiecesDrawing
        Svg = Html::Markup
        WIDTH = 720.0
        HEIGHT = 300.0
        # The one that is cut open, and the plan of all.
        ONE = 200.0
        ONE_X = 185.0
        PLAN_LEFT = 380.0
        PLAN = 250.0
        TRAY_MM = [300.0, 400.0].freeze

        # `portions`: Methods::Pieces; `steamer`: Kit::Steamer of what is wrapped, or nil.
        def initialize(portions, steamer)
          @portions = portions
          @steamer = steamer
          @across_mm = portions.across_mm
        end

        # SVG markup.
        def to_s
          drawn = [title, one, @steamer ? basket : tray].join
          Svg.tag("svg", drawn, class: "pot-drawing pieces-drawing", role: "img",
                                aria_labelledby: "pieces-title",
                                viewBox: "0 0 #{WIDTH.to_i} #{HEIGHT.to_i}")
        end

        private

        def title
          words = "#{@portions.count} #{@portions.use.word}: #{@portions.rice_g_each} g rice in each"
          Svg.tag("title", words, id: "pieces-title")
        end

        # Cut through: rice round its filling.
        def one
          scale = [ONE / @across_mm, 110 / @portions.thickness_mm].min
          wide = @across_mm * scale
          high = @portions.thickness_mm * scale
          x = ONE_X - (wide / 2)
          y = 130 - (high / 2)
          shape = { x: x, y: y, width: wide, height: high, rx: [high / 2.4, 30].min }
          [Svg.tag("rect", **shape, class: "bed"), filling(wide, high),
           *(Svg.tag("rect", **shape, class: "leaf-round") if @portions.parcels), *words(high)].join
        end

        def filling(wide, high)
          share = @portions.filling_g_each / (@portions.rice_g_each + @portions.filling_g_each)
          return "" unless share.positive?

          side = Math.sqrt(share)
          Svg.tag("ellipse", Svg.tag("title", "filling"), cx: ONE_X, cy: 130, rx: wide * side / 2,
                                                          ry: high * side / 2,
                                                          class: "food")
        end

        def words(high)
          filled = @portions.filling_g_each.round
          said = ["#{@portions.rice_g_each} g rice#{" and #{filled} g filling" if filled.positive?}",
                  "#{@portions.thickness_mm.round} mm thick, #{@across_mm.round} mm across"]
          said.each_with_index.map do |line, row|
            Svg.text(line, x: ONE_X, y: [130 + (high / 2) + 34, 210].max + (row * 28), class: "label middle")
          end
        end

        def tray
          wide_mm, high_mm = TRAY_MM.reverse
          scale = [PLAN * 1.3 / wide_mm, 190 / high_mm].min
          step = (@across_mm + 10) * scale
          a_row = [(wide_mm * scale / step).floor, 1].max
          rows = [(high_mm * scale / step).floor, 1].max
          shown = [@portions.count, a_row * rows].min
          box = { x: PLAN_LEFT, y: 30, width: wide_mm * scale, height: high_mm * scale }
          [Svg.tag("rect", **box, class: "tray"),
           *(0...shown).map do |nth|
             piece(PLAN_LEFT + (step * ((nth % a_row) + 0.5)), 30 + (step * ((nth / a_row) + 0.5)), scale)
           end,
           below("#{counted(shown)}#{left_over}")].join
        end

        def basket
          a_tier = @portions.parcels.layout[:a_tier]
          scale = PLAN / @steamer.diameter_mm / 1.2
          centre = [PLAN_LEFT + 150, 130.0]
          radius = @steamer.diameter_mm * scale / 2
          [Svg.tag("circle", cx: centre[0], cy: centre[1], r: radius, class: "pan-floor"),
           *places(radius, @across_mm * scale, [a_tier, @portions.count].min)
             .map { |x, y| piece(centre[0] + x, centre[1] + y, scale) },
           below(@portions.parcels.lies)].join
        end

        # Centres in rows that fit a circle; as many as are wanted.
        def places(radius, side, count)
          gap = side * 1.08
          rows = (2 * radius / gap).floor
          grid = (0...rows).flat_map do |row|
            y = (row - ((rows - 1) / 2.0)) * gap
            half = Math.sqrt([(radius**2) - ((y.abs + (side / 2))**2), 0].max)
            across = [(2 * half / gap).floor, 0].max
            (0...across).map { |nth| [(nth - ((across - 1) / 2.0)) * gap, y] }
          end
          grid.size >= count ? grid.first(count) : ring(radius, side, count)
        end

        def ring(radius, side, count)
          (0...count).map do |nth|
            turn = nth * 2 * Math::PI / count
            [(radius - (side / 1.8)) * Math.cos(turn), (radius - (side / 1.8)) * Math.sin(turn)]
          end
        end

        def piece(x, y, scale)
          side = @across_mm * scale
          Svg.tag("rect", x: x - (side / 2), y: y - (side / 2), width: side, height: side, rx: side / 5,
                          class: @portions.parcels ? "parcel" : "bed piece")
        end

        def counted(shown)
          word = @portions.count == 1 ? @portions.use.one : @portions.use.word
          all = "#{@portions.count} #{word}"
          shown < @portions.count ? "#{shown} of #{all} on a tray" : all
        end

        def left_over
          left_g = @portions.left_g.round
          left_g.positive? ? "; #{left_g} g left over" : ""
        end

        def below(words)
          Svg.text(words, x: PLAN_LEFT + 165, y: HEIGHT - 14, class: "label middle")
        end
      end
    end
  end
end
