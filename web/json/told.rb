# frozen_string_literal: true

require_relative "../../lib/fond_kettle/formats/meal_json"
require_relative "../../lib/fond_kettle/methods/library"
require_relative "../../app/forms/plan_form"
require_relative "../../app/forms/told_dish_form"
require_relative "../presenters/components"
require_relative "../presenters/cooked_pot"
require_relative "../presenters/stove/stove_step"
require_relative "../presenters/copies"
require_relative "../presenters/cupboard"
require_relative "../presenters/dish_choices"
require_relative "../presenters/dish_page"
require_relative "../presenters/door_card"
require_relative "../presenters/kept_things"
require_relative "../presenters/meals/meal_at_stove"
require_relative "../presenters/meals/meal_clock"
require_relative "../presenters/pot/first_page"
require_relative "../presenters/pot/pot_answer"
require_relative "../presenters/pot/side_by_side"
require_relative "../presenters/side_page"
require_relative "../presenters/table_top"

module FondKettle
  module Web
    module Json
      # The JSON of the objects that a page shows, by their classes.
      module Told
        # A cook without its plan, where there are many of them.
        COOK = %i[id title grain pot_id pot_no pots planned_g poured_g started_at finished_at left_at outcome
                  teaches forgotten_at lock_version].freeze
        MEAL = %i[id lock_version planned begun_at ended_at].freeze

        module_function

        # A pot as it stands: its task, since when and until when, its events.
        def pot(shown)
          cook = shown.cook
          shown.record.slice(:id, :title, :pot_no, :pots, :pending)
               .merge(state: shown.state, waiting: cook.waiting?, task: cook.task[:id],
                      began_at: cook.task_began_at, ends_at: cook.task_ends_at,
                      ready_at: shown.ready_at, poured_g: cook.poured_g,
                      tasks: cook.tasks, events: cook.events, remedy: shown.remedy)
        end

        # A meal as it is given away, with what it is known by.
        def meal(shown)
          { **shown.record.slice(*MEAL),
            **Formats::MealJson.call(shown.record[:meal], shown.record[:schedule]) }
        end

        # The same at the stove: how each of its tasks stands.
        def meal_at_stove(shown)
          { **meal(shown), stands: shown.cards.map { |card| { task: card.row.id, state: card.state } } }
        end

        # A finished cook, as the log has it.
        def cooked(shown)
          { **shown.record.slice(*COOK), told: shown.events }
        end

        # What was read of a told dish, and what is asked of it.
        def told_dish(form)
          { text: form[:text], dish: form.dish,
            asked: form.questions&.asked.to_a.map { |one| { **one.question, answer: one.answer.answer } } }
        end

        TOLD = {
          Presenters::Cupboard => :data.to_proc, Presenters::CookedPot => method(:cooked),
          Presenters::StoveStep => method(:pot), Presenters::MealAtStove => method(:meal_at_stove),
          Presenters::MealClock => method(:meal), Presenters::KeptThings => :all.to_proc,
          Presenters::Components => :all.to_proc, Presenters::DoorCard => :rows.to_proc,
          Forms::ToldDishForm => method(:told_dish), Presenters::SidePage => lambda(&:data),
          Presenters::SideBySide => ->(shown) { shown.rows + shown.not_here },
          Presenters::DishChoices => :all.to_proc,
          Presenters::TableTop => lambda { |top|
            { says: top.sentence, plates: top.plates, guests: top.guests_now }
          },
          Presenters::FirstPage => lambda { |shown|
            { plan: shown.answer&.answer, taken: shown.taken, problems: shown.problems }
          },
          Presenters::PotAnswer => ->(shown) { { address: shown.form.address, plan: shown.answer } },
          Presenters::DishPage => ->(shown) { { id: shown.id, **shown.dish.graph.data } },
          Presenters::Copies => ->(shown) { { copies: shown.all, folder: shown.folder } },
          Forms::PlanForm => ->(form) { { address: form.address } },
          Methods::Library => lambda do |library|
            library.all.values.map { |way| { key: way.key, name: way.name, gives: way.gives } }
          end
        }.freeze

        # The JSON of an object; the block answers for unknown ones.
        def of(thing)
          _, told = TOLD.find { |type, _| thing.is_a?(type) }
          told ? told.call(thing) : yield
        end
      end
    end
  end
end
