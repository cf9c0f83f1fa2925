# frozen_string_literal: true

require "tmpdir"
require_relative "../../support/demo_kitchen"
require_relative "../../../app/forms/meals/beside_dishes"

RSpec.describe FondKettle::Forms::BesideDishes do
  def jotted(text)
    Dir.mktmpdir do |folder|
      household = Support::DemoKitchen.open(folder)
      dishes = described_class.new(household, 5, household.values(:eaters)).jotted(text, first: 3)
      household.close
      yield(*dishes)
    end
  end

  it "knows what is in a side that is told in plain sentences, with its order, allergens and heat" do
    jotted("Salad: Cut 2 cucumbers, 8 min\nDress them with 200 g yoghurt, 2 min\n" \
           "Kebabs: Fry 400 g minced lamb in 1 tbsp oil for 10 minutes") do |salad, kebabs|
      cut, dressed = salad.plan[:tasks]
      expect([salad.key, cut[:puts_in]]).to eq(["d3", "2 cucumbers (700 g)"])
      expect(dressed[:puts_in]).to include("200 g yoghurt")
      expect(dressed[:after].map { |after| after[:task] }).to eq([cut[:id]])
      expect(dressed[:cautions]).to include("allergens")
      expect(dressed[:cautions]).not_to include("not-checked")
      expect(kebabs.plan[:tasks].map { |task| task[:say] }.last).to include("71 °C")
    end
  end

  it "knows what is in a side whose rows have bars, and does as these say" do
    jotted("Salad: Cut the walnuts and the feta | cut | 8 min\nSalad: Dress it with yoghurt | mix | 3 min\n" \
           "Chicken: Roast 1 kg of chicken thighs | bake | 210 °C | 40 min") do |salad, chicken|
      done = salad.plan[:tasks].map { |task| task.values_at(:kind, :minutes) }
      expect(done).to eq([["cut", 8], ["mix", 3]])
      expect(salad.plan[:tasks].last[:cautions]).to include("allergens")
      expect(salad.plan[:tasks].last[:cautions]).not_to include("not-checked")
      roast = chicken.plan[:tasks].find { |task| task[:kind] == "bake" }
      expect(roast.values_at(:minutes, :oven_c)).to eq([40, 210.0])
      expect(chicken.plan[:tasks].last[:say]).to include("74 °C")
    end
  end

  it "takes what names nothing that it knows for what nobody has checked" do
    jotted("Tea: Boil the kettle\nStarter: Open the tin | cut | 2 min") do |*dishes|
      expect(dishes.flat_map { |dish| dish.plan[:tasks] }.map { |task| task[:cautions] })
        .to all(include("jotted", "not-checked"))
    end
  end
end
