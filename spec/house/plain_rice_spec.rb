# frozen_string_literal: true

require_relative "../support/served_kitchen"

RSpec.describe FondKettle::House::PlainRice do
  include Support::ServedKitchen

  let(:plain) { described_class.new(household.shelves, log: household.lessons) }

  # What somebody gets who types the same into the Pot page.
  def typed(pot, **fields)
    FondKettle::Forms::PlanForm.new({ "pot" => pot.id.to_s, **fields.transform_keys(&:to_s) }, household)
  end

  it "is what the Pot page makes of a pot where nobody says more" do
    household.values(:pots).each do |pot|
      method = FondKettle::House::Usual.method_for(pot.kind)
      expect(plain.takes_g(pot)).to eq(typed(pot, for: "pot", method: method).request.rice_g)
    end
    pot = household.values(:pots).first
    expect(plain.for_table(pot)).to eq(typed(pot).request)
  end

  it "is a few spoons in the smallest pot that there may be" do
    limits = FondKettle::Limits
    smallest = household.values(:pots).first.with(id: 99, diameter_mm: limits::DIAMETER_MM.min.to_f,
                                                  floor_mm: nil, height_mm: limits::HEIGHT_MM.min.to_f)
    shelves = household.shelves.with(pots: [smallest])
    expect(described_class.new(shelves).takes_g(smallest)).to be_between(10, 60)
  end

  it "seats two guests in an empty kitchen", :empty do
    pot = FondKettle::Kit::Vessel.new(id: 1, name: "pot", diameter_mm: 160.0, height_mm: 100.0, floor_mm: nil,
                                      lid: "ordinary", material: "steel", kg: 1.0, lid_factor: nil)
    kitchen = described_class.new(household.shelves.with(pots: [pot]))
    expect(kitchen.for_table(pot).eaters.size).to eq(FondKettle::House::Usual::GUESTS_WITHOUT_EATERS)
  end
end
