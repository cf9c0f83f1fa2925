# frozen_string_literal: true

require_relative "../ground/value"
require_relative "../larder/grain"

module FondKettle
  module House
    # A bag of rice in the cupboard: of `grain` (a key), `left_g` in it, drinking `drinks`
    # times the book, of a `crop` (a key of Larder::CROP_UPTAKE); `opened_on` an ISO date
    # or nil.
    Bag = Value.define(:id, :name, :grain, :left_g, :drinks, :crop, :opened_on) do
      # The Larder::Grain as it is in this bag.
      def habits_of(grain)
        grain.drinking(drinks * Larder::CROP_UPTAKE.fetch(crop))
      end
    end
  end
end
