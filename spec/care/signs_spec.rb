# frozen_string_literal: true

RSpec.describe "Signs and looks" do
  signs = FondKettle::Care::Signs
  looks = FondKettle::Care::Looks

  def at(kind, share: 1.0, boiled: true)
    FondKettle::Care::Signs.at(kind, share: share, boiled: boiled).map(&:key)
  end

  it "go by the kind of step, by what has boiled and by how much of its time is gone" do
    expect(at("boil", boiled: false)).to include("boils-over", "no-boil")
    expect([at("boil", boiled: false), at("fry")].map do |keys|
      keys & %w[chalky-dry clumps wet]
    end).to eq([[], []])
    expect([at("low", share: 0.2) & %w[wet chalky-wet], at("low", share: 0.6) & %w[wet chalky-wet]])
      .to match([[], contain_exactly("wet", "chalky-wet")])
    expect(at("boil")).to include("mushy").and(satisfy { |keys| !keys.include?("no-boil") })
    expect(at("fry")).to include("smoking-fat", "catching")
  end

  it "never send water at hot fat, and never have burnt rice scraped" do
    expect(signs.all.fetch("smoking-fat").now).to include("Never water", "lid on")
    expect(signs.all.fetch("burnt").now).to include("Do not scrape")
  end

  it "have a way out each: reckoned by the model, or in words" do
    reckoned, told = signs.all.values.partition(&:found)
    expect(reckoned.map(&:key)).to eq(%w[chalky-dry chalky-wet wet])
    expect(told.map(&:now)).to all(be_a(String))
  end

  it "mean what the stove asks: what stands in the pot and what a bite shows" do
    asked = %w[stands bites].map { |list| FondKettle::Words.of(list).keys }
    expect(asked).to eq([FondKettle::Log::PotAtHand::STANDS.keys, FondKettle::Log::PotAtHand::BITES.keys])
    found = signs.all.values.filter_map(&:found).map(&:split)
    expect(found).to all(satisfy { |one| one.zip(asked).all? { |key, keys| keys.include?(key) } })
  end

  it "refuse a kind that is none, and a look for a sign that is none" do
    { signs => "- { key: odd, say: Odd, kinds: [juggle], now: No }",
      looks => "- { key: odd, say: Odd, kinds: [low], sign: dragons, tell: No }" }.each do |list, text|
      Tempfile.create(["rows", ".yml"]) do |file|
        file.write(text)
        file.flush
        expect { list.load_file(file.path) }.to raise_error(FondKettle::BadCatalogue, /must be one of/)
      end
    end
  end
end
