# frozen_string_literal: true

# What the core and the pages cost on this machine, each beside what is wanted of it, and what missed that:
#   ruby bench/speed.rb [CHECKOUT]
# CHECKOUT is a folder with 2a2bcbe, which the core is compared with in turn (`git worktree add ../then
# 2a2bcbe`). docs/speed.md has the figures of one quiet machine, and why some goals are missed.
require_relative "../cli/setup"

ROOT = File.expand_path("..", __dir__)
FondKettle::Cli::Setup.new(ROOT).testing

require "open3"
require "tmpdir"
require_relative "../lib/fond_kettle"
require_relative "../store/demo"
require_relative "core/in_turn"
require_relative "served/goals"
require_relative "served/pages"

# All figures, one after the other.
class Speed
  THEN = "2a2bcbe"
  # Most of what a case now takes, in shares of what it took then.
  SINCE = { "run" => 1.5, "figures" => 1.7, "plan" => 1.7 }.freeze
  ROUNDS = 11
  DISHES = 2000

  # `folder`: of 2a2bcbe, or nil.
  def initialize(folder)
    @checkouts = { THEN => folder }.compact
    @goals = Goals.new
  end

  def print
    core
    stove
    [DISHES, 0].zip(%i[print memory]) do |more, figures|
      Dir.mktmpdir do |data|
        kitchen(File.join(data, "demo"), more)
        Pages.new(data, @goals).public_send(figures)
      end
    end
    @goals.finish
  end

  private

  def core
    turn = InTurn.new(@checkouts, rounds: ROUNDS)
    timed = turn.cases.to_h { |work| [work, turn.time(work)] }
    turn.close
    timed.each { |work, one| @goals.told(work, one.ms[InTurn::NOW], "ms", most: (15 if work == "layers")) }
    @goals.told("run in bare loops", timed["run"].ratios[InTurn::BARE], "times", most: 4)
    since(timed) if @checkouts.any?
  end

  def since(timed)
    SINCE.each do |work, most|
      @goals.told("#{work} since #{THEN}", timed[work].ratios[THEN], "times", most: most)
    end
    thirty_ms = timed["30 lines"].ms[THEN]
    @goals.told("six vessels in its dishes of 30 lines", timed["six vessels"].ms[InTurn::NOW] / thirty_ms,
                "times", most: 2)
  end

  def stove
    said, = Open3.capture2("bundle", "exec", "ruby", "bench/tap.rb", chdir: ROOT)
    @goals.told("a tap at the stove", said[/median ([\d.]+)/, 1].to_f, "ms", most: 20)
  end

  # The demo's kitchen with so many more dishes.
  def kitchen(folder, more)
    household = FondKettle::Store::Household.new(folder, demo: true)
    FondKettle::Store::Demo.fill(household, Time.now)
    household.database.write { |db| db[:dishes].multi_insert(Array.new(more) { |index| dish(index) }) }
    household.close
  end

  def dish(index)
    { title: "Dish #{index} with #{%w[leek pea bean squash][index % 4]}", serves: 4.0, method: "covered-pot",
      grain: "basmati", rice_g: 300.0, note: "Number #{index}",
      lines: "#{index} g carrot | base\n2 onions | base\n1 tsp cumin | base" }
  end
end

Speed.new(ARGV.first).print
