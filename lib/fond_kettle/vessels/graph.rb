# frozen_string_literal: true

require_relative "../ground/value"
require_relative "graph_run"

module FondKettle
  module Vessels
    # What one vessel gives to another: `what` of it ("all", "liquid" or "solids"), a `share` of what was in
    # it when it was done, so many `g`, or (both nil) what is left.
    Pour = Value.define(:vessel, :what, :share, :g)

    # A step of a dish in one of its vessels.
    #   key      of the step
    #   vessel   key of the vessel
    #   does     what is done there (Step), or nil where things only go in
    #   takes    [key of a line, share of it] of what goes in first
    #   from     what other vessels give before it is done (Pour)
    #   only     keys of the lines that it does it to, or nil: to all that is in the vessel
    #   to       key of the vessel into which what is taken out goes; nil: out of the dish
    GraphStep = Value.define(:key, :vessel, :does, :takes, :from, :only, :to) do
      # A GraphStep with the given attributes; the others are none.
      def self.of(key, vessel, **given)
        new(key: key, vessel: vessel, does: nil, takes: [].freeze, from: [].freeze, only: nil, to: nil,
            **given)
      end
    end

    # A dish's vessels and what is done in them, in the order of its steps.
    #   lines      Food by the key of its line
    #   settings   Setting by the key of its vessel
    #   steps      GraphSteps
    #
    #   graph = Graph.new(lines: { "onion" => Food.of(onion, 150.0) }, settings: { "pan" => on_gas },
    #                     steps: [GraphStep.of("s1", "pan", does: fry, takes: [["onion", 1.0]])])
    #   graph.rows.last.contents.water_g # => 58.5
    Graph = Value.define(:lines, :settings, :steps) do
      # A Row for each step. Raises KeyError for a line or a vessel that is none of its own.
      def rows
        FondKettle::Vessels::GraphRun.new(self).rows
      end
    end
  end
end
