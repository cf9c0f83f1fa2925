# frozen_string_literal: true

require_relative "../support/served_kitchen"
require "nokogiri"

RSpec.describe FondKettle::Store::KeptBook do
  include Support::ServedKitchen

  let(:now) { Time.utc(2026, 6, 1, 12) }

  def put(what, hours_ago:, place: "freezer", **more)
    made = now - (hours_ago * 3600)
    household.kept.put({ what: what, portions: 1, g_each: 250.0, depth_mm: 25.0, vessel: "parcel",
                         start_c: 80.0, **more },
                       made_at: made, place: place, moved_at: place == "cooling" ? nil : made + 1800)
  end

  it "works out until when it keeps on writing, a page at a time, what is due first" do
    put("Late box", hours_ago: 24 * 61)
    put("Rice of yesterday", hours_ago: 20, place: "fridge")
    put("Pot on the counter", hours_ago: 0.5, place: "cooling")
    60.times { |i| put("Parcel #{i}", hours_ago: 24 * (50 - i.clamp(0, 40))) }
    book = household.kept
    first = book.page(0, now: now, soon: now + (6 * 3600))
    expect(first.first(3).map do |one|
      one[:what]
    end).to contain_exactly("Late box", "Rice of yesterday", "Pot on the counter")
    expect([first.size, book.count, book.count("parcel 1"),
            book.page(1, now: now, soon: now).size]).to eq([40, 63, 11, 23])
    expect(book.due(now + (6 * 3600), most: 12).size).to eq(3)
    expect(first[3..].map { |one| one[:use_by] }).to eq(first[3..].map { |one| one[:use_by] }.sort)
  end

  it "judges what was put away before that was written down" do
    box = put("Parcel", hours_ago: 48)
    household.database.write { |db| db[:kept].update(judged: false, use_by: nil) }
    again = described_class.new(household.database, household.journal)
    expect(again.find(box[:id])).to include(judged: true, use_by: box[:use_by])
    expect(box[:use_by]).to eq((now - (48 * 3600) + (60 * 86_400)).iso8601)
  end

  it "shows 5,000 boxes in pages, and finds one" do
    @now = now
    rows = Array.new(5000) do |i|
      { what: "Box #{i}", portions: 1, g_each: 250.0, depth_mm: 25.0, vessel: "parcel", start_c: 80.0,
        place: "freezer",
        cooled_in: "freezer", made_at: (now - 3600).iso8601, moved_at: (now - 1800).iso8601, judged: true,
        use_by: (now + (i * 60)).iso8601 }
    end
    household.database.write { |db| db[:kept].multi_insert(rows) }
    get "/keep"
    expect(last_response.body.bytesize).to be < 150_000
    expect(page.css("ul.kept > li").size).to eq(40)
    get "/keep?words=Box+4999"
    expect(page.css("ul.kept > li h2").map(&:text)).to eq(["Box 4999"])
    get "/keep?page=124"
    expect(page.css("ul.kept > li").size).to eq(40)
    ["/keep?page=x", "/keep?page=99999999999", "/keep?words=%25"].each do |path|
      get path
      expect(last_response.status).to eq(200)
    end
  end
end
