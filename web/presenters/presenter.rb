# frozen_string_literal: true

require_relative "../../lib/fond_kettle/pot/fit"
require_relative "../helpers/numbers"
require_relative "water_words"

module FondKettle
  module Web
    # Presenters work out what a page shows before it is drawn: views ask a presenter and start nothing.
    module Presenters
      # The base of all presenters: their household, and how numbers and water are written. A sentence has **
      # around bold words.
      class Presenter
        include Helpers::Numbers
        include WaterWords

        def initialize(household)
          @household = household
        end

        private

        attr_reader :household

        def kitchen
          @kitchen ||= household.kitchen
        end

        # "18:05": so many minutes before serving, or nil where no time is set.
        def clock_before(serve, before_min)
          hours, mins = serve.to_s.match(/\A(\d\d):(\d\d)\z/)&.captures&.map(&:to_i)
          return unless hours

          at = ((hours * 60) + mins - before_min.ceil) % 1440
          format("%02d:%02d", at / 60, at % 60)
        end

        # "; **start at 18:05**", or nil.
        def start_at(serve, before_min)
          start = clock_before(serve, before_min)
          start && "; **start at #{start}**"
        end

        # The smallest pot of the cupboard of a vessel's kind that takes a load, or nil.
        def smallest_fitting(pots, vessel, load, liquid_g)
          pots.select { |pot| pot.kind == vessel.kind && Pot::Fitting.check(load, liquid_g, pot).fits? }
              .min_by(&:volume_ml)
        end
      end
    end
  end
end
