# frozen_string_literal: true

require_relative "../ground/value"

module FondKettle
  module Log
    # A cook as it teaches.
    #   on, scopes    its date (text, "2026-11-02"); {"bag" => "b1", "pot" => "steel" …}
    #   request       Methods::Request that it was planned by, as by the book
    #   liquid_g      what was poured
    #   stages        Pot::Stage as they were cooked; nil: as the plan of then has them
    #   cues          [cue, minute] of what was tapped
    #   loss_g        what was weighed to be gone from the pot, or nil
    #   grain, wetness   words of Log::GRAIN and WETNESS, or nil
    #   counts        as how many cooks its words count
    SeenCook = Value.define(:on, :scopes, :request, :liquid_g, :stages, :cues, :loss_g, :grain, :wetness,
                            :counts)
  end
end
