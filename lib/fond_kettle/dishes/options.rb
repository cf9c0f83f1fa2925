# frozen_string_literal: true

require_relative "../ground/value"
require_relative "supper"

module FondKettle
  module Dishes
    # A line that may be left out or stand for another tonight: its `index` in the dish, the
    # `line`, whether that is so now (`taken`), and what it would change: g of liquid and of
    # salt a portion, minutes, and allergens `gained` and `lost`.
    Option = Value.define(:index, :line, :taken, :liquid_g, :salt_g, :minutes, :gained, :lost)

    # The change that each optional line, and each "instead of", makes when it is tried by itself.
    module Options
      # So many are tried on one page.
      MOST = 8

      module_function

      # An Option for each such line of `dish`; `without` and `instead` as of Dish#chosen, `now`
      # the Supper of that choice; the block makes the Supper of another Dish.
      def of(dish, without:, instead:, now:)
        changing = dish.lines.each_with_index.select { |line, _| line.optional || line.instead_of }
        changing.first(MOST).map do |line, index|
          other = yield dish.chosen(without: toggled(without, index, line.optional),
                                    instead: toggled(instead, index, line.instead_of))
          option(line, index, [*without, *instead].include?(index), now, other)
        end
      end

      def toggled(list, index, concerned)
        return list unless concerned

        list.include?(index) ? list - [index] : [*list, index]
      end

      def option(line, index, taken, now, other)
        Option.new(index: index, line: line, taken: taken, liquid_g: other.liquid_g - now.liquid_g,
                   salt_g: other.salt.serving_g - now.salt.serving_g,
                   minutes: other.plan.total_min - now.plan.total_min,
                   gained: other.allergens - now.allergens, lost: now.allergens - other.allergens)
      end
      private_class_method :toggled, :option
    end
  end
end
