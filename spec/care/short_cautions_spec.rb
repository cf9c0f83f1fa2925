# frozen_string_literal: true

require_relative "../../lib/fond_kettle/care/cautions"

RSpec.describe FondKettle::Care::Cautions do
  it "says each caution in at most twelve words, and all of it behind them" do
    described_class.all.each_value do |caution|
      short = caution.filled({ allergens: "milk", avoided: "x", not_checked: "moss", unknown: "moss" }).short
      expect([caution.code, short.split.size]).to match([caution.code, be <= 12])
      expect(caution.say.size).to be >= caution.short.size
    end
  end

  it "keeps the temperature of raw food in the few words, too" do
    described_class.all.each_value.select(&:core_c).each do |caution|
      expect(caution.short).to include("%{core_c} °C")
    end
  end
end
