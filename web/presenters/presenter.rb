# frozen_string_literal: true

require_relative "../helpers/numbers"
require_relative "../helpers/water_words"

module FondKettle
  module Web
    # What a page shows, worked out before it is drawn: views ask a presenter and start
    # nothing.
    module Presenters
      # What all of them share: their household, and how numbers and water are said. A
      # sentence has ** around what is bold.
      class Presenter
        include Helpers::Numbers
        include Helpers::WaterWords

        def initialize(household)
          @household = household
        end

        private

        attr_reader :household

        def kitchen
          @kitchen ||= household.kitchen
        end
      end
    end
  end
end
