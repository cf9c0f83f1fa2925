# frozen_string_literal: true

require "nokogiri"
require_relative "../support/served_kitchen"

RSpec.describe "Taps at the stove, at random" do
  include Support::ServedKitchen

  let(:clock) { { now: Time.now } }
  let(:app) { FondKettle::Web::Application.build(household, clock: -> { clock[:now] }) }

  def record(id)
    household.cooks.find(id)
  end

  # Where the pot stands: what a page shows of it.
  def standing(id)
    cook = FondKettle::Stove::Cook.new(*record(id).values_at(:plan, :events))
    [cook.task[:id], cook.task_began_at, cook.task_ends_at, cook.poured_g, cook.added_g, cook.held_g,
     cook.outlook, cook.out_of_pot, cook.remedy, cook.boiled_at, record(id)[:poured_g]]
  end

  # Something that a cook may tap now: [path, fields].
  def tap(id, random)
    cook = FondKettle::Stove::Cook.new(*record(id).values_at(:plan, :events))
    on = { "from" => cook.task[:id], "to" => (cook.following || cook.task)[:id] }
    seen = cook.until_cue ? { "seen" => cook.until_cue, "ago" => random.rand(4).to_s } : {}
    told = [%w[lifted 30], %w[added 25], ["salted", ""], %w[took-out Basmati],
            *cook.looks_now.map { |look| ["look", look.key] },
            *cook.signs_at(clock[:now]).map { |sign| ["sign", sign.key] }]
    [["task", { **on, **seen, "poured" => "2 jam glasses", "poured_unit" => "g" }],
     ["task", on.merge("to" => (cook.previous || cook.task)[:id])],
     *told.map { |kind, what| ["told", { "kind" => kind, "what" => what }] }].sample(random: random)
  end

  it "can each be taken back within ten seconds, and leave the pot as it stood" do
    random = Random.new(Integer(ENV.fetch("STOVE_SEED", "13")))
    send_form "/pot/start?grain=basmati&pot=3&for=amount&amount=420&unit=g"
    id = last_response.headers["location"][/\d+\z/].to_i
    40.times do
      clock[:now] += random.rand(20..400)
      before = standing(id)
      path, fields = tap(id, random)
      send_form "/stove/#{id}/#{path}", fields
      expect(last_response.status).to eq(303), "#{path} #{fields}: #{last_response.errors}"
      get "/stove/#{id}"
      expect(last_response.status).to eq(200), "#{path} #{fields}: #{last_response.errors}"
      next if random.rand < 0.5

      clock[:now] += 9
      send_form "/stove/#{id}/undo" unless standing(id) == before
      expect(standing(id)).to eq(before), "#{path} #{fields}"
    end
  end
end
