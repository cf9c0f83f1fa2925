# frozen_string_literal: true

require_relative "../../belief/scoped"
require_relative "../../belief/spread"
require_relative "../../log/causes"
require_relative "../../log/kitchen_plan"
require_relative "../../log/odd_words"
require_relative "../plan_json"

module FondKettle
  module Formats
    # What a history has taught, and the next plan by it, as the contract's JSON.
    class LearnJson
      Z80 = Belief::Spreading::Z80

      # `history`: HistoryReader.
      def initialize(history)
        @learned = history.learned
        @plan = Log::KitchenPlan.new(@learned, history.request, history.scopes)
        @causes = Log::Causes.new(@learned.meeting(history.scopes, history.request.grain.key), history.scopes)
      end

      # The hash. Raises Error where nothing settles.
      def call
        { plan: PlanJson.call(@plan.plan), belief: belief, causes: @causes.all.map { |one| cause(one) },
          say: @causes.say, tells_apart: @causes.tells_apart,
          asked: @learned.odd.map { |odd| { on: odd.on, of: odd.kind, question: Log::OddWords::QUESTION } } }
      end

      private

      # What cooks have taught something about.
      def belief
        taught = @learned.belief.places.select { |place| @learned.cooks.fetch(place, 0).positive? }
        taught.map do |place|
          mean = @learned.belief.mean(place)
          away = Z80 * @learned.belief.sd(place)
          { unknown: Belief::Scopes.called(place.unknown), scope: place.scope, **value(place, mean),
            low: shown(place, mean - away), high: shown(place, mean + away),
            cooks: @learned.cooks.fetch(place) }
        end
      end

      # A factor of the book; taste is steps of texture from it.
      def value(place, mean)
        { (taste?(place) ? :steps : :factor) => shown(place, mean) }
      end

      def shown(place, mean)
        (taste?(place) ? mean : Math.exp(mean)).round(3)
      end

      def taste?(place)
        place.unknown == Belief::Scopes::TASTE
      end

      def cause(one)
        { unknown: Belief::Scopes.called(one.place.unknown), scope: one.place.scope, sure: one.sure.round(2) }
      end
    end
  end
end
