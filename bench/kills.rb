# frozen_string_literal: true

# Kills a kitchen's process 300 times, at moments spread over every kind of work that writes, and says of
# each kind at how many moments it died, how often it had said that it was done, and what was lost:
# bundle exec ruby bench/kills.rb [COUNT]
require "tempfile"
require_relative "../lib/fond_kettle"
require_relative "../spec/support/kitchen"
require_relative "../spec/support/kills"

came = Support::Kills.all((ARGV.first || 300).to_i)
came.group_by(&:work).each do |work, list|
  puts format("%-32s %3d kills in %4d moments, %2d acknowledged, %d wrong", work, list.size,
              list.first.moments, list.count(&:acknowledged), list.count(&:wrong))
end
wrong = came.select(&:wrong)
wrong.each { |one| puts "#{one.work}, moment #{one.moment} of #{one.moments}: #{one.wrong}" }
puts "#{came.size} kills, #{came.count(&:acknowledged)} after the work was acknowledged, #{wrong.size} wrong"
exit 1 if wrong.any?
