# frozen_string_literal: true

require_relative "../../ground/vocabulary"
require_relative "../attribute"

module FondKettle
  module Pot
    module Attributes
      # What closes the pot; without it, the vessel's own lid.
      LID = Attribute.of(:lid, :choice, range: Vocabulary::LIDS, set_by: %i[method stages])
    end
  end
end
