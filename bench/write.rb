# frozen_string_literal: true

# What a write costs over the web: ruby bench/write.rb [OTHER]. Prints the median of each kind, ms; with the
# folder of OTHER checkout of the project both in turn, a few writes each, and the ratio of this to that.
require "json"

HERE = File.expand_path("..", __dir__)

# A kitchen that is written to through its pages: in a process of its own, told by a line how often.
class WrittenKitchen
  KINDS = { "change a cup" => :cup, "change a dish" => :dish, "add a spoon" => :spoon }.freeze

  def self.work(root)
    ENV["BUNDLE_GEMFILE"] = File.join(root, "Gemfile")
    require "bundler/setup"
    require "rack/test"
    require "tmpdir"
    include Rack::Test::Methods

    %w[spec/support/demo_kitchen web/application].each { |file| require File.join(root, file) }
    Dir.mktmpdir do |folder|
      kitchen = new(folder)
      $stdin.each_line { |count| puts Marshal.dump(kitchen.batch(count.to_i)).unpack1("H*") }
    end
  end

  # Medians of each kind, ms, for the checkout in each of `roots`, which write in turn.
  def self.medians(roots)
    kitchens = roots.map { |root| IO.popen([{ "WRITTEN" => root }, RbConfig.ruby, __FILE__], "r+") }
    taken = kitchens.map { KINDS.transform_values { [] } }
    41.times do |turn|
      kitchens.zip(taken) do |kitchen, kinds|
        told(kitchen).each { |kind, list| kinds[kind].concat(list) if turn.positive? }
      end
    end
    taken.map { |kinds| kinds.transform_values { |list| list.sort[list.size / 2] } }
  end

  def self.told(kitchen)
    kitchen.puts(5)
    Marshal.load([kitchen.gets.strip].pack("H*")) # rubocop:disable Security/MarshalLoad
  end

  attr_reader :app

  def initialize(folder)
    $stdout.sync = true
    @round = 0
    @household = Support::DemoKitchen.open(folder)
    @app = FondKettle::Web::Application.build(@household, clock: -> { Time.now })
    header "Host", "localhost"
    get "/dishes/import"
    @token = last_response.body[/name="authenticity_token" value="([^"]+)"/, 1]
  end

  # Milliseconds of so many writes of each kind.
  def batch(count)
    KINDS.transform_values { |write| Array.new(count) { timed { send(write, @round += 1) } } }
  end

  private

  def timed
    began = Process.clock_gettime(Process::CLOCK_MONOTONIC)
    yield
    raise last_response.body unless last_response.status == 303

    (Process.clock_gettime(Process::CLOCK_MONOTONIC) - began) * 1000
  end

  def cup(round)
    version = @household.shelf(:cups).find(1)[:lock_version]
    send_form("/cupboard/cups/1", "name" => "Glass", "ml" => (200 + (round % 900)).to_s,
                                  "lock_version" => version)
  end

  def spoon(round)
    send_form("/cupboard/spoons", "name" => "Spoon #{round}", "ml" => "12")
  end

  def dish(round)
    record = @household.dishes.find(2)
    fields = record[:graph].to_s.empty? ? typed(record, round) : told(record, round)
    send_form("/dishes/2", fields.merge("lock_version" => record[:lock_version].to_s))
  end

  # Fields of a dish as versions before 16 have them.
  def typed(record, round)
    written = record.slice(:title, :grain, :method, :lines, :steps).transform_keys(&:to_s)
    written.merge("serves" => "4", "rice" => "320 g", "note" => "Round #{round}")
  end

  def told(record, round)
    text = JSON.parse(record[:graph])["text"].sub(/\ANote: Round .*\n/, "")
    { "text" => text.sub("\n", "\nNote: Round #{round}\n") }
  end

  def send_form(path, fields)
    post path, { "authenticity_token" => @token }.merge(fields)
  end
end

if ENV.key?("WRITTEN")
  WrittenKitchen.work(ENV.fetch("WRITTEN"))
else
  found = WrittenKitchen.medians([HERE, *ARGV.first(1)].map { |path| File.expand_path(path) })
  WrittenKitchen::KINDS.each_key do |kind|
    times = found.map { |medians| medians[kind] }
    ratio = format(", %.2f times the other", times.reduce(:/)) if times.size > 1
    puts "#{kind}: #{times.map { |ms| format('%.2f ms', ms) }.join(', ')}#{ratio}"
  end
end
