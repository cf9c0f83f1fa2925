# frozen_string_literal: true

require_relative "../../html/markup"
require_relative "../stove/stove_step"
require_relative "meal_clock"
require_relative "meal_slips"

module FondKettle
  module Web
    module Presenters
      # A meal at the stove: what each cook does next over all dishes, what is on the go, how far the
      # evening is behind.
      class MealAtStove < MealClock
        # A task as its card has it: whose, when by the clock, how it stands, its times in ms.
        # `after`: ids of what comes before it; `open`: is all of that done?; `waits`: what somebody else has
        # still to do of it, in words.
        Card = Value.define(:row, :whose, :cook, :state, :hands, :starts, :began, :ends, :minutes, :pot,
                            :after, :open, :waits)
        # What a button of the bar tells: of which task, what, which begins with it, and its words.
        CardAct = Value.define(:cook, :task, :what, :next_task, :say)
        NEXT = "Done, next"
        # What is due so soon begins with the tap that ends the one before, s.
        DUE_S = 180
        # What others are to do within so long may be taken, s.
        SOON_S = 900
        STATES = { over: "over", going: "going", to_come: "to-come" }.freeze

        attr_reader :standing

        # `standing`: Meals::Standing.
        def initialize(household, record, standing, now)
          super(household, record, now)
          @standing = standing
        end

        # All tasks of the evening in the order of their starts (Card).
        def cards
          @cards ||= standing.tasks.map { |task| card(task) }
        end

        # The card that a cook has in hand, or does next: the first for which all that comes before it is
        # done; or nil.
        def current(cook)
          mine = cards.select { |card| card.cook == cook }
          mine.find { |card| card.state == "going" && card.hands } ||
            mine.find { |card| card.state == "to-come" && card.open }
        end

        # The one thing to do for a cook (for each, where the page is everybody's): CardAct.
        def acts(who)
          cooks = who.is_a?(Integer) ? [who] : meal.cooks.each_index.to_a
          cooks.map { |cook| act(cook, cooks.size > 1) }
        end

        # True for the card that its cook has in hand.
        def first?(card, who)
          (!who.is_a?(Integer) || card.cook == who) && current(card.cook)&.row&.id == card.row.id
        end

        # The classes of a card on the page of `who`.
        def classes(card, who)
          mine = mine?(card, who)
          ["meal-card", "dish-#{card.row.mark}", ("is-mine" if mine || takes?(card)),
           ("is-first" if first?(card, who))].compact.join(" ")
        end

        # Words of the button that begins a card out of turn on the page of `who`.
        def take_words(card, who)
          mine?(card, who) ? "Begin this now" : "Take this"
        end

        # Values that the script needs, as data of the card's element.
        def data(card)
          about = { task: card.row.id, say: card.row.say, dish: card.row.dish,
                    **card.to_h.slice(:cook, :state, :hands, :starts, :began, :ends, :minutes, :after) }
          about.map { |name, value| %(data-#{name}="#{Html::Markup.escape(value)}") }.join(" ")
        end

        # Words for a cook who has nothing in hand, and nothing to begin yet; or nil.
        def idle(who)
          return if !who.is_a?(Integer) || standing.all_over? || busy?(who)

          mine = cards.find { |card| card.cook == who && card.state == STATES[:to_come] }
          return "Nothing more to do for #{meal.cooks[who]}." unless mine

          "Nothing to do for #{meal.cooks[who]} until #{mine.row.at}, for " \
            "#{minutes((mine.starts - now_ms) / 60_000.0)}."
        end

        # Tasks that are not over: [id, words].
        def open_tasks
          open = cards.reject { |card| card.state == "over" }
          open.map { |card| [card.row.id, "#{card.row.mark} #{card.row.say}"[0, 60]] }
        end

        def eat_at
          hour(meal.serve_at)
        end

        # "on time", "6 min behind", "20 min later than 19:00"
        def late
          behind_min = standing.late_min(@now)
          later = "#{minutes(meal.late_min)} later than #{hour(meal.wanted_at)}" if meal.late_min.positive?
          behind = "#{minutes(behind_min)} behind" if behind_min.positive?
          [later, behind].compact.join(", ").then { |said| said.empty? ? "on time" : said }
        end

        def late?
          standing.late_min(@now).positive? || meal.late_min.positive?
        end

        # Slips that can be taken back (MealSlips).
        def slipped
          MealSlips.new(household, meal, @now).all
        end

        # Dishes that may be left out: [key, title].
        def droppable
          meal.made.size > 1 ? meal.made.map { |dish| [dish.key, dish.title] } : []
        end

        # Pots of the meal as they stand: [title, where to look, drawing].
        def pots
          meal.made.flat_map { |dish| dish.cook_ids.map { |id| [dish, id] } }.map do |dish, id|
            pot = StoveStep.new(household, household.cooks.find(id), @now)
            ["#{words.mark(dish.key)} #{dish.title}", "/stove/#{id}", pot.small_drawing, pot.says]
          end
        end

        def drawings
          lanes = MealLanes.new(household, meal, schedule, critical: critical, standing: standing)
          [Drawings::Lanes, Drawings::UprightLanes].map do |kind|
            kind.new(lanes.all, [], serve_at: meal.serve_at, span_min: schedule.span_min,
                                    now_min: now_min).to_s
          end
        end

        def now_ms
          milliseconds(@now)
        end

        private

        # True for a cook with something in hand, or due.
        def busy?(cook)
          card = current(cook)
          !card.nil? && (card.state == STATES[:going] || card.starts <= now_ms + (DUE_S * 1000))
        end

        def mine?(card, who)
          !who.is_a?(Integer) || card.cook == who
        end

        # True for what somebody else was to do soon and anybody may begin now.
        def takes?(card)
          card.open && card.state == STATES[:to_come] && card.starts <= now_ms + (SOON_S * 1000)
        end

        # Not said at the stove, so not reckoned each time that a device looks.
        def critical
          []
        end

        def act(cook, several)
          card = current(cook)
          name = "#{meal.cooks[cook]}: " if several
          if card.nil? || card.state == "to-come"
            return CardAct.new(cook: cook, task: card&.row&.id, what: "begun", next_task: nil,
                               say: "#{name}Begin")
          end

          CardAct.new(cook: cook, task: card.row.id, what: "over", next_task: due(card)&.row&.id,
                      say: "#{name}#{NEXT}")
        end

        # What this cook begins right after, or nil.
        def due(done)
          mine = cards.select { |card| card.cook == done.cook && card.state == "to-come" }
          following = mine.find { |card| standing.waits_for(tasks[card.row.id], done: done.row.id).empty? }
          following if following && following.starts <= now_ms + (DUE_S * 1000)
        end

        def tasks
          @tasks ||= standing.tasks.to_h { |task| [task.id, task] }
        end

        # What it waits for, and who does that where it is somebody else: "after “Brown the onions” (Carrots
        # …), Teodor"; or nil.
        def waits(waiting, dish, cook)
          return if waiting.empty?

          told = waiting.map do |one|
            whose = standing.cook_of(one)
            name = one.dish == dish ? words.quoted(one.id) : words.named(one.id)
            [name, *(meal.cooks[whose] unless whose == cook)].join(", ")
          end
          "after #{told.join('; ')}"
        end

        def card(task)
          cook = standing.cook_of(task)
          waiting = standing.waits_for(task)
          Card.new(row: row(task), whose: whose(task, cook), cook: cook, state: state(task),
                   hands: task.hands_on?, minutes: task.minutes, **times(task),
                   pot: meal.dish(task.dish).cook_id(task), open: waiting.empty?,
                   waits: waits(waiting, task.dish, cook),
                   after: task.slot.after.select { |after| after.least >= 0 }.map(&:task).join(" "))
        end

        # "Leek pilaf · Orsolya"
        def whose(task, cook)
          [meal.dish(task.dish).title, *(meal.cooks[cook] if meal.cooks.size > 1)].join(" · ")
        end

        def times(task)
          began = standing.begun_at(task)
          { starts: milliseconds(standing.starts_at(task)), began: began && milliseconds(began),
            ends: began && milliseconds(standing.ends_at(task)) }
        end

        def state(task)
          return STATES[:over] if standing.over?(task)

          STATES[standing.begun?(task) ? :going : :to_come]
        end
      end
    end
  end
end
