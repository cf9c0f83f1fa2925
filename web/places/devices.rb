# frozen_string_literal: true

require_relative "../../lib/fond_kettle/ground/errors"
require_relative "../../lib/fond_kettle/ground/schema"
require_relative "../../lib/fond_kettle/kit/devices"
require_relative "../../app/forms/fields"
require_relative "../helpers/fields"
require_relative "../../app/forms/typed"
require_relative "place"

module FondKettle
  module Web
    # The stand-ins for a probe thermometer and a scale: what they read is set here, and taken where a
    # page asks for it.
    class DevicesPlace < Place
      helpers Helpers::Fields

      FORMS = Kit::DEVICES.transform_values do |device|
        Schema.params { required(:value).filled(Forms::Typed.within(device.range), included_in?: device.range) }
      end.freeze

      # What the stand-ins for a probe and a scale read.
      get "/" do
        show
      end

      # Sets what a stand-in reads.
      post "/:key" do
        result = form.call("value" => params["value"])
        next show(code: 422, wrong: params["key"], problems: Forms.problems(result)) if result.failure?

        household.stand_ins.set(params["key"], result[:value], now)
        redirect "/devices", 303
      end

      # Switches a stand-in off.
      post "/:key/off" do
        form
        household.stand_ins.off(params["key"])
        redirect "/devices", 303
      end

      private

      def form
        FORMS.fetch(params["key"]) { raise NotFound, "There is no such device." }
      end

      def show(code: 200, wrong: nil, problems: [])
        status code
        @title = "Probe and scale"
        readings = Kit::DEVICES.values.to_h { |device| [device, household.stand_ins.read(device.key, now)] }
        erb :devices, locals: { readings: readings, wrong: wrong, problems: problems }
      end
    end
  end
end
