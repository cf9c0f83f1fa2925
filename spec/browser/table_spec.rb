# frozen_string_literal: true

require_relative "../support/browser"

RSpec.describe "Tonight's table", :browser do
  include Support::Browser

  def plate(name)
    find(".plate", text: name)
  end

  def at_table
    find("p.lead[data-swap]")
  end

  it "is laid from above: a plate for each eater, as large as their appetite, with what they get" do
    visit "/"
    expect(at_table).to have_text("5 at the table: 355 g raw rice")
    wide = %w[Teodor Orsolya Pia].map { |name| plate(name).find("svg")["width"].to_i }
    expect(wide).to eq(wide.sort.reverse)
    expect(plate("Pia")).to have_css(".plate-get", text: "¾ jam glass")
    expect(page).to be_accessible
    plate("Teodor").find("input").click
    expect(at_table).to have_text("4 at the table")
    expect(plate("Teodor")).to have_no_css(".plate-get")
    2.times { find("[data-guests='1']").click }
    expect(page).to have_css(".plate.is-guest", count: 2)
    expect(find("#guests").value).to eq("2")
    find("[data-guests='-1']").click
    expect(at_table).to have_text("5 at the table")
    click_button "Lay the table"
    expect(page).to have_css(".rice-line", text: "5 at the table")
  end

  it "puts boxes for another day at the table's edge as they are counted" do
    visit "/"
    expect(page).to have_no_css(".table-box")
    fill_in "Lunch boxes", with: "2"
    fill_in "For the freezer", with: "1"
    expect(page).to have_css(".table-box", count: 2)
    expect(all(".table-box").map(&:text)).to eq(["2 lunch boxes", "1 box to freeze"])
    expect(page).to have_css(".table-box svg[aria-label='2 lunch boxes']")
    expect(page).to be_accessible
    fill_in "Lunch boxes", with: "0"
    expect(page).to have_css(".table-box", count: 1)
  end

  it "marks the plate of somebody who avoids what is in the dish, and says it" do
    visit "/"
    choose "Squash and hazelnut mixed rice"
    expect(plate("Grandmother Ilse")).to have_css(".plate-never", text: "avoids nut: it is in this")
    expect(plate("Grandmother Ilse")).to have_css(".is-wrong")
    expect(plate("Orsolya")).to have_no_css(".plate-never")
    expect(page).to have_css(".table-middle figcaption", text: "pot")
    choose "plain rice"
    expect(page).to have_no_css(".plate-never")
  end

  it "says of each dish how long until eating and whether its rice is in the house" do
    bag = Support::Browser.household.shelf(:bags).all.find { |one| one[:grain] == "glutinous" }
    Support::Browser.household.shelf(:bags).change(bag[:id], bag[:lock_version], { left_g: 100.0 })
    visit "/"
    # They come bit by bit, on a slow machine for a while.
    expect(page).to have_no_css("[data-untimed]", wait: 60)
    expect(find("#found .choice", text: "Jam-glass jasmine")).to have_text(/for 4 · \d+ min/)
    expect(find("#found .choice", text: "Coconut sticky rice"))
      .to have_css(".dish-short", text: "only 100 g of glutinous left")
    expect(all("#found .choice").last).to have_css(".dish-short")
  end

  it "lays two plates where nobody of the house is told yet", :empty do
    visit "/?table=laid"
    expect(at_table).to have_text("2 at the table: 150 g raw rice")
    expect(page).to have_css(".plate.is-guest", count: 2)
    find("[data-guests='1']").click
    expect(at_table).to have_text("3 at the table")
  end

  it "fits a phone, dim and without a script" do
    resize(390, 844)
    visit "/"
    expect(page.evaluate_script("document.documentElement.scrollWidth")).to be <= 390
    click_button "Dim"
    expect(page).to be_accessible
    high = all(".table-more .button").map { |button| button.evaluate_script("this.offsetHeight") }
    expect(high).to all(be >= 44)
  end
end
