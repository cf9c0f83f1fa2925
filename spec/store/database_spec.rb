# frozen_string_literal: true

require "tmpdir"
require_relative "../../store/demo"
require_relative "../../store/household"

RSpec.describe FondKettle::Store::Database do
  around { |example| Dir.mktmpdir { |folder| (@folder = folder) && example.run } }

  let(:file) { File.join(@folder, "kettle.db") }

  def kitchen
    FondKettle::Store::Household.new(@folder, busy_ms: 50).close
  end

  # Says why, and leaves the file as it was.
  def refuses(words)
    before = File.binread(file)
    expect { kitchen }.to raise_error(FondKettle::StoreUnavailable, words)
    expect(File.binread(file)).to eq(before)
  end

  it "keeps its files from others' eyes" do
    kitchen
    FondKettle::Store::Household.new(@folder).tap(&:session_key).close
    modes = Dir.children(@folder).select { |name| File.file?(File.join(@folder, name)) }
               .to_h { |name| [name, File.stat(File.join(@folder, name)).mode & 0o077] }
    expect(modes.values).to all(eq(0)), modes.inspect
  end

  it "lets threads that write at once wait for their turn, however short SQLite would wait for them" do
    database = described_class.new(@folder, busy_ms: 5)
    database.write { |db| db.create_table(:taps) { Integer :count } }
    threads = Array.new(6) do
      Thread.new do
        10.times do
          database.write { |db| db[:taps].insert(count: 1) && sleep(0.003) }
        end
      end
    end
    threads.each(&:join)
    expect(database.read { |db| db[:taps].count }).to eq(60)
    database.close
  end

  it "tells of a file that is empty, damaged or newer than the program, and never replaces it" do
    File.write(file, "")
    refuses(/is empty, as after a full disk/)
    File.binwrite(file, "SQLite format 3\0#{'x' * 5000}")
    refuses(/damaged/)
    File.delete(file)
    kitchen
    Sequel.sqlite(file) { |db| db[:schema_info].update(version: 99) }
    expect { kitchen }.to raise_error(FondKettle::StoreUnavailable, /newer version/)
  end

  it "begins anew where a first start of its own was killed at its first moment" do
    File.write(file, "")
    File.write(File.join(@folder, "kettle.begun"), "")
    kitchen
    expect(Dir.children(@folder)).not_to include("kettle.begun")
    expect(File.size(file)).to be_positive
    File.write(file, "")
    refuses(/is empty, as after a full disk/)
  end

  it "remembers an answer until something is written, and within a write asks anew" do
    database = described_class.new(@folder)
    asked = 0
    ask = -> { database.remember(:question) { asked += 1 } }
    expect([ask.call, ask.call]).to eq([1, 1])
    database.write { expect([ask.call, ask.call]).to eq([2, 3]) }
    expect([ask.call, ask.call]).to eq([4, 4])
    database.remember(:other) { database.write { :meanwhile } }
    expect(database.remember(:other) { :anew }).to eq(:anew)
    database.close
  end

  it "starts after one that was killed between making the table of its version and filling it" do
    Sequel.sqlite(file) { |db| db.create_table(:schema_info) { Integer :version, default: 0, null: false } }
    expect { kitchen }.not_to raise_error
    expect(Sequel.sqlite(file) { |db| db[:schema_info].get(:version) }).to eq(described_class.newest)
  end

  it "starts after a first start that was killed, whenever that was" do
    begin_kitchen = "require './store/household'; FondKettle::Store::Household.new(ARGV[0])"
    [0.0, 0.002, 0.02].each do |after_s|
      folder = File.join(@folder, after_s.to_s)
      pid = Process.spawn(RbConfig.ruby, "-Ilib", "-e", begin_kitchen, folder)
      sleep 0.001 until File.exist?(File.join(folder, "kettle.db")) || Process.wait(pid, Process::WNOHANG)
      sleep after_s
      Process.kill(:KILL, pid)
      Process.wait(pid)
      expect { FondKettle::Store::Household.new(folder).close }.not_to raise_error
    end
  end

  it "tells that another program holds the file" do
    kitchen
    Sequel.sqlite(file) do |db|
      db.run("PRAGMA locking_mode = EXCLUSIVE")
      db.transaction(mode: :exclusive) do
        expect { kitchen }.to raise_error(FondKettle::StoreUnavailable, /busy|locked/)
      end
    end
  end

  it "tells of a session key that is no key" do
    household = FondKettle::Store::Household.new(@folder)
    File.write(File.join(@folder, "session.key"), "")
    expect { household.session_key }.to raise_error(FondKettle::StoreUnavailable,
                                                    /remove it, and a new one is made/)
    household.close
  end
end
