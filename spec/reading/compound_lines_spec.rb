# frozen_string_literal: true

require_relative "../support/told_texts"

RSpec.describe "A line that says more than one amount" do
  include Support::ToldTexts

  # [food, grams] of the lines that a row beside rice and water comes to, in a dish for four.
  def lines(row)
    dish = told("Rice\nServes 4\n\n300 g basmati rice\n500 ml water\n#{row}\n\n" \
                "Fry all of it in a pot for 5 minutes, add the rice and water and cook covered 15 minutes.")
    all = dish["lines"].map { |line| [line["food"], line["g"]&.round] }
    all.reject { |food, _| food.match?(/rice|water/) }
  end

  it "is one amount in pounds with ounces, or in two systems" do
    { "1 lb 2 oz boneless lamb, diced" => ["boneless lamb", 510], "1 lb 4½ oz prawns" => ["prawns", 581],
      "750g / 1lb 10oz chicken thighs" => ["chicken thighs", 750], "8 fl oz / 240 ml cream" => ["cream", 240],
      "1 cup/240ml milk" => ["milk", 247] }.each do |row, found|
      expect([row, lines(row)]).to eq([row, [found]])
    end
  end

  it "is two lines, where it says two things, or two kinds of one" do
    { "3 tbsp light soy + 1 tbsp dark" => [["light soy", 52], ["dark soy", 17]],
      "1 tbsp butter and 2 tbsp olive oil" => [["butter", 14], ["olive oil", 28]],
      "2 tbsp oil plus 1 tsp for the pan" => [["oil", 28], ["oil", 5]],
      "1 cup stock and half a cup white wine" => [["stock", 237], ["white wine", 117]],
      "3/4 cup plus 2 tbsp cream" => [["cream", 207]],
      "salt and freshly ground black pepper" => [["salt", nil], ["freshly ground black pepper", nil]],
      "salt and black pepper" => [["salt", nil], ["black pepper", nil]] }.each do |row, found|
      expect([row, lines(row)]).to eq([row, found])
    end
  end

  it "is for all who eat, where it says so much for each" do
    { "1 large egg per person" => [["large egg", 253]], "2 eggs per head" => [["eggs", 440]],
      "100 g prawns per person" => [["prawns", 400]], "1 duck leg each person" => [["duck legs", 1000]],
      "2 cod fillets, 150 g each" => [["cod fillets", 300]] }.each do |row, found|
      expect([row, lines(row)]).to eq([row, found])
    end
    written = told("Rice\nServes 4\n\n300 g rice\n1 egg per person\n\nBoil the rice, fry the eggs.")
    expect(written["lines"].map { |line| line["text"] }).to include("1 egg per person")
  end
end
