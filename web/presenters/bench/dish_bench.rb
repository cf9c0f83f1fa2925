# frozen_string_literal: true

require_relative "../../../app/dishes/lay_bench"
require_relative "../../../lib/fond_kettle/dishes/bench/bench"
require_relative "../../../lib/fond_kettle/dishes/bench/bench_troubles"
require_relative "../../../lib/fond_kettle/kit/dish_vessels"
require_relative "../../../lib/fond_kettle/reading/answered_dish"
require_relative "../presenter"
require_relative "bench_chips"
require_relative "bench_frames"
require_relative "bench_rows"

module FondKettle
  module Web
    module Presenters
      # A dish as what stands on a kitchen bench: its vessels side by side, what is in each after every step,
      # what goes in where, and what goes wrong.
      class DishBench < Presenter
        # A vessel: its `name` in the cook's words, the pot of the house that it is (`pot`: its name and
        # width), its BenchFrames and BenchRows (`steps`), sentences about what goes wrong in it, allergens of
        # what is ever in it.
        Vessel = Value.define(:key, :name, :pot, :frames, :steps, :troubles, :contains) do
          # The BenchFrame with most in it.
          def fullest
            frames.max_by(&:mass_g)
          end
        end
        # Words before a vessel's own.
        PLACE = /\A(?:(?:in|on)\s+)?(?:the|an?)\s+/i

        # `bench`: a Dishes::Bench; `at`: after how many steps it is shown (nil: where most stands on it);
        # `asked`: {id of a line or step => number of the question about it}; `clock`: when each step (its id)
        # starts; `amounts`: of an evening (EveningAmounts), nil: as written; `kept`: what Keep has in the
        # place of a vessel (KeptInstead::Choices by its key); `id`: its own on the page.
        def initialize(household, bench, at: nil, asked: {}, clock: {}, amounts: nil, kept: {}, id: "bench")
          super(household)
          @bench = bench
          @at = at
          @asked = asked
          @clock = clock
          @amounts = amounts
          @kept = kept
          @id = id
        end

        # The bench of a dish of schema 2 (a hash), or nil: it is made in nothing; `planned`: the Dishes::Dish
        # that it is, where that is known.
        def self.of_told(household, dish, planned: nil, **given)
          laid = App::LayBench.new(household).of_told(dish, planned: planned)
          laid && new(household, laid, **given)
        end

        attr_reader :asked, :id

        def title
          @bench.dish.title
        end

        # Choices of what Keep has in the place of a vessel (its key).
        def kept(vessel)
          @kept.fetch(vessel, [])
        end

        # Choices that are taken: their vessels are not on the bench.
        def kept_taken
          @kept.values.flatten.select(&:taken)
        end

        # Number of steps.
        def size
          @bench.steps.size
        end

        # The number of steps after which it is shown: else where most stands on it.
        def at
          @at = @at ? @at.clamp(0, size) : fullest
        end

        # "After step 4: Fry the onions …" for every place in time, the first before all.
        def moments
          ["Before the first step"] + @bench.steps.map { |step| "After #{place_in_time(step)}" }
        end

        # A Vessel for each in which something is done, in the order in which they are first used.
        def vessels
          @vessels ||= begin
            used = @bench.vessels.map { |vessel| [vessel, rows.in(vessel.key)] }
                         .reject { |_, steps| steps.empty? }
            used.sort_by { |_, steps| steps.first.at }.map { |vessel, steps| vessel(vessel, steps) }
          end
        end

        # Keys of the vessels that give something at the step that is shown.
        def giving
          shown = vessels.flat_map(&:steps).find { |step| step.at == at }
          shown ? shown.from.split : []
        end

        # BenchChips of what lies in front of it yet.
        def counter
          chips.on_the_counter
        end

        # Sentences about the whole dish.
        def troubles
          trouble_of { |one| one.step.nil? && one.vessel.nil? }
        end

        # [kind, words] of vessels that may be put on it.
        def further
          Reading::AnsweredDish::FURTHER.map { |kind| [kind, Kit::DishVessels.fetch(kind).word] }
        end

        private

        # The last place in time at which there is something in most vessels.
        def fullest
          filled = @bench.steps.map { |step| step.after.values.count { |contents| contents.mass_g >= 1 } }
          (filled.rindex(filled.max) || -1) + 1
        end

        def chips
          @chips ||= BenchChips.new(household, @bench, eaters, @amounts)
        end

        def measures
          @measures ||= household.shelves.measures
        end

        def eaters
          @eaters ||= household.shelves.eaters
        end

        def place_in_time(step)
          steps = @bench.dish.steps
          index = steps.index { |one| one.id == step.id }
          index ? "step #{index + 1}: #{steps[index].say}" : "its way has cooked the rice"
        end

        def vessel(vessel, steps)
          frames = BenchFrames.new(@bench, vessel, source, household.lid_look(vessel.pot.id),
                                   measures, "#{@id}-in-#{vessel.key}").all
          Vessel.new(key: vessel.key, name: name(vessel), pot: pot(vessel), frames: frames, steps: steps,
                     troubles: trouble_of { |one| one.vessel == vessel.key }, contains: contains(vessel.key))
        end

        # "Wide pan", "Rice bowl": the cook's own words, or what it is where those do not say it.
        def name(vessel)
          words = [vessel.name, vessel.key.tr("-", " ")].compact.map { |one| one.sub(PLACE, "") }
          word = words.find { |one| Kit::DishVessels.in_words(one) } ||
                 Kit::DishVessels.fetch(vessel.kind).word
          word[0].upcase + word[1..]
        end

        # "Steel pot, 200 mm, for the rice, one of 2"
        def pot(vessel)
          [*(vessel.pot.name if vessel.pot.id), "#{vessel.pot.diameter_mm.round} mm",
           *("for the rice" if vessel.rice), *("one of #{@bench.pots}" if vessel.rice && @bench.pots > 1)]
            .join(", ")
        end

        # Allergens of all that is in it at some time.
        def contains(key)
          @bench.steps.flat_map { |step| step.after.fetch(key).allergens }.uniq.sort
        end

        def source
          @source ||= household.shelves.burners.find { |one| one.kind.on_ring }&.source || "gas"
        end

        def rows
          @rows ||= BenchRows.new(@bench, chips, troubles: method(:trouble_of), named: method(:called),
                                                 asked: @asked, clock: @clock)
        end

        def called(key)
          found = @bench.vessels.select { |vessel| vessel.key == key }
          found.map { |vessel| "the #{name(vessel).downcase}" }.first || "another vessel"
        end

        def trouble_of(&)
          @all ||= Dishes::BenchTroubles.new(@bench, eaters: eaters).all
          @all.select(&).map(&:say)
        end
      end
    end
  end
end
