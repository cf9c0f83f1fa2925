# frozen_string_literal: true

require_relative "../../drawings/cooling_drawing"
require_relative "../../helpers/numbers"

module FondKettle
  module Web
    module Presenters
      # Parts of a step whose work is done by hand once the rice is ready: the tally of pieces, the bed that
      # cools.
      class HandedStep
        include Helpers::Numbers

        # A curve goes on so far beyond its end.
        BEYOND = 1.15

        # `cook`: Stove::Cook; `now`: a Time.
        def initialize(cook, now)
          @cook = cook
          @now = now
        end

        # True when a bed cools at this step, and has begun to.
        def cools?
          !cook.waiting? && !cook.cooling.nil?
        end

        # The curve of it, put right by what was measured.
        def cooling_drawing
          bed = cook.cooling
          folds = bed.folds_min.map { |min| [min, "fold, #{hour(cook.task_began_at + (min * 60))}"] }
          Drawings::CoolingDrawing.new(bed.method(:after), bed.minutes * BEYOND, folds, bed.to_c,
                                       readings: bed.measured, title: cooling_words).to_s
        end

        # Texts on when it is folded over next, and when it is as warm as wanted.
        def cooling_words
          bed = cook.cooling
          fold = bed.next_fold_at(now)
          done = "#{bed.to_c.round} °C at about #{hour(cook.task_began_at + (bed.minutes * 60))}"
          fold ? "Fold it over at #{hour(fold)}; #{done}" : "#{done}. Cover it with a damp cloth"
        end

        # "5 of 12", or nil where nothing is counted.
        def tally
          "#{cook.made} of #{cook.pieces}" if cook.pieces
        end

        private

        attr_reader :cook, :now
      end
    end
  end
end
