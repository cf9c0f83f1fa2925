# frozen_string_literal: true

# How long a tap at the stove takes to be answered, over the web, with what follows from it worked out
# beside it: bundle exec ruby bench/tap.rb. Prints the median and the 95th of a hundred, ms.
require "rack/test"
require_relative "../spec/support/demo_kitchen"
require_relative "../web/application"

# A hundred pots that come to the boil.
class TappedKitchen
  include Rack::Test::Methods

  POTS = 100

  attr_reader :app

  def initialize(folder)
    @household = Support::DemoKitchen.open(folder)
    @follow_ups = FondKettle::App::FollowUps.new(@household)
    @app = FondKettle::Web::Application.build(@household, clock: -> { @now }, follow_ups: @follow_ups)
    @now = Time.now
    header "Host", "localhost"
  end

  # Milliseconds of each tap that says that it boils.
  def boils
    get "/dishes/import"
    @token = last_response.body[/name="authenticity_token" value="([^"]+)"/, 1]
    @follow_ups.start
    Array.new(POTS) { |pot| boil(300 + pot) }
  ensure
    @follow_ups.stop
  end

  private

  def boil(grams)
    send_form "/pot/start", "grain" => "basmati", "for" => "amount", "amount" => grams.to_s, "unit" => "g",
                            "pot" => "3"
    path = last_response.location[%r{/stove/\d+}]
    tap(path) until task(path)[:kind] == "boil"
    @now += 60 * 12
    began = Process.clock_gettime(Process::CLOCK_MONOTONIC)
    tap(path, "seen" => "boil")
    (Process.clock_gettime(Process::CLOCK_MONOTONIC) - began) * 1000
  end

  def tap(path, more = {})
    cook = cook(path)
    @now += 60
    send_form "#{path}/task", { "from" => cook.task[:id], "to" => cook.following[:id] }.merge(more)
  end

  def task(path)
    cook(path).task
  end

  def cook(path)
    record = @household.cooks.find(path[/\d+/].to_i)
    FondKettle::Stove::Cook.new(record[:plan], record[:events])
  end

  def send_form(path, fields)
    post path, { "authenticity_token" => @token }.merge(fields)
    raise last_response.body unless last_response.status == 303
  end
end

Dir.mktmpdir do |folder|
  taken = TappedKitchen.new(folder).boils.sort
  puts format("it boils: median %.1f ms, 95th %.1f ms, longest %.1f ms", taken[taken.size / 2],
              taken[(taken.size * 0.95).floor], taken.last)
end
