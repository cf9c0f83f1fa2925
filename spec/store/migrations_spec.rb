# frozen_string_literal: true

require_relative "../support/kitchens"

RSpec.describe "A kitchen of an earlier version" do
  kitchens = Support::Kitchens

  def opened(folder)
    household = FondKettle::Store::Household.new(folder, demo: true)
    yield household
  ensure
    household&.close
  end

  it "is brought forward with all its cooks, logs, dishes and ways" do
    kitchens.old do |folder|
      opened(folder) do |household|
        counts = [household.cooks.finished.size, household.cooks.on_the_stove.size, household.dishes.count,
                  household.shelf(:pots).all.size]
        expect(counts).to eq([8, 1, 13, 5])
        expect(household.cooks.finished.map { |cook| cook[:plan][:plan_version] }).to all(eq(2))
        notes = household.cooks.finished.map { |cook| cook[:outcome][:note] }
        expect(notes).to include("good", "Tuesday lunch boxes")
        cooked = household.cooks.finished.find { |cook| cook.values_at(:grain, :pot_id) == ["basmati", 3] }
        expect(cooked[:plan][:balance]).to include(:drunk_g)
      end
    end
  end

  it "tells a lid that was not tested from one that a test found as the book says" do
    kitchens.old do |folder|
      opened(folder) do |household|
        factors = household.values(:pots).to_h { |pot| [pot.name, pot.lid_factor] }
        expect(factors).to include("Steel pot" => nil, "Small clay pot" => 1.0, "Cast-iron pot" => 1.3)
      end
    end
  end

  it "goes on with the pot that stood on the stove, by the ids of its tasks" do
    kitchens.old do |folder|
      opened(folder) do |household|
        record = household.cooks.find(household.cooks.on_the_stove.first[:id])
        cook = FondKettle::Stove::Cook.new(record[:plan], record[:events])
        # The base has a step called boil too; the heat went on with the stage.
        expect([cook.position, cook.task[:kind],
                cook.heat_on_at]).to eq([6, "boil", Time.utc(2026, 5, 9, 17, 24)])
        expect([record[:pot_id], record[:poured_g], cook.lifted_s.size]).to eq([2, 500.0, 1])
        household.cooks.move(record[:id], cook.task[:id], cook.following[:id], Time.utc(2026, 5, 9, 17, 30))
        expect(household.cooks.find(record[:id])[:events].last.what).to eq("step-7")
      end
    end
  end

  it "is copied before it is changed, and not when it is of today" do
    kitchens.old do |folder|
      opened(folder) { |_| nil }
      copy = File.join(folder, "kettle-before-5.db")
      expect([File.exist?(copy), File.stat(copy).mode & 0o777]).to eq([true, 0o600])
      expect(Sequel.sqlite(copy, readonly: true)[:pots].get(:lid_factor)).to eq(1.0)
      File.delete(copy)
      opened(folder) { |_| nil }
      expect(File.exist?(copy)).to be(false)
    end
  end

  it "is as it was when it is killed at any statement of its migration, and comes forward the next time",
     :thorough do
    (1..6).each do |statement|
      kitchens.old do |folder|
        changes = /\A(ALTER|UPDATE|INSERT|CREATE|DROP)/
        expect(kitchens.killed?(folder, changes, statement,
                                "FondKettle::Store::Household.new(folder, demo: true)")).to be(true)
        opened(folder) do |household|
          expect(household.values(:pots).map(&:lid_factor)).to eq([nil, 1.0, 1.3, nil, nil])
        end
      end
    end
  end
end
