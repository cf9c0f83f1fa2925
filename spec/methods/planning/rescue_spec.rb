# frozen_string_literal: true

RSpec.describe FondKettle::Methods::Rescue do
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

  # What is advised after so many minutes on low, of so much water.
  def after(minutes, liquid_g)
    stages = [{ "heat" => "high", "until" => "boil" }, { "heat" => "low", "minutes" => minutes }]
    reader = FondKettle::Formats::RequestReader.new(basic_request(stages: stages))
    FondKettle::Methods::Trying.run(reader.request, liquid_g, stages: reader.stages)
  end

  it "opens and dries a wet pot" do
    remedy = after(9, 420.0).rescue.first
    expect([remedy.say, remedy.off_g, remedy.minutes]).to match([/Open the pot/, 0, be_between(1, 15)])
  end

  it "pours off what is too much, and gives what is raw its time" do
    trial = after(8, 640.0)
    remedy = trial.rescue.first
    expect([remedy.say, remedy.minutes]).to match([/Pour off what is too much/, be < 15])
    expect(remedy.off_g).to be_between(0.2 * trial.run.free_g, trial.run.free_g)
  end

  it "says what cannot be undone, and starts a cooker again" do
    expect(try_with(basic_request, 700).rescue.first.say).to include("cannot be undone")
    again = try_with(basic_request(method: "rice-cooker", grain: "short-white"), 250).rescue.last
    expect(again.say).to include("start the cooker again")
  end

  wrong = ->(random) { [0.6 + (0.7 * random.rand), 0.5 + (0.8 * random.rand)] }

  FondKettle::Methods::Library.ours.all.each_key do |method|
    it "advises only what the model, run on, finds to come right: #{method}" do
      random = Random.new(method.sum)
      plan = plan_for(basic_request(method: method, grain: "medium-white"))
      advised = Array.new(30) { wrong.call(random) }.flat_map do |water, time|
        stages = plan.stages.map { |one| one.off? || one.until ? one : one.with(minutes: one.minutes * time) }
        pot = [plan.load, plan.liquid_g * water, stages, plan.setting]
        remedies = described_class.for(FondKettle::Pot::Cooking.run(*pot), *pot)
        remedies.select { |remedy| remedy.stages.any? }
                .map { |remedy| [plan.liquid_g * water, [*stages, *remedy.stages]] }
      end
      right = advised.count do |liquid_g, stages|
        run = FondKettle::Pot::Cooking.run(plan.load, liquid_g, stages, plan.setting)
        %w[firm standard soft].include?(FondKettle::Pot::Verdict.of(run, plan.load))
      end
      expect(right).to be >= 0.95 * advised.size
    end
  end
end
