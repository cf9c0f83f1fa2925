# frozen_string_literal: true

require_relative "kitchen_lesson"
require_relative "learning"
require_relative "pot_scopes"
require_relative "seen_cook"

module FondKettle
  module Log
    # The lessons of a kitchen that has shown nothing yet, but for a cook's own water that comes right there.
    class ToldLessons
      # `liquid_g`: the own water for a Methods::Request; `bag_id`, `dish`: as PotScopes has them. Raises
      # Error where no such pot can be.
      def initialize(request, liquid_g, bag_id = nil, dish = nil)
        own = SeenCook.mine(PotScopes.of(request, bag_id, dish), request.by_the_book, liquid_g)
        @learned = Learning.with(Learned.nothing, own)
      end

      # The lesson (KitchenLesson) for a Methods::Request.
      def lesson(request, bag_id, dish)
        KitchenLesson.of(@learned, request.grain.key, PotScopes.of(request, bag_id, dish))
      end
    end
  end
end
