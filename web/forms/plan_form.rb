# frozen_string_literal: true

require "rack/utils"
require_relative "../../lib/fond_kettle/ground/errors"
require_relative "../../lib/fond_kettle/dishes/supper"
require_relative "../../lib/fond_kettle/methods/planner"
require_relative "beside"
require_relative "fields"
require_relative "house_kit"
require_relative "house_lesson"
require_relative "how_much"
require_relative "usual"

module FondKettle
  module Web
    module Forms
      # The Pot page's form: what was typed, what is wrong with it, and, when
      # nothing is, the Request. HouseKit supplies what the kitchen has.
      class PlanForm
        FIELDS = %i[dish grain method for who guests boxes freezer portion amount unit have have_g batches
                    pot cup burner oven oven_c texture rinse soak water_c drain
                    onion first stir cover crust sauce_g parts beside own own_kind lesson serve].freeze
        # `base_request` is the request without what the dish brings; `factor` how many
        # times the dish is made.
        attr_reader :problems, :household, :kit, :request, :lesson, :base_request, :factor

        # `typed`: the parameters as they came, with string keys.
        def initialize(typed, household)
          @household = household
          @typed = taken(typed)
          result = PLAN.call(@typed.reject { |field, value| value == "" && field != asked_for })
          @values = result.to_h
          @problems = Forms.problems(result).dup
          @kit = HouseKit.new(household, method, @values, wide_mm: dish&.pan_mm)
          build if @problems.empty?
          @problems.freeze
        end

        def ok?
          @problems.empty?
        end

        # What a field shows: as typed, else its default.
        def [](field)
          @typed.fetch(field) { defaults[field] }
        end

        def who
          return Array(@typed[:who]).map(&:to_s) if @typed.key?(:who) || @typed.key?(:guests)

          kit.eaters.map { |eater| eater[:id].to_s }
        end

        # The address that holds this plan, with some fields changed.
        def address(**changes)
          pairs = FIELDS.flat_map do |field|
            Array(changes.fetch(field, @typed[field])).map { |value| [field == :who ? "who[]" : field.to_s, value] }
          end
          pairs.reject { |_, value| value.to_s == "" }.map { |name, value| "#{name}=#{Rack::Utils.escape(value)}" }.join("&")
        end

        def grain
          Larder::Grains.all[self[:grain]] || Larder::Grains.all.values.first
        end

        # The dish that is cooked (a Dishes::Dish), or nil: plain rice.
        def dish
          @dish ||= dish_record && household.dish(dish_record)
        end

        def dish_record
          return @dish_record if defined?(@dish_record)

          id = Integer(@typed[:dish].to_s, 10, exception: false)
          @dish_record = id && household.dishes.find(id)
        rescue NotFound
          @dish_record = nil
        end

        def method
          @method ||= [@typed[:method], dish&.method, "covered-pot"].filter_map { |key| household.library.all[key] }.first
        end

        # The eaters at the table and how many regular adults' worth there is.
        def table
          @how_much.table
        end

        def servings
          dish && self[:for] != "people" ? dish.serves * factor : @how_much.servings
        end

        # How many sit at the table.
        def heads
          who.size + self[:guests].to_i
        end

        # Into how many equal pots it goes; the request is for one of them.
        def batches
          @values[:batches].is_a?(Integer) ? @values[:batches] : 1
        end

        # What the packet or the finger says, [kind, amount], or nil.
        def own_rule
          @values[:own] && [self[:own_kind], @values[:own]]
        end

        # What goes in beside the rice, as far as it is understood.
        def beside
          @beside ||= Beside.new(@typed[:beside], household)
        end

        private

        # Every field but who eats has one value: what comes as a list is none.
        def taken(typed)
          given = FIELDS.to_h { |field| [field, typed[field.to_s]] }.compact
          given = given.select { |field, value| value.is_a?(String) || (field == :who && value.is_a?(Array)) }
          return given unless typed["base_g"]

          { beside: Beside.before_lines(typed["base_g"], typed["base_kind"]), **given }
        end

        # The one field that may not be left blank: how much rice, or for how many.
        def asked_for
          HowMuch::FIELDS.fetch(self[:for], HowMuch::USUAL_FIELD).to_sym
        end

        def defaults
          @defaults ||= Usual.of(@typed, household, method, dish)
        end

        def problem(field, message)
          @problems << { field: field.to_s, message: message }
          nil
        end

        def build
          look_up
          return unless @problems.empty?

          @lesson = HouseLesson.of(household.cooks, kit.bag_grain(grain), kit.pot && kit.pot[:id])
          reckon
        end

        # What is named has to be there.
        def look_up
          method_known = !@typed.key?(:method) || household.library.all.key?(@typed[:method])
          problem(:method, "must be one of: #{household.library.all.keys.join(', ')}") unless method_known
          problem(:dish, "has a way that is gone, #{dish.method}: change the dish, or choose a way") if method_gone?
          problem(:beside, beside.problem) if beside.problem
          kit.missing.each { |field| problem(field, "is not in the cupboard any more: choose another") }
          problem(:dish, "is not among the dishes any more: choose another") if @typed[:dish].to_s != "" && dish.nil?
        end

        # A dish can outlive a way of the house's own.
        def method_gone?
          dish && !@typed.key?(:method) && !household.library.all.key?(dish.method)
        end

        def reckon
          asked = { guests: defaults[:guests].to_i, **@values, for: self[:for] }
          portion = self[:portion].empty? ? defaults[:portion] : self[:portion]
          @how_much = HowMuch.new(asked, kit: kit, who: who, portion: portion, grain: grain, dish: dish,
                                         portions_g: household.portions_g)
          rice_g = @how_much.rice_g { |grams| compose(grams) }
          @factor = dish ? rice_g / dish.rice_g : 1.0
          @base_request = compose(rice_g)
          whole = dish ? Dishes::Laying.scaled_request(dish, @factor, @base_request) : @base_request
          @request = Dishes::Laying.split(whole, batches)
        rescue InvalidInput => e
          e.problems.each { |found| problem(found[:field], found[:message]) }
        end

        def compose(rice_g)
          Methods::Request.of(method: method, choices: choices, grain: kit.bag_grain(grain), rice_g: rice_g,
                              additions: beside.additions, company: beside.company, **wash, **kit.to_h,
                              texture: @values.fetch(:texture, 0.0), **household.kitchen.slice(:altitude_m, :hands),
                              lesson: self[:lesson] == "leave" ? Belief::NO_LESSON : @lesson)
        end

        def choices
          cover = @values.fetch(:cover, LID_ALONE) == LID_ALONE ? {} : { @values[:cover].to_sym => true }
          Methods::Choices.of(**@values.slice(:onion, :first, :stir, :oven_c, :parts), **cover,
                             residue_g: @values[:sauce_g], crust: @values[:crust] && @values[:crust] == "yes")
        end

        def wash
          { rinse_changes: @values.fetch(:rinse, method.rinse_changes), drain: @values.fetch(:drain, method.drain),
            soak_min: @values[:soak] || method.soak_min(grain), water_c: @values[:water_c] || 20.0 }
        end
      end
    end
  end
end
