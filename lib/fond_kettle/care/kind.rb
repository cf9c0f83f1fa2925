# frozen_string_literal: true

require_relative "../ground/catalogue"
require_relative "../ground/keyed_catalogue"
require_relative "../ground/value"
require_relative "../ground/vocabulary"

module FondKettle
  module Care
    # What a step does: a row of data/kinds.yml, whose head says what each field means.
    # `waits` is in minutes, nil: as long as one likes; `cold_h` in hours, nil: not at all.
    Kind = Value.define(:key, :word, :sections, :computed, :holds, :hands, :fat, :boils, :waits, :cold_h,
                        :in_pot,
                        :takes,
                        :finishes, :usual_min, :not_planned, :under_seal, :in_steamer) do
      # True where it stands on a burner.
      def burner?
        holds.include?("burner")
      end

      # True where it is in the oven.
      def oven?
        holds.include?("oven")
      end

      # True where it heats what is in it.
      def heats?
        burner? || oven?
      end

      # What stands on a flame for less is stood by.
      const_set(:LOOKED_AT_MIN, 10)

      # True where it goes on by itself, on no flame: nobody stands by a marinade or an oven.
      def unattended?
        !hands && !burner?
      end

      # True where it goes on without hands for so many minutes (nil: nobody knows): what simmers for a while
      # is only looked at.
      def goes_on?(minutes)
        unattended? || (!hands && minutes.to_f >= self.class::LOOKED_AT_MIN)
      end
    end

    # The list of kinds, checked when loaded.
    module Kinds
      extend KeyedCatalogue

      # Words that nobody has told the kind of.
      OWN = "own"
      BLANK = { sections: [].freeze, computed: false, under_seal: false, in_steamer: false,
                holds: [].freeze, hands: false,
                fat: false,
                boils: false, in_pot: false, takes: false, finishes: false, usual_min: 1, not_planned: nil,
                waits: nil, cold_h: nil }.freeze
      SCHEMA = Schema.json(strict: true) do
        required(:key).filled(:string, format?: Catalogue::KEY)
        required(:word).filled(:string)
        optional(:sections).array(:string, included_in?: Vocabulary::SECTIONS)
        optional(:holds).array(:string, included_in?: %w[burner oven])
        %i[computed under_seal in_steamer hands fat boils in_pot takes finishes].each do |switch|
          optional(switch).filled(:bool)
        end
        optional(:not_planned).filled(:string)
        optional(:waits).filled(:integer, gteq?: 0)
        optional(:cold_h).filled(:integer, gteq?: 1)
        optional(:usual_min).filled(:integer, gteq?: 1)
      end

      rows("kinds.yml", SCHEMA) { |row| Kind.new(**BLANK, **row) }

      module_function

      # Keys that a method's file may use in a section (of Vocabulary::SECTIONS).
      def for_section(section)
        all.values.select { |kind| kind.sections.include?(section) }.map(&:key)
      end

      # Keys that a step of somebody's own may use, before the rice or after it.
      def for_own_steps
        for_section("base") | for_section("after")
      end
    end
  end
end
