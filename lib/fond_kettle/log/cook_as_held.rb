# frozen_string_literal: true

require_relative "../belief/scoped"
require_relative "kitchen_run"

module FondKettle
  module Log
    # The pot of a cook as it would have gone in the kitchen that a belief holds this one to be, and in one
    # that is otherwise in one thing.
    class CookAsHeld
      # `cook`: SeenCook; `belief`: Belief::Gaussian with all its Scoped.
      def initialize(cook, belief)
        @places = Belief::Scopes.by_unknown(cook.scopes)
        @factors = belief.factors(@places)
        @run = KitchenRun.new(cook, @factors)
      end

      # Scoped by unknown.
      attr_reader :places

      # Its Stages, with their minutes.
      def stages
        @run.stages
      end

      # Keys of the unknowns of the model that can matter to it.
      def unknowns
        @run.unknowns & @factors.keys
      end

      # Shown where all is as it is held to be.
      def shown
        @shown ||= @run.shown(@factors)
      end

      # Shown where one unknown is so far off (logarithm): each is run once.
      def shown_off(unknown, off)
        return shown if off.zero?

        (@off ||= {})[[unknown, off]] ||=
          @run.shown(@factors.merge(unknown => @factors.fetch(unknown) * Math.exp(off)))
      end
    end
  end
end
