# frozen_string_literal: true

require "csv"
require "json_schemer"
require "tmpdir"
require "zip"
require_relative "../../support/whole_kitchen"
require_relative "../../../store/safekeeping/archive"
require_relative "../../../store/safekeeping/import"
require_relative "../../../store/safekeeping/replacement"

RSpec.describe "A kitchen given away" do
  whole = Support::WholeKitchen
  store = FondKettle::Store
  fixtures = File.expand_path("../../fixtures", __dir__)

  around do |example|
    whole.filled do |folder|
      @folder = folder
      @zip = File.join(folder, "kitchen.zip")
      example.run
    end
  end

  let(:now) { Time.now }

  def export(folder = @folder, to: @zip, part: nil)
    methods = FondKettle::Store::Folder.new(folder).method_texts
    FondKettle::Store::Archive.new(File.join(folder, "kettle.db"), methods).write(to, now, part: part)
    to
  end

  # Into a folder with no kitchen yet.
  def import(zip, folder)
    FondKettle::Store::Import.new(zip).prepared(now) do |file, methods|
      FondKettle::Store::Replacement.new(folder).by_copy(file, now, methods: methods)
    end
  end

  def files
    Zip::File.open(@zip) { |zip| zip.entries.to_h { |entry| [entry.name, zip.read(entry)] } }
  end

  # Takes a part into a household of its own; the block is given that.
  def into_empty(part)
    export(part: part)
    Dir.mktmpdir do |folder|
      other = FondKettle::Store::Household.new(folder)
      yield other, -> { FondKettle::Store::Import.new(@zip).into(other, now) }
    ensure
      other&.close
    end
  end

  it "is equal in every table after three rounds" do
    Dir.mktmpdir do |folder|
      last = @folder
      3.times do |round|
        at = File.join(folder, "round-#{round}")
        import(export(last), at)
        last = at
      end
      expect(whole.of(last)).to eq(whole.of(@folder))
      expect(whole.of(last)[:tables].values.count(&:any?)).to be >= 20
    end
  end

  it "says all of it in one file, as its published schema has it" do
    export
    data = JSON.parse(files.fetch("kitchen.json"))
    schema = JSONSchemer.schema(JSON.parse(files.fetch("kitchen.schema.json")))
    expect([schema.valid?(data), data["version"]]).to eq([true, store::Database.newest])
    expect(data["tables"].keys.size).to eq(whole.of(@folder)[:tables].size)
  end

  it "has a schema that is published for the version of today, and for every version since it is one" do
    sqlite = SQLite3::Database.new(File.join(@folder, "kettle.db"))
    published = JSON.parse(File.read(store::Archive.schema_file(store::Database.newest)))
    expect(published).to eq(JSON.parse(JSON.generate(store::Archive.schema(sqlite))))
    versions = store::ArchiveReader::OLDEST..store::Database.newest
    missing = versions.reject { |version| File.exist?(store::Archive.schema_file(version)) }
    expect(missing).to eq([])
  end

  it "has tables, dishes, ways and texts beside, for other programs and for people" do
    export
    log = CSV.parse(files.fetch("log.csv"), headers: true)
    expect([log.size, log.first["pot"], log.first["title"]]).to eq([7, "Steel pot", "Jasmine, steel pot"])
    pots = CSV.parse(files.fetch("shelves/pots.csv"), headers: true)
    expect(pots.map { |row| row["name"] }).to include("Wide pan")
    expect(files.keys.grep(%r{\Adishes/}).size).to eq(28)
    expect(files.fetch("ways/ours.yml")).to start_with("key: ours")
    expect(files.fetch("README.txt")).to include("bin/kettle import")
  end

  it "gives away a shelf, a dish with what it needs, and the log by themselves, each taken in once" do
    { "pots" => { pots: 5 }, "dish:2" => { dishes: 1 }, "log" => { cooks: 7, pots: 2 } }
      .each do |part, counts|
      into_empty(part) do |other, take|
        added, entry = take.call
        expect([part, added]).to eq([part, counts])
        expect(take.call).to eq([{}, nil])
        other.journal.take_back(entry, now)
        expect([other.shelf(:pots).all, other.dishes.all, other.cooks.finished]).to all(be_empty)
      end
    end
  end

  it "brings its cooks to the pot of that name that is there" do
    into_empty("log") do |other, take|
      steel = FondKettle::Store::Household.new(@folder, demo: true)
      record = steel.shelf(:pots).all.first
      steel.close
      there = other.shelf(:pots).add(record.except(:id, :lock_version))
      take.call
      expect(other.cooks.finished.map { |cook| cook[:pot_id] }).to include(there[:id])
      expect(other.shelf(:pots).all.size).to eq(2)
      expect(other.cooks.finished.first[:outcome]).to include(grain: "right")
    end
  end

  it "says which parts there are where one is asked for that is none" do
    expect do
      export(part: "pans")
    end.to raise_error(FondKettle::InvalidInput, /must be one of: log, dish:NUMBER/)
    expect { export(part: "dish:99") }.to raise_error(FondKettle::InvalidInput, /a dish of this kitchen/)
    expect(Dir.children(@folder).grep(/zip/)).to eq([])
  end

  it "is read of every version that was ever given away" do
    zips = Dir[File.join(fixtures, "given-away", "*.zip")]
    expect(zips).not_to be_empty
    zips.each do |zip|
      Dir.mktmpdir do |folder|
        import(zip, File.join(folder, "new"))
        household = store::Household.new(File.join(folder, "new"), demo: true)
        # The demo has had one dish more since version 16.
        dishes = File.basename(zip, ".zip").to_i < 16 ? 13 : 14
        expect([household.dishes.count, household.cooks.finished.size, household.own_keys])
          .to eq([dishes, 7, ["ours"]])
        household.close
      end
    end
  end
end
