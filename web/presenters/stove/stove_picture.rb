# frozen_string_literal: true

require "json"
require_relative "../../drawings/pot_picture"
require_relative "../../../lib/fond_kettle/formats/stored_request"
require_relative "../pot_views"
require_relative "../vessel_rows"
require_relative "poured_water"

module FondKettle
  module Web
    module Presenters
      # The drawing of a pot on the stove, as it should stand now.
      class StovePicture
        # The pot is drawn as large as it may stand beside the clock: units for its width and height.
        WIDE = 190.0
        HIGH = 120.0

        # `cook`: Stove::Cook; `record`: its own; `now`: a Time.
        def initialize(cook, record, now)
          @cook = cook
          @record = record
          @id = record[:id]
          @now = now
        end

        # The pot at the scale at which it stands beside others, or nil.
        def small_drawing
          seen = pot_seen
          seen && Drawings::PotPicture.new(seen, "pot-#{@id}").to_s
        end

        # The vessel of the step with what goes in at it, or the pot as large as there is room, moving; or
        # nil.
        def drawing
          beside = vessel_drawing
          return beside if beside

          seen = pot_seen
          return unless seen

          scale = [WIDE / seen.diameter_mm, HIGH / seen.height_mm].min
          Drawings::PotPicture.new(seen, "pot-#{@id}", scale: scale, data: moving).to_s
        end

        private

        attr_reader :cook

        # The vessel in which a dish's own step is done before the rice goes in, or nil.
        def vessel_drawing
          rows = rows_beside
          row = rows&.row(cook.task[:id].split(".").last)
          row && rows.drawing(row, row.before, "vessel-#{@id}")
        end

        # VesselRows of what this pot was planned of, where its dish is made in several, else nil.
        def rows_beside
          request = @record[:request] && Formats::StoredRequest.read(@record[:request])
          VesselRows.new(request) if request&.made_in&.several?
        end

        # Nil where an older plan, or nobody, knows what stands on the fire.
        def pot_seen
          return unless cook.plan[:vessel]

          on_heat_min = cook.heat_on_at && (cook.on_heat_s(@now) / 60.0)
          PotViews.cook(cook, on_heat_min, comes_out: (cook.outlook unless mending?), filled: filled?)
        end

        # True from trouble on: what comes out is no longer what was poured.
        def mending?
          !cook.remedy.nil? || cook.parts_done.any?
        end

        # Values by which a script moves the drawing.
        def moving
          return {} unless cook.heat_on_at && cook.plan[:levels]

          { data_levels: JSON.generate(cook.plan[:levels]), data_min: cook.on_heat_s(@now) / 60.0 }
        end

        # True from the step on at which the pot is filled.
        def filled?
          fill = cook.tasks.index { |one| one[:kind] == PouredWater::FILL }
          fill.nil? || cook.position >= fill
        end
      end
    end
  end
end
