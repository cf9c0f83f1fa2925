# frozen_string_literal: true

require_relative "../../support/suppers"

RSpec.describe FondKettle::Methods::VesselWarnings do
  include Support::Suppers

  # Sentences by code for a dish of these lines and steps.
  def told(lines, steps, **request)
    supper(dish(lines, steps: steps), **request).warnings.group_by(&:code).transform_values do |all|
      all.map(&:say)
    end
  end

  it "remarks on minutes that do not bring food to the state its words name" do
    words = lambda do |onion, fried|
      told("#{onion} | base",
           "Fry the onions | fry | #{fried} | until golden").fetch("minutes-and-state").first
    end
    expect(words.call("500 g onions", "8 min"))
      .to eq("500 g of onion will not even be soft after 8 min, not golden: that takes about 26. " \
             "In two pans at once it takes 13 min")
    expect(words.call("400 g onions",
                      "9 min")).to start_with("400 g of onion will be soft after 9 min, not golden")
    expect(words.call("100 g onions",
                      "30 min")).to match(/\A100 g of onion is golden after about \d min, not 30 min\z/)
    expect(told("150 g onions | base",
                "Fry the onions | fry | 8 min | until golden")).not_to include("minutes-and-state")
  end

  it "says where a second pan pays, and that a heap stews" do
    asked = request_for(basic_request(method: "toasted-pilaf", base: { "onion" => "dark" },
                                      additions: [{ "ingredient" => "onion", "g" => 700 }]))
    plan = FondKettle::Methods::Planner.plan(asked)
    codes = plan.warnings.to_h { |warning| [warning.code, warning.say] }
    expect(codes["two-pans"]).to match(/\A700 g of onion is dark brown after about \d\d min\. In two pans/)
    frying = plan.tasks.find { |task| task.kind.key == "fry" }
    expect(frying.told_min).to be > 30
    heap = told("2000 g onions | base", "Fry the onions | fry | 60 min | until golden")
    expect(heap["pan-too-full"].first).to match(/2000 g lie \d+ mm deep in the pot: over 50 mm it stews/)
  end

  it "says where the fire never fries, and plans the food as it is" do
    weak = { burner: { "source" => "gas", "high_w" => 100 }, vessel: { "diameter_mm" => 320 } }
    asked = basic_request(method: "toasted-pilaf", additions: [{ "ingredient" => "onion", "g" => 200 }],
                          **weak)
    vessel = FondKettle::Methods::RiceVessel.of(request_for(asked))
    expect(vessel.rows.first.never_hot).to include("never gets hot enough")
    expect(FondKettle::Methods::FoodLoad.water_g(vessel.contents)).to eq(100.0)
  end

  it "says where a broth is too much for its pot" do
    listed = [{ "ingredient" => "lamb", "g" => 1500 }, { "ingredient" => "carrot", "g" => 500 }]
    plan = plan_for(basic_request(method: "broth-under-rice", additions: listed,
                                  vessel: { "diameter_mm" => 200, "height_mm" => 100 }))
    expect(plan.warnings.map(&:code)).to include("broth-too-full")
  end
end
