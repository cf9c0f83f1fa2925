# frozen_string_literal: true

module FondKettle
  module Web
    # Rack answers of those who stand before every place: why nothing was done, in plain words.
    module Refusal
      PLAIN = { "content-type" => "text/plain; charset=utf-8", "cache-control" => "no-store" }.freeze

      module_function

      # `more`: headers beside those of every one.
      def answer(status, why, more = {})
        [status, { **PLAIN, **more }, [why]]
      end
    end
  end
end
