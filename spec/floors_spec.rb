# frozen_string_literal: true

require "open3"
require_relative "../store/demo"
require_relative "../web/application"
require_relative "support/requires"

RSpec.describe "The floors of the house" do
  root = File.expand_path("..", __dir__)
  floors = %w[ground numeric measure larder table kit pot clock care vessels phases belief methods dishes
              reading log house stove meals formats].freeze

  it "loads the core without web, database or server" do
    script = 'require "./lib/fond_kettle"; ' \
             "print [:Sinatra, :Sequel, :Rack, :Puma].select { |name| Object.const_defined?(name) }"
    output, status = Open3.capture2e(RbConfig.ruby, "-e", script, chdir: root)
    expect([output, status.exitstatus]).to eq(["[]", 0])
  end

  it "requires only the same floor or those below" do
    floor_of = floors.each_with_index.to_h
    Dir[File.join(root, "lib/fond_kettle/**/*.rb")].each do |path|
      place = path.delete_prefix("#{root}/lib/fond_kettle/").split("/").first.delete_suffix(".rb")
      File.read(path).scan(/^require_relative "(.+)"/).flatten.each do |required|
        target = File.expand_path(required, File.dirname(path))
        name = target.delete_prefix("#{root}/lib/fond_kettle/").split("/").first
        expect(floor_of.fetch(name)).to be <= floor_of.fetch(place), "#{path} requires #{required}"
      end
    end
  end

  it "has no circle of folders, the web's among them" do
    above = Hash.new { |folders, folder| folders[folder] = [] }
    Dir[File.join(root, "{lib,app,web,store,cli}/**/*.rb")].each do |path|
      File.read(path).scan(/^require_relative "(.+)"/).flatten.each do |required|
        files = [path, File.expand_path(required, File.dirname(path))]
        from, to = files.map { |file| File.dirname(file).delete_prefix("#{root}/") }
        above[from] |= [to] unless from == to
      end
    end
    above.default = [].freeze
    # Folders that nothing is left to require, taken away until none is left.
    loop { above.reject! { |_, required| required.none? { |folder| above.key?(folder) } } || break }
    expect(above).to eq({})
  end

  ours = Dir[File.join(root, "{lib/fond_kettle,store,app,web}/**/*.rb")].grep_v(%r{/migrations/}).sort

  it "requires in each file what the file uses" do
    expect(Support::Requires.unread(ours)).to eq({})
  end

  it "loads each file alone, with all that it uses", :thorough do
    expect(Support::Requires.lacking(ours)).to eq({})
  end

  # What plans or runs: only acts start it.
  runners = %w[methods/planning/planner methods/planning/trial methods/planning/comparison
               methods/solved/solved methods/loads/loading methods/planning/remedies pot/runs/cooking
               stove/course house/composition house/plain_rice dishes/supper dishes/options belief/spread
               meals/schedule meals/changes meals/ways_out phases/solve].freeze

  it "starts no model in the web: places, presenters and views ask an act" do
    asked = Dir[File.join(root, "web/**/*.rb")].to_h do |path|
      [path, File.read(path).scan(%r{^require_relative ".*fond_kettle/(.+)"}).flatten & runners]
    end
    expect(asked.reject { |_, files| files.empty? }).to eq({})
  end

  it "keeps the web out of store and acts, and the acts out of the store" do
    Dir[File.join(root, "{store,app}/**/*.rb")].each do |path|
      expect(File.read(path)).not_to match(%r{require.*web/|Sinatra})
    end
    Dir[File.join(root, "store/**/*.rb")].each do |path|
      expect(File.read(path)).not_to match(%r{require.*app/})
    end
  end
end
