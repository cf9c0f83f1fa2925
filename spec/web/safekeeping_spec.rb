# frozen_string_literal: true

require "nokogiri"
require "zip"
require_relative "../support/served_kitchen"
require_relative "../support/whole_kitchen"

RSpec.describe "Safekeeping, as a page" do
  include Support::ServedKitchen

  before { Support::WholeKitchen.fill(household, Time.now) }

  # A file as a browser sends it.
  def send_file(bytes, name: "a.db")
    path = File.join(household.path, name)
    File.binwrite(path, bytes)
    send_form "/safekeeping/bring-in", "file" => Rack::Test::UploadedFile.new(path)
  end

  def said
    [last_response.status, page.at_css("main").text.gsub(/\s+/, " ")]
  end

  it "says when the last copy was made, makes one, and gives it away" do
    get "/safekeeping"
    expect(said).to match([200, /no copy of this kitchen yet/])
    send_form "/safekeeping/copies"
    get "/safekeeping"
    expect(said).to match([200, /The last copy was made .*5 pots, 14 dishes, 7 cooks, last cooked/])
    get page.at_css(".copies a[download]")["href"]
    expect([last_response.status, last_response.body[0, 15]]).to eq([200, "SQLite format 3"])
    @now = Time.now + (3 * 86_400)
    get "/safekeeping"
    expect(page.at_css("[role=alert]").text).to include("No copy was made for two days")
  end

  it "asks before it puts a copy back, shows both kitchens, and keeps what stood here" do
    send_form "/safekeeping/copies"
    was = Support::WholeKitchen.of(household.path)
    send_form "/dishes/3/remove", "lock_version" => "0"
    get "/safekeeping"
    get page.at_css(".copies a")["href"]
    expect(said).to match([200, /5 pots, 14 dishes, 7 cooks.*Here now.*5 pots, 13 dishes, 7 cooks/])
    send_form "/safekeeping/put-back", "name" => page.at_css("form [name=name]")["value"]
    expect(last_response.status).to eq(303)
    expect(Support::WholeKitchen.of(household.path)).to eq(was)
    get "/safekeeping"
    expect(said.last).to match(/as it was in the copy: 5 pots, 14 dishes.*kept as kettle-before-/)
    get "/dishes"
    expect(last_response.body).to include("Carrots, chickpeas")
  end

  it "takes a copy and a zip from elsewhere the same way, and a part at once, which can be taken back" do
    get "/safekeeping/kitchen.db"
    copy = last_response.body
    get "/safekeeping/kitchen.zip"
    zip = last_response.body
    get "/safekeeping/kitchen.zip?part=dish:3"
    dish = last_response.body
    household.dishes.remove(3, 0, Time.now)
    [copy, zip].each do |bytes|
      send_file(bytes)
      expect(said).to match([200, /the file that you chose.*14 dishes.*13 dishes/])
    end
    send_file(dish)
    expect([last_response.status, household.dishes.count]).to eq([303, 14])
    get "/safekeeping"
    expect(page.at_css(".take-back").text).to include("Dish taken in")
    send_form "/removed/take-back", "id" => page.at_css(".take-back [name=id]")["value"]
    expect(household.dishes.count).to eq(13)
    send_file(zip)
    send_form "/safekeeping/put-back", "name" => ""
    expect([last_response.status, household.dishes.count]).to eq([303, 14])
    expect(Dir.children(household.path)).not_to include("kettle.waiting")
  end

  it "says what is wrong with a file, and changes nothing" do
    was = Support::WholeKitchen.of(household.path)
    send_form "/safekeeping/bring-in"
    expect(said).to match([422, /must be chosen/])
    { "no" => /no kitchen of this program/, "" => /is empty/, "PK\x03\x04" => /must be a zip/,
      "SQLite format 3\0#{'x' * 5000}" => /damaged/ }.each do |bytes, words|
      send_file(bytes)
      expect(said).to match([422, words])
    end
    expect(Support::WholeKitchen.of(household.path)).to eq(was)
  end

  it "knows no other copies than its own" do
    %w[../kettle.db kettle-before.db x].each do |name|
      get "/safekeeping/copies/#{Rack::Utils.escape_path(name)}"
      expect(last_response.status).to be_between(400, 404)
      send_form "/safekeeping/put-back", "name" => name
      expect(last_response.status).to eq(404)
    end
    send_form "/safekeeping/put-back", "name" => ""
    expect(said).to match([404, /no such copy any more/])
    get "/safekeeping/kitchen.zip?part=pans"
    expect(said).to match([422, /must be one of: log/])
  end

  it "says that nothing was saved where the disk does not answer" do
    File.write(File.join(household.path, "copies"), "in the way")
    send_form "/safekeeping/copies"
    expect(said).to match([503, /Nothing was saved/])
  end

  it "takes a kitchen of more than a form's length, and no form of that length" do
    post "/safekeeping/bring-in", {}, "CONTENT_LENGTH" => (50 * 1024 * 1024).to_s
    expect(last_response.status).not_to eq(413)
    post "/safekeeping/bring-in", {}, "CONTENT_LENGTH" => (300 * 1024 * 1024).to_s
    expect([last_response.status, last_response.body]).to match([413, /longer than 256 MB/])
  end
end
