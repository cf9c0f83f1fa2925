# frozen_string_literal: true

require_relative "../ground/value"

module FondKettle
  module Phases
    # The liquid to pour: the forward run turned round (figures: The balance).
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
  end
end
