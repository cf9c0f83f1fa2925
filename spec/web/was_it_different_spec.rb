# frozen_string_literal: true

require "nokogiri"
require_relative "../support/served_kitchen"

RSpec.describe "A pot that came out far off what was expected" do
  include Support::ServedKitchen

  # 200 g gone from a pot of rice that loses some forty.
  said = { "grain" => "right", "wetness" => "right", "before_g" => "2310", "after_g" => "2110" }.freeze

  # What the kitchen is held to be now, the mean of each unknown.
  def held
    belief = household.lessons.learned.belief
    belief.places.to_h { |place| [place, belief.mean(place)] }
  end

  def record
    household.cooks.find(7)
  end

  def answer(different)
    send_form "/log/7/different", "different" => different,
                                  "lock_version" => record[:outcome][:lock_version].to_s
  end

  # How far the lid of that pot is held to be off the book.
  def lid
    held.find { |place, _| place.unknown == :lid && place.scope.start_with?("pot:#{record[:pot_id]} ") }.last
  end

  def write_down(fields)
    send_form "/log/7", **fields, "lock_version" => record[:outcome][:lock_version].to_s
  end

  it "is asked about in words of what was seen, where it was written down and in the list" do
    write_down said
    expect(last_response.headers["location"]).to end_with("/log/7")
    get "/log/7"
    expect(page.at_css("#different").text).to include("Was something different?", "Much more steam was gone")
    get "/log"
    expect(page.css("a.asks").map { |link| link["href"] }).to eq(["/log/7"])
  end

  it "teaches nothing where something was, all of it where nothing was, and less until then" do
    _, taken_out = FondKettle::App::JudgeCook.new(household, Time.now).remove(record)
    without = held
    household.journal.take_back(taken_out, Time.now)
    write_down said
    unsure = lid
    answer "yes"
    expect([record[:teaches], held]).to eq([false, without])
    get "/log/7"
    expect(page.at_css("#different").text).to include("it teaches nothing", "No, it went so")
    answer "no"
    expect([record[:teaches], lid]).to match([true, be > unsure + 0.3])
    expect(household.lessons.odd(record)).to eq([])
    get "/log"
    expect(page.css("a.asks").size).to eq(0)
  end

  it "keeps the answer when something else is corrected, and when it is worked out anew" do
    write_down said
    answer "no"
    before = lid
    write_down said.merge("note" => "it was the old lid")
    expect([record[:outcome][:different], lid]).to match([false, be_within(1e-9).of(before)])
    household.database.write { |db| db[:lessons].where(cook_id: 7).delete }
    household.lessons.bring_forward
    expect(lid).to be_within(1e-9).of(before)
    answer "yes"
    write_down said.merge("note" => "no, another pot")
    expect(record[:teaches]).to be(false)
  end

  it "is answered with yes or no, once it was said how it was, and by one after the other" do
    write_down said
    answer "perhaps"
    expect([last_response.status, record[:outcome][:different]]).to eq([422, nil])
    send_form "/log/7/different", "different" => "yes", "lock_version" => "0"
    expect([last_response.status, record[:outcome][:different]]).to eq([409, nil])
    send_form "/log/999/different", "different" => "yes", "lock_version" => "0"
    expect(last_response.status).to eq(404)
  end

  it "is taken back like any other change" do
    write_down said
    before = held
    answer "yes"
    household.journal.take_back(household.database.read { |db| db[:changes].max(:id) }, Time.now)
    expect([record[:outcome][:different], record[:teaches], held]).to eq([nil, true, before])
  end
end
