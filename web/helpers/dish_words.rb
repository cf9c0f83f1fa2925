# frozen_string_literal: true

require "json"
require_relative "../../lib/fond_kettle/care/cautions"
require_relative "../../lib/fond_kettle/dishes/shopping"
require_relative "../../lib/fond_kettle/formats/recipe_ld"
require_relative "../../lib/fond_kettle/measure/amounts"
require_relative "../../lib/fond_kettle/measure/numeral"
require_relative "../../lib/fond_kettle/measure/unit_table"
require_relative "../../lib/fond_kettle/dishes/written"
require_relative "../html/markup"

module FondKettle
  module Web
    module Helpers
      # The words of dishes and of an evening.
      module DishWords
        DISH_PORTIONS = { "dish" => "as the dish has it", "side" => "beside other dishes",
                          "main" => "the main of the meal", "one-pot" => "the whole meal" }.freeze
        # What a cook counts out, whatever it weighs.
        COUNTED = %r{\A[\d\s/]+\z|clove|stick|can|bunch|sprig|lea[fv]|sheet|pod|cube|stalk}
        # From so many letters on, the type of a printed sheet gets smaller.
        LONG_SHEET = 1650
        LONGER_SHEET = 2600
        SHEETS = { short: "sheet-large", long: "sheet-medium", longer: "sheet-small" }.freeze

        def stages
          Dishes::STAGES
        end

        # How a step of a dish is written; what it does is said by its kind.
        def step_hint
          "Soften the leeks | fry | 8 min | until they slump. After a bar, say what it does " \
            "(#{step_kinds.join(', ')}), | wait where it needs no hands, | finish where it comes after the " \
            "rice. Only a step that says simmer or boil counts as boiling."
        end

        def step_kinds
          Care::Kinds.for_own_steps - [Care::Kinds::OWN]
        end

        # What to be careful of at a task that no earlier one has told: a sheet says each
        # thing once.
        def first_told(plan, task)
          earlier = plan.tasks.take_while { |before| !before.equal?(task) }
          plan.cautions_at(task) - earlier.flat_map { |before| plan.cautions_at(before) }
        end

        # Lines of a dish that can say how much there is of something.
        def stock_lines(dish)
          (dish&.lines || []).each_with_index
                             .select { |line, _| Dishes::Scaling.factor_for(line, 1.0) }
                             .map { |line, index| [index, line.name] }
        end

        # A pot of the cupboard that takes all of a split supper, or nil.
        def roomier(form, supper)
          whole = supper.plan.load.times(supper.batches)
          smallest_fitting(form, supper.plan.request.vessel, whole, supper.liquid_g)
        end

        # The first number to read and the other way of saying it, or nil: pieces are
        # counted first, everything else weighed first.
        def tonight(said)
          counted = said.words&.match?(COUNTED)
          pair = [said.weight, said.words].compact
          pair.reverse! if counted
          [pair.first, pair[1]]
        end

        # The line's amount before scaling, in the cook's own words.
        def written_amount(supper, ready)
          line = supper.lines.map(&:line)
                       .find { |written| written.name == ready.name && written.stage == ready.stage }
          Dishes::Written.amount(line) || (line.main_liquid? ? "as it takes" : "to taste")
        end

        # A line's amount as it was written, where that is no weight.
        def measured(line)
          Dishes::Written.amount(line) unless Measure::UnitTable.mass?(line.unit)
        end

        # The fields of one line of a dish; `line` nil for a row still empty.
        def line_cells(line, index)
          texts = [["amount", "Amount", line&.amount && Measure::Numeral.write(line.amount)],
                   ["unit", "Unit", line_unit(line)], ["name", "What", line&.name],
                   ["note", "Note", line&.note]]
          choices = [["stage", "Goes in", line&.stage, Dishes::STAGES.keys],
                     ["state", "State", line&.state, Larder::STATES.keys],
                     ["scales", "Grows", line&.scales, Larder::Ingredient::SCALES]]
          cells = texts.map do |name, label, value|
            cell("input", name, label, index, value: value.to_s, class: "input cell-#{name}")
          end
          cells += choices.map do |name, label, value, keys|
            cell("select", name, label, index, options: ["", *keys], chosen: value)
          end
          cells << cell("input", "like", "Like", index, value: line&.like.to_s, class: "input cell-like")
        end

        def line_unit(line)
          return unless line&.unit

          line.unit == Measure::UnitTable::PIECE ? "" : Measure::Amounts.label(line.unit, line.amount)
        end

        # A block of data cannot end its own element.
        def recipe_data(dish, plan)
          JSON.generate(Formats::RecipeLd.call(dish, plan, plan.request.grain)).gsub("<", "\\u003c")
        end

        # "360 g leek in the base, reduced"
        def understood(line)
          known = line.ingredient.key == "unknown" ? "#{line.name}, not known" : line.ingredient.name.downcase
          [[line.g && grams(line.g), known, Dishes::STAGES.fetch(line.stage)].compact.join(" "),
           *(line.state unless line.state == "raw"), *("like #{line.like}" if line.like)].join(", ")
        end

        # "3 leeks, in rings": as written, in the cook's own measures.
        def as_written(line)
          Dishes::Written.plain(line)
        end

        # Tasks whose time the amount changes: [what, minutes as written, minutes tonight].
        def changed_minutes(supper)
          written = supper.before.tasks.to_h { |task| [task.id, task.told_min] }
          supper.plan.tasks.filter_map do |task|
            was_min = written[task.id]
            next unless was_min && (was_min - task.told_min).abs >= 1

            [task.say[/\A[^,:(]+/], was_min, task.told_min]
          end
        end

        # How large the type of a printed sheet can be, by how much stands on it.
        def sheet_class(texts)
          letters = texts.sum(&:length)
          SHEETS.fetch(if letters > LONGER_SHEET then :longer
                       else
                         letters > LONG_SHEET ? :long : :short
                       end)
        end

        private

        def cell(tag, name, label, index, options: nil, chosen: nil, **attributes)
          about = { name: "line[#{index}][#{name}]", aria_label: "#{label}, line #{index + 1}", **attributes }
          return Html::Markup.tag(tag, **about) unless options

          %(<div class="select">#{Html::Markup.tag(tag, listed(options.map { |key| [key, key] }, chosen),
                                                   **about)}</div>)
        end
      end
    end
  end
end
