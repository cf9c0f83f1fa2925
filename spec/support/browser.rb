# frozen_string_literal: true

require "axe-rspec"
require "capybara/rspec"
require "selenium-webdriver"
require "tmpdir"
require_relative "../../web/application"
require_relative "demo_kitchen"

# ChromeDriver sometimes tells of an element that left with the page it was on in
# words of its own, not as a stale element: looked for again like one.
class PatientDriver < Capybara::Selenium::Driver
  # On a busy machine the accessibility check of a long page takes more than the usual half a minute.
  SCRIPT_S = 120

  # Whoever comes next finds nothing of what a page kept, its service worker included.
  module Forgetful
    private

    def storage_types_to_clear
      "all"
    end
  end

  def invalid_element_errors
    super | [Selenium::WebDriver::Error::UnknownError]
  end

  def browser
    super.tap { extend(Forgetful) }
  end

  # Capybara gives a script that answers later its own few seconds, and leaves them to all that run
  # after it in this browser.
  def evaluate_async_script(script, *arguments)
    super
  ensure
    browser.manage.timeouts.script_timeout = SCRIPT_S
  end
end

Capybara.register_driver(:kitchen_chromium) do |app|
  options = Selenium::WebDriver::Chrome::Options.new(binary: "/usr/bin/chromium-headless-shell",
                                                     timeouts: { script: PatientDriver::SCRIPT_S * 1000 })
  ["--headless", "--font-render-hinting=none", "--no-sandbox", "--disable-gpu", "--no-first-run",
   "--disable-background-networking", "--disable-component-update", "--disable-sync",
   "--disable-dev-shm-usage", "--window-size=1280,800",
   "--host-resolver-rules=MAP kitchen.test 127.0.0.1"].each { |argument| options.add_argument(argument) }
  PatientDriver.new(app, browser: :chrome, options: options,
                         service: Selenium::WebDriver::Service.chrome(path: "/usr/bin/chromedriver"))
end
Capybara.server = :puma, { Silent: true }
# On a busy machine an answer takes seconds; only what fails waits so long.
Capybara.default_max_wait_time = 12
# Two processes share a core: whoever waits must not take it from whom it waits for.
Capybara.default_retry_interval = 0.05

module Support
  # The real interface in Chromium, on a demo household (or, with :empty, on an
  # empty kitchen) in a folder of its own.
  module Browser
    # A name of the kitchen on its network: over plain http it is no secure place to a browser.
    HOST_NAME = "kitchen.test"

    # Only a group of specs is hooked up; bin/screens takes the tools alone.
    def self.included(group)
      return unless group.respond_to?(:around)

      # No page of ours has frames: the accessibility check needs no second window to put them together.
      Axe::Configuration.instance.legacy_mode = true
      group.include Capybara::DSL
      group.include Capybara::RSpecMatchers
      group.around do |example|
        Dir.mktmpdir { |folder| Browser.serve(folder, empty: example.metadata[:empty]) { example.run } }
      end
      group.after { expect(console).to eq([]) }
    end

    class << self
      # Seconds by which the kitchen's clock is ahead; the application of the example that runs, and its
      # household.
      attr_accessor :ahead_s, :kitchen, :household
    end

    # One site for all examples of a process, whatever kitchen it shows: for every application of
    # its own Capybara would start another server and another Chromium, and keep them all.
    Capybara.app = ->(env) { Browser.kitchen.call(env) }

    def self.serve(folder, empty:)
      self.ahead_s = 0
      self.household = DemoKitchen.open(folder, empty: empty)
      names = FondKettle::Web::Doors.names("127.0.0.1", [HOST_NAME])
      self.kitchen = FondKettle::Web::Application.build(household, clock: -> { Time.now + ahead_s },
                                                                   names: names)
      Capybara.current_driver = :kitchen_chromium
      Capybara.page.driver.browser.execute_cdp("Emulation.clearDeviceMetricsOverride")
      yield
    ensure
      Capybara.reset_sessions!
      household&.close
    end

    # Errors of our own scripts; a page that refused a form (4xx) logs its status.
    def console
      page.driver.browser.logs.get(:browser).map(&:message)
          .grep_v(/the server responded with a status of 4\d\d/)
    end

    def resize(width, height)
      page.driver.browser.execute_cdp("Emulation.setDeviceMetricsOverride", width: width, height: height,
                                                                            deviceScaleFactor: 1,
                                                                            mobile: false)
    end

    # Opens what stands behind a thing of the Pot page, as a cook does.
    def open_thing(key)
      thing = find("#thing-#{key}")
      thing.find("summary", match: :first).click unless thing.matches_css?("[open]", wait: 0)
      thing
    end

    # The kitchen's clock goes on by so many minutes.
    def spend(minutes)
      Browser.ahead_s += minutes * 60
    end

    # What is tapped to go on at a pot, once its page has settled: a button of a page whose script has not
    # run yet may rest by the time that it is tapped. That of the step before stands, tapped, until its
    # answer comes.
    NEXT = ".stove[data-settled] ~ .stove-foot #next:not([disabled]):not(.tapped)"

    # The one thing to do at a step of the stove.
    def go_on
      find(NEXT).click
    end

    # Any other button of a pot's page, once it has settled.
    def press(words)
      find(".stove[data-settled] button:not([disabled]), " \
           ".stove[data-settled] ~ .stove-foot button:not([disabled])", text: words, match: :first).click
    end

    # A tap by finger, where the window is set up for touch.
    def tap(element)
      page.driver.browser.action.move_to(element.native).pointer_down.pointer_up.perform
    end

    # Nothing is wrong by what can be checked of WCAG 2.2, A and AA.
    def be_accessible
      be_axe_clean.according_to(:wcag2a, :wcag2aa, :wcag21a, :wcag21aa, :wcag22aa)
    end

    def overflow?
      page.evaluate_script("document.documentElement.scrollWidth > window.innerWidth")
    end

    # Does something of `selector` stick out of the window, seen or cut off?
    def sticking_out(selector)
      page.evaluate_script(<<~JS)
        [...document.querySelectorAll(#{selector.to_json})]
          .filter((one) => one.getBoundingClientRect().right > document.documentElement.clientWidth + 1)
          .map((one) => one.textContent.trim().slice(0, 20) || one.tagName)
      JS
    end
  end
end
