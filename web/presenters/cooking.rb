# frozen_string_literal: true

require_relative "../../lib/fond_kettle/ground/words"
require_relative "../../lib/fond_kettle/stove/cook"
require_relative "../drawings/level_drawing"
require_relative "presenter"

module FondKettle
  module Web
    module Presenters
      # A pot on the stove, as it stands now.
      class Cooking < Presenter
        CUES = Words.of("cues")
        # The kind of step at which a broth is measured.
        MEASURE = "measure"

        attr_reader :id, :cook, :now

        # `record`: the cook's own; `now`: a Time.
        def initialize(household, record, now)
          super(household)
          @record = record
          @id = record[:id]
          @now = now
          @cook = Stove::Cook.new(record[:plan], record[:events])
        end

        def task
          cook.task
        end

        # What another device compares with, to know whether something has changed.
        def state
          "#{@record[:events].size}-#{@record[:finished_at] ? 'done' : 'open'}-#{@record[:poured_g]}"
        end

        # What a page counts down by, as data of its element.
        def clock
          { now: milliseconds(now), began: milliseconds(cook.task_began_at),
            ends: cook.task_ends_at && milliseconds(cook.task_ends_at), state: state }
        end

        def title
          "#{@record[:title]} · step #{cook.position + 1} of #{cook.tasks.size}"
        end

        def lasts
          minutes(lasting(task))
        end

        def until_when
          cook.task_ends_at ? "until #{hour(cook.task_ends_at)}" : ""
        end

        # The pot as it should stand now, or nil before the heat is on.
        def drawing
          return unless cook.plan[:levels] && cook.heat_on_at

          Drawings::LevelDrawing.new(cook.plan, cook.on_heat_s(now) / 60.0).to_s
        end

        # What to do where something is wrong, a sentence each; none where nothing is.
        def remedy
          remedy = cook.remedy
          remedy ? ["**#{remedy[:say]}**", *remedy_amounts(remedy, household.shelves.measures)] : []
        end

        # What goes on beside this step.
        def meanwhile
          cook.beside(now).map { |other| "**Meanwhile** #{other.task[:say]}, until #{hour(other.ends_at)}" }
        end

        def cautions
          cook.plan[:cautions].select { |caution| task[:cautions].include?(caution[:code]) }
                              .map { |caution| caution[:say] }
        end

        # What comes of the last reading of a thermometer, or nil.
        def reading
          measured_c = cook.measured_c
          return unless measured_c && task[:core_c]

          said = "#{plain(measured_c.round(1))} °C"
          return "**#{said}**: hot enough. Go on." if cook.hot_enough?

          "**#{said} is not safe yet**; #{task[:core_c]} °C it must be. Close the lid, give it 5 min more " \
            "on low, and measure again."
        end

        # What goes in now, a thing each.
        def puts_in
          task[:puts_in].to_s.split("; ")
        end

        # Is what was poured, or stands there, measured at this step?
        def pours?
          measures = cook.tasks.any? { |one| one[:kind] == MEASURE }
          task[:kind] == (measures ? MEASURE : "fill")
        end

        # What is measured where the pot is filled.
        def pour_label
          cook.plan[:base] ? "Broth in the pot" : "Poured"
        end

        # What that field is to show at first, g.
        def pour_g
          cook.standing_g || cook.plan.dig(:base, :standing_g) || @record[:poured_g]
        end

        # What to do about a broth as it was measured, or nil.
        def standing
          found = cook.standing
          found && { "right" => "**That is right.** Lay the rice on it.",
                     "more" => "**Top up with #{grams(found.grams)}** of hot water.",
                     "less" => "**Ladle off #{grams(found.grams)}** and keep it as stock, or boil it " \
                               "#{minutes(found.minutes)} more on medium, open." }.fetch(found.way)
        end

        # What can be poured by: pairs of unit and words.
        def pour_units
          cup = household.shelves.cups.first
          [%w[g grams], ["cup", cup ? "#{cup.name}, #{plain(cup.ml)} mL" : "US cups"]]
        end

        # Signs that are to come: [cue, words, about when].
        def expected
          cook.expected.map { |cue| [cue[:cue], CUES.fetch(cue[:cue]).downcase, hour(cue[:at])] }
        end

        def seen
          cook.seen.map { |cue, at| "#{CUES.fetch(cue)}, #{hour(at)}" }
        end

        def following
          "Then: #{cook.following[:say]} (#{minutes(lasting(cook.following))})"
        end

        def lifted
          cook.lifts.positive? ? "I lifted the lid (#{cook.lifts})" : "I lifted the lid"
        end

        private

        def lasting(task)
          task[:timed_min] || task[:minutes]
        end
      end
    end
  end
end
