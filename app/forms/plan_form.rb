# frozen_string_literal: true

require "forwardable"
require_relative "../../lib/fond_kettle/ground/errors"
require_relative "../../lib/fond_kettle/house/composition"
require_relative "../../lib/fond_kettle/methods/request/making_checks"
require_relative "../../lib/fond_kettle/methods/request/oven_reach"
require_relative "plan_fields"
require_relative "plan_wishes"

module FondKettle
  module Forms
    # The Pot page's form: its fields and, when nothing is wrong with them, the request that the house makes
    # of them (House::Composition).
    class PlanForm < PlanFields
      extend Forwardable

      def_delegators :@made, :bag, :kit, :lesson, :request, :base_request, :factor, :table, :servings

      # The form for a stored dish in the amount that it is written for.
      def self.in_own_amount(record, household)
        new({ "dish" => record[:id].to_s, "for" => "amount", "amount" => record[:rice_g].to_s }, household)
      end

      # `typed`: the parameters as they came, with string keys.
      def initialize(typed, household)
        super
        @made = House::Composition.new(wishes, shelves, log: household.lessons)
        make if @problems.empty?
        @problems.freeze
      end

      private

      def problem(field, message)
        @problems << { field: field.to_s, message: message }
      end

      # What is named has to be there; then it has to come to something.
      def make
        look_up
        return unless @problems.empty?

        Methods::MakingChecks.call(@made.request, field: "filling_g")
        Methods::OvenReach.call(@made.request)
      rescue InvalidInput => e
        e.problems.each { |found| problem(found[:field], found[:message]) }
      end

      def look_up
        method_known = !@typed.key?(:method) || household.library.all.key?(@typed[:method])
        problem(:method, "must be one of: #{household.library.all.keys.join(', ')}") unless method_known
        if method_gone?
          problem(:dish, "has a way that is gone, #{dish.method}: change the dish, or choose a way")
        end
        problem(:beside, beside.problem) if beside.problem
        kit.missing.each { |field| problem(field, "is not in the cupboard any more: choose another") }
        look_up_dish
      end

      def look_up_dish
        problem(:kept, kept.problem) if dish && kept.problem
        gone = @typed[:dish].to_s != "" && dish.nil?
        problem(:dish, "is not among the dishes any more: choose another") if gone
      end

      # A dish can outlive a way of the house's own.
      def method_gone?
        dish && !@typed.key?(:method) && !household.library.all.key?(dish.method)
      end

      # Way, grain and dish alone while something typed is wrong: what the page shows then.
      def wishes
        as_written = dish ? { quantity: House::Quantity.of(by: "amount", amount: dish.rice_g) } : {}
        plain = House::Wishes.of(method: method, grain: grain, dish: dish, **as_written)
        @problems.empty? ? PlanWishes.new(self, @values, plain).wishes : plain
      rescue InvalidInput => e
        e.problems.each { |found| problem(found[:field], found[:message]) }
        plain
      end
    end
  end
end
