# frozen_string_literal: true

RSpec.describe FondKettle::Methods::NotSafe do
  library = FondKettle::Methods::Library.ours

  def with(*additions, **changes)
    basic_request(additions: additions.map { |key, grams| { "ingredient" => key, "g" => grams } }, **changes)
  end

  def codes(request)
    plan_for(request).warnings.map(&:code)
  end

  it "says it wherever a raw pulse is not boiled through, in every method" do
    library.all.each_key do |method|
      plan = plan_for(with(["dried-bean", 150], method: method))
      expect([method, plan.comes_out]).to eq([method, "not-safe"])
    end
    FondKettle::Larder::Ingredients.all.each_value.select { |food| food.boil_min > 30 }.each do |food|
      expect(plan_for(with([food.key, 100])).comes_out).to eq("not-safe"), food.key
    end
    expect(codes(with(["cooked-pulse", 150]))).not_to include("not-safe")
  end

  it "counts only minutes at the boil" do
    run = FondKettle::Methods::Trying.run(request_for(with(["red-lentil", 60], burner: { "high_w" => 160 })),
                                          500).run
    expect(run.boiling_min).to eq(0)
    expect(codes(with(["red-lentil", 60], burner: { "high_w" => 160 }))).to include("not-safe")
    plan = plan_for(basic_request)
    expect(plan.run.boiling_min).to be_within(0.6).of(plan.on_heat_min - plan.run.at("boil"))
  end

  it "says it of the cook's own water, too" do
    trial = FondKettle::Methods::Trying.run(request_for(with(["kidney-bean", 100])), 700)
    expect([trial.comes_out, trial.warnings.map(&:code)]).to match(["not-safe", include("not-safe")])
  end

  it "says it of raw food in a pot that never boils" do
    weak = with(["chicken", 200], burner: { "high_w" => 160 })
    expect(plan_for(weak).warnings.map(&:say)).to include(/Chicken goes in raw, and this pot never boils/)
    expect(codes(with(["chicken", 200]))).not_to include("not-safe")
  end

  it "warns of a warm soak of more than two hours, and refuses one above 60 °C" do
    soak = ->(minutes, water_c) { codes(basic_request(soak: { "minutes" => minutes, "water_c" => water_c })) }
    expect([soak.call(120, 40), soak.call(121, 26), soak.call(600, 25)].map do |all|
      all.include?("warm-soak")
    end)
      .to eq([false, true, false])
    expect { request_for(basic_request(soak: { "minutes" => 30, "water_c" => 61 })) }
      .to raise_error(FondKettle::InvalidInput, /water_c/)
  end

  it "puts what stands overnight in the refrigerator" do
    say = lambda { |minutes|
      plan_for(basic_request(soak: { "minutes" => minutes })).tasks.find { |task| task.id == "wash.soak" }.say
    }
    expect([say.call(60), say.call(600)]).to match([/in cold water$/, /in cold water, in the refrigerator$/])
  end

  it "never starts clay on high, and says so" do
    library.all.each_key do |method|
      plan = plan_for(basic_request(method: method, vessel: { "material" => "clay" }))
      ours = plan.phases.zip(plan.request.method.phases).reject { |_, text| text.vessel }.map(&:first)
      expect(ours.flat_map { |phase| phase.stages.map(&:heat) }).not_to include("high"), method
      expect(plan.tasks.map(&:say).join).not_to include("on high"), method
      expect(plan.cautions.keys.map(&:say)).to include(/Never start it on high/) if ours.any?
    end
  end

  describe "a thermometer before serving" do
    def checked(request)
      plan_for(request).tasks.find { |task| task.kind.key == "check-heat" }&.say
    end

    it "is in every method that has raw meat, poultry, fish or egg in it, at the highest of their " \
       "temperatures" do
      library.all.each_key do |method|
        cases = { "chicken" => 74, "minced-meat" => 71, "egg" => 71 }
        cases.each do |key, core_c|
          expect(checked(with([key, 150], method: method))).to match(/thermometer: at least #{core_c} °C$/)
        end
      end
      expect(checked(with(["lamb", 150]))).to include("63 °C")
      expect(checked(with(["lamb", 150], ["chicken", 10]))).to include("74 °C")
    end

    it "is in no other plan, but for the heart of what is steamed once more" do
      vegetable = library.all.values.reject { |method| method.key == "broth-under-rice" }
      wrapped, others = vegetable.partition(&:wrapped?)
      wrapped.each do |method|
        expect(checked(with(["leek", 150], method: method.key))).to include("74 °C")
      end
      others.map(&:key).each do |method|
        expect(checked(with(["leek", 150], method: method))).to be_nil, method
      end
    end

    it "warns of poultry only where there is some, or where nobody has said what meat it is" do
      said = ->(request) { plan_for(request).cautions.keys.map(&:code) }
      expect(said.call(with(["lamb", 300], method: "broth-under-rice"))).to include("whole-cuts")
      expect(said.call(with(["lamb", 300],
                            method: "broth-under-rice"))).not_to include("poultry", "minced-meat")
      expect(said.call(basic_request(method: "broth-under-rice"))).to include("poultry", "minced-meat",
                                                                              "whole-cuts")
    end

    it "comes before anything is loosened or served" do
      kinds = plan_for(with(["chicken", 200])).tasks.map { |task| task.kind.key }
      expect(kinds.last(2)).to eq(%w[check-heat fluff])
    end
  end
end
