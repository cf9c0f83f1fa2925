# frozen_string_literal: true

require "yaml"
require_relative "../../lib/fond_kettle/formats/dish_forward"
require_relative "../../lib/fond_kettle/formats/stored_dish"
require_relative "scaled_dishes"

module Support
  # Dishes as they were typed before they were told (spec/fixtures/typed_dishes.yml), as JSON of schema 1.
  module TypedDishes
    FILE = File.expand_path("../fixtures/typed_dishes.yml", __dir__)

    module_function

    # Hashes of `dish` (schema 1) and what was `planned` of it.
    def all
      YAML.safe_load_file(FILE).map { |typed| { "dish" => dish(typed), "planned" => typed["planned"] } }
    end

    # Yields the title of each, what was planned of it, and its supper in the demo's kitchen.
    def suppers
      ScaledDishes.in_demo do |household|
        all.each do |typed|
          data = FondKettle::Formats::DishForward.new(typed["dish"]).call
          dish = FondKettle::Formats::StoredDish.of(data, names: household.names, library: household.library)
          request = ScaledDishes.request(household, dish, nil)
          yield dish.title, typed["planned"], FondKettle::Dishes::Laying.supper(dish, 1.0, request)
        end
      end
    end

    # The text of a dish: hash of title, serves, rice ("320 g"), grain, method, pan_mm, lines, steps, note
    # (string keys; without one it is left out).
    def text(typed)
      rice = "#{typed['rice']} #{typed['grain'].tr('-', ' ')} rice" if typed["rice"]
      more = typed.slice("method", "pan_mm", "note").reject { |_, one| one.to_s.empty? }
                  .transform_keys(&:to_sym)
      head = [typed["title"], ("Serves #{typed['serves']}" if typed["serves"]), rice,
              *FondKettle::Reading::HeadRows.write(**more)]
      FondKettle::Reading::BarredText.write(head.compact, typed["lines"].to_s, typed["steps"].to_s)
    end

    def dish(typed)
      lines = FondKettle::Dishes::QuickText.new.read(typed["lines"]).lines
      steps = FondKettle::Reading::BarredSteps.read(typed["steps"])
      { "format" => "fond-kettle-dish-1", **typed.slice("title", "serves", "method", "grain", "note"),
        "rice" => { "g" => typed["rice_g"] }, "pan" => { "diameter_mm" => typed["pan_mm"] },
        "lines" => lines.map { |line| line(line) }, "steps" => steps.map { |step| step(step) } }
    end

    def line(line)
      { "amount" => line.amount, "unit" => line.unit, "name" => line.name, "note" => line.note,
        "stage" => line.stage, "state" => line.state, "scales" => line.scales, "out" => line.out,
        "shares" => (line.shares if line.shares.size > 1) }.compact
    end

    def step(step)
      JSON.parse(JSON.generate({ **step.to_h, vessel: step.vessel&.to_h }.compact))
    end
  end
end
