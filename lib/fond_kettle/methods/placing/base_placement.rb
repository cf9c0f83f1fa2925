# frozen_string_literal: true

require_relative "../../care/kind"
require_relative "../method"
require_relative "../request/provision"

module FondKettle
  module Methods
    # The stage of a base into which food goes that no step names, by its slot and the kinds of the stages:
    # salt and dry food into what boils before the rice, fat and spice into what is fried.
    class BasePlacement
      # `stages`: StageTexts of a base; `slots`: of all food that goes into it.
      def initialize(stages, slots)
        @stages = stages
        @slots = slots
      end

      # The StageText for food of a slot (Slots), or nil: it goes in with the rice.
      def stage(slot)
        return boiling if slot == Slots::DRY

        @stages.find { |stage| stage.slot == slot } || by_slot(slot) || takes_all
      end

      # The stage in which the liquid is, or nil.
      def boiling
        @stages.find { |stage| stage.takes?("liquid") }
      end

      private

      def by_slot(slot)
        fat = @stages.select { |stage| Care::Kinds.fetch(stage.kind).fat }
        { Slots::FAT => first_kept(fat), Slots::SPICE => fat.last, Slots::SALT => boiling }[slot]
      end

      # Fat is there when the first thing is fried that is there at all.
      def first_kept(stages)
        stages.find { |stage| stage.slot.nil? || @slots.include?(stage.slot) } || stages.last
      end

      def takes_all
        @stages.find { |stage| stage.slot == Slots::ANY } ||
          @stages.reverse.find { |stage| stage.slot.nil? && Care::Kinds.fetch(stage.kind).takes }
      end
    end
  end
end
