# frozen_string_literal: true

RSpec.describe FondKettle::Formats::RunJson do
  # Absurd but allowed: hardly any water, or far too much, for raw and soaked rice, in a
  # thin or a heavy pot.
  runs = FondKettle::Larder::Grains.all.keys.product(FondKettle::Methods::Library.ours.all.keys,
                                                     [0, 60, 150, 400, 3000, 20_000], [0, 240])

  # So many-th run of these; half of all with --all.
  each_of = Support::THOROUGH ? 2 : 23

  it "answers every run, however absurd" do
    tried = runs.select.with_index { |_, index| (index % each_of).zero? }
    tried.each do |grain, method, liquid_g, soak_min|
      request = basic_request(grain: grain, method: method, soak: { "minutes" => soak_min })
      answer = described_class.call(try_with(request, liquid_g.to_f))
      expect(answer[:end][:verdict]).to(satisfy { |verdict| FondKettle::Pot::Verdict::ALL.include?(verdict) })
      expect(answer[:rescue]).to all(include(:say, :add_g, :minutes))
    end
    expect(tried.size).to be >= 1200 / each_of
  end

  it "tells of a pot both scorched and chalky, and of both ways out" do
    answer = described_class.call(try_with(basic_request(grain: "brown-long", soak: { "minutes" => 0 }),
                                           150.0))
    expect(answer[:end][:verdict]).to eq("scorched")
    expect(answer[:rescue].map { |remedy| remedy[:say] })
      .to contain_exactly(/Do not scrape/, /Sprinkle hot water/)
  end
end
