# frozen_string_literal: true

# How far the core is from what this Ruby can do: each thing that the core works out, beside one bare loop over
# floats with as many exponentials (and logarithms) and divisions, and beside other checkouts of it, all in
# turn in one process group, so that they meet the same machine:
#   ruby bench/limit.rb [--rounds N] [--yjit] [NAME=CHECKOUT …]
# CHECKOUT is a folder with another commit of this repository (`git worktree add`); that of 2a2bcbe is what
# docs/speed.md compares with. Prints medians, ms, and what they are to the bare loop and the first checkout.
require "open3"
require "optparse"

# A process that does what it is told: a worker of a checkout.
class Checkout
  attr_reader :name, :cases

  def initialize(name, root, flags = [])
    @name = name
    worker = File.expand_path("worker.rb", __dir__)
    @in, @out, = Open3.popen2({ "BUNDLE_GEMFILE" => File.expand_path("../Gemfile", __dir__) },
                              "bundle", "exec", "ruby", *flags, worker, root)
    @cases = @out.gets.chomp.split(";")
  end

  # The worker's answer.
  def asked(work, what)
    @in.puts("#{work};#{what}")
    @out.gets.chomp
  end

  # Milliseconds of one of so many.
  def ms(work, times)
    asked(work, times).to_f * 1000 / times
  end
end

# The loop that does nothing but the arithmetic.
module Bare
  module_function

  def ms(exponentials, divisions, times)
    from = Process.clock_gettime(Process::CLOCK_MONOTONIC)
    times.times { once(exponentials, divisions) }
    (Process.clock_gettime(Process::CLOCK_MONOTONIC) - from) * 1000 / times
  end

  def once(exponentials, divisions)
    fading = 0.5
    left = 90.0
    index = 0
    while index < exponentials
      fading = Math.exp(-0.7 * fading)
      index += 1
    end
    index = 0
    while index < divisions
      left = (left + fading) / 1.01
      index += 1
    end
    left
  end
end

rounds = 25
flags = []
OptionParser.new do |options|
  options.on("--rounds N", Integer) { |number| rounds = number }
  options.on("--yjit") { flags << "--yjit" }
end.parse!
others = ARGV.map { |one| one.split("=", 2) }
ours = Checkout.new("now", File.expand_path("..", __dir__), flags)
checkouts = [ours, *others.map { |name, root| Checkout.new(name, root, flags) }]
counter = Checkout.new("counts", File.expand_path("..", __dir__))

def middle(list)
  list.sort[list.size / 2]
end

puts format("%-14s %8s %6s %6s %8s %s", "", "objects", "exp", "div", "bare ms", checkouts.map { |one|
  format("%10s", one.name)
}.join)
ours.cases.each do |work|
  exponentials, divisions = counter.asked(work, "count").split.map(&:to_i)
  taking_part = checkouts.select { |one| one.cases.include?(work) }
  times = [(8 / ours.ms(work, 3)).round, 1].max
  taking_part.each { |one| one.ms(work, times * 3) }
  spent = Hash.new { |hash, key| hash[key] = [] }
  rounds.times do
    spent["bare"] << Bare.ms(exponentials, divisions, times)
    taking_part.each { |one| spent[one.name] << one.ms(work, times) }
  end
  bare = middle(spent["bare"])
  shown = checkouts.map { |one| spent.key?(one.name) ? format("%10.3f", middle(spent[one.name])) : " " * 10 }
  over = checkouts.drop(1).select { |one| spent.key?(one.name) }.map do |one|
    ratios = spent["now"].zip(spent[one.name]).map { |now, then_ms| now / then_ms }
    format("  %.2f x %s", middle(ratios), one.name)
  end
  puts format("%-14s %8s %6d %6d %8.3f %s  %.1f x bare%s", work, ours.asked(work, "objects"), exponentials,
              divisions, bare, shown.join, middle(spent["now"].zip(spent["bare"]).map { |a, b| a / b }), over.join)
end
