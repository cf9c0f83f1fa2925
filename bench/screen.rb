# frozen_string_literal: true

# How far the stove's screen is off that says when a pot is ready: somebody cooks by it on time, taps up to
# five minutes late and takes a third longer for one step in ten. Of the texts of folders, the dishes' own
# by default, each for some numbers of people:
#   bundle exec ruby bench/screen.rb [FOLDER ...]
require "bundler/setup"
require_relative "../lib/fond_kettle/formats/plan_json"
require_relative "../lib/fond_kettle/formats/request/dish_request"
require_relative "../lib/fond_kettle/reading/reader"
require_relative "../spec/support/simulated_cook"

BEFORE_MIN = { 60 => [6, 15], 30 => [4, 10], 10 => [2, 5] }.freeze
GUESTS = [2, 5, 9].freeze

# The stored plan of a text for some people, or nil where it cannot be planned.
def plan_of(text, guests)
  dish = JSON.parse(JSON.generate(FondKettle::Reading::Reader.new(text).dish))
  request = FondKettle::Formats::DishRequest.new({ "dish" => dish, "for" => { "guests" => guests },
                                                   "assume" => true })
  plan = FondKettle::Formats::PlanJson.for_the_stove(request.supper.plan)
  JSON.parse(JSON.generate(plan), symbolize_names: true)
rescue FondKettle::Error => e
  warn "left out: #{text.lines.first.strip} for #{guests} (#{e.message[0, 60]})"
end

def share(list, part)
  list.map(&:abs).sort.fetch((list.size * part).floor)
end

folders = ARGV.empty? ? [File.expand_path("../spec/fixtures/texts", __dir__)] : ARGV
texts = folders.flat_map { |folder| Dir[File.join(folder, "*.txt")] }.map { |path| File.read(path) }
cooks = texts.product(GUESTS).each_with_index.filter_map do |(text, guests), seed|
  plan = plan_of(text, guests)
  plan && Support::SimulatedCook.new(plan, seed, hands: 1 + (seed % 2), rings: 2 + (seed % 3), ovens: 1)
end
off = cooks.map { |cook| cook.off_min(BEFORE_MIN.keys) }
puts "#{cooks.size} evenings"
BEFORE_MIN.each do |minutes, (median, worst)|
  found = off.filter_map { |one| one[minutes] }
  puts format("%<min>d min before: %<half>.1f in the median (wanted %<median>d), %<worst>.1f in the worst " \
              "twentieth (wanted %<most>d)", min: minutes, half: share(found, 0.5), median: median,
                                             worst: share(found, 0.95), most: worst)
end
most_min = cooks.map(&:stood_too_long_min).max
puts format("stood too long, but for the cook's lateness: %.1f min at most", most_min)
