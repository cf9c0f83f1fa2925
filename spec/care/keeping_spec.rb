# frozen_string_literal: true

RSpec.describe FondKettle::Care::Keeping do
  def keeping(**changes)
    described_class.new(FondKettle::Care::Kept.new(
                          g: 1200.0, depth_mm: 25.0, vessel: "tray", start_c: 90.0, place_c: 20.0,
                          then_c: 4.0,
                          moved_after_min: 60.0, **changes
                        ))
  end

  it "cools as figures.md has it: a pot 100 mm deep 11 h, a tray 25 mm 1.6 h, a tray in the kitchen 3.7 h" do
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
    expect([keeping(then_c: -18.0).use_within_h, keeping(then_c: 8.0).safe?]).to eq([60 * 24, false])
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
    expect(keeping(then_c: 9.0).say).to match(/thrown away.*colder than 5 °C/)
  end

  it "goes on from where it was when it is moved, whatever the minute" do
    (0..200).step(20) do |moved|
      one = keeping(moved_after_min: moved.to_f)
      [60, 21, 5].each { |to_c| expect(one.after(one.min_to(to_c))).to be_within(1e-6).of(to_c) }
    end
  end

  it "takes under 5 ms" do
    began = Process.clock_gettime(Process::CLOCK_MONOTONIC)
    20.times { keeping.say }
    expect((Process.clock_gettime(Process::CLOCK_MONOTONIC) - began) / 20).to be < 0.005
  end
end
