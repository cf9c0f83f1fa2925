# frozen_string_literal: true

RSpec.describe FondKettle::Care::PutAway do
  def put(now, **changes)
    described_class.new(portions: 3, g_each: 250.0, depth_mm: 30.0, vessel: "tray", start_c: 90.0,
                        made_at: now, moved_at: nil, place: "cooling", place_c: nil, **changes)
  end

  it "says until when it has to be in the cold, and never later than two hours" do
    now = Time.at(1_000_000)
    expect(put(now).move_by - now).to be_between(1800, 7200)
    expect(put(now, depth_mm: 120.0, vessel: "pot").move_by).to be_nil
  end

  it "is past where it stood too long, or its day is over" do
    now = Time.at(1_000_000)
    in_time = put(now, moved_at: now + 3600, place: "fridge")
    expect([in_time.past?(now + (23 * 3600)), in_time.past?(now + (25 * 3600))]).to eq([false, true])
    expect(in_time.due?(now + 3600)).to be(false)
    expect(in_time.due?(now + (20 * 3600))).to be(true)
    late = put(now, moved_at: now + (4 * 3600), place: "fridge")
    expect(late.past?(now + (5 * 3600))).to be(true)
    frozen = put(now, moved_at: now + 1800, place: "freezer")
    expect([frozen.past?(now + (50 * 86_400)), frozen.past?(now + (61 * 86_400))]).to eq([false, true])
  end
end
