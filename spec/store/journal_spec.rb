# frozen_string_literal: true

require_relative "../support/open_kitchen"
require_relative "../support/whole_kitchen"
require_relative "../../store/removed"

RSpec.describe FondKettle::Store::Journal do
  include Support::OpenKitchen

  let(:now) { Time.utc(2026, 5, 9, 18, 0) }
  let(:journal) { @household.journal }
  let(:pots) { @household.shelf(:pots) }
  let(:day_s) { 86_400 }

  def act(kind = "change", text = "An act", &block)
    journal.act(text, kind: kind, path: "/cupboard", now: now, &block).last
  end

  def pot
    pots.all[1]
  end

  def remove(pot)
    act("removal", "Removed: #{pot[:name]}") { pots.remove(pot[:id], pot[:lock_version], now) }
  end

  it "takes a change back, and that again, and tells an open form that it is a newer version" do
    before = pot
    id = act { pots.change(before[:id], 0, diameter_mm: 222.5, name: "Broad") }
    back = journal.take_back(id, now + 599)
    expect(pot.except(:lock_version)).to eq(before.except(:lock_version))
    expect([pot[:lock_version], back.text, back.kind]).to eq([2, "Taken back: An act", "change"])
    journal.take_back(back.id, now + 599)
    expect(pot).to include(diameter_mm: 222.5, name: "Broad", lock_version: 3)
  end

  it "takes nothing back twice, too late, or over what was changed once more since" do
    first = act { pots.change(pot[:id], 0, diameter_mm: 222.5) }
    expect { journal.take_back(first, now + 601) }.to raise_error(FondKettle::NotFound, /too long ago/)
    act { pots.change(pot[:id], 1, diameter_mm: 230.0) }
    expect { journal.take_back(first, now) }.to raise_error(FondKettle::Conflict, /changed once more since/)
    expect(pot).to include(diameter_mm: 230.0)
    other = act { pots.change(pot[:id], 2, kg: 2.0) }
    journal.take_back(other, now)
    expect { journal.take_back(other, now) }.to raise_error(FondKettle::NotFound)
  end

  it "takes back what was done, and leaves what somebody else changed of the same thing" do
    mine = act { pots.change(pot[:id], 0, diameter_mm: 222.5) }
    act { pots.change(pot[:id], 1, height_mm: 99.0) }
    journal.take_back(mine, now)
    expect(pot).to include(diameter_mm: 160.0, height_mm: 99.0)
  end

  it "puts a removal back for thirty days, and forgets it then" do
    gone = pot
    id = remove(gone)
    expect(pots.all).not_to include(gone)
    expect { pots.find(gone[:id]) }.to raise_error(FondKettle::NotFound, /under “Removed”/)
    expect(journal.removals(now + (29 * day_s)).map(&:text)).to eq(["Removed: Small clay pot"])
    expect(journal.removals(now + (31 * day_s))).to eq([])
    expect { journal.take_back(id, now + (31 * day_s)) }.to raise_error(FondKettle::NotFound)
    journal.take_back(id, now + (29 * day_s))
    expect(pots.all).to include(gone.merge(lock_version: 2))
    expect(journal.removals(now)).to eq([])
  end

  it "lets go of what was removed long ago, but for a pot that has a history: that stays by name" do
    used = @household.cooks.finished.map { |cook| cook[:pot_id] }
    cooked, bare = pots.all.partition { |one| used.include?(one[:id]) }
    [cooked.first, bare.first].each { |one| remove(one) }
    cook = @household.cooks.finished.find { |one| one[:pot_id] == cooked.first[:id] }
    FondKettle::Store::Removed.new(@household).forget(now + (29 * day_s))
    expect([cooked.first, bare.first].map { |one| pots.name_of(one[:id]) }).to all(be_truthy)
    FondKettle::Store::Removed.new(@household).forget(now + (31 * day_s))
    expect([pots.name_of(bare.first[:id]),
            pots.name_of(cook[:pot_id])]).to eq([nil, cooked.first[:name]])
    expect(@household.cooks.find(cook[:id])[:pot_id]).to eq(cooked.first[:id])
    expect(@household.lessons.causes(cook[:id]).say).to be_a(String)
  end

  it "takes an addition back and puts it there again" do
    id = act("addition") { pots.add(pot.except(:id, :lock_version).merge(name: "New")) }
    back = journal.take_back(id, now)
    expect(pots.all.map { |one| one[:name] }).not_to include("New")
    expect(back.kind).to eq("removal")
    journal.take_back(back.id, now)
    expect(pots.all.map { |one| one[:name] }).to include("New")
  end

  it "takes back what is a file" do
    text = "key: ours\nlike: level\nname: Ours\n"
    added = act("addition") { @household.put_method("ours", text) }
    gone = act("removal") { @household.put_method("ours", nil) }
    expect(@household.own_keys).to eq([])
    journal.take_back(gone, now)
    expect(@household.method_text("ours")).to eq(text)
    expect { journal.take_back(added, now) }.not_to raise_error
    expect(@household.own_keys).to eq([])
  end

  it "writes nothing down where nothing was changed, and nothing where an act fails" do
    expect(act { pots.change(pot[:id], 0, name: pot[:name]) }).to be_nil
    expect do
      act do
        pots.change(pot[:id], 0, name: "Half")
        raise FondKettle::Conflict, "no"
      end
    end.to raise_error(FondKettle::Conflict)
    expect([pot[:name], @household.database.sequel[:changes].count]).to eq(["Small clay pot", 0])
    expect { act { act { nil } } }.to raise_error(/an act within an act/)
    expect(act { pots.change(pot[:id], 0, name: "Whole") }).to be_an(Integer)
  end

  it "keeps of a cook only what differs, not its plan" do
    cook = @household.cooks.finished.first
    act { @household.cooks.remove(cook[:id], now) }
    expect(@household.database.sequel[:changes].get(:rows).bytesize).to be < 200
    expect(@household.cooks.finished.map { |one| one[:id] }).not_to include(cook[:id])
  end

  # Any ten acts, taken back from the last to the first.
  it "leaves everything as it stood, whatever was done and taken back" do
    before = Support::WholeKitchen.matter(@folder)
    5.times do |seed|
      random = Random.new(seed)
      ids = Array.new(10) { |step| act { something(random, step) } }.compact
      expect(ids.size).to be >= 5
      ids.reverse_each { |id| journal.take_back(id, now) }
      after = Support::WholeKitchen.matter(@folder)
      gone = after[:tables].transform_values { |rows| rows.reject { |row| row["removed_at"] } }
      expect({ **after, tables: gone }).to eq(before)
    end
  end

  def something(random, step)
    table = %i[pots cups bags eaters goods].sample(random: random)
    shelf = @household.shelf(table)
    one = shelf.all.sample(random: random)
    case random.rand(4)
    when 0 then shelf.add(one.except(:id, :lock_version))
    when 1 then shelf.remove(one[:id], one[:lock_version], now)
    when 2 then @household.put_method("ours-#{'i' * random.rand(1..2)}", "key: ours\nname: #{step}\n")
    else shelf.change(one[:id], one[:lock_version],
                      one.key?(:name) ? { name: "N#{step}" } : { left_g: step.to_f })
    end
  end
end
