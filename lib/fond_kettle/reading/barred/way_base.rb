# frozen_string_literal: true

require_relative "../../methods/method"
require_relative "../../methods/placing/base_placement"
require_relative "../../methods/request/provision"

module FondKettle
  module Reading
    # The base of a way for a dish that makes none itself: its stages as steps, with what goes in at each.
    class WayBase
      # What stays the way's own: without it rice or liquid is not ready.
      NEEDED = %w[heat-liquid heat-steamer toast].freeze
      BROTH = "broth"
      REDUCE = "reduce"
      FAT = "the fat"
      BROWNED = "browned"
      GOLD = :gold

      # `method`: a Methods::Method; `lines`: Dishes::Lines by their index, of all that goes in before the
      # rice.
      def initialize(method, lines)
        @lines = lines
        @stages = method.last_phase.base.reject { |stage| needed?(stage) }
        slots = lines.values.map { |line| Methods::Slots.of(line.ingredient) }
        @placement = Methods::BasePlacement.new(@stages, slots)
      end

      # [hash of a step, indexes of the lines that go in at it] of each stage that there is anything for.
      def steps
        used = @stages.select { |stage| taken.key?(stage) || (stage.slot.nil? && taken.any?) }
        used.map { |stage| [step(stage), taken.fetch(stage, [])] }
      end

      private

      # A broth is made as its way does, but where something is lifted out of it.
      def needed?(stage)
        NEEDED.include?(stage.kind) || (stage.kind == BROTH && @lines.values.none?(&:out))
      end

      def taken
        @taken ||= @lines.keys.group_by { |index| @placement.stage(Methods::Slots.of(@lines[index].ingredient)) }
                         .compact.select { |stage, _| stage }
      end

      # What is cooked down takes as long as its amount does.
      def minutes(stage, colour)
        return if stage.kind == REDUCE

        colour ? stage.colours.fetch(colour) : stage.minutes
      end

      def step(stage)
        browned = taken.fetch(stage, []).any? { |index| @lines[index].state == BROWNED }
        colour = stage.colour(browned ? GOLD : nil)
        names = taken.fetch(stage, []).map { |index| @lines[index].name }
        words = { fat: FAT, colour: Methods::StageText::COLOUR_STATES[colour], leaf: names.join(" and ") }
        { "say" => format(stage.say, words), "kind" => stage.kind, "hands_on" => stage.hands_on,
          "minutes" => minutes(stage, colour)&.to_f,
          "until" => format(stage.cue, words) }.compact
      end
    end
  end
end
