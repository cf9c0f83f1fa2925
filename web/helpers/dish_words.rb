# frozen_string_literal: true

require_relative "../../lib/fond_kettle/care/kind"
require_relative "../../lib/fond_kettle/dishes/line"
require_relative "../../lib/fond_kettle/dishes/text/line_tags"
require_relative "../../lib/fond_kettle/dishes/scaling"
require_relative "../../lib/fond_kettle/dishes/way"
require_relative "../../lib/fond_kettle/larder/grains"
require_relative "../../lib/fond_kettle/measure/amounts"
require_relative "../../lib/fond_kettle/measure/numeral"
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
        LINE_TEXTS = { "amount" => "Amount", "unit" => "Unit", "name" => "What", "note" => "Note" }.freeze
        LINE_CHOICES = { "stage" => ["Goes in", Dishes::STAGES.keys],
                         "state" => ["State", Larder::STATES.keys],
                         "scales" => ["Grows", Larder::Ingredient::SCALES] }.freeze
        LINE_MORE = { "like" => "Like", "more" => "More" }.freeze
        LINE_COLUMNS = [*LINE_TEXTS.values, *LINE_CHOICES.values.map(&:first), *LINE_MORE.values].freeze
        AS_ITS_WAY = "as its way of cooking has it"

        TOLD_HINT = "2 onions, sliced thin. Fry the onions in the ghee in a wide pan until dark brown, 25 " \
                    "minutes. Lift out half and keep them for the top. Meanwhile boil the rice …"

        # A piece of the cook's own words; with the script it finds them in the text.
        def words_of(words)
          Html::Markup.tag("span", Html::Markup.escape(words), class: "read-words", data_words: words)
        end

        # What is wrong with an answer, as a form has it.
        def problems_of(asked, index)
          asked.problem ? [{ field: "answer-#{index}", message: asked.problem }] : []
        end

        # A hint on how to write a line of a dish.
        def line_hint
          "2 onions, sliced | base | browned. After a bar: when it goes in " \
            "(#{Dishes::STAGES.keys.join(', ')}; in two places: | half base | half finish), its state, " \
            "how it grows (#{Larder::Ingredient::SCALES.join(', ')}), | out or | back where it is " \
            "lifted out of a broth, | optional, | instead of butter."
        end

        # A hint on how to write a step of a dish; its kind says what it does.
        def step_hint
          "Soften the leeks | fry | 8 min | until they slump. After a bar, say what it does " \
            "(#{step_kinds.join(', ')}), | wait where it needs no hands, and when: | while it soaks, " \
            "| at the boil, | at 10 min, | when dry, | while it rests, | finish. It takes the lines that " \
            "its words name, or | takes leeks, butter. Only what says simmer or boil counts as boiling. " \
            "A line that ends with a colon names another vessel for those under it (For the onions (pan): " \
            "or In a bowl:); In the pot: goes back."
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

            words = (field.options || []).to_h.fetch(value) { [plain(value), field.unit].compact.join(" ") }
            "#{field.label.downcase} #{words}"
          end
          said.empty? ? AS_ITS_WAY : said.join("; ")
        end

        # Lines that each step uses, and those that no step names.
        def taken_words(form)
          form.taken.filter_map { |step, names| "**#{step.say}:** #{names.join(', ')}." if names.any? }
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
        def found_words(dish, rice_g = nil)
          return "for #{plain(dish[:serves])}, a side" if dish[:grain].empty?

          rice = [rice_g && grams(rice_g), Larder::Grains.fetch(dish[:grain]).name.downcase].compact.join(" ")
          "for #{plain(dish[:serves])}, #{rice}"
        end

        # Lines of a dish that can say how much there is of something.
        def stock_lines(dish)
          (dish&.lines || []).each_with_index
                             .select { |line, _| Dishes::Scaling.factor_for(line, 1.0) }
                             .map { |line, index| [index, line.name] }
        end

        # Fields of one line of a dish; `line` nil for a row still empty.
        def line_cells(line, index)
          typed = line_typed(line)
          [*LINE_TEXTS.map { |name, label| text_cell(name, label, index, typed[name]) },
           *LINE_CHOICES.map { |name, (label, keys)| choice_cell(name, label, index, keys, typed[name]) },
           *LINE_MORE.map { |name, label| text_cell(name, label, index, typed[name]) }]
        end

        # One sentence on the lines as they were understood.
        def understood(read)
          key, rice_g = read.rice
          rice = key && "**#{grams(rice_g)}** #{Larder::Grains.fetch(key).name.downcase} as the rice; "
          "**Understood:** #{rice}#{read.lines.map { |line| line_understood(line) }.join('; ')}."
        end

        private

        def step_kinds
          Care::Kinds.for_own_steps - [Care::Kinds::OWN]
        end

        def line_typed(line)
          return {} unless line

          { "amount" => line.amount && Measure::Numeral.write(line.amount), "unit" => line_unit(line),
            "name" => line.name, "note" => line.note, "stage" => line.stage, "state" => line.state,
            "scales" => line.scales, "like" => line.like,
            "more" => Dishes::LineTags.more_marks(line).join(" / ") }
        end

        def line_unit(line)
          return if line.unit.nil? || line.unit == Measure::UnitTable::PIECE

          Measure::Amounts.label(line.unit, line.amount)
        end

        # "360 g leek in the base, reduced"
        def line_understood(line)
          known = line.ingredient.key == "unknown" ? "#{line.name}, not known" : line.ingredient.name.downcase
          places = line.shares.keys.map { |stage| Dishes::STAGES.fetch(stage) }.join(" and ")
          [[line.g && grams(line.g), known, places].compact.join(" "),
           *(line.state unless line.state == "raw"), *("like #{line.like}" if line.like)].join(", ")
        end

        def text_cell(name, label, index, value)
          Html::Markup.tag("input", **cell(name, label, index), value: value.to_s,
                                                                class: "input cell-#{name}")
        end

        def choice_cell(name, label, index, keys, chosen)
          options = listed(["", *keys].map { |key| [key, key] }, chosen)
          %(<div class="select">#{Html::Markup.tag('select', options, **cell(name, label, index))}</div>)
        end

        def cell(name, label, index)
          { name: "line[#{index}][#{name}]", aria_label: "#{label}, line #{index + 1}" }
        end
      end
    end
  end
end
