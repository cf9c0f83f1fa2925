# frozen_string_literal: true

require_relative "../support/demo_kitchen"
require_relative "../support/kitchens"
require_relative "../../store/safekeeping/examination"

RSpec.describe "The request of a cook" do
  it "is worked out for cooks of before, as far as it can be known" do
    Dir.mktmpdir do |folder|
      household = Support::DemoKitchen.open(folder)
      kept = household.database.sequel[:cooks].order(:id).select_map(:request)
      household.database.sequel[:cooks].update(request: nil)
      household.database.sequel[:cooks].where(id: 2).update(address: "grain=basmati&beside=30+kg+leek")
      household.database.sequel[:cooks].where(id: 3).update(address: "dish=99")
      household.close
      again = FondKettle::Store::Household.new(folder, demo: true)
      found = again.database.sequel[:cooks].order(:id).select_map(:request)
      expect([found[0], found[1..2]]).to eq([kept[0], %w[null null]])
      again.close
    end
  end

  it "is there in every kitchen of an earlier version that is opened, and everything in it can be read" do
    versions = []
    Support::Kitchens.every do |folder, version|
      versions << version
      household = FondKettle::Store::Household.new(folder, demo: true)
      expect(household.database.sequel[:cooks].where(request: nil).count).to eq(0)
      through = FondKettle::Store::ReadThrough.new(household).call
      expect([version, through.problems.grep_v(/aunts-pot/)]).to eq([version, []])
      expect(through.counts["plans"]).to be >= 7
      household.close
    end
    expect(versions).to include(4, 14)
  end
end
