# frozen_string_literal: true

require "tmpdir"
require "yaml"
require_relative "../../store/demo"
require_relative "../../store/household"
require_relative "../../app/forms/plan_form"
require_relative "../../web/presenters/sheet"
require_relative "../../lib/fond_kettle/dishes/shopping"

module Support
  # What the printed sheet says of three dishes in every method, as a text that a person can
  # read as if at the stove (spec/fixtures/slips.txt; `rake slips` writes it).
  module Slips
    FILE = File.expand_path("../fixtures/slips.txt", __dir__)
    AT = Time.utc(2026, 5, 9)
    DISHES = File.expand_path("../fixtures/slip_dishes.yml", __dir__)

    module_function

    def text
      Dir.mktmpdir do |folder|
        household = FondKettle::Store::Household.new(folder, demo: true)
        FondKettle::Store::Demo.fill(household, AT)
        dishes = YAML.safe_load_file(DISHES, symbolize_names: true)
        parts = FondKettle::Methods::Library.ours.all.each_value.flat_map do |method|
          dishes.map { |dish| page(household, method, dish) }
        end
        household.close
        parts.join("\n")
      end
    end

    def page(household, method, dish)
      grain = method.suits.include?("clinging") ? "short-white" : "basmati"
      record = household.dishes.add(**dish, serves: 4.0, method: method.key, rice_g: 320.0, pan_mm: 240.0,
                                            grain: grain, note: "")
      FondKettle::Store::OldDishes.new(household).bring_forward
      sheet = sheet(household, record)
      ["== #{method.name}: #{dish[:title]}", sheet.lead.delete("*"),
       *sheet.warnings.map { |said| "! #{said}" }, *sheet.starts.map { |start| step(start) }, ""].join("\n")
    end

    def sheet(household, record)
      form = FondKettle::Forms::PlanForm.new({ "dish" => record[:id].to_s, "for" => "amount",
                                               "amount" => "320" },
                                             household)
      supper = FondKettle::Dishes::Laying.supper(form.dish, form.factor, form.base_request,
                                                 servings: form.servings)
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
