# frozen_string_literal: true

require "open3"
require "tmpdir"
require_relative "../support/kitchens"
require_relative "../support/whole_kitchen"
require_relative "../../store/copy"
require_relative "../../store/safekeeping/examination"
require_relative "../../store/safekeeping/replacement"

RSpec.describe "A kitchen's copies" do
  whole = Support::WholeKitchen
  store = FondKettle::Store

  around do |example|
    whole.filled do |folder|
      @folder = folder
      @file = File.join(folder, "kettle.db")
      @copy = File.join(folder, "copy.db")
      example.run
    end
  end

  let(:now) { Time.now }

  def copy
    FondKettle::Store::Copy.write(@file, @copy, now: now,
                                                methods: FondKettle::Store::Folder.new(@folder).method_texts)
  end

  def problems(path)
    examined = FondKettle::Store::Examination.new(path).call(now)
    examined.problems + examined.unreadable
  end

  def restore(path = @copy, folder: @folder)
    FondKettle::Store::Replacement.new(folder).by_copy(path, now)
  end

  def household(folder = @folder)
    opened = FondKettle::Store::Household.new(folder, demo: true)
    yield opened
  ensure
    opened&.close
  end

  it "hold all of it in one file for its owner alone, its own ways too" do
    copy
    expect(File.stat(@copy).mode & 0o777).to eq(0o600)
    Dir.mktmpdir do |other|
      done = restore(folder: File.join(other, "new"))
      expect([done.kept_as, done.contents.dishes]).to eq([nil, 14])
      expect(whole.of(File.join(other, "new"))).to eq(whole.of(@folder))
    end
  end

  it "put back what was, and keep what stood there as a copy that can be put back itself" do
    copy
    was = whole.of(@folder)
    household do |kitchen|
      kitchen.put_method("ours", nil)
      kitchen.put_method("mine", "key: mine\nlike: level\nname: Mine\n")
      kitchen.dishes.remove(1, 0, now)
    end
    became = whole.of(@folder)
    done = restore
    expect(whole.of(@folder)).to eq(was)
    restore(done.kept_as)
    expect(whole.of(@folder)).to eq(became)
  end

  it "are not undone by a log that was left beside the kitchen" do
    copy
    was = whole.of(@folder)
    # A server that was killed: what it wrote last is in the log alone.
    writing = "require './store/household'; h = FondKettle::Store::Household.new(ARGV[0], demo: true); " \
              "h.shelf(:cups).add(name: 'Late', ml: 99.0); Process.kill(:KILL, Process.pid)"
    Open3.capture2e(RbConfig.ruby, "-e", writing, @folder)
    expect(File.size("#{@file}-wal")).to be_positive
    restore
    expect(whole.of(@folder)).to eq(was)
  end

  it "have every write that was acknowledged before they began, at 20 writes a second" do
    acknowledged = writing_all_the_while { copy }
    expect(acknowledged).to be >= 20
    Dir.mktmpdir do |other|
      restore(folder: other)
      household(other) do |kitchen|
        names = kitchen.shelf(:cups).all.map { |cup| cup[:name] }
        expect((0...acknowledged).map { |number| "cup #{number}" } - names).to eq([])
      end
    end
  end

  # Another process writes a cup every 50 ms and tells of each; the block runs after 30 of them. How many
  # were told of by then.
  def writing_all_the_while
    script = "require './store/household'; $stdout.sync = true; " \
             "h = FondKettle::Store::Household.new(ARGV[0], demo: true); " \
             "(0..).each { |n| h.shelf(:cups).add(name: \"cup \#{n}\", ml: 210.0); puts n; sleep 0.05 }"
    Open3.popen2e(RbConfig.ruby, "-e", script, @folder) do |_, output, process|
      told = Array.new(30) { output.gets }
      yield
      told.size
    ensure
      Process.kill(:KILL, process.pid)
    end
  end

  it "are made under a running server, which a putting back from outside does not disturb" do
    household do |kitchen|
      kitchen.lock
      copy
      expect { restore }.to raise_error(FondKettle::Conflict, /server is running/)
    end
    expect { restore }.not_to raise_error
  end

  it "are put back into a running server too, which goes on with them" do
    copy
    was = whole.of(@folder)
    household do |kitchen|
      kitchen.lock
      kitchen.dishes.remove(1, 0, now)
      kitchen.put_method("ours", nil)
      done = FondKettle::Store::Replacement.new(@folder).of_running(@copy, kitchen, now)
      expect(done.contents.dishes).to eq(14)
      expect([kitchen.dishes.count, kitchen.own_keys]).to eq([14, ["ours"]])
      expect(whole.of(@folder)).to eq(was)
      kitchen.shelf(:cups).add(name: "After", ml: 210.0)
      expect(kitchen.database.sequel.fetch("PRAGMA journal_mode").single_value).to eq("wal")
    end
    expect(problems(@file)).to eq([])
  end

  it "bring an older kitchen forward, and refuse what is none, saying why and changing nothing" do
    copy
    was = whole.of(@folder)
    old = File.join(@folder, "old.db")
    File.binwrite(old, Zlib.gunzip(File.binread(Support::Kitchens::OLD)))
    bad = { "empty" => "", "foreign" => "PNG", "torn" => File.binread(@copy)[0, 5000],
            "damaged" => File.binread(@copy).tap { |bytes| bytes[30_000, 9000] = "x" * 9000 } }
    bad.each { |name, bytes| File.binwrite(File.join(@folder, name), bytes) }
    said = { "empty" => /is empty/, "foreign" => /no kitchen of this program/, "torn" => /damaged/,
             "damaged" => /damaged/, "missing" => /not there/ }
    said.each do |name, words|
      expect { restore(File.join(@folder, name)) }.to raise_error(FondKettle::InvalidInput, words)
    end
    expect(whole.of(@folder)).to eq(was)
    restore(old)
    household { |kitchen| expect(kitchen.cooks.finished.size).to eq(8) }
  end

  it "of a newer program, of another program and with what cannot be read are told apart" do
    faults = {
      "UPDATE schema_info SET version = 99" => /newer version/,
      "DROP TABLE pots" => /no kitchen of this program/,
      "UPDATE cooks SET plan = '{' WHERE id = 1" => /cooks, .*cannot be read/,
      "UPDATE events SET at = 'noon'" => /cooks, .*cannot be read/,
      "UPDATE changes SET rows = '[{}]'" => /changes, .*cannot be read/,
      "CREATE TRIGGER odd AFTER INSERT ON cooks BEGIN DELETE FROM pots; END" => /would run by itself: odd/,
      "CREATE VIEW eaten AS SELECT * FROM cooks" => /would run by itself: eaten/,
      "DROP TRIGGER dishes_added; CREATE TRIGGER dishes_added AFTER INSERT ON dishes BEGIN SELECT 1; END" =>
        /would run by itself: dishes_added/,
      "PRAGMA foreign_keys = OFF; DELETE FROM cooks" => /names what is not there: events 1/
    }
    faults.each do |sql, words|
      copy
      SQLite3::Database.new(@copy) { |sqlite| sqlite.execute_batch(sql) }.close
      expect(problems(@copy)).to include(words)
    end
  end

  it "say what is in them, and how much was read" do
    copy
    examined = store::Examination.new(@copy).call(now)
    held = { name: "Above the bindery (demo)", pots: 5, dishes: 14, cooks: 7 }
    expect(examined.contents).to have_attributes(**held)
    expect(examined.counts).to include("plans" => 7, "outcomes" => 7, "boxes" => 1, "methods" => 1,
                                       "changes" => 1)
    expect(examined.counts["events"]).to be > 50
  end

  it "keep a kitchen that cannot be opened as it is, when a copy is put in its place" do
    copy
    was = whole.of(@folder)
    File.binwrite(@file, File.binread(@file).tap { |bytes| bytes[0, 40] = "x" * 40 })
    torn = File.binread(@file)
    done = restore
    expect([File.binread(done.kept_as), whole.of(@folder)]).to eq([torn, was])
    expect(File.basename(done.kept_as)).to start_with("kettle-damaged-")
  end

  it "are put back although something in them cannot be read, and say what" do
    household { |kitchen| kitchen.put_method("torn", "key: [") }
    copy
    done = restore
    expect([done.unreadable, Dir.children(File.join(@folder, "methods")).sort])
      .to match([[/torn.yml/], ["ours.yml", "torn.yml"]])
  end

  it "lead no method out of its folder" do
    copy
    SQLite3::Database.new(@copy) do |sqlite|
      sqlite.execute("UPDATE copied SET methods = ?", [JSON.generate("../../evil" => "key: evil")])
    end.close
    expect { restore }.to raise_error(FondKettle::InvalidInput, /lower-case letters and hyphens/)
    expect(Dir[File.join(@folder, "..", "evil*")]).to eq([])
  end
end
