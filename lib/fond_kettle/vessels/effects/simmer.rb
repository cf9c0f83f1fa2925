# frozen_string_literal: true

require_relative "../step"

module FondKettle
  module Vessels
    module Effects
      # Simmers foods in their liquid (docs/model.md: Simmering): they give what they bring within 20 minutes,
      # dried food drinks, the vessel loses by its lid or open. From 20 minutes on food and liquid share one
      # salinity.
      module Simmer
        KINDS = %w[simmer broth boil].freeze
        GIVES_MIN = 20.0
        # Leaves give this share of theirs at once.
        LEAVES_AT_ONCE = 0.30

        module_function

        # Simmers for the step's minutes.
        def call(contents, step, setting)
          hot = contents.map { |food| at_once(food, setting) }.with(liquid_c: setting.boil_c)
          given_g = contents.foods.sum(&:water_g) - hot.foods.sum(&:water_g)
          state = [hot.with(liquid_g: contents.liquid_g + given_g), 0.0]
          parts(hot, step.minutes).each { |minutes| state = part(*state, minutes, step, setting) }
          Change.new(contents: salted(state.first), steam_g: state.last, out: nil, minutes: step.minutes)
        end

        # Leaves give a part at once, the first time that they are hot.
        def at_once(food, setting)
          hot = food.with(temp_c: setting.boil_c)
          leaves = food.ingredient.hot_g_ml && food.simmered_min.zero?
          leaves ? hot.giving(hot.giving_g * LEAVES_AT_ONCE) : hot
        end

        # Minutes of the parts in which every food gives and drinks at one pace.
        def parts(contents, minutes)
          ends = contents.foods.flat_map do |food|
            [GIVES_MIN, drinks_min(food)].map { |at| at - food.simmered_min }
          end
          marks = [0.0, *ends.select { |at| at.positive? && at < minutes }.uniq.sort, minutes]
          marks.each_cons(2).map { |from, to| to - from }
        end

        # [the contents after a part, the steam so far]: what is given comes first, then foods drink, and
        # steam has what is left.
        def part(contents, steam_g, minutes, step, setting)
          given = contents.foods.map { |food| [food, gives_g(food, minutes)] }
          liquid_g = contents.liquid_g + given.sum(&:last)
          thirsts = given.map { |food, _| drinks_g(food, minutes) }
          off_g = setting.steam_g_min(step.heat, step.lid) * minutes
          share = shared(liquid_g, thirsts.sum + off_g)
          foods = given.each_with_index.map do |(food, gives_g), index|
            drinks_g = thirsts[index] * share
            food.with(water_g: food.water_g - gives_g + drinks_g, given_g: food.given_g + gives_g,
                      drunk_g: food.drunk_g + drinks_g, simmered_min: food.simmered_min + minutes,
                      hot_min: food.hot_min + minutes)
          end
          left_g = liquid_g - ((thirsts.sum + off_g) * share)
          [contents.with(foods: foods.freeze, liquid_g: [left_g, 0.0].max), steam_g + (off_g * share)]
        end

        # Liquid that a food gives in so many minutes, in g: all of it within GIVES_MIN.
        def gives_g(food, minutes)
          left_min = GIVES_MIN - food.simmered_min
          left_min.positive? ? food.giving_g * [minutes / left_min, 1.0].min : food.giving_g
        end

        # Water that it takes up in them, in g: at the pace at which all of it is in within its minutes,
        # however much it has got so far.
        def drinks_g(food, minutes)
          left_min = drinks_min(food) - food.simmered_min
          return food.thirst_g unless left_min.positive?

          [food.ingredient.takes * food.raw_g * minutes / drinks_min(food), food.thirst_g].min
        end

        def drinks_min(food)
          [food.ingredient.boil_min.to_f, GIVES_MIN].max
        end

        def shared(there_g, wanted_g)
          wanted_g > there_g && wanted_g.positive? ? there_g / wanted_g : 1.0
        end

        # Salt goes where the water is, once foods have simmered for long enough.
        def salted(contents)
          done = contents.foods.select { |food| food.simmered_min >= GIVES_MIN }
          water_g = contents.liquid_g + done.sum(&:water_g)
          return contents unless done.any? && water_g.positive?

          per_g = (contents.liquid_salt_g + done.sum(&:salt_g)) / water_g
          even = contents.map do |food|
            food.simmered_min >= GIVES_MIN ? food.with(salt_g: food.water_g * per_g) : food
          end
          even.with(liquid_salt_g: contents.liquid_g * per_g)
        end
        private_class_method :at_once, :parts, :part, :gives_g, :drinks_g, :drinks_min, :shared, :salted
      end
    end
  end
end
