# frozen_string_literal: true

require "nokogiri"
require_relative "../../lib/fond_kettle/measure/cup"
require_relative "../../web/drawings/glasses_drawing"
require_relative "../../web/drawings/plates_drawing"

RSpec.describe "Things drawn to be counted" do
  house = FondKettle::Measure::House.with(FondKettle::Measure::Cup.new(id: 1, name: "jam glass", ml: 210.0))

  def drawn(drawing)
    Nokogiri::XML(drawing.to_s, &:strict).root
  end

  it "draws as many glasses as are poured, the last to its part, and the spoons with their number" do
    glasses = drawn(FondKettle::Web::Drawings::GlassesDrawing.new((2.25 * 210) + 30, house, "water"))
    expect(glasses["aria-label"]).to eq("water: 2 1/4 jam glasses + 2 tbsp")
    expect(glasses.css(".glass").size).to eq(3)
    levels = glasses.css("path.water").map { |path| path["d"][/M\S+ (\S+)/, 1].to_f }
    expect(levels.first(2).uniq.size).to eq(1)
    expect(levels.last).to be_within(0.1).of(levels.first + (0.75 * FondKettle::Web::Drawings::Glass::HIGH))
    expect(glasses.css(".spoon").size).to eq(1)
    expect(glasses.css("text").map(&:text)).to eq(["+", "2 tbsp"])
  end

  it "draws what is taken out again as an empty spoon with a minus, and nothing for a pinch" do
    less = drawn(FondKettle::Web::Drawings::GlassesDrawing.new(198, house, "rice"))
    expect(less.css("text").map(&:text)).to eq(["−", "2 1/2 tsp"])
    expect(less.at_css(".spoon")["class"]).to eq("spoon none")
    expect(FondKettle::Web::Drawings::GlassesDrawing.new(0.5, house, "water").to_s).to eq("")
  end

  it "draws one glass with its number where nobody counts them" do
    many = drawn(FondKettle::Web::Drawings::GlassesDrawing.new(17 * 210, house, "water"))
    expect([many.css(".glass").size, many.at_css("text").text]).to eq([1, "17 ×"])
  end

  it "draws a plate for each who eats, and one with a number for more than twelve" do
    plates = FondKettle::Web::Drawings::PlatesDrawing
    expect(drawn(plates.new(7)).css(".plate-rim").size).to eq(7)
    expect([drawn(plates.new(30)).css(".plate-rim").size, drawn(plates.new(30)).text]).to eq([1, "× 30"])
    expect([plates.new(0).to_s, drawn(plates.new(1))["aria-label"]]).to eq(["", "1 plate"])
  end
end
