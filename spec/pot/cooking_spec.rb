# frozen_string_literal: true

RSpec.describe "The pot" do
  let(:basmati) { FondKettle::Larder::Grains.fetch("basmati") }

  describe FondKettle::Pot::Soak do
    it "follows Peleg's curve at 20 °C" do
      expect(described_class.after(basmati, 30, 20.0)).to be_within(1e-9).of(30 / (24 + (3.2 * 30)))
    end

    it "goes on where an earlier soak ended" do
      halves = described_class.after(basmati, 15, 20.0, described_class.after(basmati, 15, 20.0))
      expect(halves).to be_within(1e-12).of(described_class.after(basmati, 30, 20.0))
    end

    it "is quicker in warm water, and no quicker above 60 °C" do
      cold, warm, hot, hotter = [20.0, 40.0, 60.0, 90.0].map { |water_c| described_class.after(basmati, 10, water_c) }
      expect(cold).to be < warm
      expect(warm).to be < hot
      expect(hotter).to eq(hot)
    end
  end

  describe FondKettle::Pot::Wash do
    let(:dry) { FondKettle::Pot::GrainState.dry(basmati, 300.0, temp_c: 20.0) }

    def wash(**changes)
      described_class.call(dry, rinse_changes: 4, soak_min: 0.0, water_c: 20.0, drain: "shaken", **changes)
    end

    it "counts the rinse as three minutes of soaking" do
      expect(wash.taken_per_g).to be_within(1e-9).of(3 / (24 + (3.2 * 3)))
      expect(wash.surface_per_g).to eq(0.08)
    end

    it "puts dry rice in dry" do
      expect(wash(rinse_changes: 0)).to eq(dry)
    end

    it "moves surface water into the grain while it stands" do
      expect(wash(drain: "air-dried").taken_per_g).to be_within(1e-9).of(wash.taken_per_g + 0.03)
    end
  end

  describe FondKettle::Kit::Atmosphere do
    it "gives the boiling points of the figures" do
      { 0 => 100.0, 1000 => 96.7, 2000 => 93.4, 3000 => 90.0 }.each do |height, boil_c|
        expect(described_class.boiling_point_c(height)).to be_within(0.12).of(boil_c)
      end
    end
  end

  describe FondKettle::Pot::Loss do
    it "is in proportion to the diameter, and capped by the burner" do
      plan = plan_for(basic_request(vessel: { "diameter_mm" => 240, "lid" => "ordinary" }))
      expect(described_class.boiling_g_min(plan.request.vessel, "ordinary", "low", "gas")).to eq(3.0)
      expect(described_class.boiling_g_min(plan.request.vessel, "ordinary", "high", "gas")).to eq(7.5)
      expect(described_class.cap_g_min(2257.0)).to eq(1.0)
    end
  end

  describe FondKettle::Pot::Kinetics do
    it "has the core gone just when the standard uptake is in" do
      kinetics = described_class.of(basmati, 0.2)
      expect(kinetics.minutes_to_take(1.5, 1.15)).to be_within(1e-9).of(1.15 * 11.5 * (1 - (0.3 * 3.2 * 0.2)))
    end

    it "finishes the core at the dry pace where the water goes first" do
      kinetics = described_class.of(basmati, 0.0)
      water = kinetics.minutes_to_take(1.3, 1.15)
      firm = plan_for(basic_request(texture: "firm")).load
      expect(kinetics.minutes_from_boil(firm, 1.15)).to be_within(1e-9).of(water + (((1.15 * 11.5) - water) / 0.6))
    end

    it "does not cook below 65 °C" do
      expect([described_class.pace(64.9), described_class.pace(100.0)]).to match([0.0, be_within(1e-9).of(1.0)])
    end
  end

  describe "a run" do
    it "comes to the boil when the heat has paid for it" do
      run = try_with(basic_request, 400).run
      expect(run.at("boil")).to be_within(0.2).of(4.0)
      expect(run.curve.each_cons(2).map { |a, b| b.min - a.min }.max).to be <= 0.5 + 1e-9
    end

    it "loses nothing more once it is dry" do
      dry = try_with(basic_request, 200).run
      after = dry.curve.select { |point| point.min > dry.at("dry") }
      expect(after.map(&:lost_g).uniq.size).to eq(1)
    end

    it "calls the verdicts by their signs" do
      verdicts = { 150 => "chalky", 330 => "firm", 386 => "standard", 450 => "soft", 700 => "wet" }
      expect(verdicts.keys.to_h { |liquid_g| [liquid_g, try_with(basic_request, liquid_g).verdict] }).to eq(verdicts)
    end

    it "scorches when it stands dry on high" do
      stages = [FondKettle::Pot::Stage.plain(key: "all", lid: "ordinary", heat: "high", minutes: 40.0,
                                             extra_min: 0.0)]
      trial = try_with(basic_request, 300, stages: stages)
      expect(trial.verdict).to eq("scorched")
      expect(trial.rescue.first.say).to include("Do not scrape")
    end

    it "ends with a sentence when it can never boil" do
      stages = [FondKettle::Pot::Stage.plain(key: "never", lid: "tight", heat: "off", until: "boil", minutes: nil,
                                             extra_min: 0.0)]
      expect(try_with(basic_request, 400, stages: stages).warnings.map(&:code)).to include("cannot-boil")
    end
  end

  describe "a rescue" do
    it "gives water and minutes that bring a dry chalky pot right" do
      remedy = try_with(basic_request, 180).rescue.first
      expect(try_with(basic_request, 180 + remedy.add_g).verdict).to eq("standard")
      expect(remedy.minutes).to be > 2
    end

    it "gives time before water where water is still there" do
      stages = %w[boil low].zip(%w[high low], ["boil", nil], [nil, 3.0]).map do |key, heat, ends_at, minutes|
        FondKettle::Pot::Stage.plain(key: key, lid: "ordinary", heat: heat, until: ends_at, minutes: minutes)
      end
      remedy = try_with(basic_request, 400, stages: stages).rescue.first
      expect([remedy.add_g, remedy.say]).to match([0, /more time/])
    end

    it "opens and dries a wet pot" do
      remedy = try_with(basic_request, 600).rescue.first
      expect([remedy.say, remedy.off_g, remedy.minutes]).to match([/Open the pot/, 0, be_between(2, 16)])
    end

    it "pours off what would take longer to dry than rice can stand" do
      remedy = try_with(basic_request, 700).rescue.first
      expect([remedy.say, remedy.minutes]).to match([/sieve, the steam away from you/, be < 10])
      spare_g = try_with(basic_request, 700).run.free_g
      expect(remedy.off_g).to be_between(0.8 * spare_g, spare_g)
      expect(try_with(basic_request, 700 - remedy.off_g).rescue.first&.off_g.to_i).to eq(0)
    end
  end
end
