# frozen_string_literal: true

# Each figure of heat, in a pot of its own.
RSpec.describe FondKettle::Pot::Fire do
  def cooker_ratio(rice_g, soak_min)
    plan_for(basic_request(grain: "short-white", method: "rice-cooker", soak: { "minutes" => soak_min },
                           rice: { "amount" => rice_g, "unit" => "g" },
                           vessel: { "diameter_mm" => 190, "height_mm" => 120 })).ratio_by_volume
  end

  it "closes its energy over a run of any method, whatever the lid" do
    Support::Kitchen::LIDS.product(FondKettle::Methods::Library.ours.all.keys).each do |lid, method|
      run = plan_for(basic_request(method: method, vessel: { "lid" => lid })).run
      expect(run.energy.open_j.abs).to be < 0.01 * run.energy.in_j, "#{method}, #{lid}"
    end
  end

  it "gives a cooker the power of its bowl, and the ratios that cooks know" do
    expect([150, 300, 600].map { |g| cooker_ratio(g, 0) })
      .to match([be_within(0.05).of(1.35), be_within(0.05).of(1.15), be_between(0.95, 1.10)])
    expect([150, 300, 600].map { |g| cooker_ratio(g, 30) })
      .to match([be_within(0.05).of(1.2), be_within(0.05).of(1.0), be_within(0.05).of(0.9)])
    bowl = plan_for(basic_request(method: "rice-cooker",
                                  vessel: { "diameter_mm" => 190, "height_mm" => 120 }))
    expect(bowl.setting.burner.high_w).to be_within(1).of(776)
  end

  it "rests a heavy pot hot and a thin one not" do
    heavy = { "diameter_mm" => 240, "height_mm" => 120, "kg" => 4.5, "material" => "cast-iron" }
    thin = { "diameter_mm" => 200, "height_mm" => 100, "kg" => 0.8 }
    expect(plan_for(basic_request(vessel: heavy)).run.temp_c).to be > 85
    sixty = { "amount" => 60, "unit" => "g" }
    expect(plan_for(basic_request(vessel: thin, rice: sixty)).run.temp_c).to be < 80
  end

  it "never boils on a flame too weak, and says so; on a weak one the pot is slow or dry before it boils" do
    words = [60, 120, 220, 1200].map do |watts|
      plan = plan_for(basic_request(burner: { "high_w" => watts }))
      [plan.comes_out, plan.warnings.map(&:code)]
    end
    expect(words).to match([["never-boiled", include("never-boiled")],
                            ["dry-before-boil", include("dry-before-boil")],
                            ["standard", include("slow-to-boil")], ["standard", []]])
  end

  it "falls below the boil in a cool oven, and cooks at that temperature's pace" do
    cool, hot = [60.0, 190.0].map do |oven_c|
      request = request_for(basic_request(method: "oven-pilaf"))
      FondKettle::Methods::Planner.plan(request.with(choices: request.choices.with(oven_c: oven_c)),
                                        curve: true)
    end
    expect([cool.comes_out, hot.comes_out]).to eq(%w[standard standard])
    expect(cool.liquid_g).to be < hot.liquid_g - 10
    in_oven = cool.run.curve.select { |point| point.min > 10 && point.min < 16 }.map(&:temp_c)
    expect(in_oven).to eq(in_oven.sort.reverse).and(all(be < 100))
  end

  it "lets off no less without a lid than under a loose one" do
    FondKettle::Methods::Library.ours.all.each_key do |method|
      next if method == "boil-and-drain"

      none, loose = %w[none
                       loose].map { |lid| plan_for(basic_request(method: method, vessel: { "lid" => lid })) }
      expect(none.run.lost_g).to be >= loose.run.lost_g - 0.5, method
    end
  end

  it "shows steam before the boil, and leaves no half minute without a point, lid lifted or not" do
    stages = [{ "heat" => "high", "until" => "boil" },
              { "heat" => "low", "minutes" => 12, "lifted_s" => 300 }]
    reader = FondKettle::Formats::RequestReader.new(basic_request(stages: stages))
    run = FondKettle::Methods::Trying.run(reader.request, 400.0, stages: reader.stages).run
    expect(run.at("first-steam")).to be < run.at("boil") - 0.05
    expect(run.curve.map(&:min).each_cons(2).map { |before, after| after - before }.max).to be <= 0.5 + 1e-9
    expect(run.curve.map(&:temp_c).each_cons(2).any? { |before, after| after < before - 1 }).to be(true)
  end
end
