# frozen_string_literal: true

require "json"
require "rack/utils"
require_relative "../../lib/fond_kettle/formats/run_json"
require_relative "../../lib/fond_kettle/methods/planner"
require_relative "../../lib/fond_kettle/stove/course"
require_relative "../forms/plan_form"

module FondKettle
  module Web
    # What follows at the stove from what was told, as events ([kind, what] each): reckoned by the
    # model for the pot as it stands. Nothing, where its kitchen is no more as it was.
    class Following
      BOIL = %w[seen boil].freeze
      # A pour that is nearer to the plan changes nothing that anybody sees.
      NEAR = 0.02

      # `record`: the cook's own; `now`: a Time.
      def initialize(household, record, now)
        @household = household
        @record = record
        @now = now
      end

      # Of a step that was left with a cue, or with something poured (a Stove::Cook).
      def step(cook, happened)
        poured = happened.any? { |kind, _| kind == "poured" }
        [*(boil(cook) if happened.include?(BOIL)), *(outlook(cook) if poured)]
      end

      # Of a sign (a key of Care::Signs), or of more water.
      def told(cook, kind, what)
        case kind
        when "sign" then sign(cook, what)
        when "added" then outlook(cook)
        else []
        end
      end

      private

      def boil(cook)
        more_min = course(cook)&.after_the_boil
        more_min.nil? || more_min.empty? ? [] : [["replan", JSON.generate(more_min)]]
      end

      def sign(cook, key)
        remedy = course(cook)&.remedy(key, @now)
        remedy ? [["remedy", JSON.generate(Formats::RunJson.remedy(remedy))]] : []
      end

      def outlook(cook)
        planned_g = cook.plan[:liquid][:g]
        return [] if (cook.poured_g + cook.added_g - planned_g).abs <= NEAR * planned_g

        comes_out = course(cook)&.outlook
        comes_out ? [["outlook", comes_out]] : []
      end

      def course(cook)
        form = Forms::PlanForm.new(Rack::Utils.parse_nested_query(@record[:address]), @household)
        Stove::Course.new(Methods::Planner.plan(form.request), cook) if form.ok?
      end
    end
  end
end
