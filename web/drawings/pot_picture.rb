# frozen_string_literal: true

require "json"
require_relative "../../lib/fond_kettle/ground/value"
require_relative "../../lib/fond_kettle/kit/vessel_kind"
require_relative "../html/markup"
require_relative "parts/baskets"
require_relative "parts/pot_came_out"
require_relative "parts/pot_filling"
require_relative "parts/pot_fire"
require_relative "parts/pot_frame"
require_relative "parts/pot_lid"
require_relative "parts/pot_says"
require_relative "parts/pot_walls"

module FondKettle
  module Web
    module Drawings
      # A pot as a picture of it is drawn. Depths over the floor and sizes in mm.
      #   name          what it is called
      #   lid           a key of PotLid::WORDS
      #   shape         of its grains (PotFilling.shape)
      #   full_mm       from there on it boils over
      #   source, heat  what it is heated by and how high; nil: it is not
      #   steam         is there any over it?
      #   baskets       of a steamer on it (BasketsSeen), or nil
      #   came          how its rice came out, as PotCameOut draws it; nil: it is not cooked, or nobody said
      #   says          what comes out, in words, or nil; `well`: is that right?
      PotView = Value.define(:name, :diameter_mm, :floor_mm, :height_mm, :material, :lid, :shape, :base_mm,
                             :bed_mm, :water_mm, :full_mm, :source, :heat, :steam, :says, :well, :baskets,
                             :came)

      # The pot cut open, small, always to one scale: on the table, beside the evening, at the
      # stove, in the log, on the shelf; with what comes out in it.
      class PotPicture
        Svg = Html::Markup
        # Units for a mm.
        SCALE = 0.5
        WALL = 4.0
        SAYS = 24.0

        # `seen`: PotView; `id`: the drawing's own on its page; `scale` where it stands alone;
        # `data`: what a script moves it by.
        def initialize(seen, id, scale: SCALE, data: {})
          @seen = seen
          @id = id
          @scale = scale
          @data = data
        end

        # SVG markup.
        def to_s
          drawn = [title, filling.defs, fire, contents, full, walls.to_s, baskets.to_s, lid, says]
          Svg.tag("svg", drawn.join,
                  viewBox: "0 0 #{wide.round} #{high.round}", width: wide.round, height: high.round,
                  class: "pot-drawing pot-picture", role: "img", aria_labelledby: "#{@id}-title",
                  data_scale: @scale, data_floor: frame.floor, data_top: frame.top, **@data)
        end

        private

        def frame
          @frame ||= PotFrame.of(left: side, right: side + (@seen.diameter_mm * @scale), top: over,
                                 floor: over + (@seen.height_mm * @scale), wall: WALL * big,
                                 taper: (@seen.floor_mm || @seen.diameter_mm) / @seen.diameter_mm.to_f)
        end

        # Walls and lids of a larger picture are drawn larger.
        def big
          Math.sqrt(@scale / SCALE)
        end

        def side
          (28.0 * big) + [((@seen.baskets&.across_mm || 0) - @seen.diameter_mm) * @scale / 2, 0].max
        end

        # Room over the rim: for the lid and the steam.
        def over
          ((@seen.steam ? 46.0 : 28.0) * big) + basket_high
        end

        def basket_high
          @seen.baskets ? @seen.baskets.tiers * Baskets::HIGH_MM * @scale : 0.0
        end

        def baskets
          return unless @seen.baskets

          @baskets ||= Baskets.new(@seen.baskets, frame.middle, frame.top, @scale, wall: WALL * big * 0.7,
                                                                                   pattern: "kernels-#{@id}")
        end

        def wide
          frame.right + side
        end

        def high
          frame.floor + (WALL * 2 * big) + (@seen.heat ? 22 * big : 4) + (@seen.says ? SAYS : 0)
        end

        def title
          Svg.tag("title", Svg.escape(description), id: "#{@id}-title")
        end

        def description
          [@seen.name, PotLid::WORDS.fetch(@seen.lid),
           ("rice to #{@seen.bed_mm.round} mm" if @seen.bed_mm.positive?),
           ("liquid to #{@seen.water_mm.round} mm" if @seen.water_mm.positive?),
           ("on #{@seen.heat}" if @seen.heat), @seen.says].compact.join(", ")
        end

        def filling
          @filling ||= PotFilling.new(frame, @scale, @seen.shape, @id)
        end

        def contents
          laid = filling.layers(base_mm: @seen.base_mm, bed_mm: @seen.bed_mm, water_mm: @seen.water_mm)
          frame.within("#{laid}#{came_out}", @id)
        end

        def came_out
          PotCameOut.new(frame, filling.y(@seen.bed_mm), @seen.came) if @seen.came && @seen.bed_mm.positive?
        end

        # The line that is not to be crossed.
        def full
          return "" if @seen.baskets

          crossed = @seen.water_mm > @seen.full_mm
          y = filling.y(@seen.full_mm)
          Svg.tag("path", Svg.tag("title", "boils over above here"), d: "M#{frame.left} #{y} h#{12 * big}",
                                                                     class: "mark#{' crossed' if crossed}")
        end

        def walls
          PotWalls.new(frame, @seen.material, held: Kit::VesselKinds.by_lid(@seen.lid).on_ring)
        end

        def lid
          PotLid.new(baskets ? baskets.top : frame, @seen.lid).to_s
        end

        def fire
          return "" unless @seen.heat

          drawn = PotFire.new(frame, @seen.source, @seen.heat)
          drawn.to_s + (@seen.steam ? drawn.steam : "")
        end

        # Under the pot.
        def says
          @seen.says ? PotSays.draw(@seen.says, @seen.well, x: frame.middle, y: high - 7) : ""
        end
      end
    end
  end
end
