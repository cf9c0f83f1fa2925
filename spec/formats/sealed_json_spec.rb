# frozen_string_literal: true

RSpec.describe FondKettle::Formats::SealedJson do
  halves = [{ "what" => "base", "share" => 0.5 }, { "what" => "rice", "share" => 0.5 },
            { "what" => "base", "share" => 0.5 }, { "what" => "rice", "share" => 0.5 },
            { "what" => "coloured-milk", "g" => 60 }]
  base = { "g" => 1200, "meat" => "chicken", "meat_g" => 800, "raw" => true, "water_g" => 360,
           "start_c" => 20,
           "residue_g" => 200, "piece_mm" => 40 }
  programme = [{ "heat" => "high", "minutes" => 5 }, { "heat" => "low", "minutes" => 30 }]

  def json(**request)
    FondKettle::Formats::PlanJson.call(plan_for(basic_request(**request)))
  end

  define_method(:contract) do |**changes|
    { method: "sealed-raw-base", rice: { "amount" => 400, "unit" => "g" }, base: base, layers: halves,
      seal: "dough", programme: programme, **changes }
  end

  it "answers what the contract asks for, by its names" do
    par, sealed = json(**contract).values_at(:par_cook, :sealed)
    expect(par.keys).to include(:done_low, :done_high, :minutes, :minutes_low, :minutes_high, :closes)
    expect(par[:water_budget].keys).to include(:needed_g, :carried_g, :net_from_base_g, :low, :high)
    expect(par[:time_budget].keys).to eq(%i[steam_min hot_after_min low])
    expect(sealed.keys).to include(:programme, :ready_min, :hot_through_min, :meat_safe_min, :scorch_min)
    expect(sealed[:layers].map { |layer| layer[:what] }).to eq(%w[base rice base rice])
    expect(sealed[:layers].map { |layer| layer[:verdict] }).to all(match(/done|firm|standard|soft/))
    expect(sealed[:programme].sum { |stage| stage[:minutes] }).to eq(35)
    expect(par[:salt][:taken_g]).to be_between(1.0, 4.0)
    expect(sealed[:holds_min]).to be_between(30, 360)
  end

  it "goes through JSON and back with the run agreeing" do
    request = basic_request(**contract)
    run = FondKettle::Formats::RunJson.call(try_with(request, 0.0))
    expect(run[:end][:uptake_per_g]).to be_within(0.015).of(json(**contract)[:phases].last[:uptake_per_g])
    expect(run[:curve].each_cons(2).map { |one, other| other[:min] - one[:min] }.max).to be <= 0.5 + 1e-6
  end

  it "has the cake of what is turned out" do
    cake = json(method: "turned-out", grain: "medium-white")[:cake]
    expect(cake.keys).to include(:diameter_mm, :height_mm, :kg, :stands, :slices)
    expect(cake).to include(stands: true, people: be_between(1, 2), slices: be > 5)
    narrow = { "diameter_mm" => 140, "height_mm" => 200 }
    expect(json(method: "turned-out", grain: "medium-white", vessel: narrow)[:cake][:stands]).to be(false)
  end

  it "gives the frying fat that is not eaten as an amount of its own" do
    plan = plan_for(basic_request(method: "sealed-cooked-base",
                                  layers: [{ "what" => "base" }, { "what" => "rice" },
                                           { "what" => "fried-onions" }]))
    fat = plan.tasks.flat_map(&:amounts).select { |amount| amount.what == "Frying oil" }
    expect(fat.map(&:poured_off)).to contain_exactly(false, true)
    expect(fat.find(&:poured_off).g).to be > fat.reject(&:poured_off).first.g
  end

  wrong = { { layers: [{ "what" => "rice", "share" => 0.5 }] } => ["layers", /add up to 1/],
            { layers: [{ "what" => "base" }] } => ["layers", /all of the rice/],
            { layers: Array.new(40) { { "what" => "rice", "share" => 0.025 } } } => ["layers",
                                                                                     /between 1 and 30/],
            { layers: [{ "what" => "sand" }] } => ["layers.0.what", /must be one of/],
            { layers: [{ "what" => "rice", "g" => 5 }] } => ["layers.0.g", /told as share/],
            { programme: [{ "heat" => "high", "minutes" => 0 }] } => ["programme.0.minutes", /between 0.5/],
            { programme: [{ "oven_c" => 900, "minutes" => 45 }] } => ["programme.0.oven_c", /between 60/],
            { programme: [{ "minutes" => 45 }] } => ["programme.0", /either heat or oven_c/],
            { base: { **base, "start_c" => -18 } } => ["base.start_c", /between 0 and 100/],
            { base: { **base, "water_g" => 1300 } } => ["base.water_g", /at most base.g/],
            { base: { "g" => 500, "raw" => true } } => ["base.meat", /must be given/],
            { base: { "meat" => "chicken" } } => ["base.g", /must be given/],
            { par_cook: { "done" => 2 } } => ["par_cook.done", /between 0 and 1/],
            { seal: "none" } => ["seal", /must be one of/] }.freeze

  wrong.each do |change, (field, message)|
    it "refuses #{change.keys.first}: #{field} #{message.source}" do
      expect do
        request_for(basic_request(**contract(**change)))
      end.to raise_error(FondKettle::InvalidInput) { |error|
               expect(error.problems.map { |problem|
                 [problem[:field], problem[:message]]
               }).to include([field,
                              match(message)])
             }
    end
  end

  it "drops nothing that a way without layers cannot use" do
    only_layered = contract.slice(:base, :layers, :seal, :programme).merge(par_cook: { "done" => 0.7 })
    only_layered.each do |key, value|
      expect { request_for(basic_request(key => value)) }
        .to raise_error(FondKettle::InvalidInput, /has no layers under a seal/)
    end
  end

  it "takes two kinds of raw food for what they are" do
    plan = plan_for(basic_request(**contract(base: { **base, "meat" => "lamb" },
                                             additions: [{ "ingredient" => "chicken", "g" => 200 }])))
    expect(plan.warnings.map(&:code)).to include("two-raw-meats")
    expect(plan.load.stack.tiers.first.cut.safe_c).to eq(74)
  end

  it "says when the layers are higher than the pot" do
    plan = plan_for(basic_request(**contract(vessel: { "diameter_mm" => 160, "height_mm" => 80 })))
    expect([plan.comes_out, plan.warnings.map(&:code)]).to match(["pot-too-small", include("pot-too-small")])
  end

  it "plans what has a layer of nothing as if it were not there" do
    none = { "g" => 0, "meat" => "vegetables", "raw" => true }
    onions = [{ "what" => "dough", "g" => 0 }, { "what" => "dough" }, { "what" => "fried-onions",
                                                                        "g" => 300 },
              { "what" => "rice" }, { "what" => "base" }]
    %w[sealed-cooked-base layered-cooked-rice turned-out].each do |method|
      answer = json(method: method, rice: { "amount" => 300, "unit" => "g" }, base: none, layers: onions)
      expect(answer[:run] || answer[:verdict]).to be_a(String)
    end
  end
end
