# frozen_string_literal: true

require_relative "../support/browser"

RSpec.describe "A new kitchen's first right pot", :browser, :empty do
  include Support::Browser

  it "takes at most six fields and six taps: seven people, 16 cm, 210 mL, 2,300 m" do
    fields = taps = 0
    type = lambda do |label, text|
      fill_in label, with: text
      fields += 1
    end
    touch = lambda do |element|
      element.click
      taps += 1
    end
    visit "/"
    touch.call(find("nav a", text: "Pot"))
    type.call("People", "7")
    type.call("Pot, inside width, mm", "16 cm")
    type.call("Pot, inside height, mm", "11 cm")
    type.call("Glass or cup holds, mL", "210")
    type.call("Height above the sea, m", "2300")
    touch.call(find("button", text: "Put these in"))
    expect(page).to have_css(".notice", text: "taken to weigh")
    expect(page).to have_css(".rice-line", text: "525 g rice").and have_css(".number.cup", text: "glasses")
    expect(page).to have_css(".balance", text: "Water boils at 92")
    expect([fields <= 6, taps <= 6]).to eq([true, true])
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
