# frozen_string_literal: true

RSpec.describe FondKettle::Formats::MakingJson do
  def json(data)
    FondKettle::Formats::PlanJson.call(plan_for(data))
  end

  def wrong(data)
    request_for(data)
  rescue FondKettle::InvalidInput => e
    e.problems.map { |problem| [problem[:field], problem[:message]] }
  end

  sticky = { "grain" => "glutinous", "method" => "steamed-sticky",
             "rice" => { "amount" => 500, "unit" => "g" } }
  parcels = sticky.merge("method" => "leaf-parcels")
  sushi = { "grain" => "short-white", "method" => "sushi", "rice" => { "amount" => 320, "unit" => "g" } }

  it "answers as the contract has it" do
    expect(json(sticky)[:steaming].keys).to include(:batches, :bed_mm, :minutes, :sprinklings, :condensed_g,
                                                    :water_below_g, :top_up_min)
    expect(json(parcels.merge("pieces" => { "count" => 12 }))[:pieces].keys)
      .to include(:count, :rice_g_each, :filling_g_each, :left_g, :thickness_mm, :steam_min, :frozen_min)
    made = json(sushi)
    expect(made[:dressing]).to include(vinegar_ml: 48.0, sugar_g: 19.2, salt_g: 4.8)
    expect(made[:cooling][:minutes_to_37]).to be_within(0.1).of(18.0)
    expect(json(sticky.merge("method" => "covered-pot")).keys & %i[steaming pieces dressing
                                                                   cooling]).to eq([])
  end

  it "tells when the water below has to be topped up, in a pot that does not hold it all" do
    small = json(sticky.merge("vessel" => { "diameter_mm" => 160, "height_mm" => 60 },
                              "burner" => { "source" => "induction", "high_w" => 2500 }))[:steaming]
    expect(small[:needed_g]).to be > small[:water_below_g]
    rate = 2500 / 2257.0 * 60
    expect(small[:top_up_min]).to be_within(0.2).of((small[:water_below_g] - 300) / rate)
    steamed_min = json(sticky)[:steaming][:minutes]
    expect(json(sticky)[:steaming][:water_below_g]).to be_within(2)
      .of((1200 / 2257.0 * 60 * steamed_min) + 300)
  end

  it "plans and runs all nineteen keys of the contract" do
    keys = %w[covered-pot rice-cooker knuckle level oven-pilaf toasted-pilaf open-then-covered one-pot-sauce
              broth-under-rice mixed-rice sushi sealed-cooked-base sealed-raw-base layered-cooked-rice
              turned-out steamed-sticky leaf-parcels shaped boil-and-drain]
    expect(FondKettle::Methods::Library.ours.all.keys).to match_array(keys)
    keys.each do |method|
      data = basic_request(method: method, grain: method.match?(/sticky|parcels/) ? "glutinous" : "basmati")
      plan = json(data)
      run = FondKettle::Formats::RunJson.call(try_with(data, plan[:liquid][:g]))
      expect([run[:end][:verdict], plan[:comes_out]]).to eq([plan[:verdict], plan[:verdict]]), method
    end
  end

  it "refuses what cannot be, at its field, in words" do
    expect(wrong(parcels.merge("pieces" => { "count" => 0 })))
      .to eq([["pieces.count", "must be between 1 and 200"]])
    expect(wrong(parcels.merge("pieces" => { "count" => 400 })).first.last).to include("between 1 and 200")
    expect(wrong(parcels.merge("pieces" => { "g_each" => 90 }, "filling" => { "g_each" => 60 })))
      .to eq([["filling.g_each", "must be at most what the rice of one weighs (45 g of 90)"]])
    expect(wrong(parcels.merge("pieces" => { "count" => 12 }, "filling" => { "g_each" => 80 })))
      .to eq([["filling.g_each", "must be at most what the rice of one weighs (72 g)"]])
    expect(wrong(sushi.merge("cool" => { "depth_mm" => 2 }))).to eq([["cool.depth_mm",
                                                                      "must be between 5 and 60"]])
    wide = sticky.merge("steamer" => { "diameter_mm" => 400 }, "vessel" => { "diameter_mm" => 200 })
    expect(wrong(wide)).to eq([["steamer.diameter_mm",
                                "must be at most 260: the pot under it is 200 mm wide"]])
    expect(wrong(parcels.merge("pieces" => { "use" => "triangle" })))
      .to eq([["pieces.use", "must be one of: parcel"]])
    expect(wrong(sushi.merge("pieces" => { "use" => "parcel" })).first.last).to start_with("must be one of: ")
    expect(wrong(sticky.merge("style" => "sharp"))).to match([["style", /must be left out/]])
    expect(wrong(sushi.merge("style" => "sour")).first.first).to eq("style")
    expect(wrong(parcels.merge("pieces" => { "count" => 3, "g_each" => 90 })).first)
      .to eq(["pieces", "must have either count or g_each"])
  end

  it "takes the pot as wide as a steamer of which nobody said more" do
    expect(request_for(sticky.merge("steamer" => { "diameter_mm" => 320 })).vessel.diameter_mm).to eq(320)
  end
end
