# frozen_string_literal: true

require_relative "../../lib/fond_kettle/dishes/capacity"
require_relative "../../lib/fond_kettle/measure/units"
require_relative "../../lib/fond_kettle/table/eaters"
require_relative "../../lib/fond_kettle/dishes/scaling"
require_relative "fields"

module FondKettle
  module Web
    module Forms
      # How much rice a plan is for: for the people at the table and what is to be left
      # over, by an amount, as much as the pot takes, or by what there is of something.
      class HowMuch
        # The field that says how much, by what is asked for.
        FIELDS = { "amount" => "amount", "pot" => "pot", "have" => "have_g" }.freeze
        USUAL_FIELD = "guests"
        GUEST = Table::Eater.of(name: "guest")

        # `asked`: the checked values by field; `kit`: HouseKit; `who`: ids of the
        # eaters; `portion`: a key of PORTION_G or AS_DISH; `dish`: a Dishes::Dish or nil.
        def initialize(asked, kit:, who:, portion:, grain:, dish:, portions_g:)
          @asked = asked
          @kit = kit
          @who = who
          @portion = portion
          @grain = grain
          @dish = dish
          @portions_g = portions_g
        end

        # Raw rice, g; the block composes a Request for so much rice (and the dish).
        # Raises InvalidInput at the field that was asked.
        def rice_g(&)
          grams = case @asked.fetch(:for, "people")
                  when "amount" then weighed
                  when "pot" then filled(&)
                  when "have" then from_what_there_is
                  else for_people
                  end
          return grams if Limits::RICE_G.cover?(grams)

          raise InvalidInput.at(field, "must come to between #{Limits::RICE_G.min} g and #{Limits::RICE_G.max / 1000} kg of rice")
        end

        # The eaters and guests at the table.
        def table
          @table ||= @kit.seated(@who) + Array.new(@asked[:guests].to_i, GUEST)
        end

        # Regular adults' worth for the table, lunch boxes and freezer.
        def servings
          table.sum(&:share) + extra
        end

        # Portions that are wanted left over.
        def extra
          @asked[:boxes].to_i + @asked[:freezer].to_i
        end

        # Where a problem with the amount stands.
        def field
          FIELDS.fetch(@asked[:for], USUAL_FIELD)
        end

        private

        def for_people
          if table.empty? && extra.zero?
            raise InvalidInput.at("guests", "must seat somebody: tick who eats, or give a number of guests")
          end

          servings * (@portion == AS_DISH ? @dish.portion_g : @portions_g.fetch(@portion))
        end

        def weighed
          amount = @asked[:amount] || raise(InvalidInput.at("amount", "must be given: how much raw rice"))
          unit = @asked.fetch(:unit, "g")
          return amount * @kit.measures.cup.ml * @grain.rho_g_ml if unit == HOUSE_CUP

          Measure::Units.grams(amount, unit, @grain.rho_g_ml)
        end

        def filled
          return Dishes::Capacity.rice_g(yield(Limits::RICE_G.min.to_f)) unless @dish

          @dish.rice_g * Dishes::Capacity.factor(@dish, yield(@dish.rice_g))
        end

        def from_what_there_is
          line = @dish && @dish.lines[@asked[:have].to_i]
          raise InvalidInput.at("have", "must name a line of the dish") unless line

          grams = @asked[:have_g] || raise(InvalidInput.at("have_g", "must be given: how much there is, in grams"))
          factor = Dishes::Scaling.factor_for(line, grams)
          raise InvalidInput.at("have", "must be something that grows with the batch and has a weight") unless factor

          @dish.rice_g * factor
        end
      end
    end
  end
end
