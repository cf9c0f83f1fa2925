# frozen_string_literal: true

require_relative "../step"

module FondKettle
  module Vessels
    module Effects
      # Takes pieces out, or ladles liquid off (docs/model.md: Taken out). Salt goes with the liquid it is in.
      module TakeOut
        PIECES = "take-out"
        KINDS = [PIECES, "pour-off"].freeze
        # Of their weight, liquid that pieces carry with them, and fat where they were fried dark in it.
        CARRIED = 0.06
        FAT_CARRIED = 0.25
        DARK = %w[dark-brown crisp].freeze

        module_function

        # Pieces (`foods`, a `share` of them), or with no foods so much liquid (`g`, or a `share`).
        def call(contents, step, _setting)
          step.foods ? pieces(contents, step) : liquid(contents, step)
        end

        def pieces(contents, step)
          share = step.share || 1.0
          lifted = step.foods.map { |index| contents.foods[index].part(share) }
          wet = poured(contents, [CARRIED * lifted.sum(&:mass_g), contents.liquid_g].min)
          out = wet.with(foods: lifted.freeze, fat_g: [fat_on_g(lifted), contents.fat_g].min)
          change(without(contents, step.foods, share), out, step)
        end

        # Fat that food fried dark carries with it, in g.
        def fat_on_g(lifted)
          FAT_CARRIED * lifted.select { |food| DARK.include?(food.state) }.sum(&:mass_g)
        end

        # The contents without a share of some foods.
        def without(contents, indexes, share)
          left = contents.map(indexes) { |food| food.part(1 - share) }
          return left if share < 1

          left.with(foods: left.foods.reject.with_index { |_, index| indexes.include?(index) }.freeze)
        end

        def liquid(contents, step)
          grams = step.g || ((step.share || 1.0) * contents.liquid_g)
          change(contents, poured(contents, [grams, contents.liquid_g].min), step)
        end

        # So much of the liquid, with its salt.
        def poured(contents, grams)
          share = contents.liquid_g.positive? ? grams / contents.liquid_g : 0.0
          contents.with(foods: [].freeze, fat_g: 0.0, liquid_g: grams,
                        liquid_salt_g: contents.liquid_salt_g * share)
        end

        def change(left, out, step)
          after = left.with(liquid_g: left.liquid_g - out.liquid_g, fat_g: left.fat_g - out.fat_g,
                            liquid_salt_g: left.liquid_salt_g - out.liquid_salt_g)
          Change.new(contents: after, steam_g: 0.0, out: out, minutes: step.minutes.to_f)
        end
        private_class_method :pieces, :fat_on_g, :without, :liquid, :poured, :change
      end
    end
  end
end
