# frozen_string_literal: true

# Prints what the model and the pages cost on this machine, and the ratio of the
# Pot page to a bare page of the same size on the same server.
#   ruby bench/speed.rb
require_relative "../cli/setup"

ROOT = File.expand_path("..", __dir__)
FondKettle::Cli::Setup.new(ROOT).running

require "net/http"
require "tmpdir"
require_relative "../lib/fond_kettle"
require_relative "../lib/fond_kettle/dishes/supper"
require_relative "../lib/fond_kettle/formats/keep_reader"
require_relative "../lib/fond_kettle/dishes/text/quick_text"
require_relative "../store/demo"

# Small tools for timing.
module Bench
  PAGES = 500
  PLAN = "/pot?grain=basmati&for=amount&unit=g&amount="

  module_function

  def now
    Process.clock_gettime(Process::CLOCK_MONOTONIC)
  end

  def median_ms(times)
    spent = Array.new(times) do |index|
      began = now
      yield index
      now - began
    end
    spent.sort[times / 2] * 1000
  end

  # Medians of two things done in turn, so that both meet the same machine.
  def in_turn(first, second)
    pairs = Array.new(PAGES + 50) do |index|
      [first, second].map do |work|
        began = now
        work.call(index)
        now - began
      end
    end
    pairs.drop(50).transpose.map { |spent| spent.sort[PAGES / 2] * 1000 }
  end

  # Starts a command that serves on `port`, yields a connection and its pid.
  def serving(port, *command, env: {})
    pid = spawn(env, *command, out: File::NULL, err: File::NULL, chdir: ROOT)
    http = Net::HTTP.new("127.0.0.1", port)
    wait(http)
    yield http.start, pid
  ensure
    Process.kill("INT", pid)
    Process.wait(pid)
  end

  def wait(http)
    100.times do
      return http.get("/health")
    rescue SystemCallError
      sleep 0.1
    end
    abort "The server did not start."
  end

  def body(http, path)
    http.get(path, "accept-encoding" => "identity", "x-kettle-part" => "answer").body
  end

  # Bytes on the wire of a page and all it names, compressed as a browser asks.
  def weight(http, path)
    page = body(http, path)
    assets = page.scan(%r{(?:href|src)="(/assets/[^"]+)"}).flatten + ["/assets/vendor/atkinson-400.woff2",
                                                                      "/assets/vendor/atkinson-700.woff2"]
    [path, *assets.uniq].sum do |part|
      http.get(part, "accept-encoding" => "gzip").then do |answer|
        answer.body.bytesize + answer.to_hash.to_s.size
      end
    end
  end

  # A demo kitchen with so many more dishes.
  def many_dishes(folder, count)
    household = FondKettle::Store::Household.new(folder, demo: true)
    FondKettle::Store::Demo.fill(household, Time.now)
    household.database.write do |db|
      rows = Array.new(count) do |index|
        { title: "Dish #{index} with #{%w[leek pea bean squash][index % 4]}", serves: 4.0,
          method: "covered-pot",
          grain: "basmati", rice_g: 300.0, note: "Number #{index}",
          lines: "#{index} g carrot | base\n2 onions | base\n1 tsp cumin | base" }
      end
      db[:dishes].multi_insert(rows)
    end
    household.close
  end

  def resident_mb(pid)
    File.read("/proc/#{pid}/status")[/VmRSS:\s+(\d+)/, 1].to_i / 1024
  end
end

SHORT = { "grain" => "basmati", "method" => "covered-pot",
          "rice" => { "amount" => 300, "unit" => "g" } }.freeze
LONG = { "grain" => "brown-short", "method" => "covered-pot", "rice" => { "amount" => 800, "unit" => "g" },
         "stages" => [{ "heat" => "high", "until" => "boil" }, { "heat" => "low", "minutes" => 110 }] }.freeze
request = FondKettle::Formats::RequestReader.new(SHORT).request
run_ms = Bench.median_ms(500) { FondKettle::Methods::Trying.run(request, 400.0) }
plan_ms = Bench.median_ms(300) { FondKettle::Methods::Planner.plan(request) }
puts format("one run in the core     %6.2f ms (wanted: under 2)", run_ms)
long = FondKettle::Formats::RequestReader.new(LONG)
long_ms = Bench.median_ms(200) { FondKettle::Methods::Trying.run(long.request, 1600.0, stages: long.stages) }
puts format("a two-hour run          %6.2f ms (wanted: under 5)", long_ms)
puts format("one plan with its range %6.2f ms (wanted: at most 4)", plan_ms)

