# frozen_string_literal: true

require_relative "vessel_heading"

module FondKettle
  module Reading
    # The vessels of steps that are written with bars: the one of their heading; a bowl for a marinade that
    # has none, where more is done before the rice; a pan beside the rice for what only comes to the table.
    # What is in one goes into the rice's pot at the first later step there that names some of it again, else
    # when the rice goes in.
    class PouredVessels
      RICE = "pot"
      BASE = "base"
      BESIDE = "beside"
      FINISH = "finish"
      # Stages of what is there once the rice is done.
      LATER = [FINISH, BESIDE].freeze
      MARINADE = "marinate"
      FRY = "fry"
      # Vessels that no heading names.
      BOWL = VesselHeading.new(name: "For the marinade", kind: "bowl")
      PAN = VesselHeading.new(name: "Beside the rice", kind: "frying-pan")
      POT = VesselHeading.new(name: "Beside the rice", kind: "pot")

      # `lines`: Dishes::Lines; `steps`: BarredSteps; `claims`: Dishes::Claims for each step.
      def initialize(lines, steps, claims)
        @lines = lines
        @steps = steps
        @claims = claims
        @base = steps.each_index.select { |index| steps[index].stage == BASE }
      end

      # VesselHeadings of all but the rice's.
      def all
        @all ||= @steps.each_index.filter_map { |index| heading(index) }.uniq
      end

      # Key of the vessel of the step of an index.
      def key(index)
        heading(index)&.key || RICE
      end

      # Keys of vessels whose content goes in at the step of an index.
      def poured_at(index)
        given.select { |_, at| at == index }.keys
      end

      # Contents of vessels that go in where no step says so ("in", "after" or "beside"), in words,
      # by their keys.
      def poured(place)
        there = given.select { |key, at| at.nil? && place(key) == place }.keys
        there.to_h { |key| [key, lines_of(key).map { |index| "the #{@lines[index].name}" }.join(", ")] }
      end

      private

      def heading(index)
        step = @steps[index]
        return step.vessel if step.vessel
        return BOWL if step.stage == BASE && step.kind == MARINADE && @base.last > index

        (step.kind == FRY ? PAN : POT) if beside?(index)
      end

      # True where all that goes in at a step comes to the done rice, or to the table.
      def beside?(index)
        return false if @steps[index].stage == FINISH

        stages = @claims[index].flat_map { |claim| claim.stage || @lines[claim.index].shares.keys }
        stages.any? && stages.all? { |stage| LATER.include?(stage) }
      end

      # The later step at which each vessel's content goes in, by its key; nil: no step names it.
      def given
        @given ||= all.map(&:key).to_h do |key|
          last = @steps.each_index.select { |index| key(index) == key }.last
          own = lines_of(key)
          [key, @steps.each_index.find { |index| index > last && key(index) != key && names?(index, own) }]
        end
      end

      def names?(index, lines)
        @claims[index].any? { |claim| claim.stage.nil? && lines.include?(claim.index) }
      end

      # Indexes of the lines that go in at its steps.
      def lines_of(key)
        own = @steps.each_index.select { |index| key(index) == key }
        own.flat_map { |index| @claims[index].select(&:stage).map(&:index) }
      end

      # Where its content goes that no step names: what is to lie in the pot goes in with the rice.
      def place(key)
        lines = lines_of(key).map { |index| @lines[index] }
        return "in" if lines.any? { |line| line.pot_share.positive? }

        lines.any? { |line| line.shares.key?(FINISH) } ? "after" : BESIDE
      end
    end
  end
end
