# frozen_string_literal: true

# What a write costs, over the web: ruby bench/write.rb [PROJECT]. Prints the median of each kind, ms. To
# compare two versions, run it in turn in a checkout of each (PROJECT is the other checkout's folder).
root = File.expand_path(ARGV.first || "..", ARGV.first ? Dir.pwd : __dir__)
ENV["BUNDLE_GEMFILE"] = File.join(root, "Gemfile")
require "bundler/setup"
require "rack/test"
require "tmpdir"
require File.join(root, "spec/support/demo_kitchen")
require File.join(root, "web/application")

# A kitchen that is written to through its pages.
class WrittenKitchen
  include Rack::Test::Methods

  ROUNDS = 60

  attr_reader :app

  def initialize(folder)
    @household = Support::DemoKitchen.open(folder)
    @app = FondKettle::Web::Application.build(@household, clock: -> { Time.now })
    header "Host", "localhost"
    get "/dishes/import"
    @token = last_response.body[/name="authenticity_token" value="([^"]+)"/, 1]
  end

  def medians
    { "change a cup" => method(:cup), "change a dish" => method(:dish), "add a spoon" => method(:spoon) }
      .transform_values { |write| median(write) }
  end

  private

  def median(write)
    10.times { |round| write.call(round) }
    taken = Array.new(ROUNDS) do |round|
      began = Process.clock_gettime(Process::CLOCK_MONOTONIC)
      write.call(round + 10)
      raise last_response.body unless last_response.status == 303

      Process.clock_gettime(Process::CLOCK_MONOTONIC) - began
    end
    (taken.sort[ROUNDS / 2] * 1000).round(3)
  end

  def cup(round)
    version = @household.shelf(:cups).find(1)[:lock_version]
    send_form("/cupboard/cups/1", "name" => "Glass", "ml" => (200 + round).to_s, "lock_version" => version)
  end

  def spoon(round)
    send_form("/cupboard/spoons", "name" => "Spoon #{round}", "ml" => "12")
  end

  def dish(round)
    record = @household.dishes.find(2)
    written = record.slice(:title, :grain, :method, :lines, :steps, :lock_version).transform_keys(&:to_s)
    send_form("/dishes/2", written.merge("serves" => "4", "rice" => "320 g", "note" => "Round #{round}"))
  end

  def send_form(path, fields)
    post path, { "authenticity_token" => @token }.merge(fields)
  end
end

Dir.mktmpdir do |folder|
  WrittenKitchen.new(folder).medians.each { |name, ms| puts "#{name} #{ms} ms" }
end
