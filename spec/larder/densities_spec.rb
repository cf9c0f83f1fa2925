# frozen_string_literal: true

require "yaml"

RSpec.describe FondKettle::Larder::Ingredients do
  handbook = YAML.safe_load_file(File.expand_path("../fixtures/handbook_densities.yml", __dir__))

  it "is within 8 % of the handbook's densities" do
    off = handbook.filter_map do |key, name, g_ml|
      ours = described_class.fetch(key).g_ml
      "#{name}: #{ours}, not #{g_ml}" unless ours.between?(g_ml * 0.92, g_ml * 1.08)
    end
    expect(off).to eq([])
  end

  it "has its ingredients found by all its names" do
    names = FondKettle::Larder::Names.ours
    lost = described_class.all.each_value.flat_map do |one|
      [one.key.tr("-", " "), one.name, *one.also].reject { |name| names.find(name) == one }
    end
    expect(lost).to eq([])
  end
end
