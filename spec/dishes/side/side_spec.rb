# frozen_string_literal: true

require_relative "../../support/graphs"
require_relative "../../../lib/fond_kettle/formats/side_json"

RSpec.describe FondKettle::Dishes::Side do
  lines = [{ "id" => "l1", "food" => "chicken thighs", "ingredient" => "chicken", "g" => 800 },
           { "id" => "l2", "text" => "600 g squash, in wedges", "food" => "squash", "g" => 600,
             "note" => "in wedges" },
           { "id" => "l3", "food" => "oil", "amount" => 3, "unit" => "tbsp", "g" => 41 },
           { "id" => "l4", "food" => "salt", "g" => 6 },
           { "id" => "l5", "food" => "yoghurt", "g" => 200 }].freeze
  steps = [{ "id" => "s1", "say" => "Heat the oven to 220 °C", "kind" => "preheat", "vessel" => "tray",
             "oven_c" => 220 },
           { "id" => "s2", "say" => "rub the chicken with oil and salt.", "kind" => "mix", "vessel" => "tray",
             "takes" => [{ "line" => "l1" }, { "line" => "l2" }, { "line" => "l3" },
                         { "line" => "l4", "share" => 0.5 }] },
           { "id" => "s3", "say" => "Roast", "kind" => "bake", "vessel" => "tray", "minutes" => 40 },
           { "id" => "s4", "say" => "Stir the yoghurt", "kind" => "mix", "vessel" => "bowl",
             "takes" => [{ "line" => "l5" }, { "line" => "l4", "share" => 0.5 }] },
           { "id" => "s5", "say" => "Serve it", "kind" => "serve", "vessel" => "tray",
             "from" => [{ "vessel" => "bowl" }] }].freeze
  dish = { "schema" => 2, "title" => "Roast", "serves" => 4, "lines" => lines, "steps" => steps,
           "vessels" => [{ "key" => "tray", "kind" => "oven-dish", "name" => "the tray" },
                         { "key" => "bowl", "kind" => "bowl" }] }.freeze

  def answer(dish, **more)
    FondKettle::Formats::SideJson.new({ "dish" => dish, **more.transform_keys(&:to_s) }).call
  end

  it "is scaled to the table, each line and gram in its vessel, once" do
    found = answer(dish, for: { "guests" => 9 })
    grams = found[:tasks].flat_map { |task| task[:amounts] }.group_by { |one| one[:what] }
                         .transform_values { |all| all.sum { |one| one[:g] } }
    expect(grams).to eq("chicken" => 1800.0, "squash" => 1350.0, "oil" => 92.25, "salt" => 13.5,
                        "yoghurt" => 450.0)
    expect([found[:servings], found[:salt][:g_each]]).to match([9.0, be_within(0.3).of(1.8)])
    expect(found[:tasks].find do |task|
      task[:step] == "s2"
    end[:say]).to start_with("On the tray: rub the chicken")
  end

  it "measures what is raw once it was cooked, before it is served, and takes the oven at its heat" do
    tasks = answer(dish)[:tasks]
    check = tasks.find { |task| task[:kind] == "check-heat" }
    expect([check[:core_c], check[:after].map do |one|
      one[:task]
    end, check[:cautions]]).to eq([74, ["s3"], ["poultry"]])
    expect(tasks.last[:after].map { |one| one[:task] }).to include("s3-check-heat", "s4")
    expect(tasks.filter_map { |task| task[:oven_c] }.uniq).to eq([220.0])
    expect(tasks.flat_map { |task| task[:cautions] }).to include("raw-apart", "allergens", "local-guidance")
  end

  it "asks where a line goes in, and refuses half a rice dish" do
    open = dish.merge("lines" => [*lines, { "id" => "l6", "food" => "thyme", "g" => 2 }])
    expect { answer(open) }.to raise_error(FondKettle::InvalidInput, /Where does the thyme go in/)
    expect(answer(open, assume: true)[:warnings].first[:say]).to include("thyme")
    expect { FondKettle::Formats::GraphDishReader.new(dish.merge("grain" => "basmati")).dish }
      .to raise_error(FondKettle::InvalidInput, /rice_g/)
  end
end
