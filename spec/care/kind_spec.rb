# frozen_string_literal: true

RSpec.describe FondKettle::Care::Kinds do
  it "has a row for every kind that methods, tasks and cautions name" do
    methods = FondKettle::Methods::Library.ours.all.values
    used = methods.flat_map { |method| [*method.base, *method.stages, *method.after].map(&:kind) } +
           FondKettle::Methods::TaskTexts.all.values.map(&:kind)
    expect(used - described_class.all.keys).to eq([])
  end

  it "takes what nobody told the kind of for anything: it may heat fat, and boils nothing through" do
    expect(described_class.fetch(described_class::OWN)).to have_attributes(fat: true, boils: false)
  end

  it "lets a method use in a section only what belongs there" do
    expect(described_class.for_section("stages"))
      .to include("boil", "low", "rest").and(satisfy { |keys| !keys.include?("fry") })
    expect { described_class.fetch("juggle") }.to raise_error(KeyError)
  end

  it "tells a slip in its file" do
    Tempfile.create(["kinds", ".yml"]) do |file|
      file.write("- { key: fry, word: fry, holds: [balcony] }\n")
      file.flush
      expect do
        described_class.load_file(file.path)
      end.to raise_error(FondKettle::BadCatalogue, /holds.0 must be one of: burner, oven/)
    end
  end
end
