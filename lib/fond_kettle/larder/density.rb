# frozen_string_literal: true

require_relative "grains"
require_relative "ingredients"

module FondKettle
  module Larder
    # Bulk density of whatever the catalogues know.
    module Density
      module_function

      # g/mL of a grain or an ingredient by its key. Raises InvalidInput.
      def g_ml(key)
        return Grains.all[key].rho_g_ml if Grains.all.key?(key)

        ingredient = Ingredients.all[key]
        return ingredient.g_ml if ingredient

        raise InvalidInput.at("of", "must be one of: #{(Grains.all.keys + Ingredients.all.keys).join(', ')}",
                              received: key)
      end
    end
  end
end
