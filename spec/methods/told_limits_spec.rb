# frozen_string_literal: true

# What a way or a pot cannot do is told, and nothing is told that is not so.
RSpec.describe "What a plan tells of its limits" do
  def plan(**changes)
    plan_for(basic_request(rice: { "amount" => 455, "unit" => "g" },
                           vessel: { "diameter_mm" => 240, "height_mm" => 120 }, **changes))
  end

  def greens(grams)
    plan(additions: [{ "ingredient" => "leafy-greens", "g" => grams }])
  end

  def put_in(plan)
    plan.tasks.map(&:puts_in).grep(/leafy greens/).first
  end

  it "judges a pot by leaves as they are when hot, and has them in by the handful where they do not fit " \
     "raw" do
    few, many = [225, 800].map { |grams| greens(grams) }
    expect([few, many].map { |one| one.fit.verdict }).to eq(%w[fits fits])
    bare = plan.fit.fill_after
    expect((few.fit.fill_after - bare) * 5429).to be_within(30).of(225 / 0.95)
    expect(put_in(few)).to end_with("225 g leafy greens")
    expect(put_in(many)).to end_with("by the handful as the rest wilts")
  end

  it "says no bed scorches whose water is poured off" do
    wide = { "diameter_mm" => 300, "height_mm" => 150 }
    little = { "amount" => 150, "unit" => "g" }
    expect(plan(vessel: wide, rice: little).warnings.map(&:code)).to include("bed-too-thin")
    expect(plan(method: "boil-and-drain", vessel: wide, rice: little).warnings.map(&:code))
      .not_to include("bed-too-thin")
  end

  it "tells a texture that the way does not come to, for every grain" do
    FondKettle::Larder::Grains.all.each_key do |grain|
      %w[boil-and-drain layered-cooked-rice sushi sealed-cooked-base covered-pot
         oven-pilaf].product([-1, 0, 1])
                    .each do |method, texture|
        made = plan_for(basic_request(grain: grain, method: method, texture: texture))
        columns = made.load.grain.uptake
        wanted = FondKettle::Pot::Verdict.texture(made.load.grain.uptake_for(texture), columns)
        comes = FondKettle::Pot::Verdict.texture(FondKettle::Pot::Verdict.dressed(made.run, made.load),
                                                 columns)
        told = made.warnings.map(&:code).include?("not-#{wanted}")
        right = FondKettle::Pot::Verdict::RIGHT.include?(made.verdict) && made.balance.spare_g.zero?
        expect([grain, method, texture,
                told]).to eq([grain, method, texture, right && comes != wanted])
      end
    end
  end

  it "says how deep the liquid still stands where a lid lets more out later" do
    level = lambda do |lid, grain|
      pot = { "diameter_mm" => 240, "height_mm" => 120, "lid" => lid }
      plan(method: "level", grain: grain, vessel: pot).tasks.find { |task| task.key == "hard-boil" }
    end
    expect(level.call("ordinary", "basmati").say).to end_with("until the liquid is level with the rice")
    loose = level.call("loose", "brown-long")
    expect(loose.say).to end_with("until the liquid stands 2 mm over the rice")
    expect(loose.cue).to eq("the liquid stands 2 mm over the rice; the lid lets that out later")
  end
end
