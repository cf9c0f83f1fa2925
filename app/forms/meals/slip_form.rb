# frozen_string_literal: true

require_relative "../../../lib/fond_kettle/ground/limits"
require_relative "../../../lib/fond_kettle/ground/schema"
require_relative "../../../lib/fond_kettle/ground/words"
require_relative "../../../lib/fond_kettle/meals/slips"
require_relative "../checked_form"
require_relative "../typed"

module FondKettle
  module Forms
    # A delay at the stove, or its end: a key of the words "slips", with minutes, a task, a cook or a dish
    # when it needs one.
    class SlipForm < CheckedForm
      KINDS = Words.of("slips")
      MOST_MIN = 180
      SCHEMA = Schema.params do
        required(:slip).filled(:string, included_in?: KINDS.keys)
        optional(:minutes).maybe(Typed.within(1..MOST_MIN, "min"), included_in?: 1..MOST_MIN)
        optional(:task).maybe(:string)
        optional(:cook).maybe(Schema::TypedWhole)
        optional(:name).maybe(:string)
        optional(:dish).maybe(:string)
      end
      FIELDS = %w[slip minutes task cook name dish].freeze
      NEEDS = { "guest" => %i[minutes], "longer" => %i[minutes task], "longer-back" => %i[task],
                "cook" => %i[cook], "cook-back" => %i[name], "drop" => %i[dish], "make" => %i[dish] }.freeze

      # What begins now.
      FROM_NOW = %w[ring hold].freeze

      # `meal`: Meals::Meal; `now`: a Time.
      def initialize(typed, meal, now)
        @meal = meal
        @now = now
        super(typed)
      end

      # The meal as it is with that.
      def meal
        slip = @values[:slip]
        return @meal if slip == "behind"
        return Meals::Slips.public_send(slip, @meal, @now) if FROM_NOW.include?(slip)

        given = NEEDS.fetch(slip, []).map { |name| name == :minutes ? @values[name].ceil : @values[name] }
        given.rotate! if slip == "longer"
        Meals::Slips.public_send(slip.tr("-", "_"), @meal, *given)
      end

      private

      def check
        NEEDS.fetch(@values[:slip], []).each { |name| problem(name, "must be given") if @values[name].nil? }
        check_known if ok?
      end

      def check_known
        case @values[:slip]
        when "longer" then one_of(:task, @meal.tasks.map(&:id), "the meal's tasks")
        when "longer-back" then one_of(:task, @meal.longer.keys, "what takes longer")
        when "cook" then check_cook
        when "cook-back" then one_of(:name, @meal.gone, "those who are away")
        when "drop" then check_drop
        when "make" then one_of(:dish, @meal.dropped, "what was left out")
        else check_there
        end
      end

      def one_of(field, known, words)
        problem(field, "must be one of #{words}") unless known.include?(@values[field])
      end

      def check_cook
        problem(:cook, "leaves nobody to cook") if @meal.cooks.size < 2
        problem(:cook, "must be one of the cooks") unless @meal.cooks.each_index.include?(@values[:cook])
      end

      def check_drop
        one_of(:dish, @meal.made.map(&:key), "the dishes")
        problem(:dish, "leaves nothing to eat") if @meal.made.size < 2
      end

      def check_there
        problem(:slip, "leaves no ring") if @values[:slip] == "ring" && Meals::Slips.rings(@meal) < 2
        problem(:slip, "must be one that was lost") if @values[:slip] == "ring-back" && @meal.lost.empty?
        problem(:slip, "must be one that slipped") if nothing_to_take_back?
      end

      def nothing_to_take_back?
        (@values[:slip] == "guest-back" && @meal.guests_min.zero?) ||
          (@values[:slip] == "hold-back" && @meal.held_until.nil?)
      end
    end
  end
end
