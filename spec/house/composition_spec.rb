# frozen_string_literal: true

require_relative "../support/suppers"

RSpec.describe FondKettle::House::Composition do
  include Support::Suppers

  house = FondKettle::House
  kit = FondKettle::Kit
  library = FondKettle::Methods::Library.ours

  def vessel(id, width, **changes)
    FondKettle::Kit::Vessel.new(id: id, name: "pot #{id}", diameter_mm: width, height_mm: 120.0,
                                floor_mm: nil,
                                lid: "ordinary",
                                material: "steel",
                                kg: 1.5, lid_factor: nil, **changes)
  end

  let(:shelves) do
    bag = house::Bag.new(id: 1, name: "Ours", grain: "basmati", left_g: 900.0, drinks: 1.1, crop: "usual",
                         opened_on: nil)
    eaters = [%w[Ilse light], %w[Teodor hearty]].each_with_index.map do |(name, appetite), index|
      FondKettle::Table::Eater.new(id: index + 1, name: name, appetite: appetite, age: "adult",
                                   avoids: ["nut"])
    end
    house::Shelves.new(pots: [vessel(1, 200.0), vessel(2, 240.0), vessel(3, 190.0, lid: "cooker")],
                       steamers: [], ovens: [],
                       spoons: [], burners: [kit::Burner.usual("gas"), kit::Burner.usual("cooker")],
                       eaters: eaters, bags: [bag],
                       cups: [FondKettle::Measure::Cup.new(id: 1, name: "jam glass", ml: 210.0)], hands: 2,
                       portions_g: FondKettle::Table::PORTION_G, altitude_m: 1150.0, scale_step_g: 5.0)
  end

  def wishes(method: "covered-pot", **said)
    FondKettle::House::Wishes.of(method: FondKettle::Methods::Library.ours.fetch(method),
                                 grain: FondKettle::Larder::Grains.fetch("basmati"), **said)
  end

  def made(**said)
    described_class.new(wishes(**said), shelves)
  end

  it "takes the kitchen for what it is: height, hands, rings, the bag's habits, the house's cup" do
    request = made(quantity: house::Quantity.of(by: "amount", amount: 2.0, unit: "cup")).request
    expect(request).to have_attributes(altitude_m: 1150.0, hands: 2, rings: 1,
                                       rice_g: be_within(1e-9).of(2 * 210 * 0.78))
    expect(request.grain.uptake[:standard]).to be_within(1e-9).of(1.65)
    expect(request.measures.cup.name).to eq("jam glass")
  end

  it "seats who eats, with what they avoid, and counts guests and boxes" do
    made = made(quantity: house::Quantity.of(who: [1], guests: 1, boxes: 2))
    expect([made.servings, made.rice_g]).to match([3.75, be_within(1e-9).of(3.75 * 75)])
    expect(made.request.eaters.flat_map(&:avoids)).to eq(["nut"])
    expect { made(quantity: house::Quantity.of).request }.to raise_error(FondKettle::InvalidInput,
                                                                         /must seat somebody/)
  end

  it "chooses the pot: a cooker's bowl for a cooker, the width that a dish is written for, what was chosen" do
    amount = house::Quantity.of(by: "amount", amount: 300.0)
    expect(made(method: "rice-cooker",
                quantity: amount).request.vessel).to have_attributes(id: 3, lid: "cooker")
    expect(made(quantity: amount).request.vessel.id).to eq(1)
    expect(made(quantity: amount, chosen: { pot: 2 }).request.vessel.id).to eq(2)
    expect(house::Kit.new(shelves, library.fetch("covered-pot"), {}, wide_mm: 240.0).vessel.id).to eq(2)
    expect(house::Kit.new(shelves, library.fetch("covered-pot"), { pot: 9 }).missing).to eq([:pot])
  end

  it "fills the pot and no more, and asks the log what it has taught" do
    filled = made(quantity: house::Quantity.of(by: "pot"))
    expect(FondKettle::Methods::Planner.plan(filled.request).fit.fits?).to be(true)
    estimates = FondKettle::Belief::Estimates.truth(lid: 1.5)
    lesson = FondKettle::Log::KitchenLesson.none.with(estimates: estimates)
    log = Struct.new(:lesson_given) do
      def lesson(request, bag_id, dish)
        [request.grain.key, request.vessel.id, bag_id, dish] == ["basmati", 1, 1, nil] && lesson_given
      end
    end
    taught = described_class.new(wishes(quantity: house::Quantity.of(by: "amount", amount: 300.0)), shelves,
                                 log: log.new(lesson))
    expect(taught.request.held).to eq(estimates)
    plain = wishes(quantity: house::Quantity.of(by: "amount", amount: 300.0), learned: false)
    expect(described_class.new(plain, shelves, log: log.new(lesson))
                          .request.held).to be_nil
  end

  it "takes the pot nearest to the dish's own width, the smallest larger that fits, rounds in the largest" do
    dish = dish("", pan_mm: 205.0)
    used = lambda do |grams|
      request = made(dish: dish, quantity: house::Quantity.of(by: "amount", amount: grams)).request
      [request.vessel.diameter_mm, request.pots_there]
    end
    expect([used.call(400.0), used.call(1100.0), used.call(4000.0)]).to eq([[200.0, 1], [240.0, 1], [240.0,
                                                                                                     1]])
    plain = lambda { |grams|
      made(quantity: house::Quantity.of(by: "amount",
                                        amount: grams)).request.vessel.diameter_mm
    }
    expect([plain.call(300.0), plain.call(1100.0)]).to eq([200.0, 240.0])
    chosen = made(chosen: { pot: 2 }, quantity: house::Quantity.of(by: "amount", amount: 300.0)).request
    expect(chosen.vessel.diameter_mm).to eq(240.0)
  end

  it "soaks no broken rice, and calls no brown rice that stood overnight a breach" do
    broken = wishes(quantity: house::Quantity.of(by: "amount", amount: 300.0))
             .with(grain: FondKettle::Larder::Grains.fetch("broken-white"))
    expect(described_class.new(broken, shelves).request.soak_min).to eq(0.0)
    brown = broken.with(method: library.fetch("oven-pilaf"), grain: FondKettle::Larder::Grains.fetch("brown-long"),
                        wash: { soak_min: 720.0 })
    plan = FondKettle::Methods::Planner.plan(described_class.new(brown, shelves).request)
    expect(plan.warnings.map(&:code)).not_to include("outside-method")
  end
end
