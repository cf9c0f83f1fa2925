# frozen_string_literal: true

require "stringio"
require "tmpdir"
require_relative "../../cli/log_file"
require_relative "../support/served_kitchen"

RSpec.describe FondKettle::Cli::LogFile do
  include Support::ServedKitchen

  around { |example| Dir.mktmpdir { |folder| (@log_folder = folder) && example.run } }

  it "says it on standard error and keeps it, at most two files of a megabyte" do
    out = StringIO.new
    log = described_class.new(@log_folder, out)
    4000.times { |number| log.puts("Line #{number} #{'x' * 1000}") }
    files = Dir[File.join(@log_folder, "kettle.log*")]
    expect(out.string.lines.size).to eq(4000)
    expect([files.size, files.sum { |path| File.size(path) }]).to match([2, be < 2.2 * 1024 * 1024])
    expect(File.stat(files.min).mode & 0o077).to eq(0)
    expect(File.read(File.join(@log_folder, "kettle.log")))
      .to match(/\A#.*\n(?:\d{4}-\S+Z WARN Line \d+ x+\n)+\z/)
  end

  it "is told of an error by its kind and place, without a word that somebody typed" do
    log = described_class.new(@log_folder, StringIO.new)
    env "rack.errors", log
    allow(household.cooks).to receive(:finished).and_raise(ArgumentError, "secret pilaf")
    get "/log?q=secret"
    expect(last_response.status).to eq(500)
    said = File.read(File.join(@log_folder, "kettle.log"))
    expect(said).to include("ArgumentError at /log")
    expect(said).not_to include("secret")
  end
end
