# frozen_string_literal: true

require_relative "../../ground/limits"

module FondKettle
  module Dishes
    # What the steps of a GraphDish tell of what its way does anyway: minutes of the soak and in the sieve, of
    # low or the oven with its heat, of the rest; under a seal a programme.
    class WayMinutes
      SOAK = "soak"
      DRAIN = "drain"
      # By these it is not raw any more.
      COOKS = %w[boil par-boil simmer low fry toast].freeze
      BEFORE = "before"
      REST = "rest"
      OPEN = "none"
      BAKE = "bake"
      OVEN = [BAKE, "preheat"].freeze
      # Kinds of steps by which rice stands on the heat, and their heat where they do not say.
      HEATS = { "boil" => "high", "low" => "low", "steam" => "low" }.freeze
      GENTLE = %w[low steam bake].freeze
      FIERCE = %w[medium high].freeze
      WITH_RICE = %w[in with rest].freeze

      # `graph`: a GraphDish.
      def initialize(graph)
        @graph = graph
      end

      # Minutes by the name that a way has for them; `under_seal`: a `programme` in place of `low_min`.
      def all(under_seal: false)
        heat = under_seal ? { "programme" => programme } : { "low_min" => sum(GENTLE), "oven_c" => oven_c }
        { "soak" => soak, "drain_min" => drain_min, "rest" => sum([REST]), **heat,
          "lid" => (lid if under_seal) }.compact
      end

      private

      # How long the rice alone soaks.
      def soak
        there = [*holders, @graph.rice_vessel.key]
        soaks = @graph.steps.select { |step| step.kind == SOAK && there.include?(step.vessel) }
        soaks.find { |step| step.minutes && (rice_alone?(step) || in_liquor?(step)) }&.minutes
      end

      # How long the raw rice alone is left to drain.
      def drain_min
        drains = raw_steps.select { |step| step.kind == DRAIN && rice_alone?(step) }
        drains.filter_map(&:minutes).select { |minutes| Limits::DRAIN_MIN.cover?(minutes) }.last
      end

      # Steps of the bowls and sieves that the rice passes through, before anything there is cooked.
      def raw_steps
        own = @graph.steps.select { |step| step.rice == BEFORE && holders.include?(step.vessel) }
        own.take_while { |step| !COOKS.include?(step.kind) }
      end

      def holders
        @holders ||= @graph.rice_holders
      end

      # In what another vessel has made.
      def in_liquor?(step)
        step.rice == BEFORE && holders.include?(step.vessel) && (step.from.map(&:vessel) - holders).any?
      end

      # In water, or in salted water.
      def rice_alone?(step)
        (step.from.map(&:vessel) - holders).empty? &&
          (step.takes.map(&:line) - [@graph.rice_line, *@graph.salted_water]).empty?
      end

      # What closes the pot of layers, where the cook says.
      def lid
        heated.filter_map { |step| step.lid unless step.lid == OPEN }.last
      end

      # How hot the oven is in which the rice is baked, °C, or nil.
      def oven_c
        return if heated.none? { |step| step.kind == BAKE }

        @graph.steps.filter_map { |step| step.oven_c if OVEN.include?(step.kind) }.last
      end

      def sum(kinds)
        found = heated.select { |step| kinds.include?(step.kind) && !FIERCE.include?(step.heat) }
        minutes = found.filter_map(&:minutes)
        minutes.sum if minutes.any?
      end

      # Steps of the rice's vessel while the rice is in it and after.
      def heated
        own = @graph.steps.select { |step| step.vessel == @graph.rice_vessel.key }
        own.select { |step| WITH_RICE.include?(step.rice) }
      end

      def programme
        stages = heated.select { |step| step.minutes && (HEATS.key?(step.kind) || step.kind == BAKE) }
        stages.map { |step| stage(step) } if stages.any?
      end

      def stage(step)
        return { "oven_c" => oven_c, "minutes" => step.minutes } if step.kind == BAKE && oven_c

        { "heat" => step.heat || HEATS.fetch(step.kind, "low"), "minutes" => step.minutes }
      end
    end
  end
end
