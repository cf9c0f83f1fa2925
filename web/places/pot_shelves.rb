# frozen_string_literal: true

require_relative "../../lib/fond_kettle/ground/errors"
require_relative "../../lib/fond_kettle/house/shelf_kinds"
require_relative "../../app/forms/first_form"
require_relative "../../app/forms/plan_form"
require_relative "../../app/lessons/mine"
require_relative "../../app/shelves/keep"

module FondKettle
  module Web
    # Routes of the Pot place that add to the cupboard without leaving a plan: a pot, a cup, the height of the
    # kitchen, or a new kitchen's first things at once.
    module PotShelves
      # Shelves that can be added to, and the plan's field for each.
      NEW = { "pots" => :pot, "cups" => :cup }.freeze

      # Sinatra's hook.
      def self.registered(app)
        app.helpers Putting
        first_things(app)
        height(app)
        shelves(app)
      end

      # Puts in a new kitchen's first things without leaving the plan.
      def self.first_things(app)
        # Puts in a first pot, cup and height at once; the plan follows.
        app.post "/add/first" do
          first = Forms::FirstForm.new(typed_record("new_kitchen"))
          next show(plan_form, code: 422, adding: { first: first.problems }) unless first.ok?

          redirect household.once(form_key("first"), now) { put_in(first) }, 303
        rescue InvalidInput => e
          show(plan_form, code: 422, adding: { first: e.problems })
        end
      end

      # Says how high the kitchen stands without leaving the plan.
      def self.height(app)
        # Says how high the kitchen stands; the plan follows.
        app.post "/add/height" do
          result = Forms::FirstForm::HEIGHT.call(typed_record("new_height"))
          next show(plan_form, code: 422, adding: { height: Forms.problems(result) }) if result.failure?

          done App::KeepRecord.new(household, now).kitchen(kitchen[:lock_version], result.to_h)
          redirect "/pot?#{plan_form.address}", 303
        end
      end

      # Adds a pot or cup without leaving the plan.
      def self.shelves(app)
        # Adds a pot or a cup; the plan follows.
        app.post "/add/:shelf" do
          field = PotShelves::NEW.fetch(params["shelf"]) { raise NotFound, "There is no such shelf." }
          kind = House::SHELF_KINDS.fetch(params["shelf"].to_sym)
          typed = typed_record("new_#{field}")
          result = Forms.record(kind, typed)
          next show(plan_form, code: 422, adding: { field => Forms.problems(result) }) if result.failure?

          redirect household.once(form_key(field), now) { added(kind, field, result.to_h, typed) }, 303
        end
      end

      private_class_method :first_things, :height, :shelves

      # Helpers of those routes.
      module Putting
        private

        def plan_form
          Forms::PlanForm.new(params, household)
        end

        # Adds to a shelf; the path of the plan with it.
        def added(kind, field, values, typed)
          record = done App::KeepRecord.new(household, now).add(kind.key, values)
          guessed = kind.key == :pots && typed["kg"].to_s.strip.empty?
          notice ["#{record[:name]} is in the cupboard#{guessed_words(record) if guessed}.",
                  *Forms.remarks(kind.fields, typed)].join(" ")
          with_it = params.merge(field.to_s => record[:id].to_s)
          "/pot?#{Forms::PlanForm.new(with_it, household).address}"
        end

        # A weight that nobody told is said to be a guess.
        def guessed_words(pot)
          ", taken to weigh #{plain(pot[:kg])} kg"
        end

        # A new kitchen's first things; the path of the plan with them.
        def put_in(first)
          pot, cup, height = first.values.values_at(:pot, :cup, :kitchen)
          pot = household.shelf(:pots).add(pot) if pot
          cup = household.shelf(:cups).add(cup) if cup
          household.change_kitchen(kitchen[:lock_version], height) if height
          with_them = params.merge({ "pot" => pot && pot[:id].to_s, "cup" => cup && cup[:id].to_s }.compact)
          tell_own(with_them.slice("grain", "pot", "cup"), first.own_way)
          notice ["Put in.", *("The pot is #{guessed_words(pot).delete_prefix(', ')}." if pot),
                  *("Its height, #{first.guessed_mm} mm, is a guess too." if first.guessed_mm),
                  *Forms.remarks(Forms::FirstForm::POT.fields, typed_record("new_kitchen"))].join(" ")
          "/pot?#{Forms::PlanForm.new(with_them, household).address}"
        end

        # Keeps a cook's own way with what it is cooked in (nil: none was told). Raises InvalidInput.
        def tell_own(kitchen, own_way)
          return unless own_way

          form = Forms::PlanForm.new({ **kitchen, **own_way }, household)
          raise InvalidInput, Forms::FirstForm.own_problems(form) unless form.ok?

          App::TellMine.new(household, now).call(form)
        end

        # Fields of a record that was sent under `name`.
        def typed_record(name)
          params[name].respond_to?(:to_h) ? params[name].to_h : {}
        end
      end
    end
  end
end
