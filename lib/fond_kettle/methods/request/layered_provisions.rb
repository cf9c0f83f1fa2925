# frozen_string_literal: true

require_relative "../layer_kinds"
require_relative "provision"

module FondKettle
  module Methods
    # Food of a pot of layers and where it goes in (Provision): the base as one thing when nobody has
    # written its lines, and the layers on it in grams.
    module LayeredProvisions
      FAT = "Frying oil"
      FAT_KEY = "oil"

      module_function

      # The provisions of Layered, in one of `pots` equal pots; `measures`: Measure::House.
      def of(layered, measures, pots)
        base = layered.base
        laid = layered.layers.reject { |wish| wish.kind.share || wish.g.zero? }
        fried = laid.select { |wish| wish.kind.fat_g }
        [*fried.flat_map { |wish| fat(wish, measures, pots) },
         *(whole(layered, measures, pots) if base.g.positive?),
         *laid.map { |wish| laid(wish, measures, pots) }]
      end

      # A base of which nobody has written the lines.
      def whole(layered, measures, pots)
        base = layered.base
        provision(LayerKinds::BASE, base.name, base.g, "base", measures, pots, care: layered.base_care)
      end

      # The layer, at the step of the method that makes it.
      def laid(wish, measures, pots)
        kind = wish.kind
        made = provision(kind.key, kind.word, wish.g, "layer", measures, pots, slot: kind.made_by || Slots::ANY)
        return made unless kind.raw_g

        one, all = [1, pots].map do |count|
          raw, fat = [kind.raw_g, kind.fat_g].map { |per_g| measures.weighed(wish.g * per_g * count) }
          "#{raw} sliced raw, in #{fat} of oil, of which little stays: they become " \
            "#{measures.weighed(wish.g * count)} #{kind.word}"
        end
        made.with(told: one, told_all: all)
      end

      # The fat that it is fried in: what stays in it is eaten, the rest is left (stage "left").
      def fat(wish, measures, pots)
        kind = wish.kind
        stays_g = wish.g * kind.fat_stays_g
        left_g = (wish.g * kind.fat_g) - stays_g
        { "layer" => stays_g, "left" => left_g }.map do |stage, grams|
          made = provision(FAT_KEY, FAT, grams, stage, measures, pots, slot: kind.made_by)
          made.with(told: nil, told_all: nil)
        end
      end

      def provision(key, name, grams, stage, measures, pots, care: [], slot: Slots::ANY)
        one, all = [1, pots].map { |count| "#{measures.weighed(grams * count)} #{name.downcase}" }
        Provision.new(key: key, what: name, g: grams, measured: measures.weighed(grams), told: one,
                      told_all: all,
                      stage: stage, step: nil, slot: slot, care: care, wilts_ml: 0.0)
      end
      private_class_method :whole, :laid, :fat, :provision
    end
  end
end
