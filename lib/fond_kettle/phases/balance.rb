# frozen_string_literal: true

require_relative "../ground/value"
require_relative "../measure/rounding"

module FondKettle
  module Phases
    # Liquid to pour: the forward run turned round (docs/model.md: The balance).
    #   liquid = uptake + loss + residue + drunk + drained + into the cloth
    #            - soak gain - surface - brought - condensed
    # All in g. `drunk_g` is what dry food takes; `loss_g` the loss of the run (Pot::Run)
    # with just that liquid; `spare_g` how much water there is too much of before any is
    # poured (0 unless liquid_g is 0); `slope` how the loss grows with the liquid;
    # `load` the Load as it was cooked.
    Balance = Value.define(:liquid_g, :uptake_g, :loss_g, :residue_g, :soak_gain_g, :surface_g, :brought_g,
                           :drunk_g, :drained_g, :cloth_g, :condensed_g, :spare_g, :run, :slope, :load)
    # Where its water comes from beside what is poured, and where it goes; their words are
    # the list "balance" of data/words.yml.
    SOURCES = %i[soak_gain_g surface_g brought_g condensed_g].freeze
    SINKS = %i[uptake_g drunk_g residue_g drained_g cloth_g loss_g].freeze

    # The terms of a balance as they are told: in whole grams, what is poured as it is, the rest so that
    # what comes in is what goes out.
    module WholeGrams
      # Less of something is nothing, g.
      LEAST_G = 0.5

      module_function

      # `grams`: by :poured_g and the keys of SOURCES and SINKS. The same in whole grams, without what is
      # nothing; `shown_g`: what is poured as the scale shows it. What that is more or less goes where most
      # of the water goes.
      def of(grams, shown_g = grams.fetch(:poured_g))
        told = grams.select { |key, amount_g| key == :poured_g || amount_g.abs >= LEAST_G }
        told = as_poured(told, shown_g) unless shown_g == told.fetch(:poured_g)
        poured_g = told.fetch(:poured_g).round
        total_g = told.slice(:poured_g, *SOURCES).values.sum.round
        { poured_g: poured_g, **closed(told.slice(*SOURCES), total_g - poured_g),
          **closed(told.slice(*SINKS), total_g) }
      end

      def as_poured(told, shown_g)
        most = told.slice(*SINKS).max_by(&:last)&.first
        more_g = shown_g - told.fetch(:poured_g)
        told.merge({ poured_g: shown_g, **(most ? { most => told[most] + more_g } : {}) })
      end

      def closed(terms, total_g)
        terms.keys.zip(Measure::Rounding.adding_up(terms.values, total_g)).to_h
      end
      private_class_method :as_poured, :closed
    end
  end
end
