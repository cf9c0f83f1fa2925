# frozen_string_literal: true

require_relative "../support/browser"
require_relative "../support/whole_kitchen"

# One removal of each kind, taken back by the bar of the page that follows.
RSpec.describe "What was removed, in the browser", :browser do
  include Support::Browser

  # What the bar says, where it is removed, by which button.
  removals = { "Removed: Carrots" => ["/dishes/3/edit", "Remove"],
               "Removed: Ours" => ["/ways/ours", "Remove it"],
               "Thrown away: Beans" => ["/keep", "Throw away"],
               "Used up or thrown away: Sharp dressing" => ["/keep", "Used up, or thrown away"],
               "Taken out of the log: Basmati" => ["/log/2", "Take it out of the log"],
               "Taken off the clock" => ["/clock", "Take this meal off the clock"] }.freeze

  before { Support::WholeKitchen.fill(kitchen, Time.now) }

  def kitchen
    Support::Browser.household
  end

  def stands
    Support::WholeKitchen.matter(kitchen.path)
  end

  # Removes with the block, sees that it is gone, takes it back. Returns what was removed, and whether
  # everything stands as it did.
  def comes_back(said, there)
    before = stands
    yield
    expect(page).to have_css(".take-back", text: said)
    expect(stands).not_to eq(before)
    find(".take-back button", text: "Take it back").click
    expect(page).to have_css(".take-back", text: "Taken back: #{said}").or have_css(".take-back", text: there)
    [said, stands == before]
  end

  def remove_record(place)
    visit "/cupboard"
    find("##{place} summary").click
    within("##{place}") { click_button "Remove" }
    expect(page).to have_css(".take-back", text: "Removed:")
  end

  it "comes back by one press: from every shelf" do
    { "pots-4" => "Wide pan", "cups-2" => "cooker cup", "spoons-1" => "tbsp", "bags-1" => "Basmati",
      "eaters-1" => "", "goods-1" => "", "own_ingredients-1" => "Sharp dressing" }.each do |place, name|
      expect(comes_back("Removed: #{name}", name) { remove_record(place) }.last).to be(true)
    end
  end

  it "comes back by one press: dish, way, box, component, cook, meal" do
    came = removals.map do |said, (path, button)|
      lay_meal if path == "/clock"
      comes_back(said, said) do
        visit path
        click_button button, match: :first
      end
    end
    expect(came.reject(&:last)).to eq([])
  end

  def lay_meal
    visit "/clock/new"
    find(".meal-dishes label", text: "Leek and dill oven pilaf").click
    day = (Time.now + 86_400).strftime("%Y-%m-%d")
    page.execute_script("document.getElementById('day').value = '#{day}'")
    click_button "Find the times"
    expect(page).to have_css("h1.meal-title")
  end

  it "is found under Removed, by keyboard, and Safekeeping puts a whole kitchen back" do
    visit "/safekeeping"
    click_button "Make one here, now"
    expect(page).to have_css(".copies li", text: "14 dishes")
    remove_record("pots-4")
    visit "/removed"
    find(".removed button", match: :first).send_keys(:enter)
    expect(page).to have_css("#pots-4", text: "Wide pan")
    remove_record("pots-4")
    visit "/safekeeping"
    first(".copies a", text: "Put it back").click
    expect(page).to have_css(".put-back", text: "4 pots")
    expect(page).to be_accessible
    click_button "Put it back"
    expect(page).to have_css(".notice", text: "5 pots, 14 dishes")
    visit "/cupboard"
    expect(page).to have_css("#pots-4", text: "Wide pan")
  end
end
