# frozen_string_literal: true

# figures: The base ledger.
RSpec.describe FondKettle::Methods::BaseLedger do
  def broth(*additions, **changes)
    plan_for(basic_request(method: "broth-under-rice", rice: { "amount" => 400, "unit" => "g" },
                           additions: additions.map { |key, grams| { "ingredient" => key, "g" => grams } },
                           **changes))
  end

  it "closes: start and what the food brings, less what simmers away, is what stands there" do
    [[], [["lamb", 600]], [["lamb", 1200], ["tomato", 300]]].each do |additions|
      ledger = broth(*additions).ledger
      expect(ledger.start_g + ledger.brought_g - ledger.lost_g).to be_within(1e-6).of(ledger.standing_g)
    end
  end

  it "counts the water of the food once: what stands there and what the rice wants is the same" do
    with = broth(["lamb", 600])
    balance = with.balance
    wanted_g = balance.uptake_g + balance.loss_g - balance.soak_gain_g - balance.surface_g
    expect(with.ledger.standing_g).to be_within(1).of(wanted_g)
  end

  it "is poured at the start, measured before the rice goes in, and nothing is poured then" do
    plan = broth(["lamb", 600])
    poured = plan.tasks.select { |task| task.amounts.any? { |amount| amount.what == "Water" } }
    expect(poured.map { |task| task.kind.key }).to eq(["broth"])
    measure, fill = %w[measure fill].map { |kind| plan.tasks.find { |task| task.kind.key == kind } }
    expect(measure.say).to match(/Measure the broth: 5\d\d g \(.*\) should stand there \(\d+ mm deep/)
    expect([fill.amounts, plan.tasks.map(&:say).grep(/Lay the rice|Put the rice/)]).to eq([[], [fill.say]])
  end

  it "goes on hot, so that it boils sooner than food put in cold" do
    hot = broth(["lamb", 900]).run.at("boil")
    cold = plan_for(basic_request(method: "toasted-pilaf", rice: { "amount" => 400, "unit" => "g" },
                                  additions: [{ "ingredient" => "lamb", "g" => 900 }])).run.at("boil")
    expect(hot).to be < cold / 2
  end

  it "says when a start does not cover its food" do
    covered = ->(*food) { broth(*food).warnings.map(&:code).include?("base-not-covered") }
    expect([covered.call(["lamb", 600]), covered.call(["cabbage", 800])]).to eq([false, true])
  end

  describe "food that is lifted out" do
    def lifted(out)
      plan_for(basic_request(method: "broth-under-rice", rice: { "amount" => 400, "unit" => "g" },
                             additions: [{ "ingredient" => "lamb", "g" => 600, "out" => out }.compact]))
    end

    it "leaves what it brought, and takes its room and its heat away" do
      stays, out = [nil, "before-rice"].map { |way| lifted(way) }
      # Seared lamb still gives 60 of its 132 g; lifted, it carries 0.06 of its weight of broth away.
      expect(stays.ledger.brought_g).to be_within(1e-6).of((0.22 * 600) - (0.12 * 600))
      expect(out.ledger.brought_g).to be_within(1e-6).of(60 - (0.06 * (600 - 72 - 60)))
      expect(out.liquid_g).to be_within(40).of(stays.liquid_g)
      expect([out.load.bulk_ml, out.load.solids_j_k]).to eq([0.0, 0.0])
      expect(stays.load.bulk_ml).to be_positive
    end

    it "has its tasks: out before the broth is measured, back before its heat is checked" do
      kinds = ->(out) { lifted(out).tasks.map { |task| task.kind.key } }
      expect(kinds.call(nil) & %w[take-out put-back]).to eq([])
      expect(kinds.call("before-rice") & %w[take-out put-back]).to eq(["take-out"])
      back = kinds.call("back-at-end")
      expect(back.each_cons(2)).to include(%w[take-out measure], %w[measure fill])
      expect(back.last(3)).to eq(%w[put-back check-heat fluff])
    end

    it "is refused where there is no broth to lift it from" do
      asked = basic_request(additions: [{ "ingredient" => "lamb", "g" => 100, "out" => "before-rice" }])
      expect { request_for(asked) }
        .to raise_error(FondKettle::InvalidInput, /additions.0.out must be left out: this way has no broth/)
    end

    it "has boiled in its broth, and not with the rice" do
      codes = lambda { |key, out|
        food = { "ingredient" => key, "g" => 60, "out" => out }.compact
        plan_for(basic_request(method: "broth-under-rice", additions: [food])).warnings.map(&:code)
      }
      expect(codes.call("black-eyed-bean", "back-at-end")).not_to include("not-safe")
      expect(codes.call("soya-bean", nil)).to include("not-safe")
    end
  end

  it "is in no plan whose base is no broth" do
    others = FondKettle::Methods::Library.ours.all.keys - ["broth-under-rice"]
    expect(others.filter_map { |method| plan_for(basic_request(method: method)).ledger }).to eq([])
  end

  describe FondKettle::Stove::BrothAdvice do
    base = { standing_g: 560.0, off_g_min: 18.0 }

    it "says what to do about what was measured" do
      expect([740, 400, 570].map { |grams| described_class.of(base, grams) })
        .to match([have_attributes(way: "less", grams: 180.0, minutes: 10.0),
                   have_attributes(way: "more", grams: 160.0), have_attributes(way: "right")])
    end
  end
end
