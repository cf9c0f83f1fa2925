# frozen_string_literal: true

require_relative "../dishes/capacity"
require_relative "../dishes/scaling"
require_relative "../ground/errors"
require_relative "../ground/limits"
require_relative "../measure/units"
require_relative "../table/eaters"

module FondKettle
  module House
    # Amount of rice that a Quantity means in this house.
    class HowMuch
      # A portion as the dish has it; an amount in the house's own cup.
      AS_DISH = "dish"
      HOUSE_CUP = "cup"
      # The field that says how much, by what is asked for.
      FIELDS = { "amount" => "amount", "pot" => "pot", "have" => "have_g" }.freeze
      USUAL_FIELD = "guests"
      GUEST = Table::Eater.of(name: "guest")

      # `wishes`: Wishes; `shelves`: Shelves; `kit`: Kit.
      def initialize(wishes, shelves, kit)
        @quantity = wishes.quantity
        @dish = wishes.dish
        @grain = wishes.grain
        @shelves = shelves
        @kit = kit
      end

      # Raw rice, g; the block composes a Methods::Request for so much rice (and the dish).
      # Raises InvalidInput at the field that was asked.
      def rice_g(&)
        grams = case @quantity.by
                when "amount" then weighed
                when "pot" then filled(&)
                when "have" then from_what_there_is
                else for_people
                end
        return grams if Limits::RICE_G.cover?(grams)

        raise InvalidInput.at(field, "must come to between #{Limits::RICE_G.min} g and " \
                                     "#{Limits::RICE_G.max / 1000} kg of rice")
      end

      # The eaters and guests at the table (Table::Eater).
      def table
        @table ||= @shelves.seated(@quantity.who) + Array.new(@quantity.guests, GUEST)
      end

      # Regular adults' worth for the table, lunch boxes and freezer.
      def servings
        table.sum(&:share) + extra
      end

      private

      # Portions that are wanted left over.
      def extra
        @quantity.boxes + @quantity.freezer
      end

      def field
        FIELDS.fetch(@quantity.by, USUAL_FIELD)
      end

      def for_people
        if table.empty? && extra.zero?
          raise InvalidInput.at("guests", "must seat somebody: tick who eats, or give a number of guests")
        end

        servings * portion_g
      end

      # Raw rice for one regular adult, g.
      def portion_g
        return @shelves.portions_g.fetch(@quantity.portion) unless @quantity.portion == AS_DISH
        return @dish.portion_g if @dish

        raise InvalidInput.at("portion",
                              "must be a kind of meal: there is no dish that has a portion of its own")
      end

      def weighed
        amount = @quantity.amount || raise(InvalidInput.at("amount", "must be given: how much raw rice"))
        return amount * @kit.measures.cup.ml * @grain.rho_g_ml if @quantity.unit == HOUSE_CUP

        Measure::Units.grams(amount, @quantity.unit, @grain.rho_g_ml)
      end

      def filled
        return Dishes::Capacity.rice_g(yield(Limits::RICE_G.min.to_f)) unless @dish

        @dish.rice_g * Dishes::Capacity.factor(@dish, yield(@dish.rice_g))
      end

      def from_what_there_is
        line = @dish && @dish.lines[@quantity.have.to_i]
        raise InvalidInput.at("have", "must name a line of the dish") unless line

        grams = @quantity.have_g ||
                raise(InvalidInput.at("have_g", "must be given: how much there is, in grams"))
        factor = Dishes::Scaling.factor_for(line, grams)
        unless factor
          raise InvalidInput.at("have", "must be something that grows with the batch and has a weight")
        end

        @dish.rice_g * factor
      end
    end
  end
end
