# frozen_string_literal: true

require_relative "../support/browser"
require_relative "../support/fridays"
require_relative "../support/targets"

RSpec.describe "A Friday for nine", :browser do
  include Support::Browser
  include Support::Targets

  dishes = Support::Fridays::TITLES

  def lay(cooks: "Orsolya, Teodor", beside: Support::Fridays::BESIDE)
    visit "/"
    fill_in "guests", with: "4"
    click_button "Several dishes together"
    yield
    fill_in "Who cooks", with: cooks
    day = (Time.now + 86_400).strftime("%Y-%m-%d")
    page.execute_script("document.getElementById('day').value = '#{day}'")
    page.execute_script("document.getElementById('serve').value = '19:00'")
    fill_in "beside", with: beside
    click_button "Find the times"
    expect(page).to have_css(".meal-title")
  end

  def choose_dishes(titles)
    titles.each { |title| find(".meal-dishes label", text: title).click }
  end

  # The kitchen's clock stands at the beginning of the meal.
  def go_to_the_beginning
    shown = find("#lead").text[/Begin at (\d\d:\d\d)/, 1]
    hour, min = shown.split(":").map(&:to_i)
    tomorrow = Time.now + 86_400
    Support::Browser.ahead_s += (Time.new(tomorrow.year, tomorrow.month, tomorrow.day, hour,
                                          min) - Time.now).round
  end

  def unfold(words)
    summary = find("summary", text: words)
    # The bar of the stove stays over the foot of the window, wherever the page was scrolled to.
    page.scroll_to(summary, align: :center)
    summary.click unless summary.find(:xpath, "..")["open"] == "true"
  end

  def start_of(words)
    find(".meal-task", text: words, match: :first).find(".at").text
  end

  it "has a dish that is too much for its pot in two rounds, each led at its own pot" do
    lay(beside: "") do
      fill_in "guests", with: "9"
      choose_dishes(["Leek and dill oven pilaf"])
    end
    expect(page).to have_css("figcaption", text: "in 2 rounds")
    expect(page).to have_css(".meal-task", text: "Now round 2")
    expect(page).to be_accessible
    go_to_the_beginning
    on_a_new_page { click_button "Begin this meal" }
    expect(page).to have_css(".meal-pots li", count: 2)
    second = find(".meal-card", text: "Now round 2", visible: :all)
    pots = all(".meal-pots a").map { |link| link[:href] }
    expect(second.find("a", text: "Its pot", visible: :all)[:href]).to eq(pots.last)
    first = find(".meal-card", text: "Soften the leeks", match: :first)["data-task"]
    find("#bar form:not([hidden]):has([name=task][value='#{first}']) button").click
    expect(page).to have_css(".meal-card.is-first[data-state=going]", text: "Soften the leeks")
    visit pots.last
    expect(page).to have_css(".stove-title", text: "round 2 of 2")
    expect(page).to be_accessible
  end

  it "is laid, looked at, moved by pointer and by keys, pinned and let go" do
    lay { choose_dishes(dishes) }
    [[1280, 800], [390, 844]].each do |width, height|
      resize(width, height)
      expect(page).to be_accessible
      expect([overflow?, small_targets, sticking_out(".rim *")]).to eq([false, [], []])
    end
    resize(1280, 800)
    before = start_of("cut the cucumbers")
    find(".meal-task", text: "cut the cucumbers").click
    expect(page).to have_css("#task-title", text: "cut the cucumbers").and have_text("Why then?")
    find("#lanes").send_keys(%i[shift left])
    expect(page).to have_css(".meal-tasks", text: "pinned")
    expect(start_of("cut the cucumbers")).to be < before
    find("#task").click_button("Let it go")
    expect(page).to have_no_button("Let it go")
    # Let go, it is looked at again, as long as it could be shorter.
    expect(page).to have_no_css("#seek", visible: :all, wait: 12)
    bar = find(".lanes-wide .bar[data-task$='d4/s1']", match: :first)
    scroll_to(bar, align: :center)
    page.driver.browser.action.click_and_hold(bar.native).move_by(-60, 0).release.perform
    expect(page).to have_css(".meal-tasks", text: "pinned")
    expect(page).to have_no_css(".problem")
  end

  def touch(type, *points)
    fingers = points.map { |x, y| { x: x, y: y } }
    page.driver.browser.execute_cdp("Input.dispatchTouchEvent", type: type, touchPoints: fingers)
  end

  it "is moved by a finger once it is chosen" do
    lay { choose_dishes(dishes) }
    resize(390, 844)
    page.driver.browser.execute_cdp("Emulation.setTouchEmulationEnabled", enabled: true)
    find(".meal-task", text: "cut the cucumbers").click
    expect(page).to have_css("#task-title", text: "cut the cucumbers")
    bar = find(".lanes-upright .bar.is-chosen", match: :first)
    scroll_to(bar, align: :center)
    box = page.evaluate_script("document.querySelector('.lanes-upright .bar.is-chosen')" \
                               ".getBoundingClientRect().toJSON()")
    across = box["x"] + (box["width"] / 2)
    down = box["y"] + (box["height"] / 2)
    touch("touchStart", [across, down])
    [8, 20, 40].each { |far| touch("touchMove", [across, down - far]) }
    touch("touchEnd")
    expect(page).to have_css(".meal-tasks", text: "pinned")
  ensure
    page.driver.browser.execute_cdp("Emulation.setTouchEmulationEnabled", enabled: false)
  end

  it "says what cannot be and what would free it" do
    lay(cooks: "Orsolya", beside: "Onions: Fry the onions | fry | 25 min") { choose_dishes(dishes) }
    expect(page).to have_text("It cannot be met like this")
    expect(page).to have_text("What would free it, each tried")
    expect(page).to be_accessible
    first(".meal-trouble button").click
    expect(page).to have_css("#lead, .meal-trouble")
  end

  # Whatever is looked for next does not stand on the page that is left.
  def on_a_new_page
    page.execute_script("document.body.id = 'left'")
    yield
    expect(page).to have_no_css("body#left")
  end

  # The first card of a cook in a session, and the tap on its one thing to do.
  def act(session)
    using_session(session) do
      find("#bar form:not([hidden]) button", match: :first).click
      sleep 0.3
    end
  end

  def on_top(session)
    using_session(session) { find(".meal-card.is-mine.is-first .card-say", match: :first).text }
  end

  it "lets a cook who is free take what the other was to do" do
    lay { choose_dishes(dishes) }
    go_to_the_beginning
    on_a_new_page { click_button "Begin this meal" }
    meal = page.current_path
    resize(390, 844)
    visit "#{meal}?who=#{1 - first_cook(meal)}"
    card = find(".meal-card:has(.card-take:not([hidden]))", match: :first)
    say = card.find(".card-say").text
    expect(page).to be_accessible
    expect([overflow?, small_targets]).to eq([false, []])
    card.click_button "Take this"
    expect(page).to have_css(".meal-card.is-first .card-say", text: say)
    visit page.current_url
    expect(page).to have_css(".meal-card.is-first[data-state=going] .card-say", text: say)
  end

  # The cook (index) who begins.
  def first_cook(meal)
    visit "#{meal}?who=all"
    find("#bar form:not([hidden])", match: :first)["data-cook"].to_i
  end

  it "is cooked by two, with a late guest and a lost ring, one device out of reach for a while" do
    lay { choose_dishes(dishes) }
    go_to_the_beginning
    on_a_new_page { click_button "Begin this meal" }
    meal = page.current_path
    %w[orsolya teodor].each_with_index do |name, index|
      using_session(name) do
        resize(390, 844)
        visit "#{meal}?who=#{index}"
        expect(page).to have_css(".meal-card.is-first")
        expect(page).to be_accessible
        expect([overflow?, small_targets, sticking_out(".rim *")]).to eq([false, [], []])
      end
    end
    first = on_top("orsolya")
    act("orsolya")
    # The other device hears of it without asking.
    expect(page).to have_css(".meal-card[data-state=going]", text: first)
    using_session("orsolya") { find("#take-back button").click }
    expect(page).to have_no_css(".meal-card[data-state=going]", text: first)
    act("orsolya")
    spend(4)
    act("orsolya")
    eaten = find(".stove-title b").text
    page.refresh
    unfold "Something slipped"
    fill_in "guest-minutes", with: "10"
    within(".slips") { click_button("Plan anew", match: :first) }
    expect(page).to have_css(".notice", text: "Eat at")
    expect(find(".stove-title b").text).to be > eaten
    unfold "Something slipped"
    on_a_new_page { click_button "A ring is gone" }
    expect(page).to have_css(".notice", text: "Eat at")
    away("teodor")
    expect(page).to have_css(".meal-stove")
    %w[orsolya teodor].each { |name| using_session(name) { visit "about:blank" } }
    cook_on(meal)
  end

  # A device loses the kitchen, goes on, and hands over what was tapped.
  def away(session)
    was = becomes = nil
    using_session(session) do
      page.refresh
      offline(true)
      was = page.evaluate_script("document.querySelector('.meal-card.is-mine.is-first').dataset.task")
      button = find("#bar form:not([hidden]) button", match: :first)
      becomes = button.text.end_with?("Begin") ? "going" : "over"
      press_out_of_reach(button)
      expect(find(".meal-card[data-task='#{was}']", visible: :all)["data-state"]).to eq(becomes)
      offline(false)
      expect(page).to have_no_css("#kept", text: "kept here", wait: 12)
    end
    going = ".meal-card[data-task='#{was}'][data-state=going]"
    expect(page).to(becomes == "going" ? have_css(going, wait: 12) : have_no_css(going, wait: 12))
  end

  # What ends one task begins the next with it, where that is due: then two taps are kept.
  def press_out_of_reach(button)
    both = button.has_xpath?("./ancestor::form//input[@name='then']", visible: :all, wait: 0)
    button.click
    expect(page).to have_css("#kept", text: both ? "2 taps are kept here" : "1 tap is kept here")
  end

  def offline(gone)
    page.driver.browser.execute_cdp("Network.enable")
    page.driver.browser.execute_cdp("Network.emulateNetworkConditions", offline: gone, latency: 0,
                                                                        downloadThroughput: -1,
                                                                        uploadThroughput: -1)
    page.execute_script("window.dispatchEvent(new Event('#{gone ? 'offline' : 'online'}'))")
  end

  # What each cook has to do next, in one go, as the page changes under a slow finger, and as if it were
  # no second tap: was there anything?
  def tapped?
    page.evaluate_script("(() => { const all = document.querySelectorAll('#bar form:not([hidden])'); " \
                         "all.forEach((one) => { delete one.dataset.sent; one.requestSubmit(); }); " \
                         "return all.length > 0; })()")
  end

  # To the table: whoever has something to do does it, the clock goes on.
  def cook_on(meal)
    visit meal
    idle = 0
    200.times do
      break if idle > 6 || page.has_css?("p.lead", text: "Everything is done", wait: 0)

      idle = tapped? ? 0 : idle + 1
      spend(idle.zero? ? 1 : 3)
      sleep 0.15
    end
    going_by_themselves(meal)
    unfold "Something slipped"
    click_button "All is on the table"
    expect(page).to have_css(".take-back", text: "On the table")
    Support::Fridays::TITLES.each { |title| expect(page).to have_text(title) }
  end

  def going_by_themselves(meal)
    visit meal
    expect(page).to have_no_css(".meal-card[data-state=to-come]", visible: :all)
  end
end
