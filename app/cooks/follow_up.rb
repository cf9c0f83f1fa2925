# frozen_string_literal: true

require "json"
require_relative "../../lib/fond_kettle/formats/stored_request"
require_relative "../../lib/fond_kettle/methods/solved/solved"
require_relative "../../lib/fond_kettle/stove/cook"
require_relative "../../lib/fond_kettle/stove/course"
require_relative "../../lib/fond_kettle/stove/sights"
require_relative "way_out"

module FondKettle
  module App
    # Works out what follows at the stove from what was told: what the boil changes of the times, what
    # comes of another amount of water, the way out of what is wrong. All that was told since the last time
    # is worked out at once, by the model, of the request that the plan was made of. Nothing follows for a
    # cook of before, whose request nobody knows.
    class FollowUp
      BOIL = %w[seen boil].freeze
      POURS = %w[poured added].freeze
      TROUBLE = Stove::Sights::TROUBLE
      # A pour that is nearer to the plan changes nothing that anybody sees.
      NEAR = 0.02

      # `household`: Store::Household.
      def initialize(household)
        @household = household
      end

      # Works out and stores the consequences of what was reported for the cook with this id, together with
      # the tap that caused them. Raises NotFound.
      def call(id)
        @household.cooks.follow(id) do |record, told|
          next [] if told.all? { |event| event.kind == "seen" && !boil?(event) }

          request = record[:request] && Formats::StoredRequest.read(record[:request])
          request ? follows(record, request, told) : []
        end
      end

      private

      def boil?(event)
        [event.kind, event.what] == BOIL
      end

      def follows(record, request, told)
        cook = Stove::Cook.new(record[:plan], record[:events])
        course = Stove::Course.new(Methods::Solved.of(request), cook)
        wrong = told.reverse.find { |event| TROUBLE.include?(event.kind) }
        [*(boil(course) if told.any? { |event| boil?(event) }),
         *(WayOut.new(@household, record, request, course).events(wrong) if wrong),
         *(outlook(course) if told.any? { |event| POURS.include?(event.kind) })]
      end

      def boil(course)
        more_min = course.after_the_boil
        more_min.empty? ? [] : [["replan", JSON.generate(more_min)]]
      end

      def outlook(course)
        cook = course.cook
        planned_g = cook.plan[:liquid][:g]
        return [] if (cook.poured_g + cook.added_g - planned_g).abs <= NEAR * planned_g

        [["outlook", course.outlook]]
      end
    end
  end
end
