# frozen_string_literal: true

# A checkout of the core that does one of the Cases as often as it is told: ruby bench/core/worker.rb ROOT
# Reads lines "case;times" and answers each with the seconds that it took; for "case;count" with the
# exponentials and divisions, for "case;objects" with the objects of one.
root = File.expand_path(ARGV.fetch(0))
require File.join(root, "lib/fond_kettle")
%w[formats/stored_dish reading/barred/barred_dish table/quick_text table/dish evening/supper].each do |file|
  path = File.join(root, "lib/fond_kettle", "#{file}.rb")
  require path if File.exist?(path)
end
require_relative "cases_now"
require_relative "cases_then"
require_relative "counting"

def seconds(work, times)
  from = Process.clock_gettime(Process::CLOCK_MONOTONIC)
  times.times { work.call }
  Process.clock_gettime(Process::CLOCK_MONOTONIC) - from
end

def objects(work)
  work.call
  GC.disable
  before = GC.stat(:total_allocated_objects)
  work.call
  GC.stat(:total_allocated_objects) - before
ensure
  GC.enable
end

cases = (FondKettle.const_defined?(:Method, false) ? CasesThen : CasesNow).new.all
$stdout.sync = true
puts cases.keys.join(";")
while (line = $stdin.gets)
  name, wanted = line.chomp.split(";")
  work = cases.fetch(name)
  puts(case wanted
       when "count" then Counting.of(&work).join(" ")
       when "objects" then objects(work)
       else seconds(work, wanted.to_i)
       end)
end
