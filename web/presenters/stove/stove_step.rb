# frozen_string_literal: true

require "forwardable"
require_relative "../../../lib/fond_kettle/ground/limits"
require_relative "../../../lib/fond_kettle/ground/words"
require_relative "../../../lib/fond_kettle/stove/cook"
require_relative "act_now"
require_relative "handed_step"
require_relative "layered_step"
require_relative "next_step"
require_relative "poured_water"
require_relative "stove_clock"
require_relative "stove_picture"
require_relative "worth_showing_now"
require_relative "wrong_pot"
require_relative "../presenter"
require_relative "../told_words"

module FondKettle
  module Web
    module Presenters
      # A pot on the stove, as it stands now.
      class StoveStep < Presenter
        extend Forwardable

        def_delegators :water, :pours?, :pour_label, :pour_g, :pour_steps, :act_of_range, :hold_words, :held,
                       :look_due?, :standing, :pour_units
        def_delegators :hands, :cools?, :cooling_drawing, :cooling_words, :tally
        def_delegators :layers, :drained
        def_delegators :picture, :drawing, :small_drawing
        def_delegators :trouble, :wrong, :remedy, :look_after?
        def_delegators :worth, :weighs?, :weigh_label, :weigh_tells
        def_delegators :upcoming, :wrong?, :following, :set_going, :due?, :free, :wanted
        def_delegators :times, :ready, :ready_at, :meanwhile, :steps_json

        CUES = Words.of("cues")

        attr_reader :id, :record, :cook, :now

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

        # A digest that another device compares, to see whether something has changed.
        def state
          "#{@record[:version]}-#{@record[:finished_at] || @record[:left_at] ? 'done' : 'open'}"
        end

        # Values by which a page counts down, as data of its element.
        def clock
          { now: milliseconds(now), began: milliseconds(cook.task_began_at || now),
            ends: cook.task_ends_at && milliseconds(cook.task_ends_at), state: state,
            look: (at = look_at) && milliseconds(at) }
        end

        # Time of something due before the step is over: the look at held water, the next fold, the next step,
        # the end of what goes on beside it.
        def look_at
          own = cook.look_at || (cook.cooling.next_fold_at(now) if cools?)
          [own, times.rings_at].compact.min
        end

        # The nearest Time at which something of it is due, nil: it takes its time.
        def due_at
          [cook.task_ends_at, times.rings_at].compact.min
        end

        def title
          "#{@record[:title]} · step #{cook.position + 1} of #{cook.tasks.size}"
        end

        # "pot 1 of 2", "round 2 of 2" where the house has one such pot, or nil.
        def pot_of
          one = cook.plan[:rounds] ? "round" : "pot"
          "#{one} #{@record[:pot_no]} of #{@record[:pots]}" if @record[:pots] > 1
        end

        # Minutes left of the step, or what it takes.
        def lasts
          minutes(cook.task_ends_at ? [(cook.task_ends_at - now) / 60.0, 0].max : cook.lasting(task))
        end

        def until_when
          ends_at = cook.task_ends_at
          ends_at ? "until #{hour(ends_at)}" : ""
        end

        # The meal that it is a pot of, [path, title], or nil.
        def meal
          id, title = household.meals.of_pot(@id)
          id && ["/meal/#{id}", title]
        end

        # The instruction; that of a way out, when one is going on.
        def says
          trouble.says || (list ? list[:head] : task[:say])
        end

        # Food that goes in now, one text each; with a remedy, the food it asks for.
        def puts_in
          return trouble.puts_in if wrong?

          task[:puts_in].to_s.split("; ") - (list ? list[:lines] : [])
        end

        # The layers to be laid in, line by line, or nil.
        def list
          task[:list] unless wrong?
        end

        # Names of food that is measured here because nobody knew it when it was planned, or knows it yet.
        def unknown
          task[:core_c] ? cook.plan.fetch(:unknown, []).reject { |name| household.names.find(name) } : []
        end

        # The consequence of the last look, or nil.
        def look_tells
          look = cook.last_look
          return look&.tell unless look && cook.look_again_at

          "#{look.say}, #{hour(cook.looked_at)}. #{look.tell} Look again at #{hour(cook.look_again_at)}."
        end

        # The change that the boil made to this step, as a text, or nil.
        def replanned
          min = cook.replanned(task)
          return if min.zero?

          longer = min.positive?
          "#{minutes(min.abs)} #{longer ? 'longer' : 'shorter'} than planned, as it boiled " \
            "#{longer ? 'sooner' : 'later'}."
        end

        def cautions
          cook.cautions_at(task)
        end

        # The one thing to do now (NextAct).
        def act
          @act ||= ActNow.new(cook, trouble, times).act
        end

        # Minutes that what ends this step may have happened ago: none where nothing is seen.
        def ago
          return [] unless act.cue && cook.task_began_at

          [1, 3, 5, 10].select { |minutes| now - (minutes * 60) >= cook.task_began_at }
        end

        # The consequence of the last reading of a thermometer, or nil.
        def reading
          measured_c = cook.measured_c
          return unless measured_c && task[:core_c]

          said = "#{plain(measured_c.round(1))} °C"
          return "**#{said}**: hot enough. Go on." if cook.hot_enough?

          "**#{said} is not safe yet**; #{task[:core_c]} °C it must be. Close the lid, give it " \
            "#{layers.more_min(measured_c)} min more on low, and measure again."
        end

        # Signs that are to come, but for the one that is this step's own thing to do: [cue, words,
        # about when, and what a tap is good for].
        def expected
          return [] if look_due?

          cook.expected.reject { |cue| cue[:cue] == act.cue }.map do |cue|
            about = ["About #{hour(cue[:at])}", worth.tap_tells(cue[:cue])].compact.join(", ")
            [cue[:cue], CUES.fetch(cue[:cue]), about]
          end
        end

        # The last tap, as a text, while it can be taken back, or nil.
        def undo
          tap = @record[:last_tap]
          ToldWords.tap(tap.happened, cook) if tap && now - tap.at <= Limits::UNDO_S
        end

        # Seconds for which it can be taken back.
        def undo_s
          Limits::UNDO_S
        end

        private

        def trouble
          @trouble ||= WrongPot.new(cook, now, household.shelves.measures)
        end

        def upcoming
          @upcoming ||= NextStep.new(cook, trouble, times)
        end

        def times
          @times ||= StoveClock.new(cook, now, household.shelves, *in_meal)
        end

        # [Meals::Standing, Meals::MealDish] of the meal that it is a pot of; none.
        def in_meal
          meal_id, = household.meals.of_pot(@id)
          record = meal_id && household.meals.find(meal_id)
          return [] unless record && record[:schedule]

          [household.meals.standing(record), record[:meal].dishes.find { |dish| dish.cook_ids.include?(@id) }]
        end

        def water
          @water ||= PouredWater.new(cook, household.shelves, now)
        end

        def hands
          @hands ||= HandedStep.new(cook, now)
        end

        def picture
          @picture ||= StovePicture.new(cook, @record, now)
        end

        def worth
          @worth ||= WorthShowingNow.new(cook)
        end

        def layers
          @layers ||= LayeredStep.new(cook)
        end
      end
    end
  end
end
