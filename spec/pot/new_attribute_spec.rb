# frozen_string_literal: true

require "fileutils"
require "open3"
require "tmpdir"

# What adding an attribute costs, shown in a copy of the core: its file, its words, and a request.
RSpec.describe "An attribute that is added" do
  root = File.expand_path("../..", __dir__)
  attribute = <<~RUBY
    require_relative "../attribute"

    module FondKettle
      module Pot
        module Attributes
          BLANKET = Attribute.of(:blanket, :switch, set_by: %i[request], effect: Effects::LossFactor.new(factor: 0.5))
        end
      end
    end
  RUBY
  script = <<~RUBY
    require "./cli/setup"
    FondKettle::Cli::Setup.new(ARGV.first).running
    require "./lib/fond_kettle"
    asked = { "grain" => "basmati", "method" => "covered-pot", "rice" => { "amount" => 300, "unit" => "g" } }
    plans = [asked, asked.merge("blanket" => true)].map do |data|
      FondKettle::Methods::Planner.plan(FondKettle::Formats::RequestReader.new(data).request)
    end
    puts plans.map { |plan| plan.liquid_g.round }.inspect, plans.last.tasks.map(&:say)
  RUBY

  around do |example|
    Dir.mktmpdir do |folder|
      %w[lib data cli].each { |name| FileUtils.cp_r(File.join(root, name), folder) }
      File.write(File.join(folder, "lib/fond_kettle/pot/attributes/blanket.rb"), attribute)
      @folder = folder
      example.run
    end
  end

  define_method(:run_with) do |rows|
    File.write(File.join(@folder, "data/words.yml"), rows, mode: "a")
    Open3.capture2e(RbConfig.ruby, "-e", script, root, chdir: @folder)
  end

  word = %(- { list: attributes, key: blanket, say: "a blanket round the pot" }\n)

  it "changes the water and is told on the slip, with its sentence" do
    sentence = %(- { list: closings, key: blanket, say: "Put a blanket round the pot" }\n)
    output, status = run_with(word + sentence)
    expect(status).to be_success, output
    plain_g, with_g = output[/\[(\d+), (\d+)\]/] && [Regexp.last_match(1), Regexp.last_match(2)].map(&:to_i)
    expect(with_g).to be < plain_g
    expect(output).to include("Put a blanket round the pot")
  end

  it "does not load without its sentence" do
    output, status = run_with(word)
    expect([status.success?, output]).to match([false, /closings must have a sentence for blanket/])
  end
end
