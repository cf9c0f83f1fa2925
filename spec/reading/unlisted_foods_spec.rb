# frozen_string_literal: true

require_relative "../../lib/fond_kettle/reading/reader"
require_relative "../support/told_texts"

RSpec.describe FondKettle::Reading::UnlistedFoods do
  include Support::ToldTexts

  def foods(dish)
    dish["lines"].map { |line| line["food"] }
  end

  it "counts what the method alone speaks of, with its allergens and its care" do
    dish = told("Prawn rice for 4\nBoil 300 g basmati, covered, with 450 ml water for 12 minutes.\n" \
                "Chop the cashews and the cucumbers. Fry the prawns in butter until pink.\n" \
                "Fold everything into the rice.")
    expect(foods(dish)).to contain_exactly("basmati rice", "water", "cashews", "cucumbers", "prawns",
                                           "butter")
    expect(dish["lines"].flat_map { |line| line["allergens"] }).to contain_exactly("nut", "crustacean",
                                                                                   "milk")
    expect(dish["asked"].map { |ask| ask["question"] }.join).to include("How many prawns, or how many grams?")
    chop, fry = dish["steps"].select { |step| %w[cut fry].include?(step["kind"]) }
    expect([chop, fry].map { |step| step["takes"].size }).to eq([2, 2])
    expect([chop["vessel"], fry["vessel"]]).to eq(%w[board frying-pan])
  end

  it "takes no line twice, whatever word stands for it" do
    dish = told("Rice\n300 g basmati\n1 butternut\n4 dried shiitake\n200 g vermicelli\n2 lamb shanks\n" \
                "Brown the meat, add the squash, the mushrooms and the noodles. Pour on 500 ml water. " \
                "Add the rice and cook for 15 minutes. Keep the fat of the lamb.")
    expect(foods(dish).size).to eq(6)
  end

  it "has smoked fish as it is called, and nothing that is only like something" do
    dish = told("Rice\nCook 200 g basmati in 300 ml water for 12 minutes until soft. Flake the smoked " \
                "mackerel, roll balls the size of the walnuts, without the dill, and call the kids.")
    expect(foods(dish)).to contain_exactly("basmati rice", "water", "smoked mackerel")
    expect(dish["lines"].last["care"]).not_to include("raw-fish")
  end
end
