# frozen_string_literal: true

require_relative "../ground/value"
require_relative "../measure/amounts"
require_relative "../measure/unit_table"

module FondKettle
  module Larder
    ALLERGENS = %w[milk egg fish crustacean mollusc nut peanut sesame soya wheat/gluten celery mustard
                   sulphite lupin].freeze

    # What is left of the water a raw ingredient brings, of the water a dry one drinks,
    # and of the room it takes, in each state. Browned is the figures' own (onion 0.5
    # to 0.1); the others are set beside it. An ingredient may know better (its `states`).
    STATES = { "raw" => [1.0, 1.0, 1.0], "browned" => [0.2, 1.0, 0.4], "fried" => [0.2, 1.0, 0.5],
               "toasted" => [1.0, 1.0, 1.0], "reduced" => [0.3, 1.0, 0.4], "drained" => [0.4, 1.0, 1.0],
               "cooked" => [0.5, 0.0, 0.8],
               "soaked" => [1.0, 0.4, 1.0], "dried" => [0.1, 1.0, 0.4] }.freeze

    # Something that goes into the pot beside rice. `brings` and `takes` are g of
    # water per g; `salt` is g in 100 g; `room` the share of its raw
    # bulk that it takes up; `unchecked` the cook's own words, where they may name an allergen
    # that nobody knows of (nil: they do not); the rest as described in the data file.
    Ingredient = Value.define(:key, :name, :brings, :takes, :dry, :liquid, :g_ml, :salt, :piece_g, :piece,
                              :step, :scales, :power, :usual, :boil_min, :tender_min, :ahead_min, :ahead,
                              :aisle, :also,
                              :allergens, :care, :states, :room, :unchecked, :slot, :pieces, :piece_mm,
                              :soak_in, :stock, :counted, :anywhere, :hot_g_ml) do
      # Pieces that nobody means by a number alone.
      const_set(:NEVER_BARE, %w[bunch sprig].freeze)
      const_set(:SCALES, %w[people finished slower floor whole fixed].freeze)
      const_set(:BLANK,
                { brings: 0.0, takes: 0.0, dry: false, liquid: false, g_ml: 0.6, salt: 0.0, piece_g: nil,
                  piece: nil,
                  step: 0.5, scales: "people", power: 0.85, usual: nil, boil_min: 0.0, tender_min: 0.0,
                  ahead_min: 0.0, ahead: nil, aisle: "other", also: [].freeze, allergens: [].freeze,
                  care: [].freeze,
                  states: {}.freeze,
                  room: 1.0, unchecked: nil, slot: nil, pieces: {}.freeze, piece_mm: nil,
                  soak_in: nil, stock: false, counted: [].freeze, anywhere: [].freeze, hot_g_ml: nil }.freeze)

      # What runs gives so much water for each g, and is at least so heavy, g/mL.
      const_set(:WATERY, 0.6)
      const_set(:RUNS_G_ML, 0.9)

      # An Ingredient with the given attributes; the others take their defaults.
      def self.of(**known)
        new(**self::BLANK, **known)
      end

      # True for plain water, of which there is always enough.
      def water?
        key == "water"
      end

      # Weight of one `unit` (a key of Measure::UnitTable) in g, or nil when it does not come in such
      # units: a head of garlic, a clove; a plain number of a herb is no bunch.
      def piece_of(unit)
        return pieces[unit.to_sym] if pieces.key?(unit.to_sym)
        return if unit == Measure::UnitTable::PIECE && self.class::NEVER_BARE.include?(piece)

        piece_g if Measure::Amounts.counts?(unit, piece)
      end

      # Room that so many grams take in a pot once they are hot, mL: leaves wilt.
      def room_ml(grams)
        hot_g_ml ? grams / hot_g_ml : grams / g_ml * room
      end

      # Room of raw leaves until then, mL; 0 for what does not wilt.
      def wilting_ml(grams)
        hot_g_ml ? grams / g_ml : 0.0
      end

      # True for what is poured: it is mostly water, and packs like it.
      def runs?
        liquid || (brings >= self.class::WATERY && g_ml >= self.class::RUNS_G_ML)
      end

      # True for fat to fry in.
      def fat?
        scales == "floor"
      end

      # Pulses, noodles and other dry food share the ratio with the rice.
      def drinks?
        takes.positive?
      end

      # The same once browned, soaked, drained … (a key of STATES).
      #
      #   onion.in_state("browned").brings # => 0.1
      def in_state(state)
        water, drink, room = STATES.fetch(state)
        done = { "cooked" => { boil_min: 0.0, tender_min: 0.0, ahead_min: 0.0 },
                 "soaked" => { ahead_min: 0.0 } }.fetch(state, {})
        with(brings: brings * water, takes: takes * drink, room: room, **done,
             **states.fetch(state.to_sym, {}))
      end
    end
  end
end
