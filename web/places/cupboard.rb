# frozen_string_literal: true

require_relative "../../lib/fond_kettle/house/shelf_kinds"
require_relative "../forms/fields"
require_relative "../forms/plan_form"
require_relative "../helpers/fields"
require_relative "../presenters/cupboard"
require_relative "place"

module FondKettle
  module Web
    # Pots, cups, burners, bags, eaters and where the kitchen stands.
    class CupboardPlace < Place
      helpers Helpers::Fields

      KINDS = House::SHELF_KINDS
      KITCHEN = House::KITCHEN_FIELDS
      PORTIONS = House::PORTION_FIELDS

      get "/" do
        show
      end

      post "/kitchen" do
        result = Forms::KITCHEN.call(sent(House::KITCHEN_FIELDS))
        next show(code: 422, trouble: { "kitchen" => Forms.problems(result) }) if result.failure?

        keeping("kitchen") { household.change_kitchen(version, result.to_h) }
      end

      # What this house takes a portion to be.
      post "/portions" do
        result = Forms::PORTIONS.call(sent(House::PORTION_FIELDS))
        next show(code: 422, trouble: { "portions" => Forms.problems(result) }) if result.failure?

        household.change_portions(result.to_h.transform_keys(&:to_s))
        redirect "/cupboard#portions", 303
      end

      post "/:shelf" do
        save("new-#{shelf_name}") do |values|
          household.once(form_key("shelf"), now) do
            household.shelf(shelf_name).add(values)
            "/cupboard"
          end
        end
      end

      post "/:shelf/:id" do
        id = id_from(params["id"])
        save("#{shelf_name}-#{id}") { |values| household.shelf(shelf_name).change(id, version, values) }
      end

      post "/:shelf/:id/remove" do
        id = id_from(params["id"])
        keeping("#{shelf_name}-#{id}") { household.shelf(shelf_name).remove(id, version) }
      end

      private

      def shelf_name
        KINDS.keys.find { |name| name.to_s == params["shelf"] } ||
          raise(NotFound, "There is no such shelf.")
      end

      # What came for some fields.
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

        keeping(place) { yield(result.to_h).tap { remark(kind.fields) } }
      end

      # What was typed stays on the page when somebody else was first.
      def keeping(place)
        yield
        redirect "/cupboard##{place.delete_prefix('new-').split('-').first}", 303
      rescue Conflict => e
        show(code: 409, trouble: { place => [{ field: "name", message: e.message }] })
      end

      def show(code: 200, trouble: {})
        status code
        @title = "Cupboard"
        erb :cupboard, locals: { trouble: trouble, shown: Presenters::Cupboard.new(household) }
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
