# frozen_string_literal: true

require_relative "../support/networked_kitchen"
require_relative "../support/served_kitchen"

# What every answer carries, whoever asks.
RSpec.describe "The headers of every page" do
  include Support::ServedKitchen

  pages = FondKettle::Web::DESTINATIONS.map(&:path) +
          %w[/log/2 /dishes/1 /dishes/2.json /evening/print?dish=2 /clock/new /keep/labels /tests/guide
             /settings/refused /safekeeping/kitchen.zip?part=log /evening/shopping.txt?dish=2 /stove/due
             /nowhere /pot?grain=moonstone]

  after { @door&.close }

  def open_app(from)
    @door = Support::NetworkedKitchen.door(household.path)
    @app = Support::NetworkedKitchen.app(household, @door, clock: -> { Time.now }, from: from)
  end

  # What is missing on the answer of `path`, in words.
  def faults(path)
    headers = last_response.headers
    { "a policy" => headers["content-security-policy"].to_s.include?("default-src 'self'"),
      "no inline script" => !headers["content-security-policy"].to_s.match?(/unsafe|\*/),
      "nothing stored between" => headers["cache-control"].to_s.match?(/no-store/),
      "its type believed" => headers["x-content-type-options"] == "nosniff",
      "no frame" => headers["content-security-policy"].to_s.include?("frame-ancestors 'none'"),
      "cookies for pages alone" => cookies(headers).all?(/httponly; samesite=lax/i) }
      .reject { |_, kept| kept }.keys.map { |what| "#{path}: not #{what}" }
  end

  def cookies(headers)
    [headers["set-cookie"]].flatten.compact
  end

  it "are whole on this machine" do
    found = pages.flat_map do |path|
      get path
      faults(path)
    end
    expect(found).to eq([])
  end

  it "are whole for strangers, guests and programs, too" do
    app = open_app(Support::NetworkedKitchen::PHONE)
    session = Rack::Test::Session.new(app)
    session.header "Host", "localhost"
    guest = @door.join("Guest", Time.now, guest: true)
    answers = [[nil, "application/json"], [nil, "text/html"], [guest, "text/html"]].flat_map do |token, type|
      session.set_cookie("kettle-device=#{token}") if token
      pages.map do |path|
        session.get path, {}, { "HTTP_ACCEPT" => type }
        [path, type, token, session.last_response.headers.slice("content-security-policy", "cache-control")]
      end
    end
    { "cache-control" => "no-store", "content-security-policy" => "default-src 'self'" }.each do |name, said|
      expect(answers.reject { |*, headers| headers[name].to_s.include?(said) }).to eq([])
    end
  end
end
