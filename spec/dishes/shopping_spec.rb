# frozen_string_literal: true

require_relative "../support/suppers"

RSpec.describe FondKettle::Dishes::Shopping do
  include Support::Suppers

  it "shops against the cupboard, buys tins whole and begins with what soaks" do
    whole = supper(dish("1 can coconut milk | liquid\n200 g dried beans | " \
                        "base\n2 onions | base\n1 onion | finish"), 0.3)
    list = described_class.new(whole, FondKettle::Measure::House.with(nil),
                               { "basmati" => 40.0, "onion" => 1000.0 })
    items = list.items.to_h { |item| [item.key, item] }
    expect(items["coconut-milk"].words).to eq("1 can")
    expect(items["basmati"].buy_g).to be_within(1e-6).of(56)
    expect(list.to_buy.map(&:key)).not_to include("onion")
    expect(list.ahead.first.say).to include("soak in plenty of water")
    expect(list.ready.map(&:stage)).to eq(%w[with with with finish])
  end

  it "adds up what is needed twice, whatever it was counted in, and takes from the cupboard once" do
    whole = supper(dish("2 onions | base\n1 onion | finish\n200 g onion | finish\n3 dragons\n2 cups " \
                        "dragons\n100 g cooked chickpeas | base\n100 g cooked black beans | base"))
    items = described_class.new(whole, FondKettle::Measure::House.with(nil), { "cooked-pulse" => 150.0 })
                           .items
    onion, dragon, beans, peas = %w[onions dragons beans
                                    chickpeas].map { |name| items.find { |item| item.name.end_with?(name) } }
    expect([onion.need_g, onion.weight]).to eq([560.0, "560 g"])
    expect([dragon.words, dragon.need_g]).to eq(["3 and 2 cups", nil])
    expect([beans.buy_g, peas.buy_g].sum).to be_within(1e-9).of(50)
  end

  it "shops for no liquid where the base brings all that the rice can drink" do
    whole = supper(dish("2 kg tomatoes | base\n1 glass stock | liquid"))
    expect(whole.liquid_g).to eq(0)
    list = described_class.new(whole, FondKettle::Measure::House.with(nil), {})
    expect(list.items.map(&:name)).to contain_exactly("Basmati", "tomatoes")
    expect(list.ready.map { |ready| [ready.name, ready.measured.words] }).to include(%w[stock none])
    expect(whole.warnings.map(&:code)).not_to include("not-counted")
  end

  it "buys as many packs as the dish says, solids by weight, what is poured by volume" do
    lines = "1 can cooked beans | base\n45 g butter | base\n300 g carrots | base\n400 g stock | liquid\n" \
            "1/2 bunch dill | finish\n1/4 tsp saffron"
    whole = supper(dish(lines), 2.1)
    list = described_class.new(whole, FondKettle::Measure::House.with(nil), {})
    items = list.items.to_h { |item| [item.name, item] }
    said = list.ready.to_h { |ready| [ready.name, ready.measured.words] }
    expect([items["cooked beans"].words, said["cooked beans"]]).to eq(["2 cans", "2 cans"])
    expect([items["dill"].words, items["saffron"].words]).to match(["1 bunch", /tsp/])
    expect(%w[butter carrots Basmati].map { |name| items[name].words }).to all(be_nil)
    expect(items["stock"].weight).to match(/mL|L\z/)
  end
end
