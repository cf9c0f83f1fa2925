# frozen_string_literal: true

require_relative "../support/browser"
require_relative "../support/lived_kitchen"

RSpec.describe "A kitchen that is learned", :browser, :empty do
  include Support::Browser

  def household
    Support::Browser.household
  end

  # Grams between the ends of the range of a plan.
  def range_g
    low, high = find(".range", match: :first).text.scan(/(\d+) g/).flatten.first(2).map(&:to_i)
    high - low
  end

  # Weighs a cook's pot and says how it came out.
  def write_down(cook, shown)
    visit "/log/#{cook}"
    choose "just right", match: :first
    within(find("fieldset", text: "Wetness")) { choose "just right" }
    fill_in "Before it went on the heat", with: "2310"
    fill_in "Before you opened it", with: (2310 + 40).to_s
    click_button "Write it down"
    expect(page).to have_css(".problem", text: "a pot loses water")
    expect(page).to be_accessible
    fill_in "Before you opened it", with: (2310 - shown).to_s
    click_button "Write it down"
  end

  it "names a lid that lets too much out after five pots, and narrows the range once it is tested" do
    pot = household.shelf(:pots).add(Support::LivedKitchen::POT)[:id]
    address = "/pot?grain=basmati&for=amount&amount=400&unit=g&pot=#{pot}"
    ours = Support::LivedKitchen.new(household, lid: 2.5)
    visit address
    first_g = range_g
    *, last = ours.cook(pot, [300, 450, 250, 520, 380], from: Time.now - (6 * 86_400))
    household.database.write do |db|
      %i[outcomes lessons].each { |table| db[table].where(cook_id: last).delete }
    end
    write_down(last, 93)
    expect(page).to have_css(".taught", text: "This lid lets more steam out than most")
    expect(page).to be_accessible

    visit address
    expect(page).to have_css(".lesson", text: "Learned here. From 5 pots: this lid lets more steam out")
    learned_g = range_g
    expect(learned_g).to be < first_g
    visit "/tests#lid"
    within("#lid") do
      { "before_g" => "2100", "after_g" => "2040", "minutes" => "10" }
        .each { |name, value| fill_in "lid-#{name}", with: value }
      click_button "Work it out"
    end
    expect(page).to have_text("times the book's figure")
    visit address
    # A pot that was weighed tells of its lid as much as a test does: no more is to be gained.
    expect(range_g).to be <= learned_g
    expect(range_g).to be < 0.8 * first_g
  end

  # Goes on at the stove until a step says so.
  def go_on_to(words)
    go_on until page.has_css?(".stove-say", text: words, wait: 1)
  end

  # Writes down what the pot weighs, at the stove.
  def weigh(label, grams)
    fill_in label, with: grams
    expect(page).to be_accessible
    click_button "Write it down"
    expect(page).to have_text("#{grams} g is written down.")
  end

  it "asks for a weight at the stove, and whether something was different where it is far off" do
    pot = household.shelf(:pots).add(Support::LivedKitchen::POT)[:id]
    other = household.shelf(:pots).add({ **Support::LivedKitchen::POT, name: "Red pot" })[:id]
    Support::LivedKitchen.new(household, { lid: 2.0 })
                         .cook(other, [200, 250, 200], from: Time.now - (6 * 86_400))
    visit "/pot?grain=basmati&for=amount&amount=200&unit=g&pot=#{pot}"
    click_button "Start cooking", match: :first
    go_on_to "Put the rice"
    weigh "Filled, under its lid", "1912"
    go_on_to "rest"
    spend household.cooks.on_the_stove.first[:plan][:minutes][:total]
    weigh "Still shut", "1690"
    go_on_to "Fluff"
    go_on
    expect(page).to have_field("Before it went on the heat", with: "1912")
    choose "just right", match: :first
    within(find("fieldset", text: "Wetness")) { choose "just right" }
    click_button "Write it down"
    expect(page).to have_css("#different", text: "Much more steam was gone than expected")
    expect(page).to be_accessible
    click_button "Yes: learn nothing from it"
    expect(page).to have_css("#different", text: "it teaches nothing")
    click_button "No, it went so: learn from it"
    expect(page).to have_css("#different", text: "as much as any other pot")
    visit "/log"
    expect(page).to have_css(".taught", text: "this lid lets more steam out than most")
  end

  it "forgets a bag and learns from it again, and takes a way of the cook's own at the pot" do
    pot = household.shelf(:pots).add(Support::LivedKitchen::POT)[:id]
    bag = household.shelf(:bags).add(name: "Long bag", grain: "basmati", left_g: 9000.0, drinks: 1.0,
                                     crop: "usual")
    Support::LivedKitchen.new(household, uptake: 1.2).cook(pot, [300, 400], from: Time.now - (3 * 86_400))
    visit "/cupboard#bags-#{bag[:id]}"
    find("#bags-#{bag[:id]} summary").click unless page.has_link?("What it has taught", wait: 0)
    click_link "What it has taught"
    expect(page).to have_css("#forget li", text: "Long bag: 2 pots").and be_accessible
    click_button "Forget what it taught"
    expect(page).to have_css("#forget li", text: "2 pots, forgotten")
    visit "/pot?grain=basmati&for=amount&amount=400&unit=g&pot=#{pot}"
    expect(page).to have_no_css(".lesson", text: "Learned here")
    visit "/log#forget"
    click_button "Learn from it again"
    expect(page).to have_css("#forget li", text: "This bag drinks more than most")
    visit "/cupboard"
    find("#pots-#{pot} summary", match: :first).click
    find("#pots-#{pot} summary", text: "My own water").click
    fill_in "So much rice", with: "2"
    fill_in "So much water to it", with: "3 1/2"
    # What lies half under the bar of the page is not looked at.
    page.scroll_to(0, 0)
    expect(page).to be_accessible
    within("#pots-#{pot}") { click_button "Mine comes right" }
    expect(page).to have_css(".notice", text: "go by it from now on")
  end

  it "goes by a cook's own water from the start, and forgets it again" do
    pot = household.shelf(:pots).add(Support::LivedKitchen::POT)[:id]
    address = "/pot?grain=basmati&for=amount&amount=400&unit=g&pot=#{pot}"
    visit address
    book_g = find(".number:not(.cup) strong").text.to_i
    mine_g = (book_g * 1.12).round
    visit "#{address}&own=#{mine_g}&own_kind=g"
    expect(page).to have_css(".own", text: "Your way:")
    click_button "Mine comes right"
    expect(page).to have_css(".own-standard")
    expect(page).to have_css(".lesson", text: "Learned here. From your own word:")
    expect(page).to be_accessible
    visit address
    expect(find(".number:not(.cup) strong").text.to_i).to be_within(0.04 * mine_g).of(mine_g)
    visit "/log"
    expect(page).to have_css(".mine", text: "#{mine_g} g comes right")
    expect(page).to be_accessible
    click_button "Forget it"
    expect(page).to have_no_css(".mine")
    visit address
    expect(page).to have_css(".number strong", text: "#{book_g} g")
  end
end
