# frozen_string_literal: true

require_relative "../support/browser"

RSpec.describe "A new kitchen's first right pot", :browser, :empty do
  include Support::Browser

  it "takes four fields and at most two taps: seven people, 16 cm, 210 mL, 2,300 m" do
    taps = 0
    touch = lambda do |element|
      element.click
      taps += 1
    end
    visit "/"
    told = { "People" => "7", "Pot, inside width, mm" => "16 cm", "Glass or cup holds, mL" => "210",
             "Height above the sea, m" => "2,300 m" }
    told.each { |label, text| fill_in label, with: text }
    expect(page).to have_css("#answer .number", text: "525 g rice")
    expect(page).to have_css(".plates[aria-label='7 plates']")
    expect(page).to have_css("#answer .hint", text: "The pot's height, 85 mm, is a guess from its width.")
    expect(page).to have_css("#answer .glasses[aria-label^='water: 3 glasses']")
    expect(page).to be_accessible
    right = find("#answer .number", text: "water").text
    touch.call(find("button", text: "Cook with these"))
    expect(page).to have_css(".notice", text: "Its height, 85 mm, is a guess too.")
    expect(page).to have_css(".number", text: right).and have_css(".rice-line", text: "525 g rice")
    expect(page).to have_css(".balance", text: "Water boils at 92")
    expect([told.size, taps]).to eq([4, 1])
  end

  it "goes by a way of the cook's own from the first pot on, here and on the plan" do
    visit "/"
    { "People" => "7", "Pot, inside width, mm" => "22 cm", "Glass or cup holds, mL" => "210" }
      .each { |label, text| fill_in label, with: text }
    expect(page).to have_css("#answer .number", text: "525 g rice")
    book = find("#answer .number", text: "water").text
    find("summary", text: "I have a way of my own").click
    fill_in "Rice, glasses", with: "2"
    find_field("Water to it, glasses").set("a lot")
    expect(page).to have_css("#new_kitchen-own_water-problem", text: "must be")
    fill_in "Water to it, glasses", with: "3 3/4"
    expect(page).to have_css("#answer .lesson", text: "Learned here. From your own word:")
    expect(page).to be_accessible
    mine = find("#answer .number", text: "water").text
    expect(mine.to_i).to be > 1.05 * book.to_i
    click_button "Cook with these"
    expect(page).to have_css(".lesson", text: "From your own word:").and have_css(".number", text: mine)
    visit "/log"
    expect(page).to have_css(".mine", text: "788 g comes right")
  end

  it "is worked out without a pot, a cup or a height, and says what is taken for them" do
    visit "/"
    expect(page).to have_css("#answer .number", text: "150 g rice")
    expect(page).to have_css("#answer .hint", text: "Taken for now: a usual pot, a US cup, sea level.")
    fill_in "People", with: "none"
    expect(page).to have_css("#guests-problem", text: "must be").and have_css("#answer h2", text: "Not yet")
    fill_in "People", with: "4"
    fill_in "Pot, inside width, mm", with: "24 mm"
    expect(page).to have_css("#new_kitchen-diameter_mm-problem", text: "must be")
    expect(page).to have_css("#answer .number", text: "300 g rice")
  end

  it "fits a phone and is as plain to hit there" do
    resize(320, 700)
    visit "/"
    expect(page).to have_css("#answer .glasses").and be_accessible
    expect(page.evaluate_script("document.documentElement.scrollWidth")).to be <= 320
  end

  it "keeps what was typed where something is wrong, with the field in sight and in hand" do
    visit "/pot"
    fill_in "People", with: "7"
    fill_in "Pot, inside width, mm", with: "16 m"
    fill_in "Pot, inside height, mm", with: "110"
    click_button "Put these in"
    expect(page).to have_css("#new_kitchen-diameter_mm-problem", text: "must be")
    expect(page.evaluate_script("document.activeElement.id")).to eq("new_kitchen-diameter_mm")
    expect([find("#new_kitchen-diameter_mm").value, find("#guests").value]).to eq(["16 m", "7"])
  end
end
