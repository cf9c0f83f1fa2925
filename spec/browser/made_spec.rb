# frozen_string_literal: true

require_relative "../support/browser"

RSpec.describe "Rice that is steamed, dressed, divided and kept", type: :browser do
  include Support::Browser

  # As a cook sets out from an empty page; fields of drawers by id.
  def plan(way, grain:, grams: nil, **fields)
    visit "/pot"
    open_thing("bag")
    select grain, from: "Grain"
    open_thing("pot")
    select way, from: "Way"
    expect(page).to have_css(".made")
    if grams
      open_thing("plates")
      choose "an amount"
      fill_in "Raw rice", with: grams.to_s
      expect(page).to have_css(".rice-line", text: "#{grams} g")
    end
    fields.each { |id, value| put(find("##{id}", visible: :all), value) }
  end

  # Into a field of a drawer, open or not.
  def put(field, value)
    page.execute_script("arguments[0].closest('details').open = true", field)
    field.tag_name == "select" ? field.find("option[value='#{value}']").select_option : field.set(value)
  end

  # On until the step at hand says so; `minutes` for each.
  def on_to(words, minutes: 2)
    until page.has_css?("h1.stove-say", text: words, wait: 0)
      at = find(".stove-title").text
      spend(minutes)
      go_on
      expect(page).to have_no_css(".stove-title", text: at, exact_text: true)
    end
  end

  def start
    click_button "Start cooking"
    expect(page).to have_css(".stove-title", text: "step 1 of")
  end

  it "cooks a sticky batch, one sprinkling left out and one more decided at the stove" do
    plan "Sticky rice, steamed", grain: "Glutinous", grams: 490, steamer_mm: "240"
    expect(page).to have_css(".steamer-drawing .drop", count: 4)
    expect(page).to have_css(".made", text: "a grain crushes between two fingers")
    expect(page).to be_accessible
    start
    on_to "Line the steamer"
    on_to "Lid off"
    expect(page).to have_css(".stove-puts-in", text: /\d+ g water/)
    click_button "It shines: no water"
    expect(page).to have_css(".seen", text: "leave this water out")
    expect(page).to have_css(".undo", text: /g left out/)
    go_on
    expect(page).to have_css("h1.stove-say", text: "Steam on, closed")
    spend 6
    click_button "Dry or yellowish"
    expect(page).to have_css(".seen", text: "One pour more")
    expect(page).to be_accessible
    on_to "Steam it on"
    click_button "Clear and chewy right through"
    on_to "Tip it out on a wet board"
    click_button "Finish"
    expect(page).to have_css("h1", text: "How did it come out?")
    expect(page).to have_css(".told", text: /more poured/)
  end

  it "splits the batch where the bed is dragged past what the steamer holds, by keyboard too" do
    plan "Sticky rice, steamed", grain: "Glutinous", grams: 1300, tiers: "1"
    expect(page).to have_css("#steamer-title", text: /bed [45]\d mm, /, visible: :all)
    grip = find("[data-drag=bed]")
    14.times { grip.send_keys(:page_up) }
    expect(page).to have_css("#steamer-title", text: "2 batches", visible: :all, wait: 10)
  end

  it "dresses and cools rice for a crowd, the curve put right by a thermometer" do
    plan "Dressed rice", grain: "Short white", grams: 1300, style: "sharp", pieces: "17"
    expect(page).to have_css(".made", text: "17 bowls")
    find("[data-drag=salty]").send_keys(:arrow_down)
    expect(page).to have_field("salty", with: "1.4", visible: :all)
    expect(page).to have_css(".dressing-drawing", text: "1.4 g")
    expect(page).to be_accessible
    start
    on_to "Stir the dressing"
    expect(page).to have_css(".stove-puts-in", text: /rice vinegar.*sugar.*salt/m)
    go_on
    expect(page).to have_css(".stove-say", text: /\ASpread it 20 mm thick/)
    spend 5
    visit current_path
    before = find("p.seen[role=status]").text
    fill_in "It shows", with: "84"
    click_button "Check"
    expect(page).to have_css(".cooling-drawing", text: "84 °C measured")
    expect(find("p.seen[role=status]").text).not_to eq(before)
    on_to "Keep it under a damp cloth", minutes: 25
    3.times do |made|
      click_button "One more"
      expect(page).to have_css(".tally-count", text: "#{made + 1} of 17")
    end
    expect(page).to be_accessible
  end

  it "makes twelve parcels, freezes eight, finds them again, and reheats two from frozen" do
    plan "Leaf parcels", grain: "Glutinous", grams: 560, pieces: "12", filling_g: "25"
    expect(page).to have_css(".made", text: "12 parcels of 82 g rice and 25 g filling")
    start
    on_to "Divide it by weight"
    click_button "One more"
    expect(page).to have_css(".tally-count", text: "1 of 12")
    on_to "Measure the thickest piece", minutes: 1
    fill_in "It shows", with: "76"
    click_button "Check"
    expect(page).to have_css(".seen", text: "hot enough")
    click_button "Finish"
    click_link "Put the rest away"
    expect(page).to have_field("portions", with: "12")
    fill_in "Portions or parcels", with: "8"
    select "in the freezer", from: "Now it is"
    fill_in "How cold it is there, °C", with: "20"
    click_button "Put it away"
    expect(page).to have_css("#place_c-problem", text: "warmer it does not keep")
    fill_in "How cold it is there, °C", with: "-20"
    click_button "Put it away"
    expect(page).to have_css(".kept li", text: "8 portions of 107 g, in the freezer")
    expect(page).to have_css(".kept li", text: "Nobody has checked the allergens of what is in the filling")
    visit "/"
    click_link "What is kept: 1"
    fill_in "count", with: "2"
    click_button "Take out"
    expect(page).to have_css(".notice", text: /2 of Glutinous.*steam \d+ min.*74 °C/)
    expect(page).to have_css(".kept li", text: "6 portions of 107 g")
    click_link "Labels to print"
    expect(page).to have_css(".labels li", text: /use by/, count: 6)
    expect(page).to be_accessible
  end

  it "keeps the clock of a cooling pot, first on Table, and says when it is too late" do
    visit "/keep"
    fill_in "What it is", with: "Friday rice"
    fill_in "Off the heat since", with: (Time.now + 86_400).strftime("%Y-%m-%dT%H:%M")
    page.execute_script("document.getElementById('made').value = '2099-01-01T10:00'")
    click_button "Put it away"
    expect(page).to have_css("#made-problem", text: "must not be in the future")
    expect(page).to have_field("What it is", with: "Friday rice")
    page.execute_script("document.getElementById('made').value = arguments[0]",
                        Time.now.strftime("%Y-%m-%dT%H:%M"))
    click_button "Put it away"
    expect(page).to have_css(".cooling-drawing", text: "now,")
    visit "/"
    expect(find("main > *:not(.take-back)", match: :first)).to have_text("First, what is kept")
    expect(page).to be_accessible
    click_link "Friday rice"
    click_button "Now in the refrigerator"
    expect(page).to have_css(".kept li", text: /in the refrigerator.*Use by/m)
    spend(60 * 26)
    visit "/"
    expect(page).to have_css(".kept-due", text: "throw it away")
    click_link "Friday rice"
    expect(page).to have_no_button("Take out")
    click_button "Throw away"
    expect(page).to have_css("p.lead", text: "Nothing is kept")
  end
end
