# frozen_string_literal: true

require "tempfile"

RSpec.describe "The catalogues" do
  def file(text)
    Tempfile.create(["entry", ".yml"]) do |handle|
      handle.write(text)
      handle.flush
      yield handle.path
    end
  end

  def method_text(**changes)
    text = File.read(File.join(FondKettle::DATA, "methods", "covered-pot.yml"))
    changes.reduce(text) { |changed, (from, to)| changed.sub(from.to_s, to) }
  end

  it "has a method for every grain, by its traits" do
    FondKettle::Larder::Grains.all.each_value do |grain|
      suitable = FondKettle::Methods::Library.ours.all.values.count { |method| method.suits?(grain) }
      expect(suitable).to be > 3, grain.key
    end
  end

  it "names file, entry and field of a slip" do
    file("- { key: sand, name: Sand }") do |path|
      expect do
        FondKettle::Larder::Grains.load_file(path)
      end.to raise_error(FondKettle::BadCatalogue,
                         /#{path}, sand: line 1: rho_g_ml is missing/)
    end
  end

  it "refuses uptakes out of order, broken YAML and unknown keys" do
    grains = File.read(File.join(FondKettle::DATA, "grains.yml"))
    { grains.sub("firm: 1.30", "firm: 1.60") => /uptake must rise/, "- {" => /entry|did not find|parsing/,
      grains.sub("full_min: 11.5", "full_min: 11.5, colour: red") => /colour/ }.each do |text, message|
      file(text) do |path|
        expect { FondKettle::Larder::Grains.load_file(path) }
          .to raise_error(FondKettle::BadCatalogue, message)
      end
    end
  end

  it "refuses a method with an unknown heat or a stage that does not end" do
    { method_text("heat: low": "heat: tepid") => /heat/,
      method_text("    until: boil\n": "") => /stage boil: must have either/ }
      .each do |text, message|
        expect(FondKettle::Methods::Library.new("own.yml" => text)
                                           .problems).to contain_exactly(match(message))
      end
  end

  it "has values that cannot be changed and must be whole" do
    grain = FondKettle::Larder::Grains.fetch("jasmine")
    expect(grain).to be_frozen
    expect(grain).to eq(grain.with(name: grain.name))
    expect do
      FondKettle::Larder::Grain.new(key: "x")
    end.to raise_error(ArgumentError, /missing keywords: :name/)
  end

  it "fills the names in a text and nothing else" do
    expect(FondKettle::Template.fill("%{rice} at 5 %", rice: "300 g")).to eq("300 g at 5 %")
    expect { FondKettle::Template.fill("%{nobody}", {}) }.to raise_error(KeyError)
  end
end
