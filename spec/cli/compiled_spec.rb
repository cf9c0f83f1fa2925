# frozen_string_literal: true

require "open3"
require "rbconfig"
require "tmpdir"
require_relative "../../cli/compiled"

RSpec.describe FondKettle::Cli::Compiled do
  around { |example| Dir.mktmpdir { |folder| Dir.chdir(folder) { example.run } } }

  script = <<~RUBY
    require #{File.expand_path('../../cli/compiled', __dir__).inspect}
    FondKettle::Cli::Compiled.new(ARGV.first, "spec").use
    require File.expand_path("said")
    print SAID
  RUBY

  # What a program prints that requires said.rb, and its exit status.
  define_method(:ran) do |folder = "kept"|
    output, status = Open3.capture2e(RbConfig.ruby, "-e", script, folder)
    [output, status.exitstatus]
  end

  def write(word, at)
    File.write("said.rb", "SAID = #{word.inspect}\n")
    File.utime(at, at, "said.rb")
  end

  it "runs what was compiled, until its source changes" do
    written = Time.at(1_700_000_000)
    write("rinse", written)
    expect(ran).to eq(["rinse", 0])
    # As long as before, and of the same moment: nobody can tell, so it shows what was kept.
    write("steam", written)
    expect(ran).to eq(["rinse", 0])
    write("steam", written + 1)
    expect(Array.new(2) { ran }).to all(eq(["steam", 0]))
  end

  it "runs nothing that is damaged, or kept by another Ruby" do
    Dir.mkdir("kept")
    write("rinse", Time.now)
    ran
    kept = Dir["kept/spec-*"].first
    whole = File.binread(kept)
    [whole[0, whole.size / 2], whole.sub("rinse", "r1nse"), ""].each do |damaged|
      File.binwrite(kept, damaged)
      expect(ran).to eq(["rinse", 0])
      expect(File.binread(kept) == whole).to be(true)
    end
    File.rename(kept, "kept/spec-0")
    expect(ran).to eq(["rinse", 0])
  end

  it "keeps nothing where nothing can be written, and leaves what is wrong to Ruby" do
    write("rinse", Time.now)
    File.write("no-folder", "")
    expect(ran("no-folder/kept")).to eq(["rinse", 0])
    File.write("said.rb", "SAID = (\n")
    expect(ran).to match([/said\.rb:\d.*syntax error/m, 1])
  end
end
