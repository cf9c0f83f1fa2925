# frozen_string_literal: true

require "open3"
require_relative "support/whole_kitchen"

# Every command that README and CONTRIBUTING show is run as it is written, in a folder of its own; but for
# checks, servers, and what installs or writes into the project.
RSpec.describe "The commands that are documented" do
  root = File.expand_path("..", __dir__)
  texts = %w[README.md CONTRIBUTING.md].map { |name| File.read(File.join(root, name)) }
  lines = texts.join("\n").scan(/^ {4}(\S.*)$/).flatten.map { |line| line.sub(/\s+#.*/, "") }
  commands = lines.grep(/\A(echo|bin|bundle|ruby) ?/)
  not_run = %r{\Abin/kettle\z|\Abin/check|rake (slips|fixture|http|schema)\z}

  around do |example|
    Dir.mktmpdir do |folder|
      @folder = folder
      Support::WholeKitchen.filled { |kitchen| FileUtils.cp_r(kitchen, data("demo")) }
      File.write(File.join(folder, "REQUEST.json"),
                 JSON.generate(basic_request(liquid: { "g" => 500 })))
      File.write(File.join(folder, "HISTORY.json"),
                 JSON.generate(request: basic_request, cooks: [{ request: basic_request,
                                                                 outcome: { grain: "firm" } }]))
      wrong = { liquid: { "g" => 330 }, so_far: { stage: "low", min: 7 }, stands: "none", bite: "third" }
      File.write(File.join(folder, "POT.json"), JSON.generate(basic_request(**wrong)))
      FileUtils.cp(File.join(root, "spec/fixtures/graphs/goat.json"), File.join(folder, "DISH.json"))
      FileUtils.cp(File.join(root, "spec/fixtures/texts/lentils.txt"), File.join(folder, "TEXT"))
      example.run
    end
  end

  def data(name)
    File.join(@folder, "data", name).tap { |path| FileUtils.mkdir_p(File.dirname(path)) }
  end

  # Words that say which kitchen a command works on: an empty one is filled, else a copy of the demo.
  def kitchen(command)
    return ["--data", File.join(@folder, "empty")] if command.include?(" import ")

    command.match?(/kettle (backup|restore|check|export)/) ? ["--data", File.join(@folder, "data")] : []
  end

  # [what it prints, its status]
  define_method(:run_here) do |command|
    placed = command.gsub(%r{(?<![\w/])bin/}, "#{root}/bin/")
    return Open3.capture2e(placed, chdir: root) if placed.start_with?("bundle")

    Open3.capture2e([placed, *kitchen(command)].join(" "), chdir: @folder, stdin_data: "")
  end

  it "are found" do
    expect(commands.size).to be > 12
    expect(commands.grep(not_run)).to include("bin/kettle", "bin/check --all")
  end

  it "run as they are written" do
    failed = commands.grep_v(not_run).filter_map do |command|
      run_here("bin/kettle export kitchen.zip") if command.include?(" import ")
      output, status = run_here(command)
      "#{command}: #{output[-400..] || output}" unless status.success?
    end
    expect(failed).to eq([])
  end
end
