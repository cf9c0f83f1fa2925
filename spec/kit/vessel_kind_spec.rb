# frozen_string_literal: true

RSpec.describe FondKettle::Kit::VesselKinds do
  def vessel(lid)
    FondKettle::Kit::Vessel.new(id: 1, name: "Any", diameter_mm: 200.0, height_mm: 110.0,
                                floor_mm: nil, lid: lid,
                                material: "steel", kg: 1.2,
                                lid_factor: nil)
  end

  it "know a cooker by its lid, its heat and its method, and take everything else for a pot" do
    lids = FondKettle::Vocabulary::LIDS.group_by { |lid| vessel(lid).kind.key }
    expect(lids).to eq("cooker" => ["cooker"], "pot" => FondKettle::Vocabulary::LIDS - ["cooker"])
    sources = FondKettle::Kit::BURNER_HIGH_W.keys.group_by do |source|
      FondKettle::Kit::Burner.usual(source).kind.key
    end
    expect(sources.fetch("cooker")).to eq(["cooker"])
    expect(FondKettle::Methods::Library.ours.all.fetch("rice-cooker")
                                       .vessel_kind).to equal(described_class::COOKER)
    expect(FondKettle::House::Usual.method_for(described_class::COOKER)).to eq("rice-cooker")
  end

  it "fry in no cooker's bowl, however many pans a dish asks for" do
    kinds = %w[ordinary tight cooker].map { |lid| FondKettle::Kit::DishVessels.of(vessel(lid)) }
    expect(kinds).to eq(%w[pot pot cooker])
    expect(FondKettle::Kit::DishVessels.fetch("frying-pan").takes?("cooker")).to be(false)
  end

  it "lend a vessel to another kind under that kind's lid, and leave it alone in its own" do
    expect(vessel("tight").as(described_class::COOKER).lid).to eq("cooker")
    expect(vessel("cooker").as(described_class::POT).lid).to eq("ordinary")
    expect(vessel("tight").as(described_class::POT).lid).to eq("tight")
  end

  it "are asked for by kind everywhere: nothing else compares with the word" do
    root = File.expand_path("../..", __dir__)
    files = Dir["#{root}/{lib,app,web,store,cli}/**/*.{rb,erb,js}"].reject do |path|
      path.include?("/vendor/")
    end
    expect(files.grep_v(%r{kit/vessel_kind})
                .select { |path| File.read(path).match?(/[=!]=+ ["']cooker["']/) }).to eq([])
  end
end
