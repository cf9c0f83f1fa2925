# frozen_string_literal: true

require_relative "../support/served_kitchen"

RSpec.describe FondKettle::Web::Doors do
  include Support::ServedKitchen

  def token
    get "/cupboard"
    last_response.body[/name="authenticity_token" value="([^"]+)"/, 1]
  end

  def add_cup(**headers)
    fields = { "authenticity_token" => token, "name" => "mug", "ml" => "300" }
    post "/cupboard/cups", fields, headers.transform_keys(&:to_s)
    [last_response.status, household.shelf(:cups).all.count { |cup| cup[:name] == "mug" }]
  end

  it "answers to loopback and to the names it was given, and to no other" do
    { "localhost:4567" => 200, "127.0.0.1:4567" => 200, "[::1]:4567" => 200, "evil.example" => 403,
      "127.0.0.1.evil.example" => 403 }
      .each do |host, status|
        header "Host", host
        get "/pot"
        expect([host, last_response.status]).to eq([host, status])
      end
    expect(last_response.body).not_to include("authenticity_token")
    expect(described_class.names("0.0.0.0", ["kettle.lan"])).to include("kettle.lan", IPAddr.new("127.0.0.1"))
  end

  it "says where it is opened: by its name first, never by an address that is only listened on" do
    expect(described_class.places("127.0.0.1")).to eq(["127.0.0.1"])
    all = described_class.places("0.0.0.0", ["kettle.lan"])
    expect(all.first).to eq("kettle.lan")
    expect([all.include?("127.0.0.1"), all.include?("0.0.0.0")]).to eq([true, false])
  end

  it "tells the console of who is refused, and of nobody else" do
    told = StringIO.new
    env "rack.errors", told
    get "/pot"
    expect(told.string).to be_empty
    header "Host", "evil.example"
    get "/pot"
    expect(told.string).to include("HostAuthorization").and have_attributes(lines: have_attributes(size: 1))
  end

  it "believes no proxy" do
    header "X-Forwarded-Host", "evil.example"
    get "/pot"
    expect(last_response.status).to eq(200)
    expect(last_response.body).not_to include("evil.example")
  end

  it "lets write only what comes from its own pages" do
    expect(add_cup("HTTP_ORIGIN" => "http://evil.example")).to eq([403, 0])
    expect(add_cup("HTTP_SEC_FETCH_SITE" => "cross-site")).to eq([403, 0])
    expect(add_cup("HTTP_ORIGIN" => "http://localhost",
                   "HTTP_SEC_FETCH_SITE" => "same-origin")).to eq([303, 1])
  end

  it "reads nothing that is too long" do
    post "/dishes/import", {}, "CONTENT_LENGTH" => (described_class::LONGEST_BYTES + 1).to_s
    expect([last_response.status,
            last_response.body]).to eq([413, described_class::TOO_LONG.call(described_class::LONGEST_BYTES)])
  end

  it "sends the policy with every answer, refusals too" do
    ["/", "/health", "/assets/kettle.svg", "/nowhere"].each do |path|
      get path
      expect(last_response.headers["content-security-policy"]).to include("default-src 'self'"), path
    end
    header "Host", "evil.example"
    get "/"
    expect(last_response.status).to eq(403)
  end
end
