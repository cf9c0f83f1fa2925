# frozen_string_literal: true

# The clock against a free constraint solver (MiniZinc with Gecode, from Debian: `minizinc`; a
# benchmark only): random meals of 2 to 9 dishes for one and two cooks, ours with its usual effort,
# the solver for 60 s. Prints a table, for docs/clock.md. `ruby bench/clock.rb [MEALS] [SECONDS]`, with
# `--vessels` of meals whose pots and rings are held over several tasks;
# without MiniZinc it compares with its own bound alone.
require "open3"
require "tempfile"
require_relative "../lib/fond_kettle/clock/placement"
require_relative "../spec/support/dishes_at_random"

# A Clock::Problem in the solver's words; `s`: minutes from serving back to each task's end.
class Zinc
  def initialize(problem)
    @problem = problem
    @place = problem.slots.each_with_index.to_h { |slot, index| [slot.id, index] }
    @minutes = problem.slots.map(&:minutes)
  end

  # [least span or nil, proved?] within so many seconds.
  def solve(seconds)
    file = Tempfile.new(["meal", ".mzn"])
    file.write(to_s)
    file.close
    said, = Open3.capture2("minizinc", "--solver", "gecode", "--time-limit", (seconds * 1000).to_s, "-a",
                           file.path, err: File::NULL)
    [said.scan(/^\d+$/).map(&:to_i).last, said.include?("==========") || said.include?("UNSATISFIABLE")]
  end

  def to_s
    [head, *@problem.slots.map { |slot| task(slot) }, *@problem.ends.map { |one| finish(one) },
     *@problem.spans.each_with_index.map { |span, index| length(span, index) },
     *@problem.resources.map { |name, there| resource(name, there) }, *ovens, tail].join("\n")
  end

  private

  def head
    most = FondKettle::Clock::Network.new(@problem).horizon_min
    %(include "cumulative.mzn"; array[0..#{@minutes.size - 1}] of var 0..#{most}: s; var 0..#{most}: span;)
  end

  def start(id)
    place = @place.fetch(id)
    "s[#{place}] + #{@minutes[place]}"
  end

  def task(slot)
    links = slot.after.map do |after|
      over = "s[#{@place.fetch(after.task)}]"
      most = " constraint #{over} <= #{start(slot.id)} + #{after.most};" if after.most
      "constraint #{over} >= #{start(slot.id)} + #{after.least};#{most}"
    end
    ["constraint span >= #{start(slot.id)};", *links].join(" ")
  end

  def finish(one)
    over = "s[#{@place.fetch(one.task)}]"
    "constraint #{over} >= #{one.least};#{" constraint #{over} <= #{one.most};" if one.most}"
  end

  def resource(name, there)
    users = tasks_of(name) + spans_of(name)
    return if users.empty?

    ends, lengths, amounts = users.transpose.map { |all| all.join(", ") }
    "constraint cumulative([#{ends}], [#{lengths}], [#{amounts}], #{there});"
  end

  # [end, minutes, amount] of each task that uses it; within a span that holds it none counts.
  def tasks_of(name)
    held = @problem.spans.select { |span| span.uses.key?(name) }.flat_map(&:tasks)
    @problem.slots.select { |slot| slot.uses.key?(name) && !held.include?(slot.id) }
            .map { |slot| ["s[#{@place[slot.id]}]", slot.minutes, slot.uses.fetch(name)] }
  end

  def spans_of(name)
    @problem.spans.select { |span| span.uses.key?(name) }.map do |span|
      ["s[#{@place.fetch(span.to)}]", "d#{@problem.spans.index(span)}", span.uses.fetch(name)]
    end
  end

  # The minutes for which a span lasts.
  def length(span, index)
    most = FondKettle::Clock::Network.new(@problem).horizon_min
    "var 0..#{most}: d#{index}; constraint d#{index} = #{start(span.from)} - s[#{@place.fetch(span.to)}];"
  end

  def ovens
    baking = @problem.slots.select(&:oven_c).combination(2)
    baking.reject { |one, two| one.oven_c == two.oven_c }
          .map { |one, two| "constraint #{over(one, two)} \\/ #{over(two, one)};" }
  end

  def over(one, two)
    "#{start(one.id)} <= s[#{@place[two.id]}]"
  end

  def tail
    "solve :: int_search(s, dom_w_deg, indomain_min) minimize span; output [show(span)];"
  end
end

def placed(problem)
  from = Process.clock_gettime(Process::CLOCK_MONOTONIC)
  [FondKettle::Clock::Placement.place(problem), Process.clock_gettime(Process::CLOCK_MONOTONIC) - from]
rescue FondKettle::InvalidInput
  [nil, Process.clock_gettime(Process::CLOCK_MONOTONIC) - from]
end

vessels = ARGV.delete("--vessels")
count = (ARGV[0] || 40).to_i
seconds = (ARGV[1] || 60).to_i
solver = system("which minizinc > /dev/null")
puts "| dishes | cooks | tasks | ours, min | bound | seconds | solver in #{seconds} s, min | proved by it |"
puts "|---|---|---|---|---|---|---|---|"
$stdout.sync = true
(0...count).each do |number|
  dishes = 2 + (number % 8)
  cooks = 1 + (number / 8 % 2)
  kind = vessels ? :with_vessels : :meal
  problem = Support::DishesAtRandom.public_send(kind, number, dishes, cooks)
  ours, took = placed(problem)
  theirs, proved = solver ? Zinc.new(problem).solve(seconds) : ["-", nil]
  said = theirs || (proved ? "none exists" : "none found")
  puts "| #{dishes} | #{cooks} | #{problem.slots.size} | #{ours&.span_min || 'none found'} | " \
       "#{ours&.bound_min} | #{took.round(2)} | #{said} | #{proved ? 'yes' : 'no'} |"
end
