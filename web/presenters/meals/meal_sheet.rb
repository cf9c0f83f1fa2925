# frozen_string_literal: true

require "rack/utils"
require_relative "../../../lib/fond_kettle/dishes/shopping"
require_relative "../../../app/plans/look"
require_relative "../../../lib/fond_kettle/formats/shopping_list"
require_relative "../../../lib/fond_kettle/larder/grains"
require_relative "../../../lib/fond_kettle/table/contains"
require_relative "../../../app/forms/plan_form"
require_relative "meal_clock"

module FondKettle
  module Web
    module Presenters
      # One sheet for a whole meal: the day before, what is done when and by whom with what goes in, cautions,
      # shopping.
      class MealSheet < MealClock
        RICE_AISLE = "dry goods"
        # From so many letters on, the type gets smaller.
        SIZES = { 5200 => "sheet-smallest", 3600 => "sheet-small", 2200 => "sheet-medium",
                  0 => "sheet-large" }.freeze

        def size
          letters = rows.sum do |row|
            row.say.length + row.puts_in.length + row.cue.to_s.length
          end + all_cautions.sum(&:length)
          SIZES.find { |from, _| letters >= from }.last
        end

        def back
          "/clock/#{record[:id]}"
        end

        # Tasks of the day before: [dish, say, what goes in].
        def day_before
          meal.every_task.select { |task| meal.ahead.include?(task.id) }
              .map { |task| [meal.dish(task.dish).title, task.say, task.puts_in] }
        end

        # The rows, each with the cautions that no earlier row has given.
        def told_rows
          told = []
          rows.map do |row|
            fresh = row.cautions.reject { |caution| told.include?(caution[:say]) }
            told += fresh.map { |caution| caution[:say] }
            [row, fresh]
          end
        end

        # All cautions, each once.
        def all_cautions
          meal.dishes.flat_map { |dish| dish.plan.fetch(:cautions, []) }.map { |one| one[:say] }.uniq
        end

        # Allergens of all dishes, and what nobody knows them of.
        def allergens
          known = meal.dishes.map { |dish| dish.plan.fetch(:allergens, {}) }
          unknown = known.flat_map { |one| one[:not_checked] || [] }
          beside = meal.dishes.reject(&:rice?).map(&:title)
          contains = known.flat_map { |one| one[:contains] || [] }.uniq.sort
          Table::Contains.say(contains, (unknown + beside).uniq)
        end

        # The shopping list by aisle, added up over the dishes.
        def to_buy
          @to_buy ||= items.group_by(&:aisle).map do |aisle, list|
            ["#{aisle.capitalize}:", list.join("; ")]
          end
        end

        # The same as text.
        def shopping_text
          Formats::ShoppingList.text(items)
        end

        private

        # What one dish takes from the cupboard is not there for the next.
        def items
          left_g = household.stock_g.dup
          found = suppers.flat_map do |supper|
            list = Dishes::Shopping.new(supper, supper.plan.request.measures, left_g).items
            list.each { |item| left_g[item.key] = [left_g[item.key] - item.need_g, 0.0].max if item.need_g }
            list
          end
          found += plain(left_g)
          merged(found.reject { |item| item.buy_g&.zero? })
        end

        # Rice that no dish names.
        def plain(left_g)
          meal.dishes.select(&:rice?).reject { |dish| dish_keys.include?(dish.key) }
              .map { |dish| bag(dish, left_g) }
        end

        def bag(dish, left_g)
          grain = Larder::Grains.fetch(dish.plan[:grain])
          need_g = dish.rice_g
          have_g = left_g.fetch(grain.key, 0.0)
          Dishes::Item.new(aisle: RICE_AISLE, key: grain.key, name: grain.name, words: nil,
                           weight: grams(need_g), need_g: need_g, have_g: have_g,
                           buy_g: [need_g - have_g, 0.0].max)
        end

        # Keys of what is a dish of the house.
        def dish_keys
          @dish_keys ||= rows_with_forms.select { |_, form| form.dish }.map { |row, _| row[:key] }
        end

        def rows_with_forms
          @rows_with_forms ||= household.meals.dishes(record[:id]).filter_map do |row|
            form = row[:address] && Forms::PlanForm.new(Rack::Utils.parse_nested_query(row[:address]),
                                                        household)
            [row, form] if form&.ok?
          end
        end

        def merged(items)
          grouped = items.group_by { |item| [item.aisle, item.key, item.name] }.values
          whole = grouped.map { |same| same.one? ? same.first : together(same) }
          whole.sort_by { |item| [item.aisle, item.name] }
        end

        def together(same)
          first = same.first
          words = same.map do |item|
            [item.words, item.weight && (item.words ? "(#{item.weight})" : item.weight)].compact.join(" ")
          end
          first.with(words: words.join(" + "), weight: nil, need_g: nil, have_g: 0.0, buy_g: nil)
        end

        def suppers
          rows_with_forms.filter_map do |_, form|
            next unless form.dish

            App::LookAtPlan.new(form, kitchen).supper
          end
        end
      end
    end
  end
end
