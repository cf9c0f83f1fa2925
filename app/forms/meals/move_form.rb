# frozen_string_literal: true

require "time"
require_relative "../../../lib/fond_kettle/ground/limits"
require_relative "../../../lib/fond_kettle/ground/schema"
require_relative "../checked_form"

module FondKettle
  module Forms
    # A change of one task of a meal: its start (a time of day, or minutes before serving from a drawing), its
    # release, or its cook.
    class MoveForm < CheckedForm
      ANYBODY = "anybody"
      SCHEMA = Schema.params do
        required(:task).filled(:string)
        optional(:start).maybe(:string)
        optional(:before).maybe(Schema::TypedWhole, included_in?: Limits::TASK_MIN)
        optional(:free).maybe(:string)
        optional(:who).maybe(:string)
      end
      FIELDS = %w[task start before free who].freeze
      HOUR = /\A([01]?\d|2[0-3]):([0-5]\d)\z/

      # `meal`: Meals::Meal.
      def initialize(typed, meal)
        @meal = meal
        super(typed)
      end

      def task
        @values[:task]
      end

      # The meal with that change.
      def changed
        pins = @values[:free] ? @meal.pins.except(task) : @meal.pins.merge({ task => start_min }.compact)
        who = @values[:who] ? @meal.who.except(task).merge({ task => cook }.compact) : @meal.who
        @meal.with(pins: pins, who: who)
      end

      private

      def check
        problem("task", "must be one of the meal's tasks") unless @meal.tasks.any? { |one| one.id == task }
        problem("start", "must be a time, like 18:05") if @values[:start] && !HOUR.match?(@values[:start])
        known = [ANYBODY, *@meal.cooks.each_index.map(&:to_s)]
        return if @values[:who].nil? || known.include?(@values[:who])

        problem("who",
                "must be one of the cooks")
      end

      # Minutes before serving that it starts, or nil: as it was.
      def start_min
        return @values[:before] if @values[:before]
        return unless @values[:start]

        hour, min = HOUR.match(@values[:start]).captures.map(&:to_i)
        at = Time.new(@meal.serve_at.year, @meal.serve_at.month, @meal.serve_at.day, hour, min)
        at -= 86_400 if at > @meal.serve_at
        @meal.before_min(at)
      end

      def cook
        Integer(@values[:who], 10, exception: false)
      end
    end
  end
end
