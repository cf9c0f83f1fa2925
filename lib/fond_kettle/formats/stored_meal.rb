# frozen_string_literal: true

require "json"
require "time"
require_relative "../meals/meal"
require_relative "../meals/schedule"

module FondKettle
  module Formats
    # The stored JSON of a meal without its dishes: its wishes and its schedule.
    module StoredMeal
      module_function

      # What is kept as it is, and what is known by a task's id.
      PLAIN = %i[cooks rings shelves quiet ahead patience_min guests_min gone dropped vessels].freeze
      TIMES = %i[base_at held_until].freeze
      BY_ID = %i[pins who longer].freeze

      # Text to store of who cooks, what there is, what is pinned, lost and done the day before.
      def wishes(meal)
        JSON.generate(**meal.to_h.slice(*PLAIN, *BY_ID), lost: meal.lost.map { |one| lost(one) },
                                                         **TIMES.to_h { |name| [name, text(meal, name)] })
      end

      # The Meal of what is stored, with its dishes (Meals::MealDish).
      def meal(text, title:, serve_at:, dishes:)
        known = JSON.parse(text, symbolize_names: true)
        by_id = known.slice(*BY_ID).transform_values { |values| values.transform_keys(&:to_s) }
        lost = known[:lost].map { |one| Meals::LostResource.new(**one, from: Time.parse(one[:from])) }
        Meals::Meal.of(title: title, serve_at: Time.parse(serve_at).localtime, dishes: dishes, lost: lost,
                       **TIMES.to_h { |name| [name, known[name] && Time.parse(known[name]).localtime] },
                       **known.slice(*PLAIN), **by_id)
      end

      def text(meal, name)
        meal.public_send(name)&.utc&.iso8601
      end

      # Text to store of a Meals::Schedule; nil of none.
      def schedule(schedule)
        schedule && JSON.generate(schedule.to_h)
      end

      # The stored Meals::Schedule; nil when none was stored.
      def read_schedule(text)
        return unless text

        known = JSON.parse(text, symbolize_names: true)
        Meals::Schedule.new(**known, starts: known[:starts].transform_keys(&:to_s),
                                     hands: known[:hands].transform_keys(&:to_s))
      end

      def lost(one)
        { resource: one.resource, count: one.count, from: one.from.utc.iso8601 }
      end
      private_class_method :lost, :text
    end
  end
end
