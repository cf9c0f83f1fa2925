# frozen_string_literal: true

require_relative "server"

# What pages cost where a kitchen is served.
class Pages
  PLAN = "/pot?grain=basmati&for=amount&unit=g&amount="
  TIMES = 200
  DEVICES = 10
  SECONDS = 6
  # Pages that a kitchen has turned when its memory is looked at.
  TURNED = 3000
  TURNS = ["/", "/log", "/dishes", "#{PLAN}330"].freeze
  SEARCHED = %w[l le lee leek pea cumin 17 squash].freeze

  def initialize(data, goals)
    @data = data
    @goals = goals
  end

  # Times, of one device and of several.
  def print
    served do
      pot
      others
      devices
    end
  end

  # Memory once so many pages were turned.
  def memory
    served do
      TURNED.times { |index| @kitchen.body(TURNS[index % TURNS.size]) }
      @goals.told("memory after #{TURNED} pages", @kitchen.resident_mb, "MB", most: 120)
    end
  end

  private

  def served
    Server.with(4599, "ruby", "bin/kettle", "--port", "4599", "--data", @data) do |kitchen|
      @kitchen = kitchen
      yield
    end
  end

  def pot
    size = @kitchen.body("#{PLAN}300").bytesize
    bare = ["bundle", "exec", "puma", "-t", "1:5", "-b", "tcp://127.0.0.1:4598", "bench/bare.ru"]
    Server.with(4598, *bare, env: { "BYTES" => size.to_s, "RACK_ENV" => "production" }) do |page|
      pairs = Array.new(TIMES + 50) do |index|
        [ms { @kitchen.body("#{PLAN}#{200 + index}") }, ms { page.body("/") }]
      end
      pots, pages = pairs.drop(50).transpose
      @goals.told("Pot, recomputed", middle(pots), "ms")
      @goals.told("a bare page of #{size / 1000} kB", middle(pages), "ms")
      @goals.told("Pot in bare pages", middle(pots) / middle(pages), "times", most: 4.5)
    end
  end

  def others
    @goals.told("the cupboard", median(40) { @kitchen.body("/cupboard") }, "ms")
    @goals.told("nineteen ways side by side", median(12) do |index|
      @kitchen.body("#{PLAN.sub('?', '/side-by-side?')}#{250 + index}")
    end, "ms", most: 70)
    @goals.told("a search in 2,000 dishes", median(80) do |index|
      @kitchen.body("/dishes?q=#{SEARCHED[index % SEARCHED.size]}")
    end, "ms", most: 50)
    @goals.told("the first page on the wire", @kitchen.weight("/") / 1000.0, "kB", most: 150)
  end

  # Ten devices turn pages at once.
  def devices
    ends = now + SECONDS
    took = Array.new(DEVICES) { Thread.new { turned_until(ends) } }.flat_map(&:value).sort
    @goals.told("ten devices at once", took.size / SECONDS.to_f, "pages/s", least: 40)
    @goals.told("a page of theirs, 95th of a hundred", took[took.size * 95 / 100], "ms", most: 150)
  end

  def turned_until(ends)
    http = @kitchen.connected
    took = []
    took << ms { http.get(TURNS[took.size % TURNS.size], Server::PART) } while now < ends
    took
  end

  def now
    Process.clock_gettime(Process::CLOCK_MONOTONIC)
  end

  def ms
    began = now
    yield
    (now - began) * 1000
  end

  def median(times)
    middle(Array.new(times) { |index| ms { yield index } })
  end

  def middle(list)
    list.sort[list.size / 2]
  end
end
