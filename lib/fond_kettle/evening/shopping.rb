# frozen_string_literal: true

require_relative "../larder/grains"
require_relative "../table/serving_words"

module FondKettle
  module Evening
    # Something to get: `words` and `weight` as measured, `need_g`, `have_g` of it in
    # the cupboard and `buy_g` (nil where weights are not known).
    Item = Value.define(:aisle, :key, :name, :words, :weight, :need_g, :have_g, :buy_g)
    # Something to do beforehand, `minutes` before the cooking starts.
    Ahead = Value.define(:say, :minutes)
    # One thing to put ready, with the stage at which it goes in.
    Ready = Value.define(:stage, :name, :note, :said, :scaled)

    # What to buy, what to put ready and what to begin the night before.
    class Shopping
      # From here on a soak is for the night before.
      LONG_SOAK_MIN = 240
      FREE = "tap"

      # `supper`: a Supper; `house`: Measure::House; `stock_g`: what the cupboard has,
      # g by ingredient or grain key.
      def initialize(supper, house, stock_g)
        @supper = supper
        @words = Table::ServingWords.new(house)
        @house = house
        @stock_g = stock_g
      end

      # Items by aisle, what is needed twice added up; rice first.
      def items
        lines = @supper.lines.reject { |scaled| scaled.line.ingredient.aisle == FREE }
        grouped = lines.group_by { |scaled| [scaled.line.ingredient.key, scaled.line.name.downcase] }
        [rice, *grouped.values.map { |same| item(same) }.sort_by { |item| [item.aisle, item.name.downcase] }]
      end

      # What must be got: items that the cupboard does not cover.
      def to_buy
        items.reject { |item| item.buy_g&.zero? }
      end

      # Everything in order of use.
      def ready
        order = Table::STAGES.keys
        lines = @supper.lines.sort_by.with_index { |scaled, index| [order.index(scaled.line.stage), index] }
        lines.map do |scaled|
          amount = amount(scaled)
          Ready.new(stage: scaled.line.stage, name: scaled.line.name, note: scaled.line.note, said: @words.say(amount),
                    scaled: amount)
        end
      end

      # Soaking and thawing, the longest first.
      def ahead
        lines = @supper.dish.lines.select { |line| line.ingredient.ahead_min.positive? }
        soaks = lines.map { |line| Ahead.new(say: "#{line.name}: #{line.ingredient.ahead}", minutes: line.ingredient.ahead_min) }
        soak_min = @supper.plan.request.soak_min
        soaks << Ahead.new(say: "Rice: soak it", minutes: soak_min) if soak_min >= LONG_SOAK_MIN
        soaks.sort_by { |ahead| -ahead.minutes }
      end

      private

      def rice
        grain = @supper.plan.request.grain
        poured = Larder::Ingredient.of(key: grain.key, name: grain.name, g_ml: grain.rho_g_ml, aisle: "dry goods")
        whole(grain.key, grain.name, "dry goods", @words.grams(@supper.rice_g, poured), @supper.rice_g)
      end

      # The main liquid in the amount that the model wants, whatever was written.
      def amount(scaled)
        return scaled unless scaled.line.equal?(@supper.dish.main_liquid)

        line = scaled.line.with(amount: @supper.liquid_g, unit: "g", g: @supper.liquid_g)
        Table::Scaled.new(line: line, factor: 1.0, why: "The water model says how much this pot wants.")
      end

      def item(same)
        amounts = same.map { |scaled| amount(scaled) }
        known = amounts.all? { |scaled| scaled.g && scaled.amount && scaled.line.unit == amounts.first.line.unit }
        sum = known ? sum(amounts) : amounts.first
        whole(sum.line.ingredient.key, sum.line.name, sum.line.ingredient.aisle, bought(sum), known ? sum.g : nil)
      end

      # Tins are bought whole, however much of one goes in.
      def bought(scaled)
        return @words.say(scaled) unless scaled.line.unit == "can" && scaled.amount

        @words.say(scaled.with(factor: scaled.amount.ceil / scaled.line.amount))
      end

      def sum(amounts)
        first = amounts.first
        first.line.g.positive? ? first.with(factor: amounts.sum(&:g) / first.line.g) : first
      end

      def whole(key, name, aisle, said, need_g)
        have_g = @stock_g.fetch(key, 0.0)
        Item.new(aisle: aisle, key: key, name: name, words: said.words, weight: said.weight, need_g: need_g, have_g: have_g,
                 buy_g: need_g && [need_g - have_g, 0.0].max)
      end
    end
  end
end
