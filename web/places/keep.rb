# frozen_string_literal: true

require_relative "../../lib/fond_kettle/care/put_away"
require_relative "../../lib/fond_kettle/larder/grains"
require_relative "../forms/keep_form"
require_relative "../helpers/fields"
require_relative "../presenters/kept_things"
require_relative "../presenters/left_over"
require_relative "place"

module FondKettle
  module Web
    # What is kept of what was cooked: put away, moved, taken out, thrown away, labelled.
    class KeepPlace < Place
      helpers Helpers::Fields

      VESSELS = [["tray", "spread on a tray"], ["pot", "in its pot, lid on"], ["parcel", "as parcels"]].freeze
      PLACES = Presenters::KeptThings::PLACES.to_a.freeze
      COLD_PLACES = %w[fridge freezer].freeze

      get "/" do
        show(Forms::KeepForm.filled(Presenters::LeftOver.blank(now), now))
      end

      # Put away what is left of a cook.
      get "/from/:id" do
        cook = household.cooks.find(id_from(params["id"]))
        show(Forms::KeepForm.filled(Presenters::LeftOver.of(cook, now), now), open: true)
      end

      get "/labels" do
        @title = "Labels"
        @script = "print.js"
        erb :labels, locals: { kept: kept, things: kept.all.reject do |one|
          one.past || one.kept.place == "cooling"
        end }
      end

      post "/" do
        form = Forms::KeepForm.new(params, now)
        next show(form, code: 422, open: true) unless form.ok?

        redirect household.once(form_key("keep"), now) { put(form) }, 303
      end

      post "/:id/move" do
        place = text_param("place")
        unless COLD_PLACES.include?(place)
          raise InvalidInput.at("place",
                                "must be one of: #{COLD_PLACES.join(', ')}")
        end

        household.kept.move(record[:id], version, place, now)
        redirect "/keep#kept-#{record[:id]}", 303
      end

      # Some of it is eaten: how it is reheated is told.
      post "/:id/take" do
        count = Integer(text_param("count"), 10, exception: false)
        unless count&.between?(1, record[:portions])
          raise InvalidInput.at("count", "must be between 1 and #{record[:portions]}")
        end

        one = kept.all.find { |shown| shown.record[:id] == record[:id] }
        raise InvalidInput.at("count", "must not be taken: it is past its time, throw it away") if one.past

        notice "#{count} of #{record[:what]}, #{kept.reheating(one,
                                                               count).join(', ').delete('*')}, until it is " \
               "#{Care::Keeping::REHEAT_C.round} °C right through. Once only."
        household.kept.take(record[:id], version, count, now)
        redirect "/keep", 303
      end

      post "/:id/throw" do
        household.kept.throw_away(record[:id], version, now)
        notice "#{record[:what]} is thrown away."
        redirect "/keep", 303
      end

      private

      # Which rice is in it, where it is one.
      def grains_kept
        [["", "none, or mixed"], *Larder::Grains.all.map { |key, grain| [key, grain.name] }]
      end

      def kept
        @kept ||= Presenters::KeptThings.new(household, now)
      end

      def record
        @record ||= household.kept.find(id_from(params["id"]))
      end

      def version
        sent_version || record[:lock_version]
      end

      def put(form)
        record = household.kept.put(form.attributes, made_at: form.made_at, place: form[:place], now: now)
        "/keep#kept-#{record[:id]}"
      end

      def show(form, code: 200, open: false)
        status code
        @title = "Keep"
        erb :keep, locals: { kept: kept, form: form, open: open || form.problems.any? }
      end
    end
  end
end
