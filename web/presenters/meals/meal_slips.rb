# frozen_string_literal: true

require_relative "../presenter"

module FondKettle
  module Web
    module Presenters
      # Delays of a meal at the stove that can be taken back: [words, the slip that takes it back, what that
      # needs] each.
      class MealSlips < Presenter
        # `meal`: Meals::Meal; `now`: a Time.
        def initialize(household, meal, now)
          super(household)
          @meal = meal
          @now = now
        end

        # All of them.
        def all
          [*held, *@meal.lost.map { |one| ["A ring is gone since #{hour(one.from)}", "ring-back", {}] },
           *@meal.gone.map { |name| ["#{name} is away", "cook-back", { "name" => name }] },
           *@meal.longer.map { |id, min| longer(id, min) }, *later_guests,
           *@meal.dropped.map { |key| ["#{@meal.dish(key).title} is left out", "make", { "dish" => key }] }]
        end

        private

        # Held, and until when; what is over is no more to be taken back.
        def held
          until_at = @meal.held_until
          until_at && until_at > @now ? [["Nothing begins before #{hour(until_at)}", "hold-back", {}]] : []
        end

        def longer(id, min)
          task = @meal.every_task.find { |one| one.id == id }
          ["#{task ? "“#{task.say[/\A[^.:,(]+/]}”" : id} takes #{minutes(min)} longer", "longer-back",
           { "task" => id }]
        end

        def later_guests
          @meal.guests_min.zero? ? [] : [["They come #{minutes(@meal.guests_min)} later", "guest-back", {}]]
        end
      end
    end
  end
end
