# frozen_string_literal: true

RSpec.describe FondKettle::Formats::RequestReader do
  def problems(data)
    described_class.new(data).request
    []
  rescue FondKettle::InvalidInput => e
    e.problems.map { |problem| "#{problem[:field]} #{problem[:message]}" }
  end

  it "refuses what it does not know, with the nearest name it does" do
    { { "vessel" => { "diameter" => 240 } } => "vessel.diameter is not known; " \
                                               "did you mean vessel.diameter_mm?",
      { "altitud_m" => 3 } => "altitud_m is not known; did you mean altitude_m?",
      { "additions" => [{ "ingredient" => "tomato", "g" => 3,
                          "stat" => 1 }] } =>
        /additions.0.stat is not known; did you mean additions.0.state\?/,
      { "stages" => [{ "heat" => "low", "minutes" => 3, "parchmnt" => true }] } =>
        /stages.0.parchmnt is not known; did you mean stages.0.parchment\?/ }
      .each { |change, message| expect(problems(basic_request.merge(change))).to contain_exactly(message) }
  end

  it "wants a unit with an amount, and one of amount and people" do
    expect(problems(basic_request(rice: { "amount" => 3 })))
      .to contain_exactly(/rice.unit must be given with rice.amount/)
    both = { "amount" => 3, "unit" => "g", "people" => [{ "appetite" => "light" }] }
    expect(problems(basic_request(rice: both))).to contain_exactly(/not both/)
  end

  it "answers in words to numbers without end and to bytes that are no text" do
    [1e308, -1e308, 10**400].each do |number|
      %w[altitude_m residue_g parts oven_c].each do |field|
        expect(problems(basic_request.merge(field => number))).not_to be_empty
      end
      expect(problems(basic_request(rice: { "amount" => number, "unit" => "kg" }))).not_to be_empty
    end
    expect { described_class.parse("{\"grain\":\"\xff\"}") }.to raise_error(FondKettle::InvalidInput, /UTF-8/)
    ["[1]", "", "{", "{\"a\":NaN}"].each do |text|
      expect { described_class.parse(text) }.to raise_error(FondKettle::InvalidInput)
    end
  end

  it "sets every attribute that a request may set, by the list" do
    FondKettle::Pot::Attributes.switches(:request).each do |attribute|
      request = described_class.new(basic_request(attribute.key => true)).request
      expect(request.choices.public_send(attribute.key)).to be(true)
    end
  end

  it "takes food in its state and as warm as it goes in" do
    plan = lambda do |more|
      plan_for(basic_request(additions: [{ "ingredient" => "tomato", "g" => 200 }.merge(more)]))
    end
    raw, reduced, hot = [{}, { "state" => "reduced" }, { "start_c" => 90 }].map(&plan)
    expect(reduced.liquid_g).to be > raw.liquid_g + 80
    expect(hot.run.at("boil")).to be < raw.run.at("boil")
    expect { plan.call("state" => "grey") }.to raise_error(FondKettle::InvalidInput,
                                                           /state must be one of: raw/)
  end

  it "rests as long as it is told, goes up on medium, rinses so many minutes and ends as asked" do
    plan = plan_for(basic_request(rest_minutes: 25, heat_to_boil: "medium", finish: "leave",
                                  rinse: { "changes" => 3, "minutes" => 6 }))
    tasks = plan.tasks.to_h { |task| [task.key, task] }
    expect([tasks["rest"].told_min, tasks["boil"].heat, tasks["rinse"].told_min]).to eq([25.0, "medium", 6.0])
    expect(tasks["leave"].say).to include("leave it as it lies")
  end

  it "says how long a stage may be" do
    stages = [{ "lid" => "ordinary", "heat" => "high", "until" => "boil" },
              { "lid" => "ordinary", "heat" => "low", "minutes" => 5000 }]
    expect { described_class.new(basic_request(liquid: { "g" => 400 }, stages: stages)).request }
      .to raise_error(FondKettle::InvalidInput, /stages.1.minutes must be/)
  end
end
