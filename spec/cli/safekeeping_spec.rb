# frozen_string_literal: true

require "open3"
require_relative "../../cli/arguments"
require_relative "../../cli/commands"
require_relative "../../cli/safekeeping"
require_relative "../support/whole_kitchen"

RSpec.describe FondKettle::Cli::Safekeeping do
  whole = Support::WholeKitchen

  around do |example|
    Dir.mktmpdir do |data|
      @data = data
      whole.filled { |folder| FileUtils.cp_r(folder, File.join(data, "demo")) }
      example.run
    end
  end

  # [what is answered, what is refused, the exit status]
  def kettle(*words)
    options = FondKettle::Cli::Arguments.new([*words, "--data", @data])
    answers = StringIO.new
    refusals = StringIO.new
    kept = [$stdout, $stderr]
    $stdout = answers
    $stderr = refusals
    status = FondKettle::Cli::Commands.call(options)
    [answers.string, refusals.string].map { |text| text.empty? ? nil : JSON.parse(text) } << status
  ensure
    $stdout, $stderr = kept
  end

  def at(name)
    File.join(@data, name)
  end

  it "copies, changes, looks through and puts back" do
    was = whole.of(at("demo"))
    answer, _, status = kettle("backup", at("b.db"))
    expect([answer["holds"],
            status]).to match([a_hash_including("pots" => 5, "dishes" => 14, "cooks" => 7), 0])
    household = FondKettle::Store::Household.new(at("demo"), demo: true)
    household.dishes.remove(1, 0, Time.now)
    household.close
    expect(kettle("check").first).to include("sound" => true, "read" => a_hash_including("plans" => 7))
    answer, = kettle("restore", at("b.db"))
    expect([File.exist?(answer["before"]), whole.of(at("demo"))]).to eq([true, was])
  end

  it "names its own copies by the time, beside those that the kitchen makes" do
    answer, = kettle("backup")
    expect(answer["file"]).to match(%r{demo/copies/kettle-\d{4}-\d\d-\d\d-\d{6}\.db\z})
    expect(kettle("check", answer["file"]).last).to eq(0)
  end

  it "gives all away, and takes it into a kitchen that is not there yet; never into one that is" do
    kettle("export", at("k.zip"))
    answer, = kettle("import", at("k.zip"), "--empty")
    expect([answer["kitchen"], whole.of(at("kitchen"))]).to eq([at("kitchen"), whole.of(at("demo"))])
    _, refused, status = kettle("import", at("k.zip"), "--empty")
    expect([refused["errors"].first["message"], status]).to match([/is not empty/, 2])
  end

  it "takes a part in beside what is there" do
    kettle("export", at("pots.zip"), "--only", "pots")
    FondKettle::Store::Household.new(at("kitchen")).close
    answer, = kettle("import", at("pots.zip"))
    expect(answer).to include("kitchen" => at("kitchen"), "part" => "pots", "added" => { "pots" => 5 })
  end

  it "takes the cook's own kitchen where there is one, and says when there is none" do
    expect(kettle("check").first["file"]).to start_with(at("demo"))
    FondKettle::Store::Household.new(at("kitchen")).close
    expect(kettle("check").first["file"]).to start_with(at("kitchen"))
    expect(kettle("check", "--demo").first["file"]).to start_with(at("demo"))
    FileUtils.rm_rf([at("kitchen"), at("demo")])
    expect(kettle("backup")[1]["errors"].first["message"]).to include("no kitchen here yet")
  end

  it "tells what is wrong as errors, never as a stack trace" do
    File.write(at("no.db"), "no")
    [["restore", at("no.db")], ["check", at("no.db")], ["import", at("no.db")], ["restore", at("nowhere")],
     ["export", at("x.zip"), "--only", "pans"], ["export", at("nowhere/x.zip")],
     ["backup", at("nowhere/x.db")], ["import", at("nowhere.zip")]].each do |words|
      answer, refused, status = kettle(*words)
      expect([words, answer, status]).to eq([words, nil, 2])
      expect(refused["errors"]).to all(include("field", "message"))
    end
  end

  it "is told by bin/kettle as the others are" do
    out, status = Open3.capture2e(RbConfig.ruby, File.expand_path("../../bin/kettle", __dir__), "restore")
    expect([out, status.exitstatus]).to match([/restore takes 1 words, got 0/, 2])
  end
end
