# frozen_string_literal: true

# How far the core is from what this Ruby can do: each thing that it works out, beside one bare loop over
# floats with as many exponentials and divisions, and beside other checkouts of it, all in turn:
#   ruby bench/limit.rb [--rounds N] [--jit] [NAME=CHECKOUT …]
# CHECKOUT is a folder with another commit of this repository (`git worktree add ../then 2a2bcbe`), whose
# names the cases know too. Prints medians, ms, and what now is to the bare loop and to each checkout.
require "optparse"
require_relative "../cli/setup"

FondKettle::Cli::Setup.new(File.expand_path("..", __dir__)).running
require_relative "../cli/interpreter"
require_relative "core/in_turn"

rounds = 25
flags = []
OptionParser.new do |options|
  options.on("--rounds N", Integer) { |number| rounds = number }
  options.on("--jit") { flags = FondKettle::Cli::Interpreter::COMPILER }
end.parse!

others = ARGV.to_h { |one| one.split("=", 2) }
names = [InTurn::BARE, InTurn::NOW, *others.keys]
puts "| what | objects | exp, log | divisions | #{names.map { |name| "#{name}, ms" }.join(' | ')} |"
puts "|---|#{'---:|' * (3 + names.size)}"
turn = InTurn.new(others, rounds: rounds, flags: flags)
turn.cases.each do |work|
  timed = turn.time(work)
  figures = names.map do |name|
    ms = timed.ms[name]
    ratio = format(" (%.2f x)", timed.ratios.fetch(name)) if ms && name != InTurn::NOW
    ms ? "#{format('%.3f', ms)}#{ratio}" : ""
  end
  puts "| #{[work, timed.objects, timed.exponentials, timed.divisions, *figures].join(' | ')} |"
end
turn.close
