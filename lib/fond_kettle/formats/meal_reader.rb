# frozen_string_literal: true

require_relative "../care/kind"
require_relative "../ground/errors"
require_relative "../ground/limits"
require_relative "../ground/schema"
require_relative "../meals/meal"
require_relative "clock_reader"
require_relative "meal_json"

module FondKettle
  module Formats
    # What a meal's JSON has to say beside a clock request to be cooked from.
    MEAL_SCHEMA = Schema.json do
      optional(:title).filled(:string, max_size?: Limits::NAME_LENGTH)
      optional(:cooks).array(:string, max_size?: Limits::NAME_LENGTH)
      optional(:pins).maybe(:hash)
      optional(:ahead).array(:string)
      required(:tasks).array(:hash) do
        required(:id).filled(:string)
        required(:kind).filled(:string, included_in?: Care::Kinds.all.keys)
        required(:say).filled(:string, max_size?: Limits::LINE_LETTERS)
        optional(:dish).filled(:string, max_size?: Limits::NAME_LENGTH)
        %i[puts_in cue why].each { |name| optional(name).maybe(:string, max_size?: Limits::LINE_LETTERS) }
        optional(:hands_on).maybe(:bool)
        optional(:cautions).array(:string)
      end
      optional(:cautions).array(:hash) do
        required(:code).filled(:string)
        optional(:short).filled(:string, max_size?: Limits::LINE_LETTERS)
        required(:say).filled(:string, max_size?: Limits::LINE_LETTERS)
      end
    end

    # Reads a meal that MealJson wrote, here or in another kitchen, as dishes of tasks. Every failure is
    # InvalidInput with the field's path.
    class MealReader
      # What a kitchen's clock knows of.
      RESOURCES = %w[cook burner oven].freeze
      # The dish of a task that names none.
      BESIDE = "Meal"

      # `data`: the parsed JSON. Raises InvalidInput.
      def initialize(data)
        @clock = ClockReader.new(data)
        result = MEAL_SCHEMA.call(data)
        problems = Schema.problems(result)
        raise InvalidInput, problems if problems.any?

        @data = result.to_h
        @problem = @clock.problem
        @dishes = @data[:tasks].group_by { |task| task.fetch(:dish, BESIDE) }.to_a
        check
      end

      # The Meals::Meal.
      def meal
        there = @problem.resources
        Meals::Meal.of(title: @data.fetch(:title, BESIDE), serve_at: local(@clock.serve_at), dishes: dishes,
                       cooks: cooks, rings: there.fetch("burner", 1), shelves: there.fetch("oven", 1),
                       ahead: renamed_ahead, pins: pins)
      end

      private

      def check
        count = @problem.resources.fetch("cook", 0)
        unless Limits::HANDS.cover?(count)
          raise InvalidInput.at("resources.cook", "must be between 1 and #{Limits::HANDS.max}")
        end
        if @dishes.size > Limits::DISHES
          raise InvalidInput.at("tasks", "must be of at most #{Limits::DISHES} dishes")
        end

        @problem.slots.each do |slot|
          check_links(slot)
          strange = slot.uses.keys - RESOURCES
          raise InvalidInput.at("tasks.#{slot.id}.uses", "must be of #{RESOURCES.join(', ')}") if strange.any?
        end
      end

      def check_links(slot)
        stray = slot.after.find do |after|
          !names.key?(after.task) || names[after.task].first != names[slot.id].first
        end
        return unless stray

        raise InvalidInput.at("tasks.#{slot.id}.after", "must name tasks of its own dish",
                              received: stray.task)
      end

      # The hour that was written, on this kitchen's clock.
      def local(time)
        Time.new(time.year, time.month, time.day, time.hour, time.min)
      end

      def cooks
        named = @data.fetch(:cooks, [])
        Array.new(@problem.resources.fetch("cook")) { |index| named[index] || "Cook #{index + 1}" }
      end

      # New ids by those of the file: each under the key of its dish.
      def names
        @names ||= @dishes.each_with_index.reduce({}) do |found, ((_, tasks), dish)|
          own = tasks.each_with_index.to_h { |task, index| [task[:id], ["d#{dish + 1}", (index + 1).to_s]] }
          found.merge(own)
        end
      end

      def renamed(id)
        names[id]&.join("/")
      end

      def dishes
        @dishes.each_with_index.map do |(title, tasks), index|
          Meals::MealDish.new(key: "d#{index + 1}", title: title, plan: plan(tasks), cook_ids: [])
        end
      end

      def plan(tasks)
        codes = tasks.flat_map { |task| task.fetch(:cautions, []) }
        { tasks: tasks.map { |task| content(task) }, ends: ends(tasks),
          cautions: @data.fetch(:cautions, []).select { |one| codes.include?(one[:code]) } }
      end

      def content(task)
        slot = @problem.slots.find { |one| one.id == task[:id] }
        { id: names.fetch(task[:id]).last, kind: task[:kind], say: task[:say],
          **%i[cue why puts_in].to_h { |name| [name, task[name].to_s] }, hands_on: slot.uses.key?("cook"),
          minutes: slot.minutes, uses: slot.uses, oven_c: slot.oven_c, cautions: task.fetch(:cautions, []),
          after: slot.after.map { |after| follows(after) } }
      end

      def follows(after)
        { task: names.fetch(after.task).last, gap: [after.least, after.most] }
      end

      def ends(tasks)
        ids = tasks.map { |task| task[:id] }
        @problem.ends.select { |one| ids.include?(one.task) }
                .map { |one| { task: names.fetch(one.task).last, before_serve: [one.least, one.most] } }
      end

      def pins
        (@data[:pins] || {}).to_h do |id, min|
          unless names.key?(id.to_s) && min.is_a?(Integer) && Limits::TASK_MIN.cover?(min)
            raise InvalidInput.at("pins.#{id}", "must be minutes before serving of one of the tasks")
          end

          [renamed(id.to_s), min]
        end
      end

      def renamed_ahead
        @data.fetch(:ahead, []).filter_map { |id| renamed(id) }
      end
    end
  end
end
