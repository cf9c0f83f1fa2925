# frozen_string_literal: true

require "nokogiri"
require_relative "../../app/forms/plan_form"
require_relative "../support/fridays"
require_relative "../support/noise"
require_relative "../support/networked_kitchen"
require_relative "../support/served_kitchen"

RSpec.describe "The door of a kitchen that is open to its network" do
  include Support::ServedKitchen
  include Support::Fridays

  word = Support::NetworkedKitchen::WORD
  phone = Support::NetworkedKitchen::PHONE

  before { @from = phone }
  after { @door&.close }

  def door
    @door ||= Support::NetworkedKitchen.door(household.path)
  end

  def app
    @app ||= Support::NetworkedKitchen.app(household, door, clock: -> { @now || Time.now },
                                                            from: -> { @from })
  end

  # Sends `fields` to `path` with the token of a `page` seen before.
  def send_from(page, path, fields)
    get page
    token = last_response.body[/name="authenticity_token" value="([^"]+)"/, 1]
    post path, { "authenticity_token" => token, **fields }
  end

  def say(word, **more)
    send_from("/door", "/door", { "word" => word, **more.transform_keys(&:to_s) })
  end

  def act(path, fields = {})
    send_from("/settings", path, fields)
  end

  it "asks nothing on the machine itself, and asks there too when somebody stands between" do
    @from = "127.0.0.1"
    get "/pot"
    expect(last_response.status).to eq(200)
    %w[HTTP_X_FORWARDED_FOR HTTP_FORWARDED HTTP_VIA HTTP_X_REAL_IP].each do |header|
      get "/pot", {}, { header => "127.0.0.1" }
      expect(last_response.status).to eq(303), header
    end
    @from = "::ffff:127.0.0.1"
    get "/pot"
    expect(last_response.status).to eq(200)
  end

  it "shows a stranger nothing, goes on where they were going, and asks once a device" do
    get "/pot?grain=jasmine&amount=300"
    expect([last_response.status,
            last_response.location]).to eq([303, "/door?back=%2Fpot%3Fgrain%3Djasmine%26amount%3D300"])
    say word, back: "/pot?grain=jasmine", name: "Ilse's phone"
    expect([last_response.status, last_response.location]).to match([303, %r{/pot\?grain=jasmine\z}])
    cookie = last_response.headers["set-cookie"].to_s
    expect(cookie).to match(%r{kettle-device=[\w-]{43}; path=/; max-age=7776000;.*httponly; samesite=lax}i)
    get "/cupboard"
    expect(last_response.status).to eq(200)
    get "/settings"
    expect(page.at_css(".devices").text).to include("Ilse's phone", "(this one)")
    say word, back: "https://evil.example/"
    expect(last_response.location).to match(%r{\Ahttp://localhost/\z|\A/\z})
  end

  it "answers programs, forms, scripts and listeners of strangers in words, and does nothing" do
    cups = household.shelf(:cups).all
    { "/cupboard" => "application/json", "/events" => "text/event-stream" }.each do |path, type|
      get path, {}, { "HTTP_ACCEPT" => type }
      expect([last_response.status, last_response.body]).to match([401, %r{POST /door}])
    end
    get "/pot", {}, { "HTTP_X_KETTLE_PART" => "answer" }
    expect(last_response.status).to eq(401)
    post "/cupboard/cups", { "name" => "Mug", "ml" => "300" }
    expect([last_response.status, household.shelf(:cups).all]).to eq([401, cups])
  end

  it "lets a program in that says the word" do
    get "/door", {}, { "HTTP_ACCEPT" => "application/json" }
    token = last_response.headers["x-csrf-token"]
    header "Accept", "application/json"
    post "/door", JSON.generate(word: word), { "CONTENT_TYPE" => "application/json",
                                               "HTTP_X_CSRF_TOKEN" => token }
    get "/cupboard", {}, { "HTTP_ACCEPT" => "application/json" }
    expect(JSON.parse(last_response.body)).to be_a(Hash)
    expect(last_response.status).to eq(200)
  end

  it "closes after ten wrong words for that address, for a while, and never for the house" do
    9.times { |number| say "wrong-#{number}" }
    expect([last_response.status,
            page.at_css("#word-problem").text]).to match([422, /not this household's word/])
    say "wrong-10"
    say word
    expect([last_response.status, last_response.body]).to match([403, /Wait a quarter of an hour/])
    @from = "192.168.7.99"
    say word
    expect(last_response.status).to eq(303)
    get "/pot"
    expect(last_response.status).to eq(200)
    clear_cookies
    @from = phone
    later = Time.now + FondKettle::Web::Throttle::WRONG[:bantime] + 1
    allow(Time).to receive(:now).and_return(later)
    say word
    expect(last_response.status).to eq(303)
    get "/settings/refused"
    expect(page.text).to include("a wrong word", "from #{phone}")
  end

  it "forgets the wrong words after a right one" do
    9.times { say "wrong" }
    say word
    clear_cookies
    9.times { say "wrong" }
    say word
    expect(last_response.status).to eq(303)
  end

  it "joins one device by a code, and says so where it is used up" do
    say word
    act "/settings/code"
    expect(page.at_css(".door-code svg path, .door-code svg rect")).not_to be_nil
    address = page.at_css(".door-address").text
    # Not the name by which the machine itself opens it.
    expect(address).to start_with("#{Support::NetworkedKitchen::ADDRESS}/door#join=")
    ticket = address[/#join=([\w-]+)/, 1]
    clear_cookies
    send_from("/door", "/door/join", { "ticket" => ticket })
    get "/log"
    expect(last_response.status).to eq(200)
    clear_cookies
    send_from("/door", "/door/join", { "ticket" => ticket })
    expect([last_response.status, page.text]).to match([422, /used already/])
  end

  it "lets a guest look at table and clock, and at nothing else" do
    token = door.join("Guest", Time.now, guest: true)
    set_cookie "kettle-device=#{token}"
    { "/" => 200, "/clock" => 200, "/pot" => 403, "/cupboard" => 403, "/settings" => 403, "/stove" => 403,
      "/safekeeping/kitchen.db" => 403, "/log" => 403, "/clock/new" => 403 }.each do |path, status|
      get path
      get last_response.location if last_response.status == 302
      expect([path, last_response.status]).to eq([path, status])
    end
    get "/"
    expect(page.css("nav a").map(&:text)).to eq(%w[Table Clock])
    post "/dim"
    expect([last_response.status, last_response["retry-after"]]).to eq([403, nil])
  end

  it "gives a guest pages with nothing on them that asks, sends or leads to what they may not open" do
    @from = "127.0.0.1"
    paths = ["/", "/clock?all=1", "/clock/#{laid}"]
    get paths.last
    @from = phone
    tasks = page.css(".bar").size
    set_cookie "kettle-device=#{door.join('Guest', Time.now, guest: true)}"
    looked = paths.map { |path| get(path) && page }
    controls = looked.map { |seen| seen.css("form, button, input, select, textarea, dialog").to_a }
    expect([looked.map { |seen| seen.css("main").size }, controls]).to eq([[1, 1, 1], [[], [], []]])
    links = looked.flat_map { |seen| seen.css("a").map { |link| link["href"] } }.uniq
    expect(links.grep_v(%r{\A(?:#main|/|/clock(?:/\d+)?(?:\?\S*)?)\z})).to eq([])
    expect(looked.first.css(".plate-rim").size).to eq(household.values(:eaters).size)
    expect([tasks, looked.last.css(".bar").size]).to match([be > 5, tasks])
  end

  it "sends a device away, and all others with another word, which is shown once" do
    say word
    tablet = door.join("Tablet", Time.now)
    act "/settings/devices/#{door.device(tablet, Time.now)[:id]}/away"
    expect(door.device(tablet, Time.now)).to be_nil
    tablet = door.join("Tablet", Time.now)
    act "/settings/word", { "word" => "short" }
    expect([last_response.status, page.at_css("#word-problem").text]).to match([422, /8 to 60/])
    act "/settings/word", { "word" => "Plum jam at noon" }
    expect(page.at_css(".door-word").text).to include("plum-jam-at-noon")
    expect([door.right?("plum-jam-at-noon"), door.device(tablet, Time.now)]).to eq([true, nil])
    act "/settings/word"
    expect(door.right?(page.at_css(".door-word").text.strip)).to be(true)
    get "/settings"
    expect(last_response.status).to eq(200)
  end

  it "is nothing where the kitchen is this machine's alone" do
    alone = FondKettle::Web::Application.build(household, clock: -> { Time.now })
    session = Rack::Test::Session.new(alone)
    session.header "Host", "localhost"
    session.get "/settings"
    expect(session.last_response.body).not_to include("Who is let in")
    session.get "/door"
    expect(session.last_response.status).to eq(303)
  end

  it "lets what costs be asked only so often from one address, and taps at the stove as often as they come" do
    say word
    # All within one minute, however long the machine takes.
    allow(Time).to receive(:now).and_return(Time.now)
    statuses = Array.new(FondKettle::Web::Throttle::COSTLY_A_MINUTE + 2) { get("/dishes/import").status }
    expect([statuses.first, statuses.last]).to eq([200, 429])
    expect(last_response.headers["retry-after"]).to eq("60")
    expect(Array.new(60) { get("/stove/due").status }.uniq).to eq([200])
  end

  it "answers noise with the door and nothing else" do
    paths = %w[/ /pot /stove /log /cupboard /dishes/1 /keep /settings /safekeeping/kitchen.db /clock /meal/1
               /events /nowhere /..%2f /door/../cupboard //cupboard /DOOR /assets/../cupboard /health/../log
               /door/nothing /cupboard/pots /dishes/look /tests/lid /log/2 /pot/start]
    answers = (2611...3411).map do |seed|
      noise = Support::Noise.new(seed)
      path = noise.pick(paths)
      send(noise.pick(%i[get get post put delete]), path, noise.fields(FondKettle::Forms::PlanForm::FIELDS))
      [path, last_response.status, last_response.body]
    end
    inside = answers.reject { |_, status, _| [303, 400, 401, 403, 404, 405, 422].include?(status) }
    expect(inside).to eq([])
    expect(answers.map(&:last).join).not_to match(/basmati|Orsolya|jam glass|aria-label="Places"|Demo h/)
  end
end
