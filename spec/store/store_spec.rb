# frozen_string_literal: true

require "tmpdir"
require_relative "../../store/demo"
require_relative "../../store/household"

RSpec.describe "The store, on a real file" do
  around { |example| Dir.mktmpdir { |folder| @folder = folder and example.run } }

  let(:household) { FondKettle::Store::Household.new(@folder, busy_ms: 50) }
  let(:now) { Time.utc(2026, 5, 9, 18, 0) }

  after { household.close }

  def start(household)
    plan = FondKettle::Formats::PlanJson.call(plan_for(basic_request))
    household.cooks.start(title: "Basmati", grain: "basmati", pot_id: nil, address: "grain=basmati",
                          plan: plan, now: now)
  end

  def outcome(**changes)
    FondKettle::Log::Outcome.of(grain: "right", wetness: "right", floor: "clean", note: "", **changes)
  end

  it "writes ahead, keeps foreign keys and is migrated" do
    sequel = household.database.sequel
    expect(sequel.fetch("PRAGMA journal_mode").single_value).to eq("wal")
    expect(sequel.fetch("PRAGMA foreign_keys").single_value).to eq(1)
    expect do
      sequel[:events].insert(cook_id: 99, kind: "task", what: "wash.rinse",
                             at: "now")
    end.to raise_error(Sequel::ForeignKeyConstraintViolation)
  end

  it "keeps everything over a restart" do
    id = start(household)
    household.cooks.move(id, "wash.rinse", "wash.soak", now + 60)
    again = FondKettle::Store::Household.new(@folder)
    expect(again).not_to be_bare
    expect(again.cooks.find(id)[:events].map do |event|
      [event.what, event.at]
    end).to eq([["wash.rinse", now], ["wash.soak", now + 60]])
    expect(again.session_key).to eq(household.session_key)
    again.close
  end

  it "does not let a later writer undo an earlier one" do
    cup = household.shelf(:cups).add(name: "glass", ml: 210.0)
    household.shelf(:cups).change(cup[:id], 0, ml: 220.0)
    expect do
      household.shelf(:cups)
               .change(cup[:id], 0, ml: 230.0)
    end.to raise_error(FondKettle::Conflict, /Somebody else/)
    expect { household.shelf(:cups).remove(cup[:id], 0, now) }.to raise_error(FondKettle::Conflict)
    expect(household.shelf(:cups).find(cup[:id])[:ml]).to eq(220.0)
  end

  it "leaves nothing half written" do
    expect do
      household.database.write do
        household.shelf(:cups).add(name: "glass", ml: 210.0)
        raise FondKettle::Conflict, "stop"
      end
    end.to raise_error(FondKettle::Conflict)
    expect(household.shelf(:cups).all).to eq([])
  end

  it "reads a pot once until something is written, and anew within a write" do
    id = start(household)
    told = -> { household.cooks.find(id)[:events].map(&:what) }
    expect(Array.new(2) { household.cooks.find(id).object_id }.uniq.size).to eq(1)
    household.cooks.move(id, "wash.rinse", "wash.soak", now + 60)
    expect(told.call).to eq(%w[wash.rinse wash.soak])
    expect do
      household.database.write do
        household.cooks.move(id, "wash.soak", "wash.drain", now + 120)
        expect(told.call).to eq(%w[wash.rinse wash.soak wash.drain])
        raise "no room"
      end
    end.to raise_error("no room")
    expect(told.call).to eq(%w[wash.rinse wash.soak])
  end

  it "says in words that the records are locked, and goes on afterwards" do
    household
    other = Sequel.connect(adapter: "sqlite", database: File.join(@folder, "kettle.db"))
    other.transaction(mode: :immediate) do
      expect do
        household.shelf(:cups)
                 .add(name: "glass", ml: 210.0)
      end.to raise_error(FondKettle::StoreUnavailable,
                         /Try again/)
    end
    other.disconnect
    expect(household.shelf(:cups).add(name: "glass", ml: 210.0)[:ml]).to eq(210.0)
  end

  it "says in words that the disk is full" do
    pages = household.database.sequel.fetch("PRAGMA page_count").single_value
    household.database.sequel.run("PRAGMA max_page_count = #{pages}")
    expect { 200.times { start(household) } }.to raise_error(FondKettle::StoreUnavailable, /disk is full/)
  end

  it "says in words that a file is no database" do
    Dir.mktmpdir do |folder|
      File.write(File.join(folder, "kettle.db"),
                 "not a database at all, but long enough to be read as one " * 20)
      expect { FondKettle::Store::Household.new(folder) }.to raise_error(FondKettle::StoreUnavailable,
                                                                         /damaged/)
    end
  end

  it "moves a cook once, however many devices tap" do
    id = start(household)
    2.times { household.cooks.move(id, "wash.rinse", "wash.soak", now) }
    household.cooks.see(id, "boil", now)
    household.cooks.see(id, "boil", now + 5)
    expect(household.cooks.find(id)[:events].map do |event|
      [event.kind, event.what]
    end).to eq([%w[task wash.rinse], %w[task wash.soak], %w[seen boil]])
  end

  it "finishes and judges a cook once" do
    id = start(household)
    household.cooks.finish(id, now)
    expect { household.cooks.finish(id, now) }.to raise_error(FondKettle::Conflict, /finished already/)
    household.cooks.judge(id, outcome(grain: "firm"), nil)
    expect { household.cooks.judge(id, outcome, nil) }.to raise_error(FondKettle::Conflict,
                                                                      /written down already/)
    household.cooks.judge(id, outcome(note: "next time more"), 0)
    expect { household.cooks.judge(id, outcome, 0) }.to raise_error(FondKettle::Conflict)
    expect(household.cooks.find(id)[:outcome]).to include(grain: "right", note: "next time more")
  end

  it "fills the demo with a log that has something to teach" do
    FondKettle::Store::Demo.fill(household, now)
    expect(household.shelf(:eaters).all.size).to eq(5)
    expect(household.kitchen[:altitude_m]).to eq(1150.0)
    expect(household.cooks.finished.map { |cook| cook[:outcome][:grain] }.uniq.size).to be > 1
  end

  it "does not know a record that is gone" do
    expect { household.shelf(:pots).find(7) }.to raise_error(FondKettle::NotFound)
    expect { household.cooks.find(7) }.to raise_error(FondKettle::NotFound)
  end
end
