# frozen_string_literal: true

require_relative "../../support/told_texts"

RSpec.describe "Rice that a dish leaves in the sieve" do
  include Support::ToldTexts

  def drain_of(done, list = "300 g basmati rice\n450 ml water\n1 tsp salt")
    request = { "dish" => JSON.parse(JSON.generate(read(list, done))), "assume" => true }
    tasks = FondKettle::Formats::DishRequest.new(request).supper.plan.tasks
    tasks.find { |task| task.id == "wash.drain" }
  end

  it "is left so long in the plan, with no hands, and with what clings then" do
    drain = drain_of("Wash the rice and let it drain in a sieve for 30 minutes. Put it in a pot with " \
                     "the water and salt, bring to the boil, cover and cook on low for 12 minutes.")
    expect(drain).to have_attributes(say: "Drain: leave it 30 min in the sieve", minutes: 30.0,
                                     hands_on: false)
  end

  it "is shaken where nobody says how long" do
    drain = drain_of("Wash the rice and drain it. Put it in a pot with the water and salt, bring to " \
                     "the boil, cover and cook on low for 12 minutes.")
    expect(drain).to have_attributes(say: "Drain: shake the sieve well", minutes: 1.0)
  end

  it "takes any time that somebody writes" do
    { "30 seconds" => 1.0, "an hour" => 60.0, "3 hours" => 180.0 }.each do |time, minutes|
      drain = drain_of("Wash the rice and let it drain in a sieve for #{time}. Boil the water " \
                       "with the salt, add the rice, cover and cook on low for 12 minutes.")
      expect([time, drain.minutes]).to eq([time, minutes])
    end
  end

  it "keeps its own minutes apart from those of rice that is boiled and drained" do
    drain = drain_of("Boil the rice in plenty of salted water for 10 minutes. Drain it and leave it for 5 " \
                     "minutes.", "300 g basmati rice\nsalt")
    expect(drain&.minutes).not_to eq(5.0)
  end
end