quick = (1..30).map do |index|
  "#{index * 10} g #{%w[carrot tomato leek cumin][index % 4]}, number #{index} " \
    "| base"
end.join("\n")
head = { title: "Dish", serves: 4.0, method: "covered-pot", grain: "basmati", rice_g: 320.0, pan_mm: 240.0 }
graph = FondKettle::Reading::BarredDish.new(head, lines: quick, steps: "").call
dish = FondKettle::Formats::StoredDish.of(graph, names: FondKettle::Larder::Names.ours,
                                                 library: FondKettle::Methods::Library.ours)
rescale_ms = Bench.median_ms(200) do |index|
  FondKettle::Dishes::Laying.supper(dish, 1.1 + (index / 100.0), request)
end
PARCELS = { "grain" => "glutinous", "method" => "leaf-parcels", "pieces" => { "count" => 12 },
            "rice" => { "amount" => 560, "unit" => "g" } }.freeze
parcels = FondKettle::Formats::RequestReader.new(PARCELS).request
steamed = FondKettle::Methods::Planner.plan(parcels)
steamer_ms = Bench.median_ms(200) do
  FondKettle::Pot::Cooking.run(steamed.load, 200.0, steamed.stages, steamed.setting, curve: true)
end
parcels_ms = Bench.median_ms(100) { FondKettle::Methods::Planner.plan(parcels) }
cooling_ms = Bench.median_ms(100) { FondKettle::Formats::KeepReader.new({ "g" => 900, "depth_mm" => 45 }).answer }
puts format("rice in a steamer       %6.2f ms (wanted: under 30)", steamer_ms)
puts format("a plan of parcels       %6.2f ms (wanted: under 40)", parcels_ms)
puts format("how a tray cools        %6.2f ms (wanted: under 5)", cooling_ms)
puts format("a 30-line dish rescaled %6.2f ms (wanted: under 10)", rescale_ms)

Dir.mktmpdir do |data|
  Bench.many_dishes(File.join(data, "demo"), 2000)
  Bench.serving(4599, "ruby", "bin/kettle", "--port", "4599", "--data", data) do |http, pid|
    size = Bench.body(http, "#{Bench::PLAN}300").bytesize
    bare_site = ["bundle", "exec", "puma", "-t", "1:5", "-b", "tcp://127.0.0.1:4598", "bench/bare.ru"]
    pot_ms, bare_ms = Bench.serving(4598, *bare_site,
                                    env: { "BYTES" => size.to_s, "RACK_ENV" => "production" }) do |bare, _|
      Bench.in_turn(->(index) { Bench.body(http, "#{Bench::PLAN}#{200 + index}") },
                    ->(_) { Bench.body(bare, "/") })
    end
    puts format("Pot page, recomputed    %6.2f ms, bare page of %d kB %.2f ms: %.1f times (wanted: 4)",
                pot_ms, size / 1000, bare_ms, pot_ms / bare_ms)
    cupboard_ms = Bench.median_ms(60) { Bench.body(http, "/cupboard") }
    puts format("the cupboard            %6.2f ms: %.1f times the Pot page (wanted: at most 2)", cupboard_ms,
                cupboard_ms / pot_ms)
    schools_ms = Bench.median_ms(40) do |index|
      Bench.body(http, "#{Bench::PLAN.sub('?', '/side-by-side?')}#{250 + index}")
    end
    puts format("every way side by side  %6.1f ms (wanted: under 150)", schools_ms)
    found = %w[l le lee leek pea cumin 17 squash].cycle
    search_ms = Bench.median_ms(80) { Bench.body(http, "/dishes?q=#{found.next}") }
    puts format("search in 2,000 dishes  %6.1f ms (wanted: under 50)", search_ms)
    puts format("first page on the wire  %6.1f kB (wanted: at most 150)", Bench.weight(http, "/") / 1000.0)
    500.times { |index| Bench.body(http, index.even? ? "/" : "/log") }
    puts format("memory after 1,000 pages %5d MB (wanted: under 150)", Bench.resident_mb(pid))
  end
end
