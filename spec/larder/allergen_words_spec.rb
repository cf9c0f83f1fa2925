# frozen_string_literal: true

RSpec.describe FondKettle::Larder::AllergenWords do
  names = YAML.safe_load_file(File.join(__dir__, "../fixtures/sixty_names.yml"))

  # The Ingredient of a line of a dish.
  def food(words)
    FondKettle::Dishes::QuickText.new.read("100 g #{words} | with").lines.first.ingredient
  end

  names.each do |words, allergens|
    it "names every allergen of #{words}, or says that nobody has checked it" do
      expect(food(words)).to(satisfy do |found|
        (allergens - found.allergens).empty? || found.unchecked == words
      end)
    end
  end

  it "does not hide behind that: nine in ten are known" do
    known = names.reject { |words, _| food(words).unchecked }
    expect(known.size).to be >= names.size * 0.9
  end

  it "leaves plain words alone" do
    plain = ["melted butter", "whole milk", "unsalted butter", "extra virgin olive oil", "grated cheese",
             "water", "vegetable stock", "sunflower oil", "double cream", "rice flour", "tomato paste"]
    expect(plain.select { |words| food(words).unchecked }).to eq([])
  end

  it "never loses a qualifier that names one when a line is said to be like something" do
    found = food("hazelnut spread (like butter)")
    expect(found.unchecked || found.allergens).not_to be_empty
  end
end
