# frozen_string_literal: true

require "delegate"
require_relative "../../lib/fond_kettle/kit/vessel"
require_relative "../../lib/fond_kettle/measure/cup"

module FondKettle
  module Forms
    # A household as if a pot, a cup and a height that are told stood on its shelves already: what comes of
    # them is seen before anything is put in.
    class ToldKitchen < SimpleDelegator
      # Id of what is on no shelf yet.
      NOT_YET = 0

      # `told`: attributes by :pot, :cup and :kitchen, as FirstForm has them; `lessons`: Log::ToldLessons of
      # what is told of the cook's own way, nil: the household's.
      def initialize(household, told, lessons = nil)
        super(household)
        @told = told
        @lessons = lessons
      end

      # What is known of the kitchen.
      def lessons
        @lessons || __getobj__.lessons
      end

      # The House::Shelves with what is told.
      def shelves
        @shelves ||= __getobj__.shelves.with(**{ pots: pots, cups: cups, altitude_m: altitude_m }.compact)
      end

      private

      def pots
        of(:pot) { |pot| [Kit::Vessel.new(**blank(Kit::Vessel), **pot.slice(*Kit::Vessel.members))] }
      end

      def cups
        of(:cup) { |cup| [Measure::Cup.new(**blank(Measure::Cup), **cup.slice(*Measure::Cup.members))] }
      end

      def altitude_m
        of(:kitchen) { |kitchen| kitchen[:altitude_m] }
      end

      def of(what)
        @told[what] && yield(@told[what])
      end

      def blank(type)
        type.members.to_h { |name| [name, nil] }.merge(id: NOT_YET)
      end
    end
  end
end
