# frozen_string_literal: true

require "rack/utils"
require "time"
require_relative "../../lib/fond_kettle/ground/words"
require_relative "../../lib/fond_kettle/log/credible"
require_relative "../drawings/pot_picture"
require_relative "../../lib/fond_kettle/stove/cook"
require_relative "presenter"
require_relative "pot_views"
require_relative "told_words"

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
                  ["floor", "The floor of the pot, if you looked", FLOOR]].freeze
        # What both answers are when nothing is wrong.
        RIGHT = "right"

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

        # One sentence: what was cooked and how it came out.
        def sentence
          came_out = outcome || "nobody said how it was"
          ["**#{record[:title]}**", eaters].compact.join(" for ") +
            ": #{rice} rice, #{poured_water} water, #{came_out}."
        end

        # Who of the household sat at the table, and how many guests, in words; nil where nobody knows.
        def eaters
          seated = Rack::Utils.parse_nested_query(record[:address].to_s)
          known = household.shelves.eaters.select { |one| Array(seated["who"]).include?(one.id.to_s) }
          guests = seated["guests"].to_i
          names = known.map(&:name) + (guests.positive? ? ["#{guests} guest#{'s' if guests > 1}"] : [])
          [*names[..-3], names.last(2).join(" and ")].join(", ") if names.any?
        end

        # The figures, a pair of words and number each.
        def numbers
          [["Water planned", grams(record[:planned_g])], ["Water poured", poured_water],
           ["Planned", minutes(planned_min)], ["Took", minutes(took_min)],
           *([["The floor", FLOOR[record[:outcome][:floor]]]] if floor?)]
        end

        def lead
          "#{record[:title]}, #{at}: **#{rice}** rice, **#{poured_water}** water poured " \
            "(#{grams(record[:planned_g])} planned), **#{minutes(took_min)}** " \
            "(#{minutes(planned_min)} planned)."
        end

        # The outcome, or nil when nobody said.
        def outcome
          outcome = record[:outcome]
          return unless outcome

          found = [[GRAIN, outcome[:grain]], [WETNESS, outcome[:wetness]]].reject { |_, key| key == RIGHT }
          found.empty? ? "just right" : found.map { |words, key| words.fetch(key) }.join(", ")
        end

        # The events at the stove, oldest first: [hour, words].
        def events
          ToldWords.all(cook).map { |at, words| [hour(at), words] }
        end

        # The pot as it came out, or nil where an older plan does not know it; `name`: of the drawing on its
        # page.
        def drawing(name = "cooked")
          return unless record[:plan][:vessel]

          seen = PotViews.cooked(record[:plan]).with(says: outcome, well: well?, came: came)
          Drawings::PotPicture.new(seen, "#{name}-#{id}").to_s
        end

        # Weights from the stove, by field of how it came out.
        def weighed
          cook.weighed_g.to_h { |kind, g| ["#{kind.delete_prefix('weighed-')}_g", g.to_s] }
        end

        # Whether it teaches: "yes", "no", or "ask" (Log::Credible).
        def credible
          Log::Credible.of(planned_min: planned_min, took_min: took_min, planned_g: record[:planned_g],
                           poured_g: record[:poured_g])
        end

        # The day on which what it taught was forgotten, or nil.
        def forgotten_on
          at = record[:forgotten_at]
          at && Time.parse(at).getlocal.strftime("%-d %B")
        end

        # Why it is asked about.
        def doubt
          "#{poured_water} water poured where #{grams(record[:planned_g])} were planned, " \
            "#{minutes(took_min)} where #{minutes(planned_min)} were planned: did it go so?"
        end

        private

        def cook
          Stove::Cook.new(record[:plan], record.fetch(:events, []))
        end

        def came
          record[:outcome]&.slice(:grain, :wetness, :floor)
        end

        def well?
          record[:outcome].nil? || record[:outcome].values_at(:grain, :wetness).uniq == [RIGHT]
        end

        def floor?
          record[:outcome] && FLOOR.key?(record[:outcome][:floor])
        end

        def rice
          grams(record[:plan][:rice][:g])
        end

        def poured_water
          grams(record[:poured_g])
        end

        def planned_min
          record[:plan][:minutes][:total]
        end

        def took_min
          (record[:finished_at] - record[:started_at]) / 60.0
        end
      end
    end
  end
end
