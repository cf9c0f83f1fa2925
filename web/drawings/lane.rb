# frozen_string_literal: true

require_relative "../../lib/fond_kettle/ground/value"

module FondKettle
  module Web
    module Drawings
      # Something on a lane: the task's id, from when to when (minutes before serving), the mark of its
      # dish ("A"), what it is called, whether it makes the evening as long as it is, is pinned, begun or
      # over.
      Bar = Value.define(:id, :from_min, :to_min, :mark, :label, :critical, :pinned, :state)
      # A pair of hands, a ring, the oven, what only waits: its name and its Bars.
      Lane = Value.define(:name, :kind, :bars)
      # A pot on its lane: markup of its picture, how large that is, and when it comes on.
      PotOnLane = Value.define(:lane, :at_min, :drawing, :wide, :high)
    end
  end
end
