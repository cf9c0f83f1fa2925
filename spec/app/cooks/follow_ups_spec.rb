# frozen_string_literal: true

require "timeout"
require_relative "../../support/open_kitchen"
require_relative "../../../app/cooks/follow_ups"

RSpec.describe FondKettle::App::FollowUps do
  include Support::OpenKitchen

  let(:now) { Time.utc(2026, 5, 9, 18, 0) }
  let(:follow_ups) { described_class.new(@household) }

  # A pot that stands at its boil.
  def at_the_boil
    plan = FondKettle::Methods::Planner.plan(request_for(basic_request))
    id = @household.cooks.start(title: "Basmati", grain: "basmati", pot_id: nil, address: "", now: now,
                                request: FondKettle::Formats::StoredRequest.write(plan.request),
                                plan: FondKettle::Formats::PlanJson.for_the_stove(plan))
    until cook(id).task[:kind] == "boil"
      one = cook(id)
      @household.cooks.move(id, one.task[:id], one.following[:id], now + one.position)
    end
    id
  end

  def cook(id)
    record = @household.cooks.find(id)
    FondKettle::Stove::Cook.new(record[:plan], record[:events])
  end

  # It boils, far later than planned.
  def boil(id)
    one = cook(id)
    @household.cooks.move(id, one.task[:id], one.following[:id], now + 900, happened: [%w[seen boil]])
  end

  def kinds(id)
    @household.cooks.find(id)[:events].map(&:kind)
  end

  it "stores the tap first, and what follows from it after, once for many" do
    id = at_the_boil
    boil(id)
    @household.cooks.note(id, [["poured", 600.0]], now + 960)
    @household.cooks.note(id, [["added", 100.0]], now + 961)
    expect(kinds(id) & %w[replan outlook]).to eq([])
    follow_ups.add(id)
    expect(kinds(id).tally.slice("replan", "outlook")).to eq("replan" => 1, "outlook" => 1)
    events = @household.cooks.find(id)[:events].size
    follow_ups.add(id)
    expect(@household.cooks.find(id)[:events].size).to eq(events)
  end

  it "takes it back with the tap that it follows from" do
    id = at_the_boil
    boil(id)
    @household.cooks.note(id, [%w[sign wet]], now + 1200)
    follow_ups.add(id)
    @household.cooks.undo(id, now + 1201)
    expect(kinds(id)).not_to include("sign", "remedy", "replan")
    @household.cooks.note(id, [["poured", 700.0]], now + 1300)
    follow_ups.add(id)
    expect(kinds(id)).to include("outlook")
  end

  it "keeps nothing of a tap that was taken back while it was worked out" do
    id = at_the_boil
    boil(id)
    @household.cooks.follow(id) do |_record, told|
      expect(told.map(&:what)).to include("boil")
      @household.cooks.undo(id, now + 901)
      [["replan", "{}"]]
    end
    expect(kinds(id)).not_to include("replan", "seen")
  end

  it "goes on by itself, begins with what was left undone, and tells what goes wrong" do
    id = at_the_boil
    boil(id)
    wrong = Queue.new
    worker = described_class.new(@household) { |error| wrong << error }
    worker.start
    Timeout.timeout(20) { sleep 0.02 until kinds(id).include?("replan") }
    worker.add(99)
    expect(Timeout.timeout(20) { wrong.pop }).to be_a(FondKettle::NotFound)
    @household.cooks.note(id, [["poured", 700.0]], now + 1300)
    worker.add(id)
    Timeout.timeout(20) { sleep 0.02 until kinds(id).include?("outlook") }
    worker.stop
    expect(worker.add(id)).to be_nil
  end

  it "knows nothing of a cook of before, whose request nobody knows" do
    id = at_the_boil
    @household.database.write { |db| db[:cooks].where(id: id).update(request: "null") }
    boil(id)
    follow_ups.add(id)
    expect(kinds(id)).not_to include("replan")
  end
end
