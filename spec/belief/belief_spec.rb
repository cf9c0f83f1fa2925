# frozen_string_literal: true

RSpec.describe FondKettle::Belief::Estimates do
  let(:plan) do
    plan_for(basic_request(method: "open-then-covered",
                           additions: [{ "ingredient" => "tomato", "g" => 100 }]))
  end
  # Water that was fried off, and water that a sauce holds.
  let(:load) { plan.load.with(dried_g: 40.0, bound_g: 30.0) }

  it "begins with the book, and leaves load and kitchen as they are" do
    expect(described_class.book.applied(plan.load, plan.setting)).to eq([plan.load, plan.setting])
  end

  it "acts on load or kitchen by the factor that is held true" do
    FondKettle::Belief::Unknowns.all.each do |unknown|
      found = described_class.truth(unknown.key => 1.2).applied(load, plan.setting)
      expect(found).not_to eq([load, plan.setting]), unknown.name
      expect(described_class.truth(unknown.key => 1.0).applied(load,
                                                               plan.setting)).to eq([load, plan.setting])
    end
    expect { described_class.truth(luck: 2.0) }.to raise_error(KeyError)
  end

  it "tells tested as the book says from untested" do
    book = described_class.book[:lid]
    tested = book.measured(1.0)
    expect([book.tested, tested.tested, book.factor, tested.factor]).to eq([false, true, 1.0, 1.0])
    expect([book.sd, tested.sd, book.narrows?, tested.narrows?]).to eq([0.40, 0.15, true, false])
  end
end
