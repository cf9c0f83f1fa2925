# frozen_string_literal: true

require_relative "../support/bitten_run"
require_relative "../support/browser"

RSpec.describe "A pot that went wrong", :browser do
  include Support::Browser

  # The kitchen as it is: its rice drinks more than the book, and its core takes longer.
  let(:truth) { FondKettle::Belief::Estimates.truth(uptake: 1.05, core: 1.1) }

  def cook
    Support::Browser.household.cooks.find(page.current_path[/\d+/].to_i)
  end

  # Everything that happened, so many minutes earlier: it is later now.
  def later(minutes)
    Support::Browser.household.database.write do |db|
      db[:events].where(cook_id: cook[:id]).all.each do |row|
        sooner = row.slice(:at, :tapped_at).transform_values { |text| Time.parse(text) - (minutes * 60) }
        db[:events].where(id: row[:id]).update(sooner.transform_values { |at| at.utc.iso8601(3) })
      end
    end
    visit page.current_path
  end

  # The true pot as it stands now.
  def bitten
    record = cook
    request = FondKettle::Formats::StoredRequest.read(record[:request]).by_the_book
    stove = FondKettle::Stove::Cook.new(record[:plan], record[:events])
    pot = FondKettle::Methods::LastPot.of(request)
    stages = FondKettle::Stove::Course.new(FondKettle::Methods::Solved.of(request), stove).so_far(Time.now)
    load, setting = truth.applied(pot.load, pot.setting)
    run = FondKettle::Pot::Cooking.run(load, stove.poured_g, stages, setting)
    Support::BittenRun.new(run: run, load: load)
  end

  # Two taps: what stands in the pot, what a bite shows.
  def ask
    found = bitten
    click_link found_words("stands", found.stands)
    expect(page).to have_css("h1", text: "Bite a grain")
    expect(page).to be_accessible
    press found_words("bites", found.bite)
    # Here it is worked out before the tap is answered, from many kitchens: a busy machine takes its time.
    Capybara.using_wait_time(90) do
      expect(page).to have_css(".stove-wrong", text: found_words("bites", found.bite).downcase)
        .or have_css(".next-button", text: "Go on")
    end
  end

  def found_words(list, key)
    FondKettle::Words.of(list).fetch(key)
  end

  it "comes right at the stove within three asks, each with its clock, its lid and its look" do
    resize(390, 844)
    visit "/pot?grain=basmati&pot=3&for=amount&amount=420&unit=g"
    click_button "Start cooking"
    go_on until page.has_css?("#poured", wait: 1)
    fill_in "poured", with: "330"
    go_on
    later(cook[:plan][:cues].find { |cue| cue[:cue] == "boil" }[:at_min])
    press "It boils"
    expect(page).to have_css("h1", text: "Turn to low")
    later(9)
    expect(bitten).to have_attributes(right?: false, harmed?: false)
    asks = 0
    until bitten.right? || asks == 3
      asks += 1
      click_link asks == 1 ? "Something is wrong" : "Look and bite"
      expect(page).to be_accessible
      ask
      minutes = find("h1").text[/(\d+) minutes; then look and bite/, 1].to_i
      expect(overflow?).to be(false)
      press "That is done"
      expect(page).to have_css("h1", text: "then look and bite")
      later(minutes)
      expect(page).to have_css("h1", text: "Look and bite now.")
    end
    expect([asks, bitten.right?, bitten.harmed?]).to match([be_between(1, 3), true, false])
  end
end
