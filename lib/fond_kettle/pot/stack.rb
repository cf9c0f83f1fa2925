# frozen_string_literal: true

require_relative "../ground/value"

module FondKettle
  module Pot
    # One layer as it goes into a sealed pot.
    #   what         a key: "rice", "base", "slices" …
    #   rice_share   of the rice, 0.0 for food
    #   water_share  of the water that the food brings (Load#brought_g)
    #   kept_share   of the gravy that stays (Load#kept_g)
    #   g            its food without the rice
    #   solids_j_k   heat capacity of that without its free water
    #   bound_g      water bound in it that makes steam before its floor is dry
    #   bulk_ml      room of its food
    #   start_c      °C
    #   cut          Cut of the food in it, or nil
    Tier = Value.define(:what, :rice_share, :water_share, :kept_share, :g, :solids_j_k, :bound_g, :bulk_ml,
                        :start_c, :cut) do
      # True where it is rice.
      def rice?
        rice_share.positive?
      end

      # Room it takes with `cooked_ml` of all the rice in the pot, mL.
      def room_ml(cooked_ml)
        (rice_share * cooked_ml) + bulk_ml
      end
    end

    # What lies in a sealed pot, from the floor up (Tier).
    Stack = Value.define(:tiers) do
      # Range of heights of each tier in `vessel` (Kit::Vessel), in mm over the floor, with `cooked_ml` of
      # rice in all of them.
      #
      #   spans(pot, 700.0) # => [[0.0, 22.1], [22.1, 37.6]]
      def spans(vessel, cooked_ml)
        below_ml = 0.0
        tiers.map do |tier|
          from_ml = below_ml
          below_ml += tier.room_ml(cooked_ml)
          [vessel.depth_mm(from_ml), vessel.depth_mm(below_ml)]
        end
      end

      # The same with `more_g` of its water bound, each tier by its share of it.
      def binding(more_g)
        with(tiers: tiers.map do |tier|
          tier.with(bound_g: tier.bound_g + (more_g * tier.water_share))
        end.freeze)
      end

      # Tiers of rice.
      def beds
        tiers.select(&:rice?)
      end
    end
  end
end
