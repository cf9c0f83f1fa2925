# frozen_string_literal: true

require "rack/utils"
require_relative "../../lib/fond_kettle/ground/errors"
require_relative "../../lib/fond_kettle/house/how_much"
require_relative "../../lib/fond_kettle/house/usual"
require_relative "../../lib/fond_kettle/larder/grains"
require_relative "beside"
require_relative "fields"
require_relative "making_form"
require_relative "measured"
require_relative "usual_fields"

module FondKettle
  module Forms
    # The fields of the Pot page: what was typed, what that means in this house, and what is wrong with it.
    class PlanFields
      FIELDS = %i[dish grain method for who guests boxes freezer portion amount unit have have_g batches
                  pot cup burner oven oven_c texture rinse soak water_c drain
                  onion first stir lid cover crust sauce_g parts beside own own_kind lesson serve
                  without instead kept under_g under_water under_meat under_raw under_mm under_shape under_c
                  under_gravy layer done steam programme].push(*MakingForm::FIELDS).freeze
      BY_NAME = FIELDS.to_h { |field| [field.to_s, field] }.freeze
      # Fields of which several values may be sent.
      SEVERAL = %i[who without instead kept layer].freeze

      attr_reader :problems, :household

      # `typed`: the parameters as they came, with string keys.
      def initialize(typed, household)
        @household = household
        @typed = taken(typed)
        result = PLAN.call(measured.reject { |field, value| value == "" && field != asked_for })
        @values = result.to_h
        @problems = [*lists(typed), *Forms.problems(result)]
      end

      def ok?
        @problems.empty?
      end

      # Text that a field shows: as typed, or its default.
      def [](field)
        @typed.fetch(field) { defaults[field] }
      end

      # The house's own, to choose from (House::Shelves).
      def shelves
        household.shelves
      end

      # Ids of who eats, as texts.
      def who
        return Array(@typed[:who]).map(&:to_s) if @typed.key?(:who) || @typed.key?(:guests)

        shelves.eaters.map { |eater| eater.id.to_s }
      end

      # Address that holds this plan, with some fields changed.
      def address(**changes)
        said = { **@typed, **changes }
        BY_NAME.flat_map do |name, field|
          values = said[field] or next []
          name = "#{name}[]" if SEVERAL.include?(field)
          Array(values).reject { |value| value.to_s == "" }
                       .map { |value| "#{name}=#{Rack::Utils.escape(value)}" }
        end.join("&")
      end

      def grain
        Larder::Grains.or_first(self[:grain])
      end

      # The dish that is cooked (a Dishes::Dish), as it is chosen for tonight, or nil: plain rice.
      def dish
        @dish ||= whole_dish&.chosen(without: indexes(:without), instead: indexes(:instead))
      end

      # The dish with all that may be left out or replaced, or nil.
      def whole_dish
        @whole_dish ||= dish_record && kept.in(household.dish(dish_record))
      end

      # What was made on another day and stands in for vessels of the dish (KeptComponents).
      def kept
        @kept ||= KeptComponents.new(Array(@typed[:kept]).grep(String), household)
      end

      # Indexes of lines that are left out (:without) or stand for others (:instead).
      def indexes(field)
        Array(@typed[field]).filter_map { |text| Integer(text.to_s, 10, exception: false) }
      end

      def method
        keys = [@typed[:method], dish&.method, House::Usual::METHOD]
        @method ||= keys.filter_map { |key| household.library.all[key] }.first
      end

      # Were layers laid in another way than the dish's or the way's own?
      def layers?
        Array(@typed[:layer]).any?
      end

      # Number of people at the table.
      def heads
        who.size + self[:guests].to_i
      end

      # Number of equal pots; the request is for one of them.
      def batches
        @values[:batches].is_a?(Integer) ? @values[:batches] : 1
      end

      # The rule of a packet or a finger, [kind, amount], or nil.
      def own_rule
        @values[:own] && [@values.fetch(:own_kind) { self[:own_kind] }, @values[:own]]
      end

      # The default of a field, used when nothing is typed.
      def usual(field)
        defaults[field]
      end

      # Food beside the rice, as far as it was understood (Beside).
      def beside
        @beside ||= Beside.new(@typed[:beside], household)
      end

      private

      def measured
        cups = household.values(:cups)
        given = @typed.dup
        given[:amount], given[:unit] = Measured.of(given[:amount], given[:unit], cups) if given[:amount]
        given[:own], given[:own_kind] = Measured.water(given[:own], given[:own_kind], cups) if given[:own]
        given.compact
      end

      # Every other field has one value: what comes as a list is none.
      def taken(typed)
        given = BY_NAME.slice(*typed.keys).to_h { |name, field| [field, typed[name]] }
        given = given.select do |field, value|
          value.is_a?(String) || (SEVERAL.include?(field) && value.is_a?(Array))
        end
        return given unless typed["base_g"]

        { beside: Beside.before_lines(typed["base_g"], typed["base_kind"]), **given }
      end

      def lists(typed)
        BY_NAME.select { |name, field| typed[name] && !@typed.key?(field) }
               .map { |name, _| { field: name, message: "must be one value, not a list" } }
      end

      # The one field that may not be left blank: how much rice, or for how many.
      def asked_for
        House::HowMuch::FIELDS.fetch(self[:for], House::HowMuch::USUAL_FIELD).to_sym
      end

      def defaults
        @defaults ||= UsualFields.of(@typed, shelves, method, dish)
      end

      def dish_record
        return @dish_record if defined?(@dish_record)

        id = Integer(@typed[:dish].to_s, 10, exception: false)
        found = id && household.dishes.find(id)
        @dish_record = found && !household.dishes.side?(found) ? found : nil
      rescue NotFound
        @dish_record = nil
      end
    end
  end
end
