# frozen_string_literal: true

require_relative "../../lib/fond_kettle/kit/vessel"
require_relative "../../lib/fond_kettle/methods/loads/base_graph"
require_relative "../../lib/fond_kettle/methods/loads/rice_vessel"
require_relative "../drawings/vessel_picture"

module FondKettle
  module Web
    module Presenters
      # The vessels in which a dish is made before the rice goes in, drawn with what is in them.
      class VesselRows
        BOWL = { name: "bowl", diameter_mm: 220.0, height_mm: 90.0, floor_mm: 110.0, lid: "none", id: nil,
                 lid_factor: nil, material: "steel", kg: 0.5 }.freeze
        # Kinds of steps on a fire.
        HEATED = %w[fry reduce simmer broth boil].freeze
        # So many times what lies in it.
        ROOMY = 1.6

        # `request`: a Methods::Request.
        def initialize(request)
          @made_in = request.made_in
          @vessel = Methods::RiceVessel.of(request)
        end

        # The Methods::RiceVessel.
        attr_reader :vessel

        # The row of the step of a stage's key, or nil.
        def row(key)
          @vessel.rows.find { |row| row.step.key == key }
        end

        # [Methods::MadeInVessel, its last row] of each in which something is made beside the rice's.
        def beside
          return [] unless @made_in

          found = @made_in.vessels.reject(&:rice).map { |vessel| [vessel, last_in(vessel.key)] }
          found.select { |_, row| row }
        end

        # The vessel of a row drawn with some contents (Vessels::Contents); `id`: the drawing's own.
        def drawing(row, contents, id)
          kind, pot = vessel_of(row)
          hot = HEATED.include?(row.does&.kind)
          seen = Drawings::VesselView.of(name: pot.name, kind: kind, vessel: pot, contents: contents,
                                         source: @vessel.setting.burner.source, heat: (row.does.heat if hot))
          Drawings::VesselPicture.new(seen, id).to_s
        end

        private

        def last_in(key)
          @vessel.rows.select { |row| row.step.vessel == key }.last
        end

        # [kind, Kit::Vessel] in which a step is done.
        def vessel_of(row)
          key = row.step.vessel
          return ["bowl", bowl_for(row.contents)] if key == Methods::BaseGraph::BOWL
          return ["pot", @vessel.setting.vessel] if @made_in.nil? || @made_in.vessel(key).rice

          there = @made_in.vessel(key)
          [there.kind, there.pot]
        end

        # One that holds it, of the same shape.
        def bowl_for(contents)
          bowl = Kit::Vessel.new(**BOWL)
          larger = Math.cbrt([contents.volume_ml * ROOMY / bowl.volume_ml, 1.0].max)
          bowl.with(diameter_mm: bowl.diameter_mm * larger, height_mm: bowl.height_mm * larger,
                    floor_mm: bowl.floor_mm * larger)
        end
      end
    end
  end
end
