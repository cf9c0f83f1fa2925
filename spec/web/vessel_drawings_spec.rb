# frozen_string_literal: true

require "nokogiri"
require_relative "../../lib/fond_kettle/dishes/bench/bench_rice"
require_relative "../support/vessels"
require_relative "../../web/drawings/vessel_picture"

RSpec.describe FondKettle::Web::Drawings::VesselPicture do
  include Support::Vessels

  textures = FondKettle::Web::Drawings::FoodTexture

  def view(contents, kind: "pot", **given)
    FondKettle::Web::Drawings::VesselView.of(name: "vessel", kind: kind, vessel: pan(height_mm: 120.0),
                                             contents: contents, source: "gas", **given)
  end

  def contents(foods, **given)
    foods.map { |key, grams| food(key, grams) }
         .reduce(FondKettle::Vessels::Contents.of([], **given)) { |all, one| all.taking(one) }
  end

  def drawn(view)
    Nokogiri::XML(described_class.new(view, "v").to_s, &:strict)
  end

  it "tells vessels apart by their outlines, each with its title" do
    kinds = ["pot", *described_class::SHAPES.keys]
    outlines = kinds.map do |kind|
      shape = drawn(view(contents({ "onion" => 200 }), kind: kind)).at_css("[class^=shape-], [class^=wall-]")
      expect(shape.at_css("title").text).not_to be_empty
      shape.to_s.gsub(%r{class="[^"]*"|<title>.*?</title>}, "")
    end
    expect(outlines.uniq.size).to eq(kinds.size)
  end

  it "draws foods as bands to scale, each with its texture and its words, and liquid at its level" do
    drawing = drawn(view(contents({ "onion" => 300, "chicken" => 600, "oil" => 40 }, liquid_g: 2000.0)))
    bands = drawing.css("rect.food").to_h { |rect| [rect.at_css("title").text, rect["height"].to_f] }
    expect(bands.keys).to eq(["600 g chicken", "300 g onion"])
    area_mm2 = Math::PI * (130**2)
    high = ->(key, grams) { food(key, grams).volume_ml * 1000 / area_mm2 * described_class::SCALE }
    expect(bands.values).to match([be_within(0.1).of(high.call("chicken", 600.0)),
                                   be_within(0.1).of(high.call("onion", 300.0))])
    expect(drawing.css("pattern").map { |one| one["id"] }).to match_array(%w[rings-v pieces-v])
    expect(drawing.css("text").map(&:text)).to include("2000 g liquid", "40 g fat", "600 g chicken")
    expect(drawing.at_css("rect.water")["height"].to_f).to be > bands.values.sum
  end

  it "steams and says how hot it is, and on which heat it stands" do
    hot = contents({ "onion" => 300 }).map { |one| one.with(temp_c: 96.0, state: "golden") }
    drawing = drawn(view(hot, heat: "medium"))
    expect([drawing.css(".steam").size, drawing.css(".flame").size]).to eq([3, 6])
    expect(drawing.css("text").map(&:text)).to include("96 °C", "300 g onion, golden")
    expect(drawing.at_css("svg > title").text).to eq("vessel: 300 g onion, golden: on medium: 96 °C")
    expect(drawn(view(contents({ "onion" => 300 }))).css(".steam")).to be_empty
  end

  it "has a texture for every food of the larder, and none for what runs" do
    found = FondKettle::Larder::Ingredients.all.each_value.group_by do |one|
      textures.of(FondKettle::Vessels::Food.of(one, 100.0))
    end
    expect(found.keys).to contain_exactly(*textures::PATHS.keys - ["grains"], textures::PLAIN)
    rice = FondKettle::Dishes::BenchRice.as_written("basmati", 100.0).ingredient
    expect(textures.of(FondKettle::Vessels::Food.of(rice, 100.0))).to eq("grains")
    expect(found.fetch(textures::PLAIN)).to all(satisfy { |one| one.runs? || one.fat? })
  end
end
