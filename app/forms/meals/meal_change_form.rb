# frozen_string_literal: true

require "time"
require_relative "../../../lib/fond_kettle/ground/errors"
require_relative "../../../lib/fond_kettle/ground/limits"
require_relative "../../../lib/fond_kettle/ground/schema"
require_relative "../../../lib/fond_kettle/meals/ahead"
require_relative "../checked_form"
require_relative "../fields"

module FondKettle
  module Forms
    # A change of a whole meal: when it is eaten, who cooks, how many rings there are.
    class MealChangeForm < CheckedForm
      SCHEMA = Schema.params do
        required(:serve).filled(:string)
        required(:cooks).filled(:string, max_size?: Limits::TEXT_LENGTH)
        required(:rings).filled(Schema::TypedWhole, included_in?: 1..8)
      end
      FIELDS = %w[serve cooks rings].freeze
      SHOWN = "%Y-%m-%dT%H:%M"

      # `now`: a Time.
      def initialize(typed, meal, now)
        @meal = meal
        @now = now
        super(typed)
      end

      # The meal with those changes; what somebody did who is not there any more is anybody's.
      def changed
        @meal.with(serve_at: @serve_at, cooks: cooks, rings: @values[:rings],
                   who: @meal.who.select { |_, cook| cook < cooks.size })
      end

      # A meal with one of its ways out taken (Meals::WayOut), as its button sends it. Raises InvalidInput.
      def self.way(typed, meal)
        count = Integer(Forms.text(typed, "count"), 10, exception: false)
        raise InvalidInput.at("count", "must be a whole number up to 1440") unless count&.between?(1, 1440)

        way = WAYS[Forms.text(typed,
                              "way")] || raise(InvalidInput.at("way", "must be one of those offered"))
        way.call(meal, count)
      end

      def self.with_cooks(meal, count)
        many = meal.cooks.size + count
        most = Limits::HANDS.max
        raise InvalidInput.at("count", "must come to at most #{most} cooks") if many > most

        meal.with(cooks: meal.cooks + ((meal.cooks.size + 1)..many).map { |number| "Cook #{number}" })
      end
      private_class_method :with_cooks

      # What each way out changes, by its key.
      WAYS = { "cook" => ->(meal, count) { with_cooks(meal, count) },
               "ring" => ->(meal, count) { meal.with(rings: meal.rings + count) },
               "shelf" => ->(meal, count) { meal.with(shelves: meal.shelves + count) },
               "both" => ->(meal, count) { with_cooks(meal, count).with(rings: meal.rings + count) },
               "ahead" => ->(meal, _) { meal.with(ahead: meal.ahead | Meals::Ahead.tasks(meal).map(&:id)) },
               "quiet" => ->(meal, _) { meal.with(quiet: nil) },
               "vessels" => ->(meal, _) { meal.with(vessels: false) },
               "wait" => ->(meal, count) { meal.with(patience_min: meal.patience_min + count) },
               "later" => ->(meal, count) { meal.with(serve_at: meal.serve_at + (count * 60)) } }.freeze

      private

      def check
        unless Limits::HANDS.cover?(cooks.size)
          problem("cooks", "must name between 1 and #{Limits::HANDS.max}")
        end
        @serve_at = Time.strptime(@values[:serve], SHOWN)
        problem("serve", "must be in the future") if @serve_at <= @now
      rescue ArgumentError
        problem("serve", "must be a day and a time, like #{@now.getlocal.strftime(SHOWN)}")
      end

      def cooks
        @values[:cooks].split(",").map(&:strip).reject(&:empty?).uniq
      end
    end
  end
end
