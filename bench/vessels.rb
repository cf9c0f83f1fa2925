# frozen_string_literal: true

# Prints what a step in a vessel costs, by its kind, and a graph of thirty steps.
#   ruby bench/vessels.rb
require_relative "../cli/setup"

FondKettle::Cli::Setup.new(File.expand_path("..", __dir__)).running

require_relative "../lib/fond_kettle"

include FondKettle # rubocop:disable Style/MixinUsage

ROUNDS = 2000
PAN = Kit::Vessel.new(id: nil, name: "pan", diameter_mm: 260.0, height_mm: 60.0, floor_mm: nil, lid: "none",
                      material: "steel", kg: 1.4, lid_factor: nil)
SETTING = Vessels::Setting.of(PAN, Kit::Burner.usual("gas"))
FOODS = %w[onion carrot chicken dried-bean].map { |key| Vessels::Food.of(Larder::Ingredients.fetch(key), 200.0) }
CONTENTS = Vessels::Contents.of(FOODS, liquid_g: 500.0, fat_g: 30.0)
STEPS = Vessels::Effects.all.keys.to_h { |kind| [kind, Vessels::Step.of(kind, minutes: 10.0, share: 0.5)] }

# Microseconds of the block, the median of several rounds.
def median_us(count)
  times = Array.new(count) do
    began = Process.clock_gettime(Process::CLOCK_MONOTONIC)
    yield
    Process.clock_gettime(Process::CLOCK_MONOTONIC) - began
  end
  times.sort[count / 2] * 1e6
end

STEPS.each do |kind, step|
  puts format("%-10s %6.1f us", kind, median_us(ROUNDS) { CONTENTS.after(step, SETTING) })
end
thirty = median_us(ROUNDS / 10) do
  STEPS.values.cycle.first(30).reduce(CONTENTS) { |contents, step| contents.after(step, SETTING).contents }
end
puts format("thirty steps %.2f ms (wanted: 2)", thirty / 1000)
