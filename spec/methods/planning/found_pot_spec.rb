# frozen_string_literal: true

RSpec.describe FondKettle::Methods::FoundPot do
  verdict = FondKettle::Pot::Verdict

  # Stages of a plan as they went until the heat was to go off.
  def heated(plan)
    plan.stages.reject(&:off?)
  end

  # What a cook reports of a run, or nil where nothing is wrong.
  def sign(run, load)
    free = run.free_g > (described_class::SEEN_G_G * load.rice_g) + load.residue_g
    return free ? "chalky-wet" : "chalky-dry" if FondKettle::Pot::Verdict.chalky?(run, load.grain)

    "wet" if free
  end

  # How the pot comes out with the remedy for it, or nil where nothing was wrong.
  def mended(plan, setting, share)
    poured_g = plan.liquid_g * share
    stages = heated(plan)
    run = FondKettle::Pot::Cooking.run(plan.load, poured_g, stages, setting)
    sign = sign(run, plan.load)
    return unless sign

    remedy = described_class.remedy(plan, sign, poured_g: poured_g, heat_min: run.stage_minutes.sum)
    after = FondKettle::Pot::Cooking.run(plan.load, poured_g, [*stages, *remedy&.stages], setting)
    FondKettle::Pot::Verdict.of(after, plan.load)
  end

  %w[covered-pot level mixed-rice toasted-pilaf one-pot-sauce].each do |method|
    it "saves a pot from what its cook knows: what was poured, how long it was on, the sign: #{method}" do
      plan = plan_for(basic_request(method: method))
      found = [0.65, 0.75, 0.85, 1.2].map { |share| mended(plan, plan.setting, share) }.compact
      expect(found).not_to be_empty
      expect(found).to all(satisfy { |one| verdict::RIGHT.include?(one) })
    end
  end

  it "comes near where the lid leaks and nobody knows it" do
    plan = plan_for(basic_request)
    leaky = plan.setting.with(lid_factor: 2.5)
    expect(mended(plan, leaky, 0.75)).to(satisfy { |one| verdict::RIGHT.include?(one) })
  end

  it "has nothing to say of a pot that cannot be" do
    plan = plan_for(basic_request)
    expect(described_class.remedy(plan, "chalky-dry", poured_g: plan.liquid_g * 3, heat_min: 1.0)).to be_nil
  end
end
