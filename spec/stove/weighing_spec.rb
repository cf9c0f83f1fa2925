# frozen_string_literal: true

require_relative "../../lib/fond_kettle/stove/cook"

RSpec.describe FondKettle::Stove::Weighing do
  tasks = [{ id: "wash" }, { id: "fill" }, { id: "boil", stage: 0 }, { id: "low", stage: 1 },
           { id: "rest", stage: 2 }, { id: "finish" }]

  # A cook that has gone through its tasks up to one, and told that.
  define_method(:cook) do |up_to, *told, worth: [{ kind: "weight", share: 0.3 }], of: tasks|
    ids = of.map { |task| task[:id] }
    begun = ids.take(ids.index(up_to) + 1).map { |id| ["task", id] }
    events = [*begun, *told].each_with_index.map do |(kind, what), at|
      FondKettle::Stove::Event.new(kind: kind, what: what, at: Time.at(at))
    end
    FondKettle::Stove::Cook.new({ tasks: of, worth: worth }, events)
  end

  it "is asked for once the pot is filled, and again before it is opened" do
    before = ["weighed-before", "1912.0"]
    expect(%w[wash fill boil low rest finish].map { |id| cook(id).weighs })
      .to eq([nil, "weighed-before", nil, nil, nil, nil])
    expect(%w[fill low rest finish].map { |id| cook(id, before).weighs })
      .to eq(["weighed-before", nil, "weighed-after", nil])
    expect(cook("rest", before, ["weighed-after", "1857.0"]).weighed_g)
      .to eq({ "weighed-before" => 1912.0, "weighed-after" => 1857.0 })
  end

  it "is not asked for where it would tell little, where nobody knows, or where nothing is filled before" do
    expect(cook("fill", worth: [{ kind: "dry", share: 0.2 }]).weighs).to be_nil
    expect(cook("fill", worth: []).weighs).to be_nil
    expect(cook("boil", of: tasks.drop(2)).weighs).to be_nil
    untold = FondKettle::Stove::Cook.new({ tasks: tasks }, [])
    expect([untold.weighs, untold.worth("weight")]).to eq([nil, nil])
  end
end
