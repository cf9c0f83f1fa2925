# frozen_string_literal: true

require_relative "../ground/visitors"
require_relative "../html/only_looks"
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

        # The answer as this device reads it, and without what a guest does not do.
        def read_as_set
          return unless page?

          reread(Html::OnlyLooks.new(Visitors::GUESTS)) if guest?
          as = Html::ReadAs.new(device_settings["beside"], device_settings["decimal"]) if session["settings"]
          reread(as) if as&.any?
        end

        private

        # A page has no type of its own yet.
        def page?
          [nil, "text/html"].include?(response.media_type)
        end

        def reread(as)
          response.body = Array(response.body).map { |piece| as.call(piece) }
        end
      end
    end
  end
end
