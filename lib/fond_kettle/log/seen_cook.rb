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
    #   sure          true where the cook says that nothing was different: it counts in full, however far off
    SeenCook = Value.define(:on, :scopes, :request, :liquid_g, :stages, :cues, :loss_g, :grain, :wetness,
                            :counts, :sure) do
      # "Mine comes right" says as much as so many cooks.
      const_set(:MINE_COUNTS, 3)

      # A pot that is cooked by a Methods::Plan, of which nothing was said.
      def self.planned(plan, scopes)
        new(on: "", scopes: scopes, request: plan.request.by_the_book, liquid_g: plan.liquid_g,
            stages: plan.stages, cues: [], loss_g: nil, grain: nil, wetness: nil, counts: 1, sure: false)
      end

      # A cook's own water that comes right, g: it stands before the first cook. `stages` as above.
      def self.mine(scopes, request, liquid_g, stages: nil)
        new(on: "", scopes: scopes, request: request, liquid_g: liquid_g, stages: stages, cues: [],
            loss_g: nil, grain: "right", wetness: "right", counts: const_get(:MINE_COUNTS), sure: false)
      end
    end
  end
end
