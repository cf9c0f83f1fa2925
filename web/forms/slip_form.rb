# frozen_string_literal: true

require_relative "../../lib/fond_kettle/ground/limits"
require_relative "../../lib/fond_kettle/ground/schema"
require_relative "../../lib/fond_kettle/ground/words"
require_relative "../../lib/fond_kettle/meals/meal"
require_relative "checked_form"

module FondKettle
  module Web
    module Forms
      # What has slipped at the stove: a key of the words "slips", with minutes, a task or a cook where it
      # needs one.
      class SlipForm < CheckedForm
        KINDS = Words.of("slips")
        MOST_MIN = 180
        SCHEMA = Schema.params do
          required(:slip).filled(:string, included_in?: KINDS.keys)
          optional(:minutes).maybe(Schema::TypedWhole, included_in?: 1..MOST_MIN)
          optional(:task).maybe(:string)
          optional(:cook).maybe(Schema::TypedWhole)
        end
        FIELDS = %w[slip minutes task cook].freeze
        NEEDS = { "guest" => :minutes, "longer" => :minutes, "cook" => :cook }.freeze

        # `meal`: Meals::Meal; `now`: a Time.
        def initialize(typed, meal, now)
          @meal = meal
          @now = now
          super(typed)
        end

        # The meal as it is with that.
        def meal
          case @values[:slip]
          when "guest" then @meal.with(serve_at: @meal.serve_at + (@values[:minutes] * 60))
          when "ring" then @meal.with(lost: [*@meal.lost,
                                             Meals::Lost.new(resource: "burner", count: 1, from: @now)])
          when "cook" then without(@values[:cook])
          when "longer" then @meal.with(longer: { **@meal.longer, @values[:task] => longer_min })
          else @meal
          end
        end

        private

        def check
          needed = NEEDS[@values[:slip]]
          problem(needed, "must be given") if needed && @values[needed].nil?
          send(:"check_#{@values[:slip]}") if ok? && %w[longer cook ring].include?(@values[:slip])
        end

        def check_longer
          known = @meal.tasks.any? { |task| task.id == @values[:task] }
          problem(:task, "must be one of the meal's tasks") unless known
        end

        def check_cook
          problem(:cook, "leaves nobody to cook") if @meal.cooks.size < 2
          problem(:cook, "must be one of the cooks") unless @meal.cooks.each_index.include?(@values[:cook])
        end

        def check_ring
          problem(:slip, "leaves no ring") if rings_left < 1
        end

        def rings_left
          @meal.rings - 1 - @meal.lost.select { |one| one.resource == "burner" }.sum(&:count)
        end

        def longer_min
          @meal.longer.fetch(@values[:task], 0) + @values[:minutes]
        end

        # What was theirs is anybody's.
        def without(cook)
          others = @meal.who.reject { |_, one| one == cook }
          who = others.transform_values { |one| one > cook ? one - 1 : one }
          @meal.with(cooks: @meal.cooks.reject.with_index { |_, index| index == cook }, who: who)
        end
      end
    end
  end
end
