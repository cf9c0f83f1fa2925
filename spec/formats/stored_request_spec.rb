# frozen_string_literal: true

require_relative "../support/demo_kitchen"
require_relative "../../app/forms/plan_form"

RSpec.describe FondKettle::Formats::StoredRequest do
  sticky = %w[steamed-sticky leaf-parcels].freeze
  ways = FondKettle::Methods::Library.ours.all

  # What everybody sees of a plan, to the last digit.
  def plan_of(request)
    JSON.generate(FondKettle::Formats::PlanJson.for_the_stove(FondKettle::Methods::Planner.plan(request)))
  end

  def there_and_back(request)
    described_class.read(described_class.write(request))
  end

  it "comes back equal and plans the same, by each of the nineteen ways" do
    expect(ways.size).to eq(19)
    ways.each_key do |way|
      request = request_for(basic_request(method: way, grain: sticky.include?(way) ? "glutinous" : "basmati"))
      back = there_and_back(request)
      expect([way, back]).to eq([way, request.whole])
      expect([way, plan_of(back)]).to eq([way, plan_of(request)])
    end
  end

  it "comes back equal for any kitchen" do
    for_any_kitchen do |data|
      request = request_for(data)
      expect(there_and_back(request)).to eq(request.whole)
    end
  end

  it "is what the plan says it was made of, and of that the same plan is made again" do
    ways.each_key do |way|
      plan = FondKettle::Methods::Planner.plan(request_for(basic_request(method: way)))
      expect([way, plan_of(there_and_back(plan.request))]).to eq([way, plan_of(plan.request)])
    rescue FondKettle::InvalidInput
      next
    end
  end

  it "holds the dish, the layers and the pieces too" do
    Dir.mktmpdir do |folder|
      household = Support::DemoKitchen.open(folder)
      typed = household.dishes.with_rice.map { |dish| { "dish" => dish[:id].to_s, "guests" => "3" } }
      typed << { "grain" => "basmati", "method" => "sealed-raw-base", "for" => "amount", "amount" => "400",
                 "layer" => ["base 0.5", "rice 1", "base 0.5", "coloured-milk 60"] }
      typed << { "grain" => "short-white", "method" => "shaped", "for" => "amount", "amount" => "420",
                 "piece_for" => "ball" }
      typed.each do |one|
        form = FondKettle::Forms::PlanForm.new(one, household)
        expect([one, form.problems]).to eq([one, []])
        expect([one, plan_of(there_and_back(form.request))]).to eq([one, plan_of(form.request)])
      end
      household.close
    end
  end

  # Requests as the contract writes them, with all that can be said.
  said = [
    { method: "steamed-sticky", grain: "glutinous", steamer: { diameter_mm: 240, tiers: 2 } },
    { method: "leaf-parcels", grain: "glutinous", pieces: { count: 12 }, filling: { g_each: 25 },
      from: "frozen" },
    { method: "sushi", grain: "short-white", style: "sharp",
      cool: { turned: true, fanned: false, depth_mm: 30 } },
    { method: "sushi", grain: "short-white", dressing_per_100g: { vinegar_ml: 12, sugar_g: 6, salt_g: 1.4 } },
    { method: "shaped", grain: "short-white", pieces: { g_each: 90 } },
    { method: "sealed-raw-base", seal: "dough",
      base: { g: 1200, meat: "chicken", meat_g: 800, raw: true, water_g: 360, start_c: 20, residue_g: 200,
              piece_mm: 40 },
      layers: [{ what: "base", share: 0.5 }, { what: "rice", share: 1 }, { what: "base", share: 0.5 },
               { what: "coloured-milk", g: 60 }],
      programme: [{ heat: "high", minutes: 5, flat_pan: true }, { oven_c: 175, minutes: 45 }] },
    { method: "one-pot-sauce", liquids: [{ ingredient: "coconut-milk", g: 300 }, { ingredient: "water" }],
      additions: [{ ingredient: "tomato", g: 200, state: "browned" },
                  { ingredient: "chicken", g: 300, start_c: 60 }] },
    { method: "broth-under-rice", additions: [{ ingredient: "chicken", g: 300, out: "back-at-end" }] },
    { method: "covered-pot", texture: "soft", rest_minutes: 4, heat_to_boil: "medium", cloth: true, hands: 2,
      kettle_w: 2200, liquid_start_c: 8, altitude_m: 2300, measure: { name: "glass", ml: 210 },
      vessel: { diameter_mm: 160, floor_mm: 120, height_mm: 110, lid: "tight", material: "clay", kg: 1.3 } }
  ]

  it "comes back equal whatever was said" do
    said.each do |one|
      request = request_for(JSON.parse(JSON.generate(basic_request(**one))))
      expect([one, there_and_back(request)]).to eq([one, request.whole])
      expect([one, plan_of(there_and_back(request))]).to eq([one, plan_of(request)])
    end
  end

  it "names its version, and reads what could not be known as nothing" do
    text = described_class.write(request_for(basic_request))
    expect([JSON.parse(text)["request_version"], described_class.read("null")]).to eq([2, nil])
    expect { described_class.read("{}") }.to raise_error(KeyError)
    expect { described_class.read("{") }.to raise_error(JSON::ParserError)
    strange = JSON.generate(request_version: 1, request: { is: "kernel", of: "x" })
    expect { described_class.read(strange) }.to raise_error(KeyError)
  end

  it "reads a request of version 1, which said less of food and stages" do
    request = request_for(basic_request(additions: [{ "ingredient" => "tomato", "g" => 200 }]))
    old = JSON.parse(described_class.write(request)).merge("request_version" => 1)
    strip = lambda do |node|
      case node
      when Array then node.each(&strip)
      when Hash
        %w[stage step state kept again].each { |key| node.delete(key) } if node["is"] == "addition"
        %w[state own].each { |key| node.delete(key) } if node["is"] == "stage"
        node.each_value(&strip)
      end
    end
    strip.call(old)
    expect(described_class.read(JSON.generate(old))).to eq(request.whole)
  end

  it "stores nothing of which it does not know what it is" do
    json = FondKettle::Formats::ValueJson.new({})
    expect { json.dump(Object.new) }.to raise_error(ArgumentError, /Object cannot be stored/)
    data = { a: [:b, 1, 2.5, nil, true, "x"] }
    expect(json.load(json.dump(data))).to eq(data)
  end
end
