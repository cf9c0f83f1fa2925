# frozen_string_literal: true

# Prints how honest the ranges are: of pots drawn from the model's own spreads, how many
# want a liquid within the range that the plan shows (wanted: 75 to 85 % in every method).
#   ruby bench/spread.rb [POTS]
require "bundler/setup"
require_relative "../lib/fond_kettle"
require_relative "../spec/support/true_pots"

POTS = Integer(ARGV.first || "400")
VARIANTS = { "plain" => {}, "200 g tomato" => { "additions" => [{ "ingredient" => "tomato", "g" => 200 }] },
             "brown rice" => { "grain" => "brown-long" } }.freeze

puts "way                  with             inside   below   above"
FondKettle::Methods::Library.ours.all.each_value do |method|
  next if method.phases.last.parts

  VARIANTS.each do |name, changes|
    grain = method.steamed? ? "glutinous" : "basmati"
    data = { "grain" => grain, "method" => method.key, "rice" => { "amount" => 300, "unit" => "g" },
             **changes }
    request = FondKettle::Formats::RequestReader.new(data).request
    shares = Support::TruePots.of(request, POTS, Random.new(7))
    next puts("#{method.key}, #{name}: held at nothing, left out") unless shares

    inside, below, above = shares.map { |share| "#{(share * 100).round} %" }
    puts format("%<way>-20s %<with>-14s %<inside>8s %<below>7s %<above>7s",
                way: method.key, with: name, inside: inside, below: below, above: above)
  end
end
