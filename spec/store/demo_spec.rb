# frozen_string_literal: true

require_relative "../support/kitchens"

RSpec.describe FondKettle::Store::Demo do
  it "comes whole or not at all: killed while it loads, it loads the next time", :thorough do
    told = YAML.safe_load_file(described_class::DISHES).size
    [1, 12, 40].each do |insert|
      Dir.mktmpdir do |folder|
        body = "household = FondKettle::Store::Household.new(folder, demo: true)\n" \
               "FondKettle::Store::Demo.fill(household, Time.now)"
        expect(Support::Kitchens.killed?(folder, /\AINSERT INTO `(?:eaters|pots|dishes|cooks|events)`/,
                                         insert, body)).to be(true)
        household = FondKettle::Store::Household.new(folder, demo: true)
        expect(household).to be_bare
        described_class.fill(household, Time.now)
        expect([household.dishes.count, household.cooks.finished.size,
                household.bare?]).to eq([told, 7, false])
        household.close
      end
    end
  end

  it "fills a kitchen that an earlier version left bare" do
    Dir.mktmpdir do |folder|
      household = FondKettle::Store::Household.new(folder, demo: true)
      household.add_kitchen("Demo household", demo: true)
      expect(household).to be_bare
      described_class.fill(household, Time.now)
      expect(household.database.sequel[:kitchens].count).to eq(1)
      household.close
    end
  end
end
