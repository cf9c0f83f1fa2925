# frozen_string_literal: true

require "open3"
require "tmpdir"
require_relative "../support/whole_kitchen"
require_relative "../../store/safekeeping/archive"
require_relative "../../store/safekeeping/replacement"
require_relative "../../store/safekeeping/upkeep"

RSpec.describe "A kitchen that cannot be written", :thorough do
  whole = Support::WholeKitchen

  around { |example| whole.filled { |folder| (@folder = folder) && example.run } }

  let(:now) { Time.now }
  let(:file) { File.join(@folder, "kettle.db") }

  # Runs the block where a file may grow to so many bytes and no further, and a disk seems full: what it
  # returns, as JSON.
  def with_bytes(most, &block)
    reads, writes = IO.pipe
    pid = fork do
      trap(:XFSZ, "IGNORE")
      Process.setrlimit(:FSIZE, most)
      tell(writes, &block)
    end
    told(pid, reads, writes)
  end

  # What the block returns, or what went wrong, from a process of its own.
  def tell(writes)
    writes.write(JSON.generate(yield))
  rescue StandardError => e
    writes.write(JSON.generate([e.class.name, e.message]))
  ensure
    exit!(0)
  end

  def told(pid, reads, writes)
    writes.close
    JSON.parse(reads.read).tap { Process.wait(pid) }
  end

  def said
    yield
    nil
  rescue FondKettle::StoreUnavailable, SystemCallError => e
    e.message
  end

  # Adds cups until one is refused: [how many were acknowledged, what was said].
  def until_refused(folder)
    household = FondKettle::Store::Household.new(folder, demo: true)
    (0..100_000).each do |number|
      words = said { household.shelf(:cups).add(name: "cup #{number} #{'x' * 40}", ml: 210.0) }
      return [number, words] if words
    end
  ensure
    household&.close
  end

  def cups(folder)
    household = FondKettle::Store::Household.new(folder, demo: true)
    household.shelf(:cups).all.grep(->(cup) { cup[:name].start_with?("cup ") }).size
  ensure
    household&.close
  end

  it "has all that was acknowledged when a file can grow no further, and nothing half" do
    acknowledged, words = with_bytes(File.size(file) + 300_000) { until_refused(@folder) }
    expect([acknowledged, words]).to match([be > 10, /nothing was saved/])
    expect(cups(@folder)).to eq(acknowledged)
  end

  it "has all that was acknowledged on a full disk, where one may be mounted here" do
    tried = Dir.mktmpdir { |disk| on_small_disk(disk) { fill(disk) } }
    RSpec.configuration.reporter.message("A full disk: #{tried ? 'tried' : 'none may be mounted here'}")
    expect(tried).to be(true).or be(false)
  end

  # Whether it could be mounted.
  def on_small_disk(disk)
    return false unless system("mount", "-t", "tmpfs", "-o", "size=1500k", "tmpfs", disk, err: File::NULL)

    begin
      yield
    ensure
      system("umount", disk)
    end
    true
  end

  def fill(disk)
    FileUtils.cp_r("#{@folder}/.", disk)
    acknowledged, words = until_refused(disk)
    expect([acknowledged, words]).to match([be > 10, /disk is full.*nothing was saved/i])
    ballast(disk)
    copy = File.join(disk, "copy.db")
    expect(said { FondKettle::Store::Copy.write(File.join(disk, "kettle.db"), copy, now: now) })
      .to include("nothing else was changed")
    expect(Dir.children(disk).grep(/copy/)).to eq([])
    File.delete(File.join(disk, "ballast"))
    expect(cups(disk)).to eq(acknowledged)
  end

  # Takes all the room that there still is.
  def ballast(disk)
    File.open(File.join(disk, "ballast"), "wb") { |out| loop { out.syswrite("x" * 4096) } }
  rescue Errno::ENOSPC
    nil
  end

  it "is as it was when there is no room for a copy, a zip, or what is put back" do
    copy = File.join(@folder, "copy.db")
    FondKettle::Store::Copy.write(file, copy, now: now, methods: {})
    was = whole.of(@folder)
    answers = with_bytes(60_000) do
      [said { FondKettle::Store::Copy.write(file, "#{@folder}/other.db", now: now) },
       said { FondKettle::Store::Archive.new(file, {}).write("#{@folder}/a.zip", now) },
       said { FondKettle::Store::Replacement.new(@folder).by_copy(copy, now) } || "put back"]
    end
    expect(answers).to all(match(/nothing else was changed|could not be written/))
    expect(Dir.children(@folder).grep(/other|zip|\.new/)).to eq([])
    expect(whole.of(@folder)).to eq(was)
  end

  it "says so where its folder may not be written in, and changes nothing" do
    was = whole.of(@folder)
    copy = File.join(@folder, "copy.db")
    FondKettle::Store::Copy.write(file, copy, now: now, methods: {})
    words = as_nobody(@folder) do
      [said { FondKettle::Store::Copy.write(file, "#{@folder}/other.db", now: now) },
       said { FondKettle::Store::Household.new(@folder, demo: true) }]
    end
    expect(words).to match([/nothing else was changed/, /cannot be (written|opened)|not permitted/])
    expect(whole.of(@folder)).to eq(was)
  end

  # The folder may be read and not be written in by whoever runs the block, as JSON.
  def as_nobody(folder, &block)
    File.chmod(0o755, folder)
    Dir[File.join(folder, "**", "*")].each { |path| File.chmod(File.directory?(path) ? 0o755 : 0o644, path) }
    reads, writes = IO.pipe
    pid = fork do
      Process.uid.zero? ? Process::Sys.setuid(65_534) : File.chmod(0o555, folder)
      tell(writes, &block)
    end
    told(pid, reads, writes).tap { File.chmod(0o755, folder) }
  end

  it "is kept for one server: a second says so and ends, and a copy is taken beside the first" do
    Dir.mktmpdir do |data|
      FileUtils.cp_r(@folder, File.join(data, "demo"))
      kettle = [RbConfig.ruby, File.expand_path("../../bin/kettle", __dir__)]
      household = FondKettle::Store::Household.new(File.join(data, "demo"), demo: true)
      household.lock
      dishes = household.dishes.count
      out, status = Open3.capture2e(*kettle, "--data", data, "--port", "45671")
      expect([out, status.exitstatus]).to match([/open already, in another window perhaps/, 1])
      out, status = Open3.capture2e(*kettle, "backup", "--data", data)
      expect([JSON.parse(out)["holds"]["dishes"], status.exitstatus]).to eq([dishes, 0])
      household.close
    end
  end
end
