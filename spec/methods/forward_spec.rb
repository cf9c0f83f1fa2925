# frozen_string_literal: true

RSpec.describe FondKettle::Methods::Forward do
  it "reads a household's file of an earlier version as what it meant" do
    folder = File.expand_path("../fixtures/kitchen-4/methods", __dir__)
    library = FondKettle::Methods::Library.with(folder)
    expect(library.problems).to eq([])
    aunt = library.fetch("aunts-pot")
    expect(aunt.base.map do |stage|
      [stage.key, stage.kind,
       stage.slot]
    end).to eq([%w[onion fry onion], ["boil", "own", nil]])
    expect(aunt.stages.map { |stage| [stage.key, stage.kind] }).to eq([%w[boil boil], %w[low low],
                                                                       %w[rest rest]])
  end

  it "gives a base step and a stage of one name ids of their own" do
    library = FondKettle::Methods::Library.with(File.expand_path("../fixtures/kitchen-4/methods", __dir__))
    plan = plan_for(basic_request(method: "aunts-pot"), library)
    expect(plan.tasks.map(&:id))
      .to include("base.cook.boil", "stages.cook.boil")
      .and(satisfy { |ids| ids.uniq == ids })
  end

  it "makes food of tags, tells two steps of one key apart, and leaves what has kinds alone" do
    old = { "tags" => %w[lid hot-fat raw-meat],
            "base" => [{ "key" => "onion" }, { "key" => "onion" }, { "key" => "broth" }],
            "stages" => [{ "key" => "a", "heat" => "off", "oven_c" => 180 },
                         { "key" => "b", "heat" => "low" },
                         { "key" => "c", "heat" => "off", "drain" => true }] }
    now = described_class.call(old)
    expect(now["food"]).to eq(%w[raw-meat])
    expect(now["base"].map do |step|
      step.values_at("key",
                     "kind")
    end).to eq([%w[onion fry], %w[onion-x fry],
                %w[broth simmer]])
    expect(now["stages"].map { |stage| stage["kind"] }).to eq(%w[bake low pour-off])
    expect(described_class.call(now)).to eq(now)
  end
end
