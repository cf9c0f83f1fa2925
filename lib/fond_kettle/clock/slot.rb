# frozen_string_literal: true

require_relative "../ground/value"

module FondKettle
  module Clock
    # After which task, and between how many minutes after its end: `most` nil is any.
    After = Value.define(:task, :least, :most)

    # Something that takes time: whole `minutes`, uninterrupted, in which it `uses` so
    # much of each resource (by name); in the oven at `oven_c` (nil: not there).
    # `after` lists what it comes after.
    Slot = Value.define(:id, :minutes, :uses, :oven_c, :after) do
      # One of which only what is not usual is given.
      def self.of(id, minutes, uses: {}, oven_c: nil, after: [])
        new(id: id, minutes: minutes, uses: uses.freeze, oven_c: oven_c, after: after.freeze)
      end
    end

    # How long before serving a task has to be over: between `least` and `most` minutes
    # (nil: any).
    End = Value.define(:task, :least, :most)
  end
end
