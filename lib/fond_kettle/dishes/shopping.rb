# frozen_string_literal: true

require_relative "../larder/grains"
require_relative "../measure/rounding"
require_relative "serving_words"
require_relative "soaks"

module FondKettle
  module Dishes
    # Something to get: `words` and `weight` as measured, `need_g`, `have_g` of it in
    # the cupboard and `buy_g` (nil where weights are not known).
    Item = Value.define(:aisle, :key, :name, :words, :weight, :need_g, :have_g, :buy_g) do
      # "3 tbsp (45 g) butter", "600 g chicken"
      def to_s
        [words, words && weight ? "(#{weight})" : weight, name].compact.join(" ")
      end
    end
    # One thing to put ready, with the stage at which it goes in.
    Ready = Value.define(:stage, :name, :note, :measured, :scaled)

    # The shopping list, what to put ready, and what to begin the night before.
    class Shopping
      # From here on a soak is for the night before.
      LONG_SOAK_MIN = 240
      FREE = "tap"
      LITRE_ML = 1000.0
      PACK = "can"
      PLURAL = /e?s\z/

      # `supper`: a Supper; `house`: Measure::House; `stock_g`: what the cupboard has,
      # g by ingredient or grain key.
      def initialize(supper, house, stock_g)
        @supper = supper
        @house = house
        @words = Dishes::ServingWords.new(house)
        @stock_g = stock_g
      end

      # Items by aisle, what is needed twice added up; rice first. What there is of
      # something is counted once, however many items need it.
      def items
        @items ||= all_items.freeze
      end

      # The items that the cupboard does not cover.
      def to_buy
        items.reject { |item| item.buy_g&.zero? }
      end

      # Items in the order in which they are used.
      def ready
        @ready ||= in_order_of_use.map do |scaled|
          amount = amount(scaled)
          Ready.new(stage: scaled.line.stage, name: scaled.line.name, note: scaled.line.note,
                    measured: @words.say(amount),
                    scaled: amount)
        end.freeze
      end

      # Soaking and thawing, the longest first.
      def ahead
        soaks = Soaks.new(@supper.lines, @house).all
        soak_min = @supper.plan.request.soak_min
        soaks << Ahead.new(say: "Rice: soak it", minutes: soak_min) if soak_min >= LONG_SOAK_MIN
        soaks.sort_by { |ahead| -ahead.minutes }
      end

      private

      def in_order_of_use
        order = Dishes::PLACES.keys
        @supper.lines.sort_by.with_index { |scaled, index| [order.index(scaled.line.stage), index] }
      end

      def all_items
        left_g = @stock_g.dup
        lines = @supper.lines.reject { |scaled| scaled.line.ingredient.aisle == FREE }
        grouped = lines.reject { |scaled| amount(scaled).amount&.zero? }.group_by do |scaled|
          [scaled.line.ingredient.key, scaled.line.name.downcase.sub(PLURAL, "")]
        end
        wanted = [rice,
                  *grouped.values.map { |same| needed(same) }
                          .sort_by { |need| [need[:aisle], need[:name].downcase] }]
        wanted.map { |need| item(need, left_g) }
      end

      def rice
        grain = @supper.plan.request.grain
        poured = Larder::Ingredient.of(key: grain.key, name: grain.name, g_ml: grain.rho_g_ml,
                                       aisle: "dry goods")
        { key: grain.key, name: grain.name, aisle: poured.aisle, need_g: @supper.rice_g,
          **by_weight(@supper.rice_g, poured) }
      end

      # The main liquid in the amount that the model wants, whatever was written.
      def amount(scaled)
        return scaled unless scaled.line.equal?(@supper.dish.main_liquid)

        line = scaled.line.with(amount: @supper.liquid_g, unit: "g", g: @supper.liquid_g)
        Dishes::Scaled.new(line: line, factor: 1.0, why: "The water model says how much this pot wants.")
      end

      # All lines of one thing as one need.
      def needed(same)
        amounts = same.map { |scaled| amount(scaled) }
        line = amounts.first.line
        need_g = amounts.sum(&:g) if amounts.all?(&:g)
        { key: line.ingredient.key, name: line.name, aisle: line.ingredient.aisle, need_g: need_g,
          **measured(amounts, need_g) }
      end

      # Added up where the lines count alike, by weight where they do not, and one by
      # one where nobody knows what one weighs.
      def measured(amounts, need_g)
        line = amounts.first.line
        if amounts.all? { |scaled| scaled.amount && scaled.line.unit == line.unit }
          bought(amounts.first.with(factor: amounts.sum(&:amount) / line.amount), amounts)
        elsif need_g
          by_weight(need_g, line.ingredient)
        else
          { words: amounts.map { |scaled| words_of(@words.say(scaled)).values.compact.first }.join(" and "),
            weight: nil }
        end
      end

      def words_of(measured)
        { words: measured.words, weight: measured.weight }
      end

      # What is counted is bought whole: as many as the dish says at each of its places, the next
      # whole one; anything else by weight, or in litres where it is poured.
      def bought(scaled, amounts)
        said = @words.say(scaled)
        return whole(scaled, scaled.amount.ceil) if scaled.line.unit == PACK && !said.counted
        return said.g ? by_weight(scaled.g, scaled.line.ingredient) : words_of(said) unless said.counted

        whole(scaled, amounts.sum { |one| @words.say(one).count || one.amount }.ceil)
      end

      def whole(scaled, count)
        words_of(@words.say(scaled.with(factor: count / scaled.line.amount)))
      end

      # Too little to be weighed is told in spoons.
      def by_weight(need_g, ingredient)
        said = @words.grams(need_g, ingredient)
        return words_of(said) unless said.weight
        return { words: nil, weight: said.weight } unless ingredient.liquid

        ml = need_g / ingredient.g_ml
        { words: nil, weight: ml < LITRE_ML ? "#{ml.ceil(-1)} mL" : Measure::Rounding.litres(ml) }
      end

      # Takes what there is from `left_g`.
      def item(need, left_g)
        need_g = need[:need_g]
        have_g = left_g.fetch(need[:key], 0.0)
        left_g[need[:key]] = [have_g - need_g, 0.0].max if need_g
        Item.new(**need, have_g: have_g, buy_g: need_g && [need_g - have_g, 0.0].max)
      end
    end
  end
end
