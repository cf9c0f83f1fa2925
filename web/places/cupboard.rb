# frozen_string_literal: true

require_relative "../../lib/fond_kettle/house/shelf_kinds"
require_relative "../../app/forms/fields"
require_relative "../../app/forms/plan_form"
require_relative "../../app/lessons/mine"
require_relative "../../app/shelves/keep"
require_relative "../helpers/fields"
require_relative "../../app/forms/both_ways"
require_relative "../presenters/cupboard"
require_relative "../presenters/cupboard_shelves"
require_relative "../presenters/own_in_pot"
require_relative "place"

module FondKettle
  module Web
    # Pots, cups, burners, bags, eaters and where the kitchen stands.
    class CupboardPlace < Place
      helpers Helpers::Fields

      KINDS = House::SHELF_KINDS
      KITCHEN = House::KITCHEN_FIELDS
      PORTIONS = House::PORTION_FIELDS
      OWN_WATER = Presenters::OwnInPot::FIELDS

      # Everything in the cupboard, and the kitchen itself.
      get "/" do
        show
      end

      # Changes the kitchen: its name, its height, its hands.
      post "/kitchen" do
        result = Forms::KITCHEN.call(sent(House::KITCHEN_FIELDS))
        next show(code: 422, trouble: { "kitchen" => Forms.problems(result) }) if result.failure?

        keeping("kitchen", KITCHEN) do
          done shelves.kitchen(version, result.to_h)
        end
      end

      # What this house takes a portion to be.
      post "/portions" do
        result = Forms::PORTIONS.call(sent(House::PORTION_FIELDS))
        next show(code: 422, trouble: { "portions" => Forms.problems(result) }) if result.failure?

        keeping("portions", PORTIONS) do
          done shelves.portions(params["version"], result.to_h.transform_keys(&:to_s))
        end
      end

      # Adds to a shelf; its fields are below.
      post "/:shelf" do
        save("new-#{shelf_name}") do |values|
          household.once(form_key("shelf"), now) do
            done shelves.add(shelf_name, values)
            "/cupboard"
          end
        end
      end

      # Changes a record of a shelf; its fields are below.
      post "/:shelf/:id" do
        id = id_from(params["id"])
        save("#{shelf_name}-#{id}") do |values|
          done shelves.change(shelf_name, id, version, values)
        end
      end

      # A new bag in the place of one that is used up: what was learned of the old one holds half way.
      post "/bags/:id/replace" do
        id = id_from(params["id"])
        params["shelf"] = "bags"
        save("bags-#{id}") { |values| done shelves.replace_bag(id, version, values) }
      end

      # Takes down that a cook's own water comes right in a pot.
      post "/pots/:id/mine" do
        id = household.shelf(:pots).find(id_from(params["id"]))[:id]
        place = "mine-#{id}"
        typed = { **params.slice(*OWN_WATER), "for" => "amount", "pot" => id.to_s }
        form = Forms::PlanForm.new(typed, household)
        next show(code: 422, trouble: { place => form.problems }) unless form.ok?

        done App::TellMine.new(household, now).call(form)
        notice App::TellMine::TOLD
        redirect "/cupboard#pots-#{id}", 303
      rescue InvalidInput => e
        show(code: 422, trouble: { place => e.problems })
      end

      # Takes a record off its shelf; it can be put back for thirty days.
      post "/:shelf/:id/remove" do
        id = id_from(params["id"])
        keeping("#{shelf_name}-#{id}", KINDS.fetch(shelf_name).fields) do
          done shelves.remove(shelf_name, id, version)
        end
      end

      private

      def shelf_name
        KINDS.keys.find { |name| name.to_s == params["shelf"] } ||
          raise(NotFound, "There is no such shelf.")
      end

      def shelves
        App::KeepRecord.new(household, now)
      end

      def sent(fields)
        params.slice(*fields.map { |field| field.key.to_s })
      end

      # Says what was read otherwise than it was written.
      def remark(fields)
        remarks = Forms.remarks(fields, params)
        notice remarks.join(" ") if remarks.any?
      end

      def version
        sent_version || 0
      end

      def save(place)
        kind = KINDS.fetch(shelf_name)
        result = Forms.record(kind, sent(kind.fields))
        return show(code: 422, trouble: { place => Forms.problems(result) }) if result.failure?

        keeping(place, kind.fields) { yield(result.to_h).tap { remark(kind.fields) } }
      end

      # What was typed stays on the page when somebody else was first, beside what stands there now.
      def keeping(place, fields)
        yield
        redirect "/cupboard##{place.delete_prefix('new-').split('-').first}", 303
      rescue Conflict
        differences = Forms::BothWays.of(Forms::BothWays.titles(fields), sent(fields),
                                         stored(place))
        show(code: 409, trouble: { place => [] }, both: { place => differences })
      end

      # What stands there now, as the form of a place shows it.
      def stored(place)
        values = { "kitchen" => household.kitchen, "portions" => household.portions.grams }.fetch(place) do
          household.shelf(shelf_name).find(id_from(place.split("-").last))
        end
        values.transform_keys(&:to_s).transform_values { |value| plain(value) }
      end

      # A cook's own way in the pot of an id.
      def own_in_pot(id, trouble)
        Presenters::OwnInPot.new(household, id, params, trouble["mine-#{id}"])
      end

      # `both`: where somebody else was first, by the place of the form.
      def show(code: 200, trouble: {}, both: {})
        status code
        @title = "Cupboard"
        erb :cupboard, locals: { trouble: trouble, both: both, shown: Presenters::Cupboard.new(household),
                                 shelves: Presenters::CupboardShelves.new(household) }
      end

      # What a record's form shows: what was typed into it when it could not be saved.
      # Nothing of a new one (`record` nil).
      def typed_for(place, trouble, record)
        return params if trouble.key?(place)
        return {} unless record

        record.transform_keys(&:to_s).transform_values { |value| plain(value) }
      end
    end
  end
end
