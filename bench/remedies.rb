# frozen_string_literal: true

# How many wrong pots end right by the advice of the stove: bundle exec ruby bench/remedies.rb [POTS].
# Kitchens are drawn from the spreads, liquid x 0.6 to 1.3, minutes x 0.5 to 1.3; what is lost does not
# count.
require "bundler/setup"
require_relative "../lib/fond_kettle/methods/library"
require_relative "../spec/support/wrong_pots"

$stdout.sync = true
pots = (ARGV.first || 40).to_i
puts "way                    wrong  right  harmed"
FondKettle::Methods::Library.ours.all.each_value do |method|
  grain = method.steamed? ? "glutinous" : "basmati"
  wrong = Support::WrongPots.new(method.key, grain: grain)
  found = (0...pots).map { |seed| wrong.pot(seed) }.select(&:wrong)
  puts format("%<way>-22s %<wrong>5d %<right>6d %<harmed>7d", way: method.key, wrong: found.size,
                                                              right: found.count(&:right),
                                                              harmed: found.count(&:harmed))
rescue FondKettle::Error => e
  puts "#{method.key}: left out (#{e.message[0, 60]})"
end
