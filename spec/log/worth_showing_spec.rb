# frozen_string_literal: true

require_relative "../../lib/fond_kettle/formats/request/request_reader"
require_relative "../../lib/fond_kettle/log/kitchen_plan"
require_relative "../../lib/fond_kettle/log/worth_showing"
require_relative "../support/hidden_kitchen"

RSpec.describe FondKettle::Log::WorthShowing do
  hidden = Support::HiddenKitchen
  scopes = hidden::SCOPES
  nothing = FondKettle::Log::Learned.nothing

  # [kind, share] of what is worth showing of a pot, once so much is known.
  define_method(:worth) do |learned, request = hidden.request("basmati", 200), of: scopes|
    plan = FondKettle::Log::KitchenPlan.new(learned, request, of).plan
    described_class.new(learned, plan, of).all.to_h { |one| [one.kind, one.share] }
  end

  it "is a weight where a lid is known least, and no more once it was weighed" do
    said = hidden.new({ lid: 2.0 }, 3).learned([300] * 3)
    expect(worth(said).first).to match(["weight", be_between(0.1, 0.5)])
    weighed = hidden.new({ lid: 2.0 }, 3).learned([300] * 3, weigh: [1])
    expect(worth(weighed)).not_to include("weight")
    expect(worth(weighed, hidden.request("basmati", 200, "wide"), of: scopes.merge("pot" => "wide")))
      .to include("weight" => be > 0.1)
  end

  it "promises about as much as the range narrows by once it was shown" do
    learned = hidden.new({ lid: 2.0 }, 3).learned([300] * 3)
    request = hidden.request("basmati", 200)
    width = lambda do |known|
      spread = FondKettle::Log::KitchenPlan.new(known, request, scopes).plan.spread
      spread.high_g - spread.low_g
    end
    plan = FondKettle::Log::KitchenPlan.new(learned, request, scopes).plan
    seen = FondKettle::Log::SeenCook.planned(plan, scopes).with(loss_g: plan.run.lost_g)
    after = width.call(FondKettle::Log::Learning.with(learned, seen))
    expect(after / width.call(learned)).to be_within(0.12).of(1 - worth(learned).fetch("weight"))
  end

  it "is nothing in plenty of water, nor where it would tell little" do
    plenty = FondKettle::Formats::RequestReader.new(
      { "method" => "boil-and-drain", "grain" => "basmati", "rice" => { "amount" => 300, "unit" => "g" },
        "vessel" => hidden::POTS.fetch("steel") }
    ).request
    expect(worth(nothing, plenty)).to eq({})
    expect(worth(nothing).values).to all(be >= described_class::LEAST)
    expect(worth(nothing).keys).not_to include("boil")
  end
end
