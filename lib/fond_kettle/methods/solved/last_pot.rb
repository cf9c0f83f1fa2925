# frozen_string_literal: true

require_relative "../loads/loading"
require_relative "../sealed/sealing"

module FondKettle
  module Methods
    # The pot in which the rice of a request is done, whatever goes before it.
    module LastPot
      module_function

      # Its Filling, the pots before it solved. Raises Error where nothing settles.
      def of(request)
        return Sealing.new(request).potful if request.method.sealed?

        *before, last = request.method.phases
        Loading.potful(request, last, Loading.phases(request, before).last)
      end
    end
  end
end
