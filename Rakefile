# frozen_string_literal: true

desc "Lines of code and of specs, and their ratio"
task :ratio do
  count = lambda do |*patterns|
    Dir[*patterns].reject { |path| path.include?("/vendor/") }.sum do |path|
      File.readlines(path).count do |line|
        line.match?(/\S/)
      end
    end
  end
  code = count.call("{lib,store,app,web,cli}/**/*.{rb,erb,js,css}", "bin/*")
  specs = count.call("spec/**/*.rb")
  puts format("code %d lines, specs %d lines: 1 to %.2f", code, specs, specs.to_f / code)
end

desc "Writes the demo dishes for several numbers of people to spec/fixtures"
task :fixture do
  require_relative "spec/support/scaled_dishes"
  File.write(Support::ScaledDishes::FILE, Support::ScaledDishes.text)
end

desc "Writes what the sheet says of three dishes in every method to spec/fixtures"
task :slips do
  require_relative "spec/support/slips"
  File.write(Support::Slips::FILE, Support::Slips.text)
end

desc "Writes how long each file of specs takes to spec/fixtures, by which bin/check shares them out"
task :runtimes do
  require "etc"
  require "tempfile"
  Tempfile.create do |log|
    sh "parallel_rspec", "spec", "-n", (Etc.nprocessors * 2).to_s, "-o",
       "--format progress --format ParallelTests::RSpec::RuntimeLogger --out #{log.path}" do |_right, _|
      # How long it takes is known, right or wrong.
    end
    taken = File.read(log.path).scan(/^(\S+_spec\.rb):([\d.]+)$/)
    File.write("spec/fixtures/runtimes.log", taken.sort.map { |row| format("%s:%.1f\n", *row) }.join)
  end
end

desc "Writes the words of the interface to docs/words.md"
task :words do
  require_relative "spec/support/word_docs"
  File.write(Support::WordDocs::FILE, Support::WordDocs.text)
end

desc "Writes what every address does, and which fields it takes, to docs/http.md"
task :http do
  require_relative "spec/support/http_docs"
  File.write(Support::HttpDocs::FILE, Support::HttpDocs.text)
end

desc "Writes the schema of a kitchen that is given away to data/kitchen, for the version of today"
task :schema do
  require "tmpdir"
  require_relative "store/safekeeping/archive"
  Dir.mktmpdir do |folder|
    FondKettle::Store::Household.new(folder).close
    sqlite = SQLite3::Database.new(File.join(folder, "kettle.db"))
    path = FondKettle::Store::Archive.schema_file(FondKettle::Store::Database.newest)
    File.write(path, "#{JSON.pretty_generate(FondKettle::Store::Archive.schema(sqlite))}\n")
  end
end

namespace :golden do
  desc "Records what the model answers to spec/fixtures/golden.json.gz"
  task :record do
    require_relative "spec/support/golden"
    Support::Golden.record
  end
end

desc "Compares every case of the golden record; prints the first field that differs of each"
task :golden do
  require_relative "spec/support/golden"
  differences = Support::Golden.differences
  puts differences
  abort "#{differences.size} cases differ, or more" if differences.any?
  puts "All #{Support::Golden.stored['digests'].size} cases agree."
end
