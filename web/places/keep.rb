# frozen_string_literal: true

require_relative "../../lib/fond_kettle/care/put_away"
require_relative "../../lib/fond_kettle/larder/grains"
require_relative "../../app/forms/component_form"
require_relative "../../app/forms/keep_form"
require_relative "../../app/forms/plan_form"
require_relative "../../app/kept/keep"
require_relative "../../app/plans/look"
require_relative "../helpers/fields"
require_relative "../presenters/cold_shelves"
require_relative "../presenters/components"
require_relative "../presenters/kept_things"
require_relative "../presenters/left_over"
require_relative "place"

module FondKettle
  module Web
    # Page of cooked food that is stored: put away, moved, taken out, thrown away, labelled.
    class KeepPlace < Place
      helpers Helpers::Fields

      VESSELS = [["tray", "spread on a tray"], ["pot", "in its pot, lid on"], ["parcel", "as parcels"]].freeze
      USED_UP = "This is used up or thrown away already."
      MOST_PAGES = 10_000
      THROW = "it is past its time, throw it away"
      PLACES = Presenters::KeptThings::PLACES.to_a.freeze
      COMPONENTS = Forms::ComponentForm::KINDS.map { |key, (words, *)| [key, words] }.freeze
      COMPONENT_PLACES = Presenters::Components::PLACES.to_a.freeze

      # What is kept, and the components.
      get "/" do
        show(blank)
      end

      # Put away what is left of a cook.
      get "/from/:id" do
        cook = household.cooks.find(id_from(params["id"]))
        show(Forms::KeepForm.filled(Presenters::LeftOver.of(cook, now), now), open: true)
      end

      # A component, as a plan's dressing has it.
      get "/dressing" do
        form = Forms::PlanForm.new(params, household)
        look = App::LookAtPlan.new(form, kitchen)
        dressing = look.json(look.plan, nil)[:dressing] if form.ok?
        show(blank, made: component(dressing), making: true)
      end

      # Makes a component.
      post "/components" do
        form = Forms::ComponentForm.new(params, now.getlocal.to_date)
        next show(blank, code: 422, made: form) unless form.ok?

        path = household.once(form_key("component"), now) do
          done keep.make(form)
          "/keep#components-heading"
        end
        redirect path, 303
      end

      # A component is used up, or thrown away.
      post "/components/:id/throw" do
        id = id_from(params["id"])
        one = components.all.find { |component| component.record[:id] == id } || raise(NotFound, USED_UP)
        done keep.use_up(one.record, sent_version || one.record[:lock_version])
        redirect "/keep#components-heading", 303
      rescue Conflict
        left_g = household.components.find(id)[:left_g]
        somebody_first("Of #{one.record[:name]} #{grams(left_g)} are left now.")
      end

      # Labels to print.
      get "/labels" do
        @title = "Labels"
        @script = "print.js"
        erb :labels, locals: { kept: kept, things: kept.all.reject do |one|
          one.past || one.kept.place == "cooling"
        end }
      end

      # Puts something away.
      post "/" do
        form = Forms::KeepForm.new(params, now)
        next show(form, code: 422, open: true) unless form.ok?

        path = household.once(form_key("keep"), now) { "/keep#kept-#{done(keep.put(form))[:id]}" }
        redirect path, 303
      end

      # Moves a box to another place.
      post "/:id/move" do
        done keep.move(record, version, cold_place)
        redirect "/keep#kept-#{record[:id]}", 303
      end

      # Some of it is eaten: how it is reheated is told.
      post "/:id/take" do
        count = Integer(text_param("count"), 10, exception: false)
        unless count&.between?(1, record[:portions])
          raise InvalidInput.at("count", "must be between 1 and #{record[:portions]}")
        end

        one = kept.one(record[:id])
        raise InvalidInput.at("count", "must be none: #{THROW}") if one.past

        notice "#{count} of #{record[:what]}, #{kept.reheating(one,
                                                               count).join(', ').delete('*')}, until it is " \
               "#{Care::Keeping::REHEAT_C.round} °C right through. Once only."
        done keep.take(record, version, count)
        redirect "/keep", 303
      end

      # Throws a box away.
      post "/:id/throw" do
        done keep.throw_away(record, version)
        redirect "/keep", 303
      end

      # A button may be of a page from before.
      error Conflict do
        found = household.kept.find(id_from(params["id"]))
        left = "Of #{found[:what]} #{found[:portions]} are left now."
        somebody_first(found[:gone_at] ? "It is gone." : left)
      end

      private

      def keep
        App::KeepBox.new(household, now)
      end

      def grains_kept
        [["", "none, or mixed"], *Larder::Grains.all.map { |key, grain| [key, grain.name] }]
      end

      def kept
        @kept ||= Presenters::KeptThings.new(household, now, page: page, words: text_param("words"))
      end

      # Which page of the boxes is asked for, from 0.
      def page
        Integer(text_param("page"), 10, exception: false)&.clamp(0, MOST_PAGES) || 0
      end

      # What is still there. Raises NotFound.
      def record
        @record ||= household.kept.find(id_from(params["id"])).tap do |found|
          raise NotFound, "#{found[:what]} is gone already." if found[:gone_at]
        end
      end

      # Where it may be moved now. Raises InvalidInput.
      def cold_place
        place = text_param("place")
        kept = household.kept.value(record)
        raise InvalidInput.at("place", "must be none: #{THROW}") if kept.past?(now)
        return place if kept.places.include?(place)

        raise InvalidInput.at("place", "must be one of: #{kept.places.join(', ')}") if kept.places.any?

        raise InvalidInput.at("place", "must be the refrigerator: what was thawed is not frozen again")
      end

      def version
        sent_version || record[:lock_version]
      end

      def blank
        Forms::KeepForm.filled(Presenters::LeftOver.blank(now), now)
      end

      # A new component's form, with nothing wrong.
      def component(dressing = nil)
        Forms::ComponentForm.filled(components.blank(dressing), now.getlocal.to_date)
      end

      def components
        @components ||= Presenters::Components.new(household, now)
      end

      # Nothing was done: the page shows what stands there now, and `left` says it.
      def somebody_first(left)
        show(blank, code: 409, somebody: "Somebody was first, so nothing was done. #{left}")
      end

      def show(form, code: 200, open: false, made: component, making: false, somebody: nil)
        status code
        @title = "Keep"
        @style = "keep.css"
        erb :keep, locals: { kept: kept, shelves: Presenters::ColdShelves.new(kept.all, now).all,
                             form: form, somebody: somebody, open: open || form.problems.any?,
                             components: components, made: made, making: making }
      end
    end
  end
end
