# frozen_string_literal: true

RSpec.describe "A hundred foods of the world's pantries" do
  foods = YAML.safe_load_file(File.join(__dir__, "../fixtures/hundred_foods.yml"))
  raw = FondKettle::Care::Cautions.raw

  def food(words)
    FondKettle::Dishes::QuickText.new.read("100 g #{words} | with").lines.first.ingredient
  end

  it "are all known, ninety-five in a hundred by their own names" do
    known = foods.keys.reject { |words| food(words).key == "unknown" }
    expect(foods.size).to be >= 100
    expect(foods.keys - known).to eq([])
    expect(foods.keys.count { |words| food(words).unchecked.nil? }).to be >= foods.size * 0.95
  end

  it "have every allergen that the law names, or are said not to be checked" do
    silent = foods.reject do |words, (allergens, _)|
      (allergens - food(words).allergens).empty? || food(words).unchecked
    end
    expect(silent.keys).to eq([])
  end

  it "have the care of what is raw, and none that they have not" do
    wrong = foods.reject do |words, (_, care)|
      has = food(words).care
      next has.intersect?(raw) if care == ["raw"]

      (care - has).empty? && (care.intersect?(raw) || !has.intersect?(raw))
    end
    expect(wrong.to_h { |words, _| [words, food(words).care] }).to eq({})
  end

  it "are seven hundred and more in all" do
    expect(FondKettle::Larder::Ingredients.all.size).to be >= 700
  end
end
