# frozen_string_literal: true

# How long a dish of eight vessels and thirty steps takes to be drawn on its bench over the web, as it stands
# (a correction on the bench) and with a figure of its text changed each time (a cook who types), beside a
# page that works nothing out: bundle exec ruby bench/dish_bench.rb. Prints the median and 95th of forty in
# turn, ms, after ten that are not counted, their ratios, and the answer's size, compressed.
require "nokogiri"
require "rack/test"
require "tmpdir"
require "uri"
require "zlib"
require_relative "../spec/support/demo_kitchen"
require_relative "../web/application"

# A form that is asked for what was read of it.
class AskedBench
  include Rack::Test::Methods

  TIMES = 40
  WARM = 10
  BARE = "/dishes/import"
  DISH = <<~TEXT
    Harvest feast
    For 8

    600 g basmati
    200 g yoghurt
    1 kg chicken thighs
    2 tsp turmeric
    5 onions, sliced
    90 g ghee
    3 carrots, diced
    1 stick cinnamon
    2 litres water
    1 tbsp salt
    a pinch saffron
    80 ml milk
    60 g almonds
    40 g raisins
    1 bunch coriander
    400 g tomatoes

    Stir the chicken with the yoghurt and the turmeric in a bowl. Leave it for 2 hours.
    Fry the onions in half of the ghee in a wide pan until dark brown, 25 minutes. Lift out half onto a plate.
    Put the chicken to the onions in the pan and fry it for 10 minutes. Add the tomatoes and cook down for 12 minutes.
    Simmer the carrots and the cinnamon in the water with the salt in a big pot for 40 minutes. Skim it. Taste it.
    Soak the saffron in the warm milk in a cup. Leave it for 10 minutes.
    Fry the almonds and the raisins in the rest of the ghee in a small pan for 2 minutes.
    Wash the rice. Soak it for 30 minutes. Drain it.
    Put the chicken in a heavy pot. Pour over 700 ml of the broth. Simmer for 20 minutes. Taste it.
    Spread the rice over it. Bring it to the boil. Cover and cook on low for 18 minutes. Rest 10 minutes.
    Heat the oven to 180 C. Fluff the rice. Turn it out onto a platter.
    Sprinkle with the saffron milk. Strew with the onions. Strew with the almonds. Strew with the coriander.
  TEXT

  attr_reader :app

  def initialize(folder)
    household = Support::DemoKitchen.open(folder)
    @app = FondKettle::Web::Application.build(household, clock: -> { Time.now })
    header "Host", "localhost"
    get BARE
    @fields = { "authenticity_token" => last_response.body[/name="authenticity_token" value="([^"]+)"/, 1],
                "text" => DISH }
    look
    read = Nokogiri::HTML5(last_response.body)
    %w[read read_of].each { |name| @fields[name] = read.at_css("[name=#{name}]")["value"] }
    @said = "#{read.css('.bench-vessel:not(.is-empty)').size} vessels, #{read.css('.bench-step').size} steps"
  end

  def print
    WARM.times { |number| round(number) }
    times = Array.new(TIMES) { |number| round(WARM + number) }.transpose
    names = ["bench, #{@said}", "its text changed", "bare page"]
    names.zip(times).each { |name, all| puts format("%-34s %6.1f %6.1f", name, *middle_and_95th(all)) }
    look
    puts format("ratios of the medians %.1f and %.1f; compressed %.1f kB", ratio(times[0], times[2]),
                ratio(times[1], times[2]), Zlib::Deflate.deflate(last_response.body).bytesize / 1000.0)
  end

  private

  # Milliseconds of the bench as it stands, with another figure in its text, and of the bare page.
  def round(number)
    typed = [DISH, DISH.sub("200 g yoghurt", "#{201 + number} g yoghurt")].map { |text| form(text) }
    [*typed.map { |one| milliseconds { look(one) } }, milliseconds { get BARE }]
  end

  # The form as a browser sends it.
  def form(text)
    URI.encode_www_form(@fields.merge("text" => text))
  end

  def look(typed = form(DISH))
    post "/dishes/look", typed, { "HTTP_X_KETTLE_PART" => "read" }
  end

  def milliseconds
    began = Process.clock_gettime(Process::CLOCK_MONOTONIC)
    yield
    (Process.clock_gettime(Process::CLOCK_MONOTONIC) - began) * 1000
  end

  def middle_and_95th(times)
    sorted = times.sort
    [sorted[sorted.size / 2], sorted[(sorted.size * 0.95).floor]]
  end

  def ratio(one, other)
    middle_and_95th(one).first / middle_and_95th(other).first
  end
end

Dir.mktmpdir { |folder| AskedBench.new(folder).print }
