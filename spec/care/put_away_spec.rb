# frozen_string_literal: true

RSpec.describe FondKettle::Care::PutAway do
  def put(now, **changes)
    described_class.new(portions: 3, g_each: 250.0, depth_mm: 30.0, vessel: "tray", start_c: 90.0,
                        below_60_min: nil, made_at: now, moved_at: nil, place: "cooling", place_c: nil,
                        cooled_in: nil,
                        thawed_at: nil, **changes)
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

  it "is judged by where it cooled, wherever it was moved since" do
    now = Time.at(1_000_000)
    later = put(now, moved_at: now + 3600, place: "freezer", cooled_in: "fridge")
    expect([later.safe?(now + 86_400), later.past?(now + (50 * 86_400))]).to eq([true, false])
    deep = { depth_mm: 60.0, vessel: "pot", moved_at: now + 1800 }
    expect(put(now, place: "fridge", **deep).safe?(now)).to be(false)
    expect(put(now, place: "freezer", cooled_in: "fridge", **deep).safe?(now)).to be(false)
  end

  it "is used within a day of thawing, and not frozen again" do
    now = Time.at(1_000_000)
    thawed_at = now + (10 * 86_400)
    thawed = put(now, moved_at: now + 1800, place: "fridge", cooled_in: "freezer", thawed_at: thawed_at)
    expect(thawed.use_by(thawed_at)).to eq(thawed_at + 86_400)
    expect([thawed.past?(thawed_at + 3600), thawed.past?(thawed_at + 90_000)]).to eq([false, true])
    expect([thawed.places, put(now).places]).to eq([[], %w[fridge freezer]])
    expect(put(now, place: "freezer", moved_at: now).places).to eq(%w[fridge])
  end
end
