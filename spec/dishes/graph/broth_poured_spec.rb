# frozen_string_literal: true

require_relative "../../../lib/fond_kettle/formats/request/dish_request"
require_relative "../../../lib/fond_kettle/reading/reader"

RSpec.describe "Broth that is made in one vessel and poured on the rice of another" do
  text = <<~TEXT
    Shank rice for 6
    1 kg lamb shanks
    3 litres water
    500 g basmati
    2 tbsp ghee
    1 tsp salt

    Simmer the shanks in the water in a stockpot with the salt for 2 hours. Lift out the shanks.
    Strain the broth into a jug. In a wide pot melt the ghee, stir in the rinsed rice for 2 minutes.
    Pour on 900 ml of the broth, bring to the boil, cover, low 15 minutes. Rest 10 minutes.
    Serve the rest of the broth in cups.
  TEXT

  def supper(text, guests, **own)
    dish = FondKettle::Reading::Reader.new(text).dish.merge(own.transform_keys(&:to_s))
    FondKettle::Formats::DishRequest.new({ "dish" => dish, "assume" => true,
                                           "for" => { "guests" => guests } }).supper
  end

  it "is the rice's liquid, as much as it needs, and the water of the broth stays as written" do
    [6, 12].each do |guests|
      laid = supper(text, guests)
      amounts = laid.plan.tasks.flat_map(&:amounts).reject(&:poured_off)
      water_g = amounts.select { |one| one.told.to_s.match?(/g water/) }.sum(&:g)
      expect(water_g * laid.batches).to be_within(1).of(3000 * laid.factor)
      poured = amounts.find { |one| one.told.to_s.match?(/liquid from the jug/) }
      expect(poured.g * laid.batches).to be_within(1).of(laid.liquid_g)
    end
  end

  it "says how much the cook wrote where that comes out wet" do
    said = supper(text.sub("900 ml", "2 litres"), 6).warnings.map(&:say)
    expect(said.join(" ")).to include("As written, 2000 g of liquid from the jug for 500 g")
  end

  it "goes there and back with its amount" do
    dish = FondKettle::Reading::Reader.new(text).dish
    pour = dish["steps"].flat_map { |step| step["from"] }.find { |one| one["as"] }
    expect(pour).to eq("vessel" => "jug", "as" => "needed", "g" => 900.0)
  end

  it "is made hot once it is strained, where the way pours it hot" do
    laid = supper(text, 6, method: "toasted-pilaf")
    starts = laid.plan.placed.starts
    strained = laid.plan.tasks.find { |task| task.say.match?(/strain the broth/i) }
    hot = laid.plan.tasks.find { |task| task.kind.key == "heat-liquid" }
    expect(starts.fetch(hot.id)).to be <= starts.fetch(strained.id) - strained.minutes
  end
end
