# frozen_string_literal: true

require "prop_check"
require "timeout"
require_relative "../../support/open_kitchen"
require_relative "../../support/whole_kitchen"
require_relative "../../../store/safekeeping/dated_copies"
require_relative "../../../store/safekeeping/upkeep"

RSpec.describe FondKettle::Store::DatedCopies do
  include Support::OpenKitchen

  let(:copies) { described_class.new(@folder) }
  let(:upkeep) { FondKettle::Store::Upkeep.new(@household, clock: -> { @now }) { |words| told << words } }
  let(:told) { [] }

  def names
    Dir.children(File.join(@folder, "copies")).sort
  end

  def tick(*days)
    days.each do |day|
      @now = Time.local(2026, 11, 1, 18, 0) + ((day - 1) * 86_400)
      upkeep.tick
    end
  end

  it "makes one a day while it runs, and no second" do
    tick(1, 1, 2)
    expect(names).to eq(["kettle-2026-11-01.db", "kettle-2026-11-02.db"])
    expect(copies.all.map { |copy| copy.contents.dishes }).to eq([14, 14])
    expect(File.stat(copies.all.first.path).mode & 0o777).to eq(0o600)
  end

  it "keeps the newest seven and one a week for four weeks" do
    tick(*1..60)
    days = names.map { |name| name[/\d{4}-\d\d-\d\d/] }.map { |text| Date.iso8601(text) }
    expect(days.size).to eq(11)
    expect(days.last(7)).to eq([*(Date.new(2026, 12, 24)..Date.new(2026, 12, 30))])
    # Sundays, and the last day before the seven.
    expect(days.first(4)).to eq([Date.new(2026, 12, 6), Date.new(2026, 12, 13), Date.new(2026, 12, 20),
                                 Date.new(2026, 12, 23)])
  end

  it "clears away what is left of a copy whose process was killed" do
    copies.path_of(Time.now)
    %w[.new .new-journal].each { |left| FileUtils.touch("#{@folder}/copies/kettle-2026-10-01.db#{left}") }
    tick(1)
    expect(names).to eq(["kettle-2026-11-01.db"])
  end

  it "lets go of no copy that somebody made" do
    path = copies.make(Time.local(2026, 10, 1))
    tick(*1..30)
    expect(File.exist?(path)).to be(true)
  end

  it "keeps at most eleven, the newest seven among them, whatever days there are" do
    days = PropCheck::Generators.array(PropCheck::Generators.choose(0..400))
    PropCheck.forall(days) do |offsets|
      dates = offsets.map { |offset| Date.new(2026, 1, 1) + offset }.uniq
      kept = described_class.keep(dates)
      expect(kept.size).to be <= 11
      expect(kept).to include(*dates.max(7)) if dates.any?
      expect(described_class.keep(kept)).to match_array(kept)
    end
  end

  it "empties the log into the file, where something was written" do
    @household.shelf(:cups).add(name: "Mug", ml: 300.0)
    expect(File.size("#{@folder}/kettle.db-wal")).to be_positive
    tick(1)
    expect(File.size("#{@folder}/kettle.db-wal")).to eq(0)
    FileUtils.cp("#{@folder}/kettle.db", "#{@folder}/plain.db")
    sqlite = SQLite3::Database.new("#{@folder}/plain.db")
    expect(sqlite.get_first_value("SELECT count(*) FROM cups WHERE name = 'Mug'")).to eq(1)
  end

  it "leaves everything in the one file when the kitchen stops" do
    @household.shelf(:cups).add(name: "Mug", ml: 300.0)
    @household.close
    expect(Dir.children(@folder).grep(/-wal|-shm/)).to eq([])
  end

  it "makes none of a kitchen with nothing in it" do
    Dir.mktmpdir do |folder|
      @household.close
      @household = FondKettle::Store::Household.new(folder, demo: true)
      @now = Time.now
      upkeep.tick
      expect(Dir.children(folder)).not_to include("copies")
    end
  end

  it "says once what keeps it from copying, and goes on" do
    File.write(File.join(@folder, "copies"), "in the way")
    tick(1, 2)
    expect([told.size, upkeep.trouble]).to match([1, /File exists|Not a directory/])
    File.delete(File.join(@folder, "copies"))
    tick(3)
    expect([upkeep.trouble, names]).to eq([nil, ["kettle-2026-11-03.db"]])
  end

  it "goes on by itself until it is stopped" do
    @now = Time.local(2026, 11, 1)
    copy = File.join(@folder, "copies", "kettle-2026-11-01.db")
    upkeep.start
    Timeout.timeout(10) { sleep 0.02 until File.exist?(copy) }
    expect(upkeep.stop).not_to be_alive
  end
end
