# frozen_string_literal: true

RSpec.describe FondKettle::Formats::RequestReader do
  def problems(data)
    described_class.new(data).request
    []
  rescue FondKettle::InvalidInput => e
    e.problems
  end

  it "fills in what is not given" do
    request = described_class.new(basic_request).request
    expect(request.to_h.slice(:texture, :rinse_changes, :soak_min, :drain, :altitude_m))
      .to eq(texture: 0.0, rinse_changes: 4, soak_min: 30.0, drain: "shaken", altitude_m: 0.0)
    expect([request.vessel.diameter_mm, request.burner.high_w]).to eq([220.0, 1200.0])
  end

  it "takes rice by people, by a unit or by the request's own measure" do
    people = { "people" => [{ "appetite" => "hearty", "age" => "teen" }, {}] }
    expect(described_class.new(basic_request(rice: people))
                          .request.rice_g).to be_within(1e-9).of(75 * ((1.3 * 1.1) + 1))
    cups = basic_request(rice: { "amount" => 2, "unit" => "jam glass" },
                         measure: { "name" => "jam glass", "ml" => 210 })
    expect(described_class.new(cups).request.rice_g).to be_within(1e-9).of(2 * 210 * 0.78)
    expect(described_class.new(basic_request(rice: { "amount" => 1, "unit" => "kg" }))
                          .request.rice_g).to eq(1000.0)
  end

  it "tells every problem together, with field, what is allowed and what came" do
    found = problems(basic_request(vessel: { "diameter_mm" => 3, "lid" => "glued" }, altitude_m: "high"))
    expect(found).to contain_exactly(
      { field: "vessel.diameter_mm", message: "must be between 80 and 600", received: 3.0 },
      { field: "vessel.lid", message: "must be one of: dough, foil, tight, cooker, ordinary, loose, none",
        received: "glued" },
      { field: "altitude_m", message: "must be a number, between -430 and 6000", received: "high" }
    )
  end

  it "refuses what cannot be cooked" do
    { { "grain" => "gravel" } => "grain", { "method" => "wish" } => "method",
      { "rice" => { "amount" => -5 } } => "rice.amount",
      { "rice" => { "amount" => Float::INFINITY } } => "rice.amount",
      { "rice" => { "amount" => 1, "unit" => "g" } } => "rice.amount",
      { "rice" => { "people" => [] } } => "rice.people",
      { "rice" => { "people" => [{}] * 10_000 } } => "rice.people",
      { "rice" => { "amount" => 2, "unit" => "bucket" } } => "rice.unit", { "rice" => {} } => "rice",
      { "texture" => 3 } => "texture",
      { "additions" => [{ "ingredient" => "mud", "g" => 1 }] } => "additions.0.ingredient" }
      .each do |change, field|
        expect(problems(basic_request.merge(change)).map { |p| p[:field] }).to eq([field]), change.inspect
      end
  end

  it "takes a missing key, a list or broken text for what it is" do
    expect(problems({}).map { |p| p[:field] }).to contain_exactly("grain", "method", "rice")
    ['{"grain":', "[1]", "\xff", "nothing"].each do |text|
      expect { described_class.parse(text) }.to raise_error(FondKettle::InvalidInput, /request must be/)
    end
  end

  it "reads the cook's own stages and asks for the end of each" do
    reader = described_class.new(basic_request(stages: [{ "heat" => "low", "minutes" => 3,
                                                          "until" => "boil" }]))
    expect { reader.stages }.to raise_error(FondKettle::InvalidInput, /either until or minutes/)
    expect { reader.liquid_g }.to raise_error(FondKettle::InvalidInput, /liquid.g must be given/)
  end

  it "answers a plan with all the fields of the contract" do
    answer = FondKettle::Formats::PlanJson.call(plan_for(basic_request))
    expect(answer.keys).to include(:rice, :liquid, :balance, :steps, :cues, :minutes, :fit, :cautions,
                                   :warnings)
    expect(answer[:liquid].keys).to include(:g, :low_g, :high_g, :ratio_by_volume, :ratio_by_weight,
                                            :depth_over_rice_mm,
                                            :measured)
    expect(answer[:steps].map { |step| step[:key] }).to eq(%w[rinse soak drain fill boil low rest fluff])
    expect(answer[:cues].map { |cue| cue[:cue] }).to contain_exactly("first-steam", "boil", "craters",
                                                                     "core-gone", "dry")
  end

  it "tells what goes in by keys, and for people by names" do
    known = [*FondKettle::Larder::Grains.all.keys, *FondKettle::Larder::Ingredients.all.keys,
             *FondKettle::Methods::LayerKinds.all.keys, "filling"]
    FondKettle::Methods::Library.ours.all.each_key do |method|
      plan = plan_for(basic_request(method: method, additions: [{ "ingredient" => "onion", "g" => 80 }]))
      amounts = FondKettle::Formats::PlanJson.call(plan)[:tasks].flat_map { |task| task[:amounts] }
      expect([method, amounts.map { |amount| amount[:what] }.uniq - known]).to eq([method, []])
      expect(amounts.map { |amount| amount[:name] }).to all(be_a(String).and(satisfy { |name| !name.empty? }))
      rice = amounts.select { |amount| amount[:what] == "basmati" }.sum { |amount| amount[:g] }
      expect([method, rice]).to match([method, be_within(0.01).of(plan.request.rice_g)])
    end
  end
end
