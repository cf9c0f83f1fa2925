# frozen_string_literal: true

require_relative "../support/browser"

RSpec.describe "A pot, from the table to the log", :browser do
  include Support::Browser

  def water_g
    find(".number:not(.cup) strong").text.to_i
  end

  def next_step
    position = find(".stove-title").text
    go_on
    expect(page).to have_no_css(".stove-title", text: position, exact_text: true)
  end

  it "gets to a right amount of water in under a minute and learns from the first cook" do
    began = Time.now
    visit "/"
    fill_in "Guests", with: "2"
    choose "Parboiled basmati"
    click_button "Lay the table"
    expect(page).to have_css(".rice-line", text: "7 at the table")
    first_g = water_g
    expect(Time.now - began).to be < 60

    click_button "Start cooking"
    expect(page).to have_css(".stove-title", text: "step 1 of 8")
    3.times { next_step }
    fill_in "Poured", with: (first_g + 10).to_s
    next_step
    expect(page).to have_css(".undo", text: "#{first_g + 10} g poured")
    expect(find("#next")).to have_text("It boils")
    next_step
    press "Craters in the surface"
    expect(page).to have_css(".undo", text: "Craters in the surface")
    press "Back"
    expect(page).to have_css(".stove-title", text: "step 5 of 8")
    3.times { next_step }
    spend(12)
    go_on

    choose "too firm"
    within(find("fieldset", text: "Wetness")) { choose "too dry" }
    expect(page).to have_css("legend", text: "Did it really go so?")
    choose "Yes, it went so: learn from it"
    fill_in "Note", with: "glass lid"
    click_button "Write it down"
    expect(page).to have_css(".cooked li", text: "#{first_g + 10} g water, too firm, too dry", match: :first)

    visit "/"
    fill_in "Guests", with: "2"
    choose "Parboiled basmati"
    click_button "Lay the table"
    expect(page).to have_css(".lesson", text: "Learned here. From 8 pots: this lid lets more steam out")
    learned_g = water_g
    expect(learned_g).to be > first_g
    check "leave it out this time"
    expect(page).to have_no_css(".number strong", text: "#{learned_g} g")
    expect(page).to have_current_path(/lesson=leave/, url: true)
    expect(water_g).to be < learned_g
  end

  it "recomputes every change without losing what was typed, and the address holds the plan" do
    visit "/pot?grain=jasmine&for=amount&amount=300&unit=g"
    before = water_g
    open_thing("plates")
    fill_in "amount", with: "410"
    expect(page).to have_css(".rice-line", text: "410 g")
    expect(water_g).to be > before
    open_thing("bag")
    select "soft", from: "Texture"
    expect(page).to have_css(".verdict", text: "soft")
    open_thing("plates")
    fill_in "amount", with: "4x"
    expect(page).to have_css("#amount-problem", text: "must be a number")
    expect(find("#amount").value).to eq("4x")
    fill_in "amount", with: "410"
    expect(page).to have_css(".verdict", text: "soft")
    soft = water_g
    address = current_url
    expect(address).to include("amount=410", "texture=1")
    visit address
    expect(water_g).to eq(soft)
    open_thing("bag")
    select "firm", from: "Texture"
    expect(page).to have_css(".verdict", text: "firm")
    go_back
    expect(page).to have_css(".verdict", text: "soft")
  end

  it "cooks what is shown: the water line is dragged, headline and verdict follow, and so does the stove" do
    visit "/pot?grain=jasmine&pot=1&for=amount&amount=300&unit=g"
    planned = water_g
    pointer = page.driver.browser.action
    pointer.move_to(find("[data-drag=water] circle").native).click_and_hold.move_by(0, -30).perform
    expect(page).to have_css(".headline .number", text: "your way")
    expect(page).to have_css(".drawing .says.wrong").and have_css(".verdict", text: /wet/)
    pointer.release.perform
    own = water_g
    expect(own).to be > planned
    expect(find("[data-drag=water]")["aria-valuetext"]).to match(/mm over the rice: \d+ g/)
    expect(page).to have_css(".own a", text: "Take #{planned} g instead")
    click_button "Start cooking"
    go_on until has_css?("#poured", wait: 0.5)
    expect(find(".stove-puts-in")).to have_text("#{own} g water")
    expect(page).to have_css(".stove .says.wrong")
  end

  it "adds a pot and a cup in place" do
    visit "/pot?grain=basmati&for=amount&amount=130&unit=g"
    open_thing("pot")
    find("summary", text: "Another pot").click
    within("details.add", text: "Another pot") do
      fill_in "Inside width, mm", with: "3"
      fill_in "Inside height, mm", with: "90"
    end
    click_button "Add this pot"
    expect(page).to have_css("#new_pot-diameter_mm-problem", text: "must be between 80 and 600")
    expect(page.evaluate_script("document.activeElement.id")).to eq("new_pot-diameter_mm")
    fill_in "Inside width, mm", with: "160"
    click_button "Add this pot"
    expect(page).to have_css(".notice", text: "Steel pot is in the cupboard, taken to weigh 0.9 kg")
    open_thing("pot")
    expect(page).to have_select("Pot", selected: "Steel pot, 160 mm")
    expect(find("#amount", visible: :all).value).to eq("130")
  end

  it "follows the same cook on a second device and over a reload" do
    visit "/pot?grain=jasmine&for=amount&amount=300&unit=g"
    click_button "Start cooking"
    expect(page).to have_css(".stove-title", text: "step 1 of 7")
    stove = current_url
    using_session(:second_device) do
      Capybara.current_driver = :kitchen_chromium
      visit stove
      next_step
    end
    expect(page).to have_css(".stove-title", text: "step 2 of 7", wait: 8)
    clock = find("#clock").text
    visit stove
    expect(find("#clock").text).to be <= clock
  end

  it "works by keyboard alone" do
    visit "/"
    find("body").send_keys("?")
    expect(page).to have_css("dialog[open]", text: "next step, at the stove")
    find("body").send_keys(:escape)
    find("body").send_keys("p")
    expect(page).to have_css(".headline")
    find("#thing-plates > summary").send_keys(:enter)
    find("#guests").send_keys([:control, "a"], "3")
    expect(page).to have_css(".rice-line", text: "8 at the table")
    find(".start").send_keys(:enter)
    expect(page).to have_css(".stove-title", text: "step 1")
    [[:space, 2], ["n", 3], [:page_down, 4], [:page_up, 3]].each do |key, step|
      expect(page).to have_css(Support::Browser::NEXT)
      find("body").send_keys(key)
      expect(page).to have_css(".stove-title", text: "step #{step}")
    end
  end

  it "goes on to the pot by Enter in the number of people, and looks for a dish by Enter in the search" do
    visit "/"
    find_by_id("q").send_keys("leek", :enter)
    expect(page).to have_css("#found .choice", text: "Leek", count: 1)
    expect(page).to have_current_path("/")
    find_by_id("q").set("")
    find_by_id("guests").send_keys(:backspace, "2", :enter)
    expect(page).to have_css(".rice-line", text: "7 at the table")
  end

  it "plans the first pot of an empty kitchen", :empty do
    visit "/"
    fill_in "People", with: "7"
    select "Brown short", from: "Rice"
    click_button "Cook with these"
    expect(page).to have_css(".rice-line", text: "525 g rice")
    click_button "Start cooking"
    expect(page).to have_css(".stove-title", text: "step 1")
  end
end
