# frozen_string_literal: true

RSpec.describe FondKettle::Pot::Attributes do
  it "makes of each file an attribute of stages, with a word for it" do
    files = Dir[File.expand_path("../../lib/fond_kettle/pot/attributes/*.rb", __dir__)].map do |path|
      File.basename(path, ".rb").to_sym
    end
    expect(described_class.all.keys).to match_array(files)
    expect(FondKettle::Pot::Stage.members).to include(*files)
    expect(FondKettle::Words.of("attributes").keys).to match_array(files.map(&:to_s))
  end

  it "knows what each does when a stage begins, and in which order" do
    expect(described_class.on_entering.map { |attribute| attribute.effect.act }).to eq(described_class::ACTS)
    acts = described_class.with_effect(FondKettle::Pot::Effects::OnEntering)
                          .map { |attribute| attribute.effect.act }
    expect(FondKettle::Pot::Simulation.private_instance_methods).to include(*acts)
  end

  it "multiplies the steam of a stage by the factors that are set" do
    plain, disc = [false, true].map do |parchment|
      stage = FondKettle::Pot::Stage.plain(key: "low", lid: "ordinary", heat: "low", minutes: 5.0,
                                           parchment: parchment)
      FondKettle::Pot::Fire.new(stage, plan_for(basic_request).setting).boiling_g_min
    end
    expect(disc / plain).to be_within(1e-9).of(0.7)
  end

  it "reads in a request's stages what requests may set, and refuses the rest" do
    described_class.set_by(:stages).reject { |attribute| attribute.type == :charge }.each do |attribute|
      value = { choice: attribute.range&.first, number: attribute.range&.min, minutes: 5,
                switch: true }.fetch(attribute.type)
      stage = { "heat" => "low", "minutes" => 5 }.merge(attribute.key.to_s => value)
      stage = stage.except("minutes") if attribute.key == :until
      reader = FondKettle::Formats::RequestReader.new(basic_request(stages: [stage]))
      expect(reader.stages.first.public_send(attribute.key)).to eq(value)
    end
    stray = [{ "heat" => "low", "minutes" => 5, "moon" => true }]
    expect do
      FondKettle::Formats::RequestReader.new(basic_request(stages: stray))
    end.to raise_error(FondKettle::InvalidInput, /moon/)
  end

  it "do not load where what a request may switch on has no sentence for the slip" do
    fan = FondKettle::Pot::Attribute.of(:fan, :switch, set_by: %i[request])
    sentences = FondKettle::Words.of("closings")
    list = described_class.all.values
    expect(described_class.checked(list, sentences)).to eq(list)
    expect { described_class.checked([*list, fan], sentences) }
      .to raise_error(FondKettle::BadCatalogue, "data/words.yml: closings must have a sentence for fan")
    with_it = sentences.merge("fan" => "A fan blows over the pot")
    expect(described_class.checked([*list, fan], with_it).last).to eq(fan)
  end

  FondKettle::Methods::Library.ours.all.each_value do |method|
    it "are told in #{method.key} wherever a request switches one on" do
      grain = FondKettle::Larder::Grains.all.values.find { |one| method.suits?(one) }
      described_class.switches(:request).map { |one| one.key.to_s }.each do |key|
        plan = plan_for(basic_request(method: method.key, grain: grain.key, key => true))
        on = plan.phases.flat_map(&:stages).any? { |stage| stage.public_send(key) }
        told = plan.tasks.any? { |task| task.say.include?(FondKettle::Words.of("closings").fetch(key)) }
        expect([key, told]).to eq([key, on])
      end
    end
  end
end
