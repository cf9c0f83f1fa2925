# frozen_string_literal: true

require_relative "../../lib/fond_kettle/ground/value"
require_relative "../../lib/fond_kettle/kit/atmosphere"
require_relative "../drawings/parts/instruments"
require_relative "../drawings/pot_picture"
require_relative "../drawings/shelf_things"
require_relative "pot_views"
require_relative "presenter"

module FondKettle
  module Web
    module Presenters
      # How each test is done, picture by picture, with the pot that is tested.
      class TestPictures < Presenter
        # A picture: its `drawings` (SVG markup), and what is done there.
        Picture = Value.define(:drawings, :say)
        # A thermometer that shows the boil is full.
        FULL_C = 102.0

        # `pot`: the record of the pot that is tested (nil: the first of the house).
        def initialize(household, pot)
          super(household)
          @pot = pot || household.shelf(:pots).all.first
        end

        # The Pictures of a test, by its key; none where the house has no pot.
        def of(key)
          @pot ? send(key) : []
        end

        private

        def picture(say, *drawings)
          Picture.new(say: say, drawings: drawings)
        end

        def measure
          cup = household.values(:cups).first
          known = cup && Drawings::ShelfThings.cup(cup.ml, "a full #{cup.name.downcase}")
          brim_mm = vessel.height_mm
          full = pot("measure-2", lid: "none", water_mm: brim_mm, full_mm: brim_mm)
          [(picture("Fill a cup you know", known) if cup),
           picture("Pour, and count, until it stands at the brim", full)].compact
        end

        def lid
          half_mm = vessel.height_mm / 2
          before, now = %w[before now].map { |shows| Drawings::Instruments.scales(shows, "on the scales") }
          [picture("Half full and boiling: weigh it under its lid", pot("lid-1", water_mm: half_mm), before),
           picture("Ten minutes on low; do not look", pot("lid-2", water_mm: half_mm, heat: "low"),
                   Drawings::Instruments.clock(10, "ten minutes")),
           picture("Weigh it again: what is gone went past the lid", pot("lid-3", water_mm: half_mm * 0.9),
                   now)]
        end

        def burner
          half_mm = vessel.height_mm / 2
          [picture("Weigh cold water in; how cold is it?", pot("burner-1", lid: "none", water_mm: half_mm),
                   Drawings::Instruments.thermometer(0.2, "cold water")),
           picture("On high, lid on: start the clock", pot("burner-2", water_mm: half_mm, heat: "high"),
                   Drawings::Instruments.clock(0, "the clock starts")),
           picture("It boils hard: stop the clock",
                   pot("burner-3", water_mm: half_mm, heat: "high", steam: true),
                   Drawings::Instruments.clock(8, "the clock stops"))]
        end

        def height
          altitude_m = household.kitchen[:altitude_m]
          boil_c = Kit::Atmosphere.boiling_point_c(altitude_m)
          high = "#{altitude_m.round} m"
          boiling = pot("height-1", lid: "none", water_mm: vessel.height_mm / 2, heat: "high", steam: true)
          [picture("Hold it in water that boils hard", boiling,
                   Drawings::Instruments.thermometer(boil_c / FULL_C, "at the boil")),
           picture("At #{high} it should show #{plain(boil_c.round(1))} °C",
                   Drawings::ShelfThings.hill(altitude_m, high))]
        end

        def vessel
          @vessel ||= household.value(:pots, @pot)
        end

        def pot(id, heat: nil, steam: false, water_mm: 0.0, **more)
          source = heat && vessel.kind.source
          seen = PotViews.shelf(vessel, @pot[:lid_look]).with(water_mm: water_mm, heat: heat, source: source,
                                                              steam: steam, **more)
          Drawings::PotPicture.new(seen, "test-#{id}").to_s
        end
      end
    end
  end
end
