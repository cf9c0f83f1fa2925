# frozen_string_literal: true

require_relative "../../lib/fond_kettle/ground/words"
require_relative "presenter"

module FondKettle
  module Web
    module Presenters
      # A pot that was cooked: what was planned, what was poured, how it came out.
      class CookedPot < Presenter
        GRAIN = Words.of("outcome-grain")
        WETNESS = Words.of("outcome-wetness")
        FLOOR = Words.of("outcome-floor")
        # What is asked of it: field, heading, answers.
        SCALES = [["grain", "The grain", GRAIN], ["wetness", "Wetness", WETNESS],
                  ["floor", "The floor of the pot", FLOOR]].freeze
        COLUMNS = ["Rice", "Water planned", "Water poured", "Planned", "Took"].freeze

        attr_reader :record

        def initialize(household, record)
          super(household)
          @record = record
        end

        def id
          record[:id]
        end

        def at
          moment(record[:finished_at])
        end

        # What stands under COLUMNS.
        def numbers
          [rice, grams(record[:planned_g]), poured_water, planned_time, took]
        end

        def lead
          "#{record[:title]}, #{at}: **#{rice}** rice, **#{poured_water}** water poured " \
            "(#{grams(record[:planned_g])} planned), **#{took}** (#{planned_time} planned)."
        end

        # How it came out, or nil where nobody said.
        def outcome
          outcome = record[:outcome]
          outcome && "#{GRAIN.fetch(outcome[:grain])}, #{WETNESS.fetch(outcome[:wetness])}"
        end

        private

        def rice
          grams(record[:plan][:rice][:g])
        end

        def poured_water
          grams(record[:poured_g])
        end

        def planned_time
          minutes(record[:plan][:minutes][:total])
        end

        def took
          minutes((record[:finished_at] - record[:started_at]) / 60)
        end
      end
    end
  end
end
