# frozen_string_literal: true

require_relative "../../support/columns"

RSpec.describe FondKettle::Pot::SealedPot do
  pots = Support::Columns

  define_method(:pots) { pots }

  let(:two) { [pots.base(1000.0), pots.rice] }
  let(:four) do
    [pots.base(600.0, share: 0.5), pots.rice(0.5), pots.base(600.0, share: 0.5), pots.rice(0.5)]
  end

  def water_g(load)
    load.carried_g + load.stack.tiers.sum(&:bound_g)
  end

  it "is hot through when it should be: on high, on high then low, on low from cold" do
    load = pots.load(two, done: 0.55, surface: 0.0)
    minutes = [[["high", 60]], [["high", 5], ["low", 120]], [["low", 200]]].map do |programme|
      pots.run(load, programme).layers.hot_min
    end
    expect(minutes).to match([be_within(1.0).of(9.5), be_within(5.0).of(43), be_within(5.0).of(70)])
  end

  it "is hot from the floor up" do
    hot_min = pots.run(pots.load(four, water_g: 700.0), [["high", 30]]).layers.ends.map(&:hot_min)
    expect(hot_min).to eq(hot_min.sort)
    expect(hot_min.uniq.size).to eq(4)
  end

  it "is hot at nearly the same minute with rice a hair warmer, however long its steps are" do
    %w[high medium].each do |heat|
      hot_min = Array.new(300) do |index|
        tiers = [pots.base(300.0, start_c: 80.0), pots.rice(start_c: 70.0 + (index * 0.05))]
        load = pots.load(tiers, rice_g: 150.0, water_g: 60.0)
        pots.run(load, [[heat, 10]], step_min: 5.0).layers.hot_min
      end
      expect(hot_min.each_cons(2).map { |cold, warm| (cold - warm).abs }.max).to be < 0.01
    end
  end

  it "conserves water across its layers, to a thousandth of a gram, at every step" do
    load = pots.load(four, water_g: 300.0, residue_g: 80.0)
    course = pots.run(load, [["high", 12], ["low", 30], ["off", 12]])
    # What is bound in a base is no water until it makes steam.
    course.curve.each do |point|
      all_g = point.free_g + point.taken_g + point.lost_g + point.gone_g
      expect(all_g).to be_between(load.carried_g - 1e-3, water_g(load) + 1e-3)
    end
    ended_g = course.free_g + (course.uptake * load.rice_g) + course.lost_g + course.cloth_g
    expect(ended_g + course.layers.bound_g).to be_within(1e-3).of(water_g(load))
  end

  it "closes its energy over a run, whatever the programme" do
    [[["high", 12], ["low", 30], ["off", 12]], [["low", 90]],
     [["medium", 20], ["low", 20]]].each do |programme|
      energy = pots.run(pots.load(four, water_g: 300.0), programme).energy
      expect(energy.open_j.abs).to be < 0.01 * energy.in_j
    end
  end

  it "ends alike whether a layer is one or two equal ones, and whether the step is halved" do
    ends = lambda { |tiers, step_min|
      course = pots.run(pots.load(tiers), [["high", 8], ["low", 30]], step_min: step_min)
      [course.uptake, course.lost_g, course.core]
    }
    one = ends.call([pots.base(1000.0), pots.rice], 0.5)
    halves = [pots.base(500.0, share: 0.5), pots.base(500.0, share: 0.5), pots.rice]
    expect(ends.call(halves, 0.5).first).to be_within(0.01 * one.first).of(one.first)
    finer = ends.call([pots.base(1000.0), pots.rice], 0.25)
    expect(finer.first).to be_within(0.005 * one.first).of(one.first)
    expect(finer[1]).to be_within(0.005 * (one[1] + 10)).of(one[1])
  end

  it "ends firm and soft at the two ends of the water budget, whatever the base has" do
    grain = FondKettle::Larder::Grains.fetch("basmati")
    kinetics = FondKettle::Pot::Kinetics.of(grain, 0.25)
    [100.0, 200.0, 300.0].product(%i[firm soft]).each do |water_g, wanted|
      tiers = [pots.base(1000.0, water_g: water_g, start_c: 80.0, bound: 0.0), pots.rice(start_c: 80.0)]
      done = FondKettle::Methods::Budgets.done(
        kinetics, FondKettle::Methods::Budgets.needed(grain.uptake[wanted], 0.08, water_g - 10, 500.0)
      )
      course = pots.run(pots.load(tiers, done: [done, 1.0].min, water_g: water_g), [["high", 2], ["low", 40]])
      expect(course.uptake).to be_within(0.03).of(grain.uptake[wanted]), "#{water_g} #{wanted}"
    end
  end

  it "stops heating upward where its floor runs dry, and scorches by what the pot is made of" do
    tiers = [pots.base(400.0, water_g: 10.0, bound: 0.0), pots.base(900.0, share: 0.0), pots.rice]
    course = pots.run(pots.load(tiers, water_g: 10.0), [["high", 30]])
    expect(course.layers.hot_min).to be_nil
    expect(course.layers.ends.last.end_c).to be < 65
    expect(course.layers.scorch_min).to be_within(0.6).of(course.at("dry") + 2)
  end

  it "loses more past the seal on high than on low, once all is hot, whatever the seal" do
    load = pots.load([pots.base(1000.0, start_c: 80.0), pots.rice(start_c: 80.0)])
    lost = [[["high", 8]], [["high", 2], ["low", 6]]].map { |programme| pots.run(load, programme).lost_g }
    expect(lost.first).to be > 100
    expect(lost.last).to be < 20
  end

  it "never lets a weak fire heat what its wall gives away" do
    weak = pots.setting.with(burner: FondKettle::Kit::Burner.usual("gas", 300.0))
    expect(pots.run(pots.load(two), [["low", 180]], setting: weak).layers.hot_min).to be_nil
  end

  it "is heated from all sides in an oven" do
    course = pots.run(pots.load(two), [["off", 150, { oven_c: 175.0 }]])
    expect(course.layers.hot_min).to be_between(60, 140)
  end

  it "comes to an end with rice on the floor, which drinks from the base that lies over it" do
    tiers = [pots.rice(0.5, start_c: 80.0), pots.base(1200.0, start_c: 5.0), pots.rice(0.5, start_c: 80.0)]
    course = pots.run(pots.load(tiers, rice_g: 400.0, water_g: 360.0), [["high", 5], ["low", 60]])
    expect(course.minutes).to be_within(1e-6).of(65)
    expect(course.layers.scorch_min).not_to be_nil
  end

  it "gets no hotter than the boil in an oven, and no colder than the room" do
    tiers = [pots.base(600.0, water_g: 20.0, bound: 0.0), pots.rice, pots.base(15.0, share: 0.0, what: "egg")]
    [[["off", 90, { oven_c: 250.0 }]], [["low", 90]]].each do |programme|
      warm = pots.run(pots.load(tiers, water_g: 20.0), programme).curve.flat_map do |point|
        point.layers_c.map(&:first)
      end
      expect(warm.minmax).to match([be >= 8.0 - 1e-6, be <= 100.0 + 1e-6])
    end
  end

  it "runs three hours of ten layers" do
    tiers = Array.new(5) { [pots.base(200.0, share: 0.2), pots.rice(0.2)] }.flatten
    expect(pots.run(pots.load(tiers, water_g: 400.0),
                    [["high", 8], ["low", 172]]).minutes).to be_within(1e-6).of(180)
  end
end
