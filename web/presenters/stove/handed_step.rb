# frozen_string_literal: true

require_relative "../../drawings/cooling_drawing"

module FondKettle
  module Web
    module Presenters
      # Parts of a step whose work is done by hand once the rice is ready: the tally of pieces, the bed that
      # cools. Only Cooking includes it.
      module HandedStep
        # A curve goes on so far beyond its end.
        BEYOND = 1.15

        # Names of food that is measured here because nobody knew it when it was planned, or knows it yet.
        def unknown
          task[:core_c] ? cook.plan.fetch(:unknown, []).reject { |name| household.names.find(name) } : []
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
      end
    end
  end
end
