# frozen_string_literal: true

RSpec.describe FondKettle::Care::Keeping do
  def keeping(**changes)
    described_class.new(FondKettle::Care::Kept.new(
                          g: 1200.0, depth_mm: 25.0, vessel: "tray", start_c: 90.0, below_60_min: nil,
                          place_c: 20.0,
                          then_c: 4.0,
                          moved_after_min: 60.0, **changes
                        ))
  end

  def sentences(keeping)
    FondKettle::Care::KeepingText.new(keeping).to_s
  end

  def sentences_of(**changes)
    sentences(keeping(**changes))
  end

  it "cools: a pot 100 mm deep 11 h, a tray 25 mm 1.6 h, a tray in the kitchen 3.7 h" do
    cold = { place_c: 4.0, moved_after_min: 0.0 }
    expect(keeping(**cold, vessel: "pot", depth_mm: 100.0).min_to(21) / 60).to be_within(0.1).of(11)
    expect(keeping(**cold).min_to(21) / 60).to be_within(0.05).of(1.6)
    expect(keeping(start_c: 60.0, then_c: 20.0,
                   moved_after_min: 1440.0).min_to(21) / 60).to be_within(0.05).of(3.7)
  end

  it "is safe by the two hours and the four, and says until when it keeps" do
    expect([keeping.safe?, keeping.use_within_h]).to eq([true, 24])
    deep = keeping(vessel: "pot", depth_mm: 100.0)
    expect([deep.safe?, deep.use_within_h]).to eq([false, 0])
    expect([keeping(then_c: -18.0).use_within_h, keeping(then_c: 9.0).safe?]).to eq([60 * 24, false])
  end

  it "never gets colder than what is round it" do
    expect(keeping(then_c: 20.0).min_to(5)).to be_nil
    expect(keeping(then_c: 6.0).min_to(5)).to be_nil
    expect(keeping(start_c: 4.0).min_to(60)).to eq(0.0)
  end

  it "offers only what it has tried" do
    [40, 60, 90, 120].each do |depth_mm|
      better = keeping(depth_mm: depth_mm.to_f, vessel: "pot", moved_after_min: 180.0).better
      expect(described_class.new(better).safe?).to be(true)
    end
    expect(keeping.better).to be_nil
    expect(keeping(then_c: 9.0).better).to be_nil
    expect(sentences_of(then_c: 9.0)).to match(/thrown away.*colder than 5 °C/)
  end

  it "goes on from where it was when it is moved, whatever the minute" do
    (0..200).step(20) do |moved|
      one = keeping(moved_after_min: moved.to_f)
      [60, 21, 5].each { |to_c| expect(one.after(one.min_to(to_c))).to be_within(1e-6).of(to_c) }
    end
  end

  it "takes under 5 ms" do
    began = Process.clock_gettime(Process::CLOCK_MONOTONIC)
    20.times { sentences_of }
    expect((Process.clock_gettime(Process::CLOCK_MONOTONIC) - began) / 20).to be < 0.005
  end

  it "is not safe where nobody knows since when it is below 60 °C, and counts what is told" do
    [22.0, 30.0, 45.0, 59.0].each do |start_c|
      unknown = keeping(start_c: start_c)
      expect([unknown.safe?, unknown.use_within_h, unknown.better, sentences(unknown)])
        .to match([false, 0, nil, /nobody knows since when/])
    end
    expect(keeping(start_c: 45.0, below_60_min: 30.0).safe?).to be(true)
    expect(keeping(start_c: 45.0, below_60_min: 60.0).safe?).to be(false)
    expect(keeping(below_60_min: 45.0).safe?).to be(false)
  end

  it "takes a refrigerator of 5 °C for one, and says of a warmer place to use it the same day" do
    five, seven = [5.0, 7.0].map { |then_c| keeping(then_c: then_c, moved_after_min: 30.0) }
    expect([five.safe?, five.use_within_h, five.cold_c]).to eq([true, 24, 6.0])
    expect([seven.safe?, seven.use_within_h, sentences(seven)]).to match([true, 12, /use it the same day/])
    expect(sentences_of(then_c: 5.0, place_c: 5.0,
                        start_c: 5.0)).to start_with("It is cold already. Use it within")
  end

  it "answers for food that is kept hot, that is frozen, and that stands out" do
    hot = keeping(place_c: 65.0, moved_after_min: 180.0)
    expect([hot.safe?, sentences(hot)]).to match([true, /Kept hot at 65 °C/])
    expect(sentences_of(start_c: 4.0, place_c: 65.0)).to include("reheat it to 74 °C first")
    frozen = keeping(start_c: -18.0, then_c: -18.0, moved_after_min: 5.0)
    expect([frozen.safe?, frozen.use_within_h]).to eq([true, 1440])
    out = ->(min) { keeping(start_c: 4.0, moved_after_min: min).safe? }
    expect([out.call(60.0), out.call(300.0)]).to eq([true, false])
  end

  it "counts as many minutes between two temperatures as a fine step does" do
    cooling = FondKettle::Pot::Cooling
    [[90.0, 4.0], [4.0, 20.0], [15.0, -18.0], [-18.0, 20.0]].each do |from_c, round_c|
      counted = (0...60_000).count do |i|
        cooling.after(60.0, from_c, i / 100.0, round_c).between?(5, 21)
      end / 100.0
      exact = cooling.minutes_between(60.0, from_c, 600.0, round_c, 5.0, 21.0)
      expect(exact).to be_within(0.05).of(counted), "#{from_c} to #{round_c}"
    end
  end
end
