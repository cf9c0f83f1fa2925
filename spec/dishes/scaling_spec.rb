# frozen_string_literal: true

require_relative "../support/suppers"

RSpec.describe FondKettle::Dishes::Scaling do
  include Support::Suppers

  lines = "3 onions | base\n45 g butter | base\n1 tsp salt\n2 chillies | base\n1 tsp cumin | base\n3 eggs " \
          "| finish\n400 g stock | liquid\n1 bay leaf | base | fixed\n600 g chicken | base"

  it "gives back every amount by f and then 1/f" do
    PropCheck.forall(PropCheck::Generators.choose(10..1200)).check do |percent|
      factor = percent / 100.0
      whole = dish(lines)
      there = described_class.lines(whole, factor, pan_mm: 300)
      scaled = there.map { |line| line.line.with(amount: line.amount, g: line.g) }
      back = described_class.lines(whole.with(lines: scaled, rice_g: 320.0 * factor, pan_mm: 300.0),
                                   1 / factor, pan_mm: 240)
      expect(back.map(&:g)).to match(whole.lines.map { |line| be_within(1e-6 * line.g).of(line.g) })
    end
  end

  it "grows each line in its own way" do
    grown = described_class.lines(dish(lines), 3.0, pan_mm: 300)
                           .to_h { |line| [line.line.ingredient.key, line] }
    expect(grown.transform_values { |line| line.factor.round(3) })
      .to include("onion" => 3.0, "butter" => 1.563, "chilli" => (3**0.75).round(3),
                  "cumin" => (3**0.85).round(3),
                  "bay-leaf" => 1.0)
    expect(grown["salt"].factor).to be_between(2.8, 3.0)
    expect(grown.values.reject { |line| line.why.nil? }.map { |line| line.line.ingredient.key })
      .to contain_exactly("butter", "salt", "chilli", "cumin", "bay-leaf")
  end

  it "finds the factor for what there is" do
    chicken, chilli = %w[chicken chilli].map do |key|
      dish(lines).lines.find { |line| line.ingredient.key == key }
    end
    expect(described_class.factor_for(chicken, 640)).to be_within(1e-9).of(640 / 600.0)
    expect((described_class.factor_for(chilli, 32)**0.75) * chilli.g).to be_within(1e-9).of(32)
    expect(described_class.factor_for(dish("1 bay leaf | fixed").lines.first, 3)).to be_nil
  end
end
