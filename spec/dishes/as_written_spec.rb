# frozen_string_literal: true

# What a cook wrote is read as written, or asked about.
RSpec.describe "Lines as written" do
  let(:cups) { [FondKettle::Measure::Cup.new(id: 1, name: "jam glass", ml: 210.0)] }

  def read(text, own = cups)
    FondKettle::Dishes::QuickText.new(cups: own).read(text)
  end

  it "takes grilled fish for cooked" do
    ["150 g salmon, grilled", "150 g grilled salmon", "200 g roast chicken",
     "200 g cod, baked"].each do |text|
      line = read(text).lines.first
      expect([text, line.state,
              line.ingredient.care & FondKettle::Care::Cautions.raw]).to eq([text, "cooked", []])
    end
    expect(read("150 g salmon").lines.first.ingredient.care).to include("raw-fish")
  end

  it "takes a glass for the house's only glass, and asks where it has two" do
    expect(read("2 glasses stock").then { |found| [found.lines.first.g, found.questions] }).to eq([420.0, []])
    two = [*cups, FondKettle::Measure::Cup.new(id: 2, name: "tea glass", ml: 120.0)]
    expect(read("2 glasses stock",
                two).questions.map(&:ask)).to contain_exactly(/jam glass or your tea glass/)
    expect(read("2 mugs stock").questions.size).to eq(1)
    amounts = FondKettle::Measure::Amounts.new(cups: cups, families: %w[mass volume])
    expect([amounts.number("2 glasses", "ml"), amounts.number("1 cup", "ml")&.round]).to eq([420.0, 237])
  end

  it "reads thousands of what nobody measures thousandths of" do
    { "1,200 g lamb" => 1200.0, "1,500 ml stock" => 1500.0, "1,250 kg lamb" => 1250.0,
      "1.250 kg lamb" => 1250.0, "2 lb 4 oz lamb" => 1020.6 }.each do |text, grams|
      expect(read(text).lines.first.g).to be_within(0.5).of(grams), text
    end
  end
end
