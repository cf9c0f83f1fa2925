# frozen_string_literal: true

require_relative "../../lib/fond_kettle/ground/errors"

module FondKettle
  module Web
    # Answers a monitor: 200 when the records can be read, else 503.
    class Health
      HEADERS = { "content-type" => "text/plain; charset=utf-8", "cache-control" => "no-store" }.freeze

      def initialize(household)
        @household = household
      end

      def call(_env)
        @household.kitchen
        [200, HEADERS.dup, ["ok\n"]]
      rescue StoreUnavailable => e
        [503, HEADERS.dup, ["#{e.message}\n"]]
      end
    end
  end
end
