# frozen_string_literal: true

require_relative "../methods/request/made_in"
require_relative "../vessels/graph"
require_relative "own_steps"
require_relative "vessels/vessel_pots"

module FondKettle
  module Dishes
    # Where the steps of a dish with headings for vessels are done. What is in a vessel goes into the rice's
    # pot at the first later step there that names some of it again, else when the rice goes in.
    class TypedVessels
      RICE = "pot"
      BASE = "base"

      # True where some step is under a heading.
      def self.any?(dish)
        dish.steps.any?(&:vessel)
      end

      # `dish`: a Dish.
      def initialize(dish)
        @dish = dish
        @steps = dish.steps.each_index.select { |index| dish.steps[index].stage == BASE }
      end

      # Methods::MadeIn in the rice's pot (Kit::Vessel) and the house's `kit` ([kind, Kit::Vessel]).
      def made_in(rice_pot, kit)
        Methods::MadeIn.new(vessels: VesselPots.new(kinds, rice_pot, kit, weights).vessels,
                            steps: @steps.map { |index| place(index) }.freeze, rice_from: rice_from)
      end

      private

      # [key, kind, name, is it the rice's?] of each vessel.
      def kinds
        own = @dish.steps.filter_map(&:vessel).uniq
        [[RICE, RICE, nil, true], *own.map { |vessel| [vessel.key, vessel.kind, vessel.name, false] }]
      end

      def vessel(index)
        @dish.steps[index].vessel&.key || RICE
      end

      def place(index)
        Methods::MadeInStep.new(key: OwnSteps.key(index), id: OwnSteps.key(index), vessel: vessel(index),
                                after: after(index), from: pours(index), to: nil, g: nil, share: nil,
                                heat: nil, lid: nil, state: nil)
      end

      # The step before it in its vessel, and the last of each vessel that is poured in at it.
      def after(index)
        own = @steps.reverse.find { |other| other < index && vessel(other) == vessel(index) }
        poured = poured_at.select { |_, at| at == index }.keys
        made = poured.map { |key| @steps.reverse.find { |other| vessel(other) == key } }
        [*own, *made].uniq.sort.map { |one| OwnSteps.key(one) }.freeze
      end

      def pours(index)
        poured_at.select { |_, at| at == index }.keys.map { |key| all_of(key) }.freeze
      end

      def rice_from
        poured_at.select { |key, at| at.nil? && for_rice?(key) }.keys.map { |key| all_of(key) }.freeze
      end

      def all_of(key)
        Vessels::Pour.new(vessel: key, what: "all", share: nil, g: nil)
      end

      # The step of the rice's pot at which each vessel's content goes in, by its key; nil: with the rice.
      def poured_at
        @poured_at ||= (kinds.map(&:first) - [RICE]).to_h do |key|
          last = @steps.reverse.find { |index| vessel(index) == key } || 0
          named = @steps.find do |index|
            index > last && vessel(index) == RICE && names?(index, lines_of(key))
          end
          [key, named]
        end
      end

      def names?(index, lines)
        @dish.claims[index].any? { |claim| claim.stage.nil? && lines.include?(claim.index) }
      end

      def lines_of(key)
        own = @steps.select { |index| vessel(index) == key }
        own.flat_map { |index| @dish.claims[index].select(&:stage).map(&:index) }
      end

      # True where some of it is to lie in the pot with the rice.
      def for_rice?(key)
        lines_of(key).any? { |index| @dish.lines[index].pot_share.positive? }
      end

      def weights
        @steps.group_by { |index| vessel(index) }.transform_values do |own|
          own.sum do |index|
            taken_g(index)
          end
        end
      end

      # What goes in at a step, in g.
      def taken_g(index)
        @dish.claims[index].select(&:stage).sum { |claim| @dish.lines[claim.index].g.to_f }
      end
    end
  end
end
