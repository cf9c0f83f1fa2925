# frozen_string_literal: true

require_relative "../../care/cautions"
require_relative "../../ground/value"
require_relative "../../measure/spoken"

module FondKettle
  module Methods
    # One thing that goes in at one place.
    #   key       of its Larder::Ingredient, or what layer it is
    #   what      its name; `g` of it in one pot (nil: nobody knows), and how the house measures that
    #   told      as the cook reads it, of one pot; `told_all` of all pots
    #   stage     where in the cooking it enters: base, liquid, with, layer, left (not eaten), finish or
    # beside
    #   step      the key of the StageText that takes it, or nil where none says so
    #   slot      what a step is for that takes it (Slots)
    #   wilts_ml  room of raw leaves until they have wilted, mL; 0 for anything else
    #   care      what brings cautions, as in its Larder::Ingredient
    Provision = Value.define(:key, :what, :g, :measured, :told, :told_all, :stage, :step, :slot, :care,
                             :wilts_ml) do
      # The Provision of an Addition that no line of a dish writes; `measures` (Measure::House), `pots` equal
      # pots.
      def self.unwritten(addition, measures, pots)
        food = addition.ingredient
        poured = Measure::Spoken.say(addition.g / food.g_ml, measures) if addition.poured
        one, all = [1, pots].map do |count|
          [measures.weighed(addition.g * count), food.name.downcase].join(" ")
        end
        new(key: food.key, what: food.name, g: addition.g, measured: poured || measures.weighed(addition.g),
            told: (addition.label if pots == 1) || [one, *("(#{poured})" if poured)].join(" "), told_all: all,
            stage: addition.poured ? "liquid" : "base", step: nil, slot: Slots.of(food),
            care: food.care, wilts_ml: food.wilting_ml(addition.g))
      end
    end

    # The slots of a method's steps that food can fill: "meat", "onion", "fat", "spice", "salt", "dry" for
    # food that takes up water, or anything else.
    module Slots
      MEAT = "meat"
      FAT = "fat"
      SPICE = "spice"
      SALT = "salt"
      DRY = "dry"
      # What only gives its scent, and is lifted out before the pot boils.
      SCENT = "scent"
      ANY = "any"

      module_function

      # The slot of a Larder::Ingredient, by its properties, never by its name.
      def of(ingredient)
        return ingredient.slot if ingredient.slot
        return MEAT if ingredient.care.intersect?(Care::Cautions.meats)

        return DRY if ingredient.drinks?

        { "floor" => FAT, "slower" => SPICE, "finished" => SALT }.fetch(ingredient.scales, ANY)
      end
    end
  end
end
