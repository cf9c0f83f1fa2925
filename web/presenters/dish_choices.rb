# frozen_string_literal: true

require "time"
require_relative "../../app/forms/plan_form"
require_relative "../../app/plans/look"
require_relative "../../lib/fond_kettle/ground/errors"
require_relative "../../lib/fond_kettle/ground/remembered"
require_relative "../../lib/fond_kettle/ground/value"
require_relative "../../lib/fond_kettle/larder/grains"
require_relative "presenter"
require_relative "to_use_up"

module FondKettle
  module Web
    module Presenters
      # A dish to choose from: its `id`, `title`, `facts` about tonight (texts), what it `uses` up and what is
      # `short` (texts; nil: nothing), and whether its time is still to be worked out (`untimed`).
      DishChoice = Value.define(:id, :title, :facts, :uses, :short, :untimed)

      # The dishes of a household as one chooses among them: what must be used up, how long until eating,
      # whether its rice is in the house, when there was last one.
      class DishChoices < Presenter
        # No page works longer than that on times, in seconds; what is left is asked for again.
        BUDGET_S = 0.15
        # Minutes by a dish's record, its version among it, and what the house has.
        MINUTES = Remembered.new(1000)
        private_constant :MINUTES

        # `found`: records of the DishBook; `now`: a Time.
        def initialize(household, found, now)
          super(household)
          @found = found
          @now = now
          @to_use_up = ToUseUp.new(household, now)
        end

        # DishChoices: of those whose rice is in the house, what uses something up first; then as they were
        # found.
        def all
          @until = clock_s + BUDGET_S
          there, short = @found.map { |dish| choice(dish) }.partition { |one| one.short.nil? }
          there.partition(&:uses).flatten(1) + short
        end

        private

        def clock_s
          Process.clock_gettime(Process::CLOCK_MONOTONIC)
        end

        def choice(dish)
          key = [dish, household.shelves]
          timed = MINUTES.known?(key) || clock_s < @until
          min = timed ? MINUTES.fetch(key) { total_min(dish) } : nil
          facts = ["for #{plain(dish[:serves])}", *(minutes(min.ceil) if min), *last(dish[:title])]
          uses = @to_use_up.for(dish)
          DishChoice.new(**dish.slice(:id, :title), facts: facts, uses: uses && @to_use_up.say(uses),
                                                    short: short(dish), untimed: !timed)
        end

        # From the first step to the table, as it is written; nil where it cannot be planned.
        def total_min(dish)
          form = Forms::PlanForm.in_own_amount(dish, household)
          App::LookAtPlan.new(form, household.kitchen).plan.total_min if form.ok?
        rescue InvalidInput, NotFound
          nil
        end

        def last(title)
          at = (@last ||= household.cooks.last_cooked)[title]
          at && "last #{ago((@now.to_date - Time.iso8601(at).to_date).to_i)}"
        end

        def ago(days)
          return "today" unless days.positive?
          return "yesterday" if days == 1

          days < 14 ? "#{days} days ago" : "#{days / 7} weeks ago"
        end

        # "no jasmine in the house", "200 g of brown long left", or nil.
        def short(dish)
          bags = household.shelves.bags
          left_g = bags.select { |bag| bag.grain == dish[:grain] }.sum(&:left_g)
          return if bags.empty? || left_g >= dish[:rice_g]

          name = Larder::Grains.fetch(dish[:grain]).name.downcase
          left_g.positive? ? "only #{grams(left_g)} of #{name} left" : "no #{name} in the house"
        end
      end
    end
  end
end
