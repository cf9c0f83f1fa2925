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
          hot = at_once(contents).with(liquid_c: setting.boil_c)
          a_minute_g = setting.steam_g_min(step.heat, step.lid)
          state = [hot, 0.0]
          parts(hot, step.minutes).each { |minutes| state = part(*state, minutes, a_minute_g) }
          Change.new(contents: salted(state.first), steam_g: state.last, out: nil, minutes: step.minutes)
        end

        # Leaves give a part at once, the first time that they are hot.
        def at_once(contents)
          leaves = contents.foods.each_index.select do |index|
            food = contents.foods[index]
            food.ingredient.hot_g_ml && food.simmered_min.zero?
          end
          return contents if leaves.empty?

          given_g = leaves.sum { |index| contents.foods[index].giving_g * LEAVES_AT_ONCE }
          contents.map(leaves) { |food| food.giving(food.giving_g * LEAVES_AT_ONCE) }
                  .with(liquid_g: contents.liquid_g + given_g)
        end

        # Minutes of the parts in which every food gives and drinks at one pace.
        def parts(contents, minutes)
          ends = contents.foods.flat_map { |food| ends(food, minutes) }
          return [minutes] if ends.empty?

          [0.0, *ends.uniq.sort, minutes].each_cons(2).map { |from, to| to - from }
        end

        # Minutes from now, before `minutes` are over, at which it has given all or drunk all.
        def ends(food, minutes)
          [GIVES_MIN, drinks_min(food)].map { |at| at - food.simmered_min }
                                       .select { |at| at.positive? && at < minutes }
        end

        # [the contents after a part, the steam so far]: what is given comes first, then foods drink, and
        # steam has what is left.
        def part(contents, steam_g, minutes, a_minute_g)
          gives = contents.foods.map { |food| gives_g(food, minutes) }
          thirsts = contents.foods.map { |food| drinks_g(food, minutes) }
          liquid_g = contents.liquid_g + gives.sum
          off_g = a_minute_g * minutes
          share = shared(liquid_g, thirsts.sum + off_g)
          foods = contents.foods.each_with_index.map do |food, index|
            simmered(food, gives[index], thirsts[index] * share, minutes, contents.liquid_c)
          end
          left_g = liquid_g - ((thirsts.sum + off_g) * share)
          [contents.with(foods: foods.freeze, liquid_g: [left_g, 0.0].max), steam_g + (off_g * share)]
        end

        def simmered(food, gives_g, drinks_g, minutes, at_c)
          food.with(water_g: food.water_g - gives_g + drinks_g, given_g: food.given_g + gives_g,
                    drunk_g: food.drunk_g + drinks_g, simmered_min: food.simmered_min + minutes,
                    hot_min: food.hot_min + minutes, temp_c: at_c)
        end

        # Liquid that a food gives in so many minutes, in g: all of it within GIVES_MIN.
        def gives_g(food, minutes)
          left_min = GIVES_MIN - food.simmered_min
          left_min.positive? ? food.giving_g * [minutes / left_min, 1.0].min : food.giving_g
        end

        # Water that it takes up in them, in g: at the pace at which all of it is in within its minutes,
        # however much it has got so far.
        def drinks_g(food, minutes)
          return 0.0 if food.ingredient.takes.zero?

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
        private_class_method :at_once, :parts, :ends, :part, :simmered, :gives_g, :drinks_g, :drinks_min,
                             :shared, :salted
      end
    end
  end
end
