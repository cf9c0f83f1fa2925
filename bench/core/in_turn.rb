# frozen_string_literal: true

require_relative "bare_loop"
require_relative "checkout"

# The core now, other checkouts of it and the bare loop, one after the other in rounds, so that all meet the
# same machine.
class InTurn
  ROOT = File.expand_path("../..", __dir__)
  # A round of one takes about so long, ms.
  ROUND_MS = 8

  # A case: objects and arithmetic of it now, median ms by name (BARE among them), and the median of what it
  # took now in shares of each.
  Timed = Struct.new(:work, :objects, :exponentials, :divisions, :ms, :ratios, keyword_init: true)
  BARE = "bare loop"
  NOW = "now"

  # `others`: folders of checkouts by name; `flags`: of Ruby.
  def initialize(others, rounds:, flags: [])
    @rounds = rounds
    @now = Checkout.new(NOW, ROOT, flags)
    @others = others.map { |name, root| Checkout.new(name, root, flags) }
    @counts = Checkout.new("counts", ROOT)
  end

  # Names of the cases.
  def cases
    @now.cases
  end

  # The Timed of one.
  def time(work)
    arithmetic = @counts.arithmetic(work)
    checkouts = [@now, *@others.select { |one| one.cases.include?(work) }]
    times = [(ROUND_MS / @now.ms(work, 3)).round, 1].max
    checkouts.each { |one| one.ms(work, times * 3) }
    rounds = Array.new(@rounds) do
      { BARE => BareLoop.ms(*arithmetic, times), **checkouts.to_h { |one| [one.name, one.ms(work, times)] } }
    end
    exponentials, divisions = arithmetic
    Timed.new(work: work, objects: @now.objects(work), exponentials: exponentials, divisions: divisions,
              ms: each_name(rounds) { |name| rounds.map { |round| round.fetch(name) } },
              ratios: each_name(rounds) { |name| rounds.map { |round| round[NOW] / round.fetch(name) } })
  end

  def close
    [@now, @counts, *@others].each(&:close)
  end

  private

  # The median of the block's list by name.
  def each_name(rounds)
    rounds.first.keys.to_h { |name| [name, yield(name).sort[@rounds / 2]] }
  end
end
