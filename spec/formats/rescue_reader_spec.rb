# frozen_string_literal: true

require_relative "../../lib/fond_kettle/formats/history/rescue_reader"

RSpec.describe FondKettle::Formats::RescueReader do
  asked = { "grain" => "basmati", "method" => "covered-pot", "rice" => { "amount" => 300, "unit" => "g" },
            "vessel" => { "diameter_mm" => 200, "height_mm" => 110 }, "liquid" => { "g" => 320 },
            "so_far" => { "stage" => "low", "min" => 7 }, "stands" => "none", "bite" => "third" }

  def answer(data)
    described_class.new(data).answer
  end

  def problems(data)
    answer(data)
    []
  rescue FondKettle::InvalidInput => e
    e.problems.map { |one| one[:field] }
  end

  it "says how the pot stands, what to do now, and that it asks again" do
    found = answer(asked)
    expect(found[:state]).to include(core: be_between(0.1, 0.45), free_g: be < 10)
    expect(found[:advice]).to match([include(add_g: be_between(10, 60), lid: true, look: true,
                                             minutes: be_between(3, 8), tip_off_g: 0)])
    expect(found.values_at(:next, :say)).to eq(["ask", found[:advice].first[:say]])
  end

  it "goes on from what was done, and serves what is right" do
    advice = answer(asked)[:advice].first.transform_keys(&:to_s)
    later = asked.merge("so_far" => { "stage" => "low", "min" => 7, "events" => [advice] })
    expect(answer(later)[:state][:uptake_per_g]).to be > answer(asked)[:state][:uptake_per_g]
    right = asked.merge("liquid" => { "g" => 430 }, "so_far" => { "stage" => "rest", "min" => 10 },
                        "bite" => "gone")
    expect(answer(right).slice(:advice, :next, :say)).to eq(advice: [], next: "serve", say: "Serve it.")
  end

  it "knows the kitchen by the cooks before it" do
    plain = asked.except("so_far", "stands", "bite")
    cook = { "request" => plain.except("liquid"), "liquid" => { "g" => 400 },
             "weighed" => { "before_g" => 900, "after_g" => 815 }, "scopes" => { "pot" => "p" } }
    known = answer(asked.merge("cooks" => [cook, cook], "scopes" => { "pot" => "p" }))
    expect(known[:state][:uptake_per_g]).to be < answer(asked)[:state][:uptake_per_g]
  end

  it "says which field is wrong" do
    expect(problems(asked.merge("bite" => "odd"))).to eq(["bite"])
    expect(problems(asked.merge("so_far" => { "stage" => "lo", "min" => 3 }))).to eq(["so_far.stage"])
    expect(problems(asked.merge("so_far" => { "stage" => "low" }))).to eq(["so_far.min"])
    expect(problems(asked.except("liquid"))).to eq(["liquid.g"])
    expect(problems(asked.merge("grain" => "oats"))).to include("grain")
  end
end
