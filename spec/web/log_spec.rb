# frozen_string_literal: true

require "nokogiri"
require_relative "../../web/drawings/parts/pot_came_out"
require_relative "../../web/drawings/parts/pot_frame"
require_relative "../support/served_kitchen"

RSpec.describe "The log" do
  include Support::ServedKitchen

  def titles
    page.css(".cooked li p > b").map(&:text)
  end

  it "finds pots by who sat at the table, whom it names" do
    get "/log"
    sentences = page.css(".cooked li p:not(.when)").map(&:text)
    pia = page.at_css("#eater option:contains('Pia')")["value"]
    get "/log?eater=#{pia}"
    theirs = page.css(".cooked li p:not(.when)").map(&:text)
    expect(theirs).to eq(sentences.grep(/Pia/))
    expect(theirs.first).to match(/Basmati.* for Orsolya,.* Pia and 3 guests:/)
    expect(theirs.size).to be_between(1, sentences.size - 1)
    expect(page.at_css("#eater option[selected]").text).to eq("Pia")
    ["1 OR 1=1", "[]", "99999", "%"].each do |odd|
      get "/log", { "eater" => odd }
      found = odd == "99999" ? 0 : sentences.size
      expect([odd, last_response.status, page.css(".cooked li").size]).to eq([odd, 200, found])
    end
  end

  it "keeps an eater's pots apart from those of another whose number begins alike" do
    cook = household.cooks.finished.first
    household.database.write do |db|
      db[:cooks].where(id: cook[:id]).update(address: "grain=jasmine&who[]=12&who[]=31")
    end
    found = [1, 2, 3, 12, 31].select do |id|
      household.cooks.finished(eater: id).any? { |one| one[:id] == cook[:id] }
    end
    expect(found).to eq([12, 31])
  end

  it "finds pots by a word of their title or note, and by month" do
    get "/log"
    all = titles
    get "/log?q=JASMINE"
    expect(titles.uniq).to all(include("Jasmine"))
    expect(titles.size).to be_between(1, all.size - 1)
    cook = household.cooks.finished.find { |one| one[:outcome] }
    noted = FondKettle::Log::Outcome.new(**outcome(cook), note: "aunt said 100% right")
    household.cooks.judge(cook[:id], noted, cook[:outcome][:lock_version])
    get "/log?q=100%25"
    expect(titles).to eq([cook[:title]])
    get "/log?month=#{household.cooks.months.last}"
    expect(titles.size).to be_between(1, all.size)
    get "/log?q=dragon"
    expect(page.text).to include("No pot like that.")
  end

  def outcome(cook)
    FondKettle::Log::Outcome.members.to_h { |name| [name, cook[:outcome][name]] }.except(:note)
  end

  it "puts two beside one another, with what happened at each" do
    ids = household.cooks.finished.first(2).map { |cook| cook[:id] }
    get "/log?two[]=#{ids.first}&two[]=#{ids.last}"
    expect(page.css(".ways-full article").size).to eq(2)
    expect(page.css(".ways-full article").map { |one| one.css("svg, dl").size }).to all(eq(2))
    get "/log?two=#{ids.first}&two[x]=3&month[]=7"
    expect(last_response.status).to be < 500
  end

  it "draws how the rice came out so that no two look alike" do
    frame = FondKettle::Web::Drawings::PotFrame.of(left: 0, right: 120, top: 0, floor: 80, wall: 4,
                                                   taper: 1.0)
    draw = ->(came) { FondKettle::Web::Drawings::PotCameOut.new(frame, 40, came).to_s }
    outcomes = [*%w[chalky firm soft mushy].map { |grain| { grain: grain } },
                *%w[wet dry].map { |wetness| { wetness: wetness } },
                *%w[crust burnt].map { |floor| { floor: floor } }]
    drawn = outcomes.map(&draw)
    expect(drawn.uniq.size).to eq(outcomes.size)
    drawn.each { |markup| Nokogiri::XML("<g>#{markup}</g>", &:strict) }
    expect(draw.call({ grain: "right", wetness: "right", floor: "clean" })).to eq("")
  end
end
