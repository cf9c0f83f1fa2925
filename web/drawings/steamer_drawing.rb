# frozen_string_literal: true

require_relative "../html/markup"
require_relative "parts/baskets"
require_relative "grip"
require_relative "parts/level_marks"
require_relative "parts/pot_filling"
require_relative "parts/pot_fire"
require_relative "parts/pot_frame"
require_relative "pot_handles"
require_relative "parts/pot_lid"
require_relative "parts/pot_says"
require_relative "parts/pot_walls"

module FondKettle
  module Web
    module Drawings
      # A steamer on its pot, cut open and to scale: the water below, cloth, bed with its holes in
      # each basket, and beneath it the sprinklings as marks in time.
      class SteamerDrawing
        Svg = Html::Markup
        WIDTH = 720.0
        LEFT = 100.0
        MOST_WIDE = 300.0
        MOST_HIGH = 330.0
        TOP = 92.0
        WALL = 6.0
        STRIP = 118.0
        STRIP_LEFT = 70.0
        STRIP_RIGHT = 690.0

        # `plan`: Methods::Plan of a steamed way; `steaming`: its Methods::Steaming; `marks`: [words,
        # minute] of what is when.
        def initialize(plan, steaming, marks)
          @plan = plan
          @steaming = steaming
          @laid = steaming.laid
          @marks = marks
          @vessel = plan.setting.vessel
          @across_mm = @laid.across_mm
          place
        end

        # SVG markup.
        def to_s
          drawn = [title, filling.defs, fire, pot, baskets.to_s, lid, labels,
                   says, grip, strip].join
          Svg.tag("svg", drawn, class: "pot-drawing steamer-drawing", role: "group", data_scale: @scale,
                                viewBox: "0 0 #{WIDTH.to_i} #{high.to_i}", aria_labelledby: "steamer-title")
        end

        private

        def place
          widest_mm = [@vessel.diameter_mm, @across_mm].max
          @scale = [MOST_WIDE / widest_mm, MOST_HIGH / (@vessel.height_mm + (@laid.tiers * Baskets::HIGH_MM))].min
          @middle = LEFT + (MOST_WIDE / 2)
        end

        def rim_y
          TOP + (@laid.tiers * Baskets::HIGH_MM * @scale)
        end

        def floor_y
          rim_y + (@vessel.height_mm * @scale)
        end

        def high
          floor_y + 60 + STRIP
        end

        def frame
          half = @vessel.diameter_mm * @scale / 2
          @frame ||= PotFrame.of(left: @middle - half, right: @middle + half, top: rim_y, floor: floor_y,
                                 wall: WALL, taper: @vessel.bottom_mm / @vessel.diameter_mm)
        end

        def baskets
          seen = BasketsSeen.new(across_mm: @across_mm, tiers: @laid.tiers, bed_mm: @laid.bed_mm)
          @baskets ||= Baskets.new(seen, @middle, rim_y, @scale, wall: WALL, pattern: "kernels-steamer")
        end

        def title
          Svg.tag("title", "The steamer on its pot, cut open: #{bed_words}, #{water_words}",
                  id: "steamer-title")
        end

        def bed_words
          tiers = @laid.tiers > 1 ? ", #{@laid.tiers} baskets" : ""
          batches = @laid.batches > 1 ? ", #{@laid.batches} batches" : ""
          "bed #{@laid.bed_mm.round} mm#{tiers}#{batches}"
        end

        def water_words
          "#{(@steaming.below.first_g / 1000).round(1)} L water below"
        end

        def fire
          PotFire.new(frame, @plan.request.burner.source, @plan.stages.first.heat).to_s
        end

        def filling
          @filling ||= PotFilling.new(frame, @scale, PotFilling.shape(@plan.load.grain.traits), "steamer")
        end

        def water_y
          frame.floor - (@vessel.depth_mm(@steaming.below.first_g) * @scale)
        end

        def pot
          box = { x: frame.left, y: water_y, width: frame.right - frame.left, height: frame.floor - water_y }
          water = Svg.tag("rect", Svg.tag("title", "water below"), **box, class: "water")
          frame.within(water, "steamer-pot") + wisps + PotWalls.new(frame, @vessel.material).to_s
        end

        # Steam between the water and the rice.
        def wisps
          [-1, 0, 1].map do |at|
            x = @middle + (at * (frame.right - frame.left) / 4)
            Svg.tag("path", d: "M#{x} #{water_y - 6} q-6 -9 0 -18 t0 -18", class: "steam")
          end.join
        end

        def lid
          PotLid.new(baskets.top, "plain").to_s
        end

        def labels
          box = baskets.top
          marks = [[baskets.bed_y, bed_words, "line strong"],
                   [box.floor, "damp cloth, #{@laid.holes} holes", "line"],
                   [water_y, water_words, "line"]]
          LevelMarks.new(box.left, [frame.right, box.right].max).draw(marks) +
            Svg.text("pot #{@vessel.diameter_mm.round} mm, steamer #{@across_mm.round} mm wide",
                     x: @middle, y: floor_y + 50, class: "label middle")
        end

        def says
          said = PotSays.of(@plan.comes_out)
          PotSays.draw(*said.values_at(:says, :well), x: @middle, y: 28)
        end

        # The bed is taken by its top: more rice, or less.
        def grip
          box = baskets.top
          y = baskets.bed_y
          rice_g = @plan.load.rice_g
          disc = Grip.reach(box.left - 96, y - 47, 94, 94) + Grip.disc(box.left - 46, y, "bed-grip")
          Grip.slider("bed", "Raw rice, g", rice_g.round, PotHandles::LEAST_G, PotHandles::MOST_G, disc,
                      aria_valuetext: "#{rice_g.round} g of rice, #{bed_words}",
                      data_g_per_mm: rice_g / @laid.bed_mm)
        end

        def strip
          y = high - 62
          ends = @steaming.minutes
          at = ->(min) { STRIP_LEFT + ((STRIP_RIGHT - STRIP_LEFT) * min / ends) }
          [Svg.tag("path", d: "M#{STRIP_LEFT} #{y} H#{STRIP_RIGHT}", class: "axis"), ticks(at, y, ends),
           *@steaming.sprinklings.map { |one| drop(at.call(one.at_min), y, one) },
           *@marks.map { |words, min| mark(at.call(min), y, words) },
           Svg.text("min", x: WIDTH - 4, y: y + 22, class: "label end")].join
        end

        def ticks(at, y, ends)
          (0..(ends / 10).floor).map do |ten|
            Svg.text((ten * 10).to_s, x: at.call(ten * 10), y: y + 22, class: "label middle")
          end.join
        end

        # A drop over the line, with its grams.
        def drop(x, y, sprinkling)
          Svg.tag("path", Svg.tag("title", "sprinkled"), d: "M#{x} #{y - 26} q9 12 0 18 q-9 -6 0 -18",
                                                         class: "drop") +
            Svg.text("#{sprinkling.g.round} g", x: x, y: y - 32, class: "label middle")
        end

        def mark(x, y, words)
          Svg.tag("path", d: "M#{x} #{y - 8} V#{y + 8}", class: "mark strong") +
            Svg.text(words, x: x.clamp(STRIP_LEFT + 20, STRIP_RIGHT - 60), y: y + 48, class: "label middle")
        end
      end
    end
  end
end
