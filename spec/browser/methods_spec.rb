# frozen_string_literal: true

require_relative "../support/browser"

RSpec.describe "Every way of cooking", :browser do
  include Support::Browser

  # The others with --all; pots of layers, steamers and what is made of rice have journeys of their own.
  cooked = %w[covered-pot boil-and-drain broth-under-rice rice-cooker]

  FondKettle::Methods::Library.ours.all.each_value do |method|
    it "is planned, drawn and cooked through at the stove: #{method.key}",
       thorough: !cooked.include?(method.key) do
      visit "/pot?grain=basmati&method=#{method.key}&for=amount&amount=240&unit=g"
      # Layers are moved by what can be done with each, how far they are par-cooked by the dial.
      # In a steamer only the bed is; a dressing has three more.
      sliders = if method.layered? then method.sealed? ? 1 : 0
                elsif method.steamed? then 1
                else
                  method.dressed ? 6 : 3
                end
      expect(page).to have_css("svg [role=slider]", count: sliders)
      expect(page).to have_css(".verdict", text: "just right")
      click_button "Start cooking"
      steps = find(".stove-title").text[/of (\d+)/, 1].to_i
      (1...steps).each do |position|
        expect(page).to have_css(".stove-title", text: "step #{position} of #{steps}")
        go_on
      end
      expect(page).to have_css(method.steamed? ? ".pot-picture .basket" : ".pot-picture[data-levels]")
      go_on
      expect(page).to have_css("h1", text: "How did it come out?")
    end
  end

  it "leads through the test of a lid with a clock that survives a reload" do
    visit "/tests"
    within("#lid") do
      fill_in "Before, g", with: "2140"
      click_button "Start the clock"
    end
    expect(page).to have_css("#clock", text: /\A09:5\d\z/)
    visit "/tests"
    click_link "A test is running"
    expect(page).to have_css("#clock", text: /\A09:[345]\d\z/)
      .and be_accessible
    fill_in "It weighs now, g", with: "2110"
    click_button "Work it out"
    expect(page).to have_css(".notice",
                             text: "Steel pot: its lid loses 1.2 times the book's figure (was not tested)")
  end

  it "stands side by side, and one tap plans it" do
    visit "/pot?grain=basmati&pot=3&for=amount&amount=420&unit=g"
    click_link "Every way side by side"
    expect(page).to have_css(".way-row h2", count: 14, visible: :all)
    expect(page).to be_accessible
    click_link "Oven pilaf"
    open_thing("pot")
    expect(page).to have_select("Way", selected: "Oven pilaf")
    expect(find("#amount", visible: :all).value).to eq("420")
  end

  it "shows the course of the pot, with another laid over it, as a table too" do
    visit "/pot?grain=basmati&pot=3&for=amount&amount=420&unit=g"
    click_link "The course of the pot"
    expect(page).to have_css("#course-pot .lead", text: "Holes in the top of the rice")
    stands = lambda do |min|
      page.execute_script("const at = document.getElementById('at'); at.value = #{min};" \
                          "at.dispatchEvent(new Event('input', { bubbles: true }))")
      expect(page).to have_css("#course-pot .lead", text: "Minute #{min}.")
      find("#course-pot .bed", visible: :all)["height"].to_f
    end
    expect(stands.call(2)).to be < stands.call(20)
    expect(page).to have_css("#course-pot .lead", text: "°C")
    find("summary", text: "In figures").click
    expect(page).to have_css("td", text: "craters at")
    click_link "with the lid lifted three times"
    expect(page).to have_css("#course-ghost-title", visible: :all)
    find("summary", text: "The curves").click
    expect(page).to have_css(".course-drawing .over", count: 5)
    expect(page).to be_accessible
  end

  it "answers the cook's own way, typed, by arrow keys and by dragging" do
    visit "/pot?grain=basmati&pot=3&for=amount&amount=420&unit=g"
    find("#thing-cup summary").click
    fill_in "I always use", with: "2"
    expect(page).to have_css(".own", text: "comes out too wet")
    find("[data-drag=soak]").send_keys(:arrow_up)
    expect(page).to have_css(".slip", text: "Soak the rice 35 min")
    find("[data-drag=bed]").send_keys(:arrow_up)
    expect(page).to have_css(".rice-line", text: "430 g")
    grip = find("[data-drag=water] circle").native
    page.driver.browser.action.click_and_hold(grip).move_by(0, 60).release.perform
    expect(page).to have_css(".own", text: "comes out dry before it boils")
    expect(page).to have_current_path(/own_kind=depth/, url: true)
    expect(page).to be_accessible
  end

  it "counts what is typed beside the rice, a line at a time, " \
     "and opens the drawer that has something wrong" do
    visit "/pot?grain=basmati&pot=3&for=amount&amount=420&unit=g"
    find("#thing-board summary").send_keys(:enter)
    fill_in "Goes in beside the rice", with: "400 g tomatoes\n2 moonstones"
    expect(page).to have_css("#thing-board .said", text: "400 g tomatoes, moonstones")
    expect(page).to have_css(".balance", text: "340 g")
      .and have_css(".warnings", text: "Not counted yet, “2 moonstones”")
    expect(find_field("Goes in beside the rice").value.lines.size).to eq(2)
    find("[data-drag=soak]").send_keys(:arrow_up)
    expect(page).to have_css("#thing-bowl .said", text: "soaked 35 min")
    expect(page).to have_no_css("#thing-bowl[open]")
    page.execute_script("rinse.value = 'many'; rinse.dispatchEvent(new Event('change', { bubbles: true }))")
    expect(page).to have_css("#thing-bowl[open] #rinse-problem", text: "must be")
  end

  it "lets a way be copied, changed, tried, kept and cooked by" do
    visit "/ways"
    click_link "Copy Covered pot on the stove"
    fill_in "Name", with: "Ilse's pot"
    find("summary", text: "Take off the heat and rest").click
    fill_in "stage-2-minutes", with: "soon"
    click_button "Try it here"
    expect(page).to have_css("details[open] #stage-2-minutes-problem",
                             text: "must be ready or must be a number")
    fill_in "stage-2-minutes", with: "21"
    page.execute_script("document.querySelectorAll('details').forEach((drawer) => { drawer.open = true; })")
    [[1280, 800], [390, 844]].each do |width, height|
      resize(width, height)
      expect(page).to be_accessible
      expect(overflow?).to be(false)
    end
    click_button "Try it here"
    expect(page).to have_css(".own", text: "comes out just right")
    click_button "Keep it"
    expect(page).to have_css(".take-back", text: "Added: Ilse's pot")
    resize(1280, 800)
    visit "/pot?grain=basmati&for=amount&amount=300&unit=g"
    open_thing("pot")
    select "Ilse's pot", from: "Way"
    expect(page).to have_css(".slip li", text: /21 min\s+Take off the heat and rest/)
  end

  it "takes a lifted lid and a sign of trouble at the stove" do
    visit "/pot?grain=jasmine&pot=3&for=amount&amount=420&unit=g"
    click_button "Start cooking"
    4.times do |index|
      find(".stove-title", text: "step #{index + 1} of")
      go_on
    end
    find(".stove-title", text: "step 5 of")
    click_link "I did something else"
    press "1 min"
    expect(page).to have_css(".undo", text: "Lid lifted, 1 min")
    click_link "Something is wrong"
    click_link "No water"
    expect(page).to be_accessible
    press "Half is white"
    press "That is done"
    expect(page).to have_css("h1", text: "then look and bite")
    expect(page).to be_accessible
  end
end
