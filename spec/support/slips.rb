# frozen_string_literal: true

require "tmpdir"
require_relative "../../store/demo"
require_relative "../../store/household"
require_relative "../../web/forms/plan_form"
require_relative "../../web/presenters/sheet"
require_relative "../../lib/fond_kettle/dishes/shopping"

module Support
  # What the printed sheet says of three dishes in every method, as a text that a person can
  # read as if at the stove (spec/fixtures/slips.txt; `rake slips` writes it).
  module Slips
    FILE = File.expand_path("../fixtures/slips.txt", __dir__)
    AT = Time.utc(2026, 5, 9)
    DISHES = {
      "Plain with an egg on it" => { lines: "3/4 tsp salt\n4 eggs | beside\n1/2 bunch chives | finish\n1 tbsp butter " \
                                            "| finish",
                                     steps: "Fry the eggs in the butter | fry | finish | 4 min | until the yolks are set" },
      "Rich, with nothing but its lines" => { lines: "2 onions, chopped | base\n3 tbsp oil | base\n500 g lamb, in cubes " \
                                                     "| base\n2 cloves garlic | base\n1 tsp cumin | base\n400 g tomatoes " \
                                                     "| base\n1 tsp salt\n40 g red lentils | with\n500 g stock | liquid\n" \
                                                     "100 g wine | liquid\n1 lemon, in wedges | beside\n1/2 bunch mint " \
                                                     "| finish",
                                              steps: "" },
      "In two places, with steps between" => {
        lines: "2 onions, sliced | half base | half finish\n4 tbsp oil | base\n300 g carrots | base\n1 tsp salt\n" \
               "150 g frozen peas | with\n600 g unsalted stock | liquid\n50 g almonds | finish | optional",
        steps: "Brown the onions in the oil, lift half out | fry | 15 min | until they are gold\n" \
               "Turn the carrots in the fat | fry | 4 min | until they bend\nRoast the almonds dry | while it soaks | fry " \
               "| 5 min | takes almonds\nScatter the peas over it | at 4 min | mix | 1 min | takes peas"
      }
    }.freeze

    module_function

    def text
      Dir.mktmpdir do |folder|
        household = FondKettle::Store::Household.new(folder, demo: true)
        FondKettle::Store::Demo.fill(household, AT)
        parts = FondKettle::Methods::Library.ours.all.each_value.flat_map do |method|
          DISHES.map { |title, dish| page(household, method, title, dish) }
        end
        household.close
        parts.join("\n")
      end
    end

    def page(household, method, title, dish)
      record = household.dishes.add(title: title, serves: 4.0, method: method.key, rice_g: 320.0, pan_mm: 240.0,
                                    grain: method.suits.include?("clinging") ? "short-white" : "basmati",
                                    lines: dish[:lines], steps: dish[:steps], note: "", way: "{}")
      sheet = sheet(household, record)
      steps = sheet.starts.map { |start| step(start) }
      ["== #{method.name}: #{title}", sheet.lead.delete("*"), *sheet.warnings.map { |said| "! #{said}" }, *steps, ""]
        .join("\n")
    end

    def sheet(household, record)
      form = FondKettle::Web::Forms::PlanForm.new({ "dish" => record[:id].to_s, "for" => "amount", "amount" => "320" },
                                                  household)
      supper = FondKettle::Dishes::Laying.supper(form.dish, form.factor, form.base_request, servings: form.servings)
      list = FondKettle::Dishes::Shopping.new(supper, supper.plan.request.measures, {})
      FondKettle::Web::Presenters::Sheet.new(household, form, supper.plan, supper, list)
    end

    def step(start)
      puts_in = "\n           #{start.puts_in}" unless start.puts_in.empty?
      cue = "\n           look for: #{start.cue}" if start.cue
      "#{start.at.rjust(9)}  #{start.say}. (#{start.minutes})#{puts_in}#{cue}"
    end
  end
end
