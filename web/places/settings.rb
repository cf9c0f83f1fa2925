# frozen_string_literal: true

require_relative "../../app/forms/fields"
require_relative "../helpers/fields"
require_relative "../html/read_as"
require_relative "house_door"
require_relative "place"

module FondKettle
  module Web
    # Page on which a device is told how to show the kitchen and ring for it; what the kitchen itself is
    # stands in the cupboard.
    class SettingsPlace < Place
      helpers Helpers::Fields
      register HouseDoor

      SCHEMA = Schema.params do
        optional(:beside).value(:array).each(:string, included_in?: Html::ReadAs::BESIDE.keys)
        optional(:decimal).value(:string, included_in?: ["point", Html::ReadAs::COMMA])
        optional(:dim).value(:string, included_in?: %w[yes])
        optional(:quiet).value(:string, included_in?: %w[yes])
      end

      # Choices of this device: other measures, decimals, sound, dim.
      get "/" do
        show
      end

      # Changes that, for this device alone.
      post "/" do
        result = SCHEMA.call(params.slice("beside", "decimal", "dim", "quiet"))
        next show(device: Forms.problems(result)) if result.failure?

        set = result.to_h
        session["dim"] = set.key?(:dim)
        session["settings"] = { "beside" => set[:beside].to_a, "decimal" => set[:decimal],
                                "quiet" => set.key?(:quiet) }
        notice("This device shows the kitchen so from now on.")
        redirect "/settings", 303
      end

      private

      # `device`, `door`: the problems of either.
      def show(device: [], door: [])
        status 422 if device.any? || door.any?
        @title = "Settings"
        erb :settings, locals: { problems: device, set: { **device_settings, "dim" => dim? },
                                 door: shown_door, at_door: door }
      end
    end
  end
end
