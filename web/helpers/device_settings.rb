# frozen_string_literal: true

require_relative "../html/read_as"

module FondKettle
  module Web
    module Helpers
      # Choices of a device for itself (the page Settings), kept in its session.
      module DeviceSettings
        UNSET = { "beside" => [], "decimal" => nil, "quiet" => false }.freeze

        # Strings by name, as UNSET has them.
        def device_settings
          UNSET.merge(session["settings"].to_h)
        end

        # True where this device never sounds.
        def quiet?
          device_settings["quiet"]
        end

        # The answer as this device reads it; a page has no type of its own yet.
        def read_as_set
          return unless session["settings"] && [nil, "text/html"].include?(response.media_type)

          as = Html::ReadAs.new(device_settings["beside"], device_settings["decimal"])
          response.body = Array(response.body).map { |piece| as.call(piece) } if as.any?
        end
      end
    end
  end
end
