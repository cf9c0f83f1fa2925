# frozen_string_literal: true

# How many wrong pots end right by the advice of the stove: bundle exec ruby bench/remedies.rb [POTS].
# Kitchens are drawn from the spreads, liquid x 0.6 to 1.3, minutes x 0.5 to 1.3; what is lost does not
# count. Behind the bar what the advice of before put right in such kitchens (parent of 78b33ead).
require "bundler/setup"
require_relative "../lib/fond_kettle/methods/library"
require_relative "../spec/support/wrong_pots"

# Groups of ways, and the share that was put right before.
BEFORE = { "in pots" => "58 %", "under a seal" => "26 %", "in steamers" => "26 %",
           "in a cooker" => nil }.freeze

# The group of a method.
def group(method)
  return "in steamers" if method.steamed?
  return "under a seal" if method.sealed?

  method.key == "rice-cooker" ? "in a cooker" : "in pots"
end

$stdout.sync = true
all = Hash.new { |groups, name| groups[name] = [] }
pots = (ARGV.first || 40).to_i
puts "way                    wrong  right  harmed"
FondKettle::Methods::Library.ours.all.each_value do |method|
  grain = method.steamed? ? "glutinous" : "basmati"
  wrong = Support::WrongPots.new(method.key, grain: grain)
  found = (0...pots).map { |seed| wrong.pot(seed) }.select(&:wrong)
  all[group(method)].concat(found)
  puts format("%<way>-22s %<wrong>5d %<right>6d %<harmed>7d", way: method.key, wrong: found.size,
                                                              right: found.count(&:right),
                                                              harmed: found.count(&:harmed))
rescue FondKettle::Error => e
  puts "#{method.key}: left out (#{e.message[0, 60]})"
end
all.each do |name, found|
  puts [format("%<name>-22s %<wrong>5d %<right>6d %<harmed>7d", name: name, wrong: found.size,
                                                                right: found.count(&:right),
                                                                harmed: found.count(&:harmed)),
        *BEFORE[name]].join(" | ")
end
