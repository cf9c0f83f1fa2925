# frozen_string_literal: true

require_relative "../../../lib/fond_kettle/ground/value"
require_relative "../../../lib/fond_kettle/measure/numeral"
require_relative "../../../lib/fond_kettle/reading/reordered_step"
require_relative "../../helpers/numbers"

module FondKettle
  module Web
    module Presenters
      # A step on a bench.
      #   at, number     its place in time, and in the text (nil: it is the way's own)
      #   id, say        as the dish has them
      #   about          the words by which it is known again (Reading::OwnWords)
      #   clock          when it starts (nil: no evening)
      #   minutes, said_min  words for how long it takes, and the cook's own minutes, or nil
      #   from           keys of the vessels that give something before it, with spaces between
      #   pours, chips   what they give, in words, and the BenchChips that go in
      #   troubles       sentences about what goes wrong at it
      #   asked          number of an open question about it, or nil
      #   sooner, later  ids of steps before which it stands one place elsewhere in its vessel; nil: it is
      #                  first there, or last
      BenchRow = Value.define(:at, :number, :id, :say, :about, :clock, :minutes, :said_min, :from, :pours,
                              :chips, :troubles, :asked, :sooner, :later) do
        # A BenchRow with the given attributes; the others are none.
        def self.of(**given)
          new(number: nil, id: nil, about: nil, clock: nil, said_min: nil, from: "", pours: [].freeze,
              chips: [].freeze, troubles: [].freeze, asked: nil, sooner: nil, later: nil, **given)
        end

        # "Step 4: Fry the onions …", for those who do not see where it stands.
        def label
          "Step #{number}: #{say}"
        end
      end

      # The steps of a bench by their vessels.
      class BenchRows
        include Helpers::Numbers

        OWN_WAY = "Cooked by its way"
        LIQUID = "the liquid of "
        SOLIDS = "what lies in "

        # `bench`: a Dishes::Bench; `chips`: BenchChips; `troubles`: answers a block about BenchTroubles with
        # sentences; `named`: names a vessel by its key; `asked`, `clock`: as DishBench has them.
        def initialize(bench, chips, troubles:, named:, asked:, clock:)
          @bench = bench
          @chips = chips
          @troubles = troubles
          @named = named
          @asked = asked
          @clock = clock
        end

        # The BenchRows of a vessel (its key).
        def in(key)
          own = @bench.steps.each_with_index.select { |step, _| step.vessel == key }
          own.each_with_index.map do |(step, index), place|
            step(step, index + 1, (own[place - 1].first.id if place.positive?), after_next(own, place))
          end
        end

        private

        def told(step)
          @bench.dish.steps.find { |one| one.id == step.id }
        end

        def number(told)
          @bench.dish.steps.index(told) + 1
        end

        # The id of the step before which one stands that is done after the next in its vessel; "last": behind
        # all; nil: it is the last there.
        def after_next(own, place)
          ids = own.map { |step, _| step.id }
          return unless ids[place + 1]

          ids[place + 2] || Reading::ReorderedStep::LAST
        end

        def step(step, at, sooner, later)
          told = told(step)
          return own_way(step, at) unless told

          BenchRow.of(at: at, number: number(told), id: told.id, say: told.say, clock: @clock[told.id],
                      about: @chips.about(told.id),
                      minutes: duration(step, told), said_min: told.minutes, **poured_in(told),
                      chips: @chips.at(told), asked: @asked[told.id], sooner: sooner, later: later,
                      troubles: @troubles.call { |one| one.step == told.id && one.vessel.nil? })
        end

        def own_way(step, at)
          BenchRow.of(at: at, say: OWN_WAY, minutes: duration(step, nil))
        end

        def poured_in(told)
          { from: (told.from.map(&:vessel) | told.needed).join(" "), pours: pours(told) }
        end

        # "25 min" as the cook says, else "about 19 min" as it is reckoned.
        def duration(step, told)
          return minutes(told.minutes) if told&.minutes

          whole = step.minutes.to_f.round
          "about #{minutes(whole)}" if whole.positive?
        end

        # "half of what is in the wide pan"
        def pours(told)
          needed = told.needed.map { |key| "as much liquid as the rice needs from #{@named.call(key)}" }
          told.from.map { |pour| poured(pour) } + needed
        end

        def poured(pour)
          what = { "liquid" => LIQUID, "solids" => SOLIDS }.fetch(pour.what, "what is in ")
          "#{part(pour)}#{what}#{@named.call(pour.vessel)}"
        end

        def part(pour)
          return "#{grams(pour.g)} of " if pour.g

          "#{Measure::Numeral.write(pour.share)} of " if pour.share&.between?(0.01, 0.99)
        end
      end
    end
  end
end
