# frozen_string_literal: true

RSpec.describe FondKettle::Table::Avoids do
  let(:eaters) do
    [FondKettle::Table::Eater.of(name: "Ilse", avoids: %w[nut milk]),
     FondKettle::Table::Eater.of(name: "Miro")]
  end

  it "names who avoids what of it" do
    clashes = described_class.clashes(eaters, %w[milk celery])
    expect(clashes.map(&:to_s)).to eq(["Ilse avoids milk: it is in this."])
    expect(described_class.clashes(eaters, %w[fish])).to eq([])
  end

  it "is told at the table of a plan: in its warnings, and at the steps where it goes in" do
    people = [{ "appetite" => "regular", "avoids" => ["milk"] }, { "age" => "teen" }]
    asked = basic_request(rice: { "people" => people }, additions: [{ "ingredient" => "milk", "g" => 50 }])
    answer = FondKettle::Formats::PlanJson.call(plan_for(asked))
    expect(answer[:warnings].first).to eq(code: "avoided", say: "Somebody avoids milk: it is in this.")
    told = answer[:tasks].select { |task| task[:cautions].include?("avoided") }
    expect(told.map { |task| task[:kind] }).to include("fill", "fluff")
    harmless = FondKettle::Formats::PlanJson.call(plan_for(asked.merge("additions" => [])))
    expect(harmless[:warnings] +
           harmless[:cautions].select { |caution| caution[:code] == "avoided" }).to eq([])
  end
end
