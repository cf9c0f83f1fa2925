# frozen_string_literal: true

require "open3"
require "tmpdir"
require_relative "../../cli/arguments"

RSpec.describe "The command line" do
  root = File.expand_path("../..", __dir__)

  define_method(:kettle) do |*words, input: ""|
    output, errors, status = Open3.capture3(RbConfig.ruby, File.join(root, "bin/kettle"), *words,
                                            stdin_data: input)
    [output, errors, status.exitstatus]
  end

  it "plans from standard input and prints nothing else" do
    output, errors, status = kettle("plan", "-", input: JSON.generate(basic_request))
    expect(JSON.parse(output)["liquid"]["g"]).to be_within(0.01).of(plan_for(basic_request).liquid_g)
    expect([errors, status]).to eq(["", 0])
  end

  it "knows the methods of a folder, tells a broken one and works on" do
    Dir.mktmpdir do |folder|
      File.write(File.join(folder, "ours.yml"), "key: ours\nlike: covered-pot\nname: Ours\ndrain: quick\n")
      File.write(File.join(folder, "torn.yml"), "key: torn\nlike: covered-pot\nstages:\n  - { key: a, " \
                                                "heat: low, minutes: 3, " \
                                                "say: \"%{sauce}\", cue: b, why: c }\n")
      output, errors, status = kettle("plan", "-", "--methods", folder,
                                      input: JSON.generate(basic_request(method: "ours")))
      expect([JSON.parse(output)["method"], status]).to eq(["ours", 0])
      expect(errors).to match(/torn.yml, a: %\{sauce\} is not known here/)
      expect(kettle("plan", "-", "--methods", "/nowhere", input: "{}").last).to eq(2)
    end
  end

  it "plans and runs a dish of several vessels, and refuses one that does not hold together" do
    dish = JSON.parse(File.read(File.join(root, "spec/fixtures/graphs/mixed.json")))
    plan = JSON.parse(kettle("plan", "-", input: JSON.generate(dish)).first)
    expect(plan["vessels"].map { |one| one["key"] }).to eq(%w[pot pan jug])
    poured = dish.merge("liquid" => { "g" => plan["liquid"]["g"] })
    expect(JSON.parse(kettle("run", "-",
                             input: JSON.generate(poured)).first)["end"]["verdict"]).to eq("standard")
    _, errors, status = kettle("plan", "-", input: JSON.generate(dish.merge("vessel" => 5)))
    expect([status, JSON.parse(errors)["errors"].first["field"]]).to eq([2, "vessel"])
  end

  it "runs what was poured" do
    output, = kettle("run", "-", input: JSON.generate(basic_request(liquid: { "g" => 500 })))
    answer = JSON.parse(output)
    expect(answer["end"]).to include("verdict" => "soft", "free_water_g" => 0.0)
    expect(answer.keys).to include("end", "cues", "curve", "rescue")
  end

  it "converts, also below zero" do
    expect(kettle("convert", "200", "C", "F").first(2)).to eq(["392\n", ""])
    expect(kettle("convert", "-40", "C", "F").first(2)).to eq(["-40\n", ""])
    expect(kettle("convert", "190", "C", "gas-mark").first(2)).to eq(["5\n", ""])
    expect(kettle("convert", "110", "C", "gas-mark").first(2)).to eq(["0.25\n", ""])
    expect(kettle("convert", "2", "us-cup", "g", "--of", "basmati").first(2)).to eq(["369.078\n", ""])
  end

  it "refuses with fields and status 2, never a trace" do
    [[%w[plan -], '{"grain":'], [%w[plan /no/such/file], ""], [%w[convert abc C F], ""],
     [%w[convert -3 g kg], ""],
     [%w[convert 1 us-cup g --of mud], ""]].each do |words, input|
      output, errors, status = kettle(*words, input: input)
      expect([output, status]).to eq(["", 2])
      expect(JSON.parse(errors)["errors"].first.keys).to include("field", "message")
    end
  end

  it "lists its commands, and refuses words it does not know" do
    expect(kettle("--help").first).to include("plan REQUEST.json", "--empty", "--data DIR")
    expect(kettle("--port", "99999").last).to eq(2)
    expect(kettle("dance").last).to eq(2)
  end
end
