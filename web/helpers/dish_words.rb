# frozen_string_literal: true

require_relative "../../lib/fond_kettle/dishes/scaling"
require_relative "../../lib/fond_kettle/dishes/way"
require_relative "../../lib/fond_kettle/larder/grains"
require_relative "../../app/forms/own_way"
require_relative "../html/markup"

module FondKettle
  module Web
    module Helpers
      # The words and fields by which dishes are found and written.
      module DishWords
        DISH_FOR = { "people" => "for people", "amount" => "an amount of rice", "pot" => "what the pot takes",
                     "have" => "what there is" }.freeze
        DISH_PORTIONS = { "dish" => "as the dish has it", "side" => "beside other dishes",
                          "main" => "the main of the meal", "one-pot" => "the whole meal" }.freeze
        AS_ITS_WAY = "as its way of cooking has it"

        TOLD_HINT = "2 onions, sliced thin. Fry the onions in the ghee in a wide pan until dark brown, 25 " \
                    "minutes. Lift out half and keep them for the top. Meanwhile boil the rice …"

        # A piece of the cook's own words; with the script it finds them in the text.
        def words_of(words)
          Html::Markup.tag("span", Html::Markup.escape(words), class: "read-words", data_words: words)
        end

        # A chip of a bench: what it is, how much, and who must not have it.
        def chip_words(chip)
          food = Html::Markup.tag("b", Html::Markup.escape(chip.food))
          whom = Html::Markup.tag("span", Html::Markup.escape("▲ #{chip.whom}"), class: "chip-whom")
          [food, Html::Markup.escape(chip.amount), *(whom unless chip.whom.empty?)].join(" ")
        end

        # What is wrong with an answer, as a form has it.
        def problems_of(asked, index)
          asked.problem ? [{ field: "answer-#{index}", message: asked.problem }] : []
        end

        # Fields of what a dish keeps of its own.
        def way_fields(form)
          Forms::OwnWay::WAY.map do |field|
            options = field.options && [["", AS_ITS_WAY], *field.options]
            control_field(field.key.to_s, field.key.to_s, field.title, form[field.key], form.problems,
                          options: options)
          end.join
        end

        # A dish's own settings as a text: "soak for 45 min; rest 15 min".
        def way_words(way)
          said = Dishes::WAY_FIELDS.filter_map do |field|
            value = way.public_send(field.key)
            next if value.nil?

            setting_words(way, field, value)
          end
          said.empty? ? AS_ITS_WAY : said.join("; ")
        end

        # "no soak" for "soak for 0 min"; what is cooked on says whether in the oven.
        def setting_words(way, field, value)
          return "no #{field.key}" if %i[soak rest].include?(field.key) && value.zero?

          words = (field.options || []).to_h.fetch(value) { [plain(value), field.unit].compact.join(" ") }
          label = field.label
          label = way.oven_c ? "in the oven for" : "on low for" if field.key == :low_min
          "#{label.downcase} #{words}"
        end

        # Rows of a field that holds a text, two of them free.
        def rows_for(text, most)
          [text.lines.size + 2, most].min
        end

        # Text when no dish is found.
        def none_found
          params["q"].to_s.empty? ? "No dish is kept yet." : "No dish has these words."
        end

        # Text about a dish that was found: for how many, which rice, and how much of it.
        def found_words(dish)
          return "for #{plain(dish[:serves])}, a side" if dish[:grain].empty?

          "for #{plain(dish[:serves])}, #{grams(dish[:rice_g])} #{Larder::Grains.fetch(dish[:grain]).name.downcase}"
        end

        # Lines of a dish that can say how much there is of something.
        def stock_lines(dish)
          (dish&.lines || []).each_with_index
                             .select { |line, _| Dishes::Scaling.factor_for(line, 1.0) }
                             .map { |line, index| [index, line.name] }
        end
      end
    end
  end
end
