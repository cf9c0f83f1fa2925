# frozen_string_literal: true

require_relative "../../lib/fond_kettle/ground/value"
require_relative "../html/markup"
require_relative "parts/board"
require_relative "parts/bowl"
require_relative "parts/food_bands"
require_relative "parts/jug"
require_relative "parts/level_marks"
require_relative "parts/oven_dish"
require_relative "parts/pan"
require_relative "parts/pot_fire"
require_relative "parts/pot_frame"
require_relative "parts/pot_lid"
require_relative "parts/pot_walls"

module FondKettle
  module Web
    module Drawings
      # A vessel of a dish as a picture of it is drawn.
      #   name          what it is called
      #   kind          pot, frying-pan, bowl, jug, oven-dish or board
      #   vessel        Kit::Vessel
      #   contents      Vessels::Contents
      #   source, heat  what it is heated by and how high; nil: it is not
      #   lid           appearance of its lid (a key of PotLid::WORDS), nil: it is open
      VesselView = Value.define(:name, :kind, :vessel, :contents, :source, :heat, :lid) do
        # A VesselView with the given attributes: cold and open where nothing else is said.
        def self.of(**given)
          new(source: nil, heat: nil, lid: nil, **given)
        end
      end

      # A vessel cut open, with what is in it, its words beside it; all of them to one scale.
      class VesselPicture
        Svg = Html::Markup
        # Units for a mm, and those of a small one among many.
        SCALE = 0.75
        SMALL = 0.5
        WALL = 5.0
        SIDE = 34.0
        OVER = 56.0
        # Room for the words.
        WORDS_WIDE = 290.0
        LEAST_HIGH = 190.0
        SHAPES = { "frying-pan" => Pan, "bowl" => Bowl, "jug" => Jug, "oven-dish" => OvenDish,
                   "board" => Board }.freeze

        # `seen`: a VesselView; `id`: the drawing's own on its page; `small`: without words beside it;
        # `weighed`: writes a weight in g.
        def initialize(seen, id, small: false, weighed: FoodBands::WEIGHED)
          @seen = seen
          @id = id
          @small = small
          @weighed = weighed
        end

        # Contents in words: "180 g onion, golden, 40 g liquid"; "empty".
        def contents
          bands.description
        end

        # SVG markup.
        def to_s
          drawn = [title, bands.defs, fire, frame.within(bands.to_s, @id), walls, lid,
                   *(marks unless @small), warm]
          Svg.tag("svg", drawn.join, viewBox: "0 0 #{wide.round} #{high.round}", width: wide.round,
                                     height: high.round, class: "pot-drawing vessel-picture", role: "img",
                                     aria_labelledby: "#{@id}-title")
        end

        private

        def vessel
          @seen.vessel
        end

        def shape
          SHAPES[@seen.kind]
        end

        def frame
          @frame ||= PotFrame.of(left: SIDE, right: SIDE + (vessel.diameter_mm * scale), top: floor - deep,
                                 floor: floor, wall: WALL, **form)
        end

        def form
          return { taper: shape::TAPER, curved: shape::CURVED } if shape

          { taper: vessel.bottom_mm / vessel.diameter_mm }
        end

        def scale
          @small ? SMALL : SCALE
        end

        def deep
          vessel.height_mm * scale
        end

        def floor
          @small ? OVER + deep : [OVER + deep, LEAST_HIGH - 40].max
        end

        def wide
          frame.right + SIDE + (@small ? SIDE : WORDS_WIDE)
        end

        def high
          floor + 40
        end

        def bands
          @bands ||= FoodBands.new(frame, scale, vessel, @seen.contents, @id, weighed: @weighed)
        end

        def title
          words = [@seen.name, bands.description, ("on #{@seen.heat}" if @seen.heat),
                   ("#{bands.temp_c.round} °C" if bands.hot?)].compact.join(": ")
          Svg.tag("title", Svg.escape(words), id: "#{@id}-title")
        end

        def walls
          shape ? shape.new(frame).to_s : PotWalls.new(frame, vessel.material).to_s
        end

        def fire
          return "" unless @seen.heat

          PotFire.new(frame, @seen.source, @seen.heat).to_s
        end

        def lid
          @seen.lid ? PotLid.new(frame, @seen.lid).to_s : ""
        end

        def marks
          LevelMarks.new(frame.right, frame.right).draw(bands.marks, lowest: high - 8)
        end

        # What is hot says how hot, and steams.
        def warm
          return "" unless bands.hot?

          wisps = [-1, 0, 1].map do |place|
            x = frame.middle + (place * (frame.right - frame.left) / 5)
            Svg.tag("path", d: "M#{x} #{frame.top - 4} q-4 -5 0 -10 t0 -10", class: "steam")
          end
          wisps.join + Svg.text("#{bands.temp_c.round} °C", x: frame.left, y: frame.top - 34, class: "label")
        end
      end
    end
  end
end
