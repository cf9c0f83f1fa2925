# frozen_string_literal: true

require "nokogiri"
require_relative "../../web/drawings/balance_drawing"
require_relative "../../web/drawings/course_drawing"
require_relative "../../web/drawings/pot_drawing"
require_relative "../../web/presenters/pot_views"

RSpec.describe "The drawings" do
  let(:plan) { plan_for(basic_request(vessel: { "diameter_mm" => 200, "height_mm" => 100 })) }

  def svg(drawing)
    Nokogiri::XML(drawing.to_s, &:strict)
  end

  describe FondKettle::Web::Drawings::PotDrawing do
    def rect(drawing, klass)
      drawing.at_css("rect.#{klass}").to_h.transform_values(&:to_f)
    end

    it "is to scale: width, bed and water" do
      drawing = svg(described_class.new(plan, plan.liquid_g))
      scale = drawing.root["data-scale"].to_f
      vessel = plan.request.vessel
      expect(rect(drawing, "bed")["width"] / scale).to be_within(1).of(200)
      expect(rect(drawing, "bed")["height"] / scale).to be_within(0.5).of(vessel.depth_mm(plan.load.bed_ml))
      over_mm = FondKettle::Pot::Depth.over_rice_mm(plan.liquid_g, plan.load, vessel)
      expect((rect(drawing, "water")["height"] - rect(drawing, "bed")["height"]) /
             scale).to be_within(0.5).of(over_mm)
    end

    it "lays the base under the rice, to scale, and the water over both" do
      based = plan_for(basic_request(additions: [{ "ingredient" => "carrot", "g" => 300 }]))
      drawing = svg(described_class.new(based, based.liquid_g))
      scale = drawing.root["data-scale"].to_f
      base_mm = based.request.vessel.depth_mm(300 / 0.55)
      expect(rect(drawing, "base")["height"] / scale).to be_within(0.5).of(base_mm)
      expect(rect(drawing, "bed")["height"]).to be > rect(drawing, "base")["height"]
      expect(drawing.css("text").map(&:text)).to include("base #{base_mm.round} mm")
      expect(svg(described_class.new(plan, plan.liquid_g)).css("text").map(&:text).grep(/base/)).to eq([])
    end

    it "has three grips that a keyboard and a screen reader can use" do
      grips = svg(described_class.new(plan, plan.liquid_g)).css("[role=slider]")
      expect(grips.map { |grip| grip["data-drag"] }).to contain_exactly("soak", "water", "bed")
      expect(grips.map { |grip| [grip["tabindex"], grip["aria-label"].nil?] }.uniq).to eq([["0", false]])
      bed = grips.find { |grip| grip["data-drag"] == "bed" }
      expect([bed["aria-valuenow"], bed["aria-valuemin"]]).to eq(%w[300 10])
    end

    it "keeps the planned line beside the cook's own water, and nothing else" do
      expect(svg(described_class.new(plan, plan.liquid_g)).css(".planned")).to be_empty
      expect(svg(described_class.new(plan, 800.0)).css(".planned").size).to eq(1)
    end

    it "draws no lid where there is none, and keeps names from breaking out" do
      open = plan_for(basic_request(vessel: { "lid" => "none" }))
      pot = open.request.vessel.with(name: "<b>&pot")
      named = FondKettle::Methods::Planner.plan(open.request.with(vessel: pot))
      drawing = svg(described_class.new(named, named.liquid_g))
      expect(drawing.css(".lid")).to be_empty
      expect(drawing.at_css("desc").text).to start_with("<b>&pot, ")
    end

    it "does not let its labels lie over one another" do
      [40, 300, 900].each do |rice_g|
        small = plan_for(basic_request(rice: { "amount" => rice_g, "unit" => "g" }))
        heights = svg(described_class.new(small,
                                          small.liquid_g)).css(".mark + text.label")
                  .map { |label| label["y"].to_f }.sort
        expect(heights.each_cons(2).map { |above, below| below - above }.min).to be >= 25
      end
    end
  end

  describe FondKettle::Web::Drawings::BalanceDrawing do
    it "adds up: what comes in is what goes out" do
      drawing = described_class.new(FondKettle::Formats::PlanJson.call(plan), plan.request.measures)
      expect([drawing.sources, drawing.sinks].map { |parts| parts.sum(&:first) }
                                             .uniq).to eq([drawing.total_g])
      expect(drawing.sources.first.first).to eq(plan.liquid_g.round)
      expect(svg(drawing).css("text").map(&:text)).to include("1 1/2 cups + 2 tbsp")
      widths = %w[source sink].map do |klass|
        svg(drawing).css("rect.#{klass}").sum { |part| part["width"].to_f + 2 }
      end
      expect(widths.first).to be_within(2).of(widths.last)
    end

    it "counts what is poured off" do
      drained = FondKettle::Formats::PlanJson.call(plan_for(basic_request(method: "boil-and-drain")))
      expect(described_class.new(drained, plan.request.measures)
                            .sinks.map { |_, words| words }).to include("poured off")
    end
  end

  describe FondKettle::Web::Drawings::CourseDrawing do
    it "has five lines, five more for another run, and every cue by name" do
      run = try_with(basic_request, 386.0).run
      expect(svg(described_class.new(run)).css("polyline").size).to eq(5)
      both = svg(described_class.new(run, try_with(basic_request, 300.0).run))
      expect(both.css("polyline.over").size).to eq(5)
      expect(both.css("text").map(&:text)).to include("first steam", "boil", "craters", "dry", "core gone")
    end
  end

  describe FondKettle::Web::Drawings::PotPicture do
    seen_pots = FondKettle::Web::Presenters::PotViews

    def picture(seen)
      svg(described_class.new(seen, "pot"))
    end

    it "shows the pot as it should stand, earlier and later" do
      stored = FondKettle::Formats::PlanJson.for_the_stove(plan)
      event = FondKettle::Stove::Event.new(kind: "task", what: stored[:tasks].find do |one|
        one[:stage] == 0
      end[:id],
                                           at: Time.now)
      cook = FondKettle::Stove::Cook.new(stored, [event])
      early, late = [0.0, 40.0].map { |min| picture(seen_pots.cook(cook, min, comes_out: "firm")) }
      height = ->(drawing, klass) { drawing.at_css("rect.#{klass}")["height"].to_f }
      expect(height.call(early, "water")).to be > height.call(early, "bed")
      expect([height.call(late, "water"),
              height.call(late, "bed")]).to match([0.0, be > height.call(early, "bed")])
      expect([early.at_css(".says").text, early.css(".flame").any?]).to eq(["✓ firm", true])
    end

    it "tells materials, lids and grains apart by their outlines, each with its title" do
      empty = seen_pots.shelf(plan.request.vessel, "plain")
      { material: [FondKettle::Kit::MATERIALS.keys, ->(d, key) { d.at_css(".wall-#{key}") }],
        lid: [FondKettle::Web::Drawings::PotLid::WORDS.keys - ["none"], lambda { |d, key|
          d.at_css(".lid-#{key}")
        }],
        shape: [FondKettle::Web::Drawings::PotFilling::GRAINS.keys, ->(d, _) { d.at_css("pattern") }] }
        .each do |part, (keys, find)|
        drawn = keys.map { |key| find.call(picture(empty.with(part => key)), key) }
        expect(drawn.map do |one|
          one.to_s.gsub(%r{class="[^"]*"|<title>.*?</title>}, "")
        end.uniq.size).to eq(keys.size)
        expect(drawn.map { |one| one.at_css("title")&.text }).to all(be_a(String)) unless part == :shape
      end
    end

    it "turns its line red when it is crossed, and says what comes out" do
      well = seen_pots.plan(plan, "plain")
      over = well.with(water_mm: well.height_mm, **seen_pots.says("boils-over"))
      expect([well, over].map { |seen| picture(seen).css(".crossed").size }).to eq([0, 1])
      expect(picture(over).at_css(".says.wrong").text).to eq("▲ boils over")
    end

    it "draws every pot to one scale" do
      widths = [160, 320].map do |mm|
        wide = plan.request.vessel.with(diameter_mm: mm)
        picture(seen_pots.shelf(wide, "plain")).at_css("rect.water")["width"].to_f
      end
      expect(widths.last).to be_within(0.1).of(2 * widths.first)
    end
  end
end
