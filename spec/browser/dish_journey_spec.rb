# frozen_string_literal: true

require_relative "../support/browser"

RSpec.describe "A dish's way through the house", :browser do
  include Support::Browser

  recipe = { "@context" => "https://schema.org", "@type" => "Recipe", "name" => "Grandaunt's pea pot",
             "recipeYield" => "4",
             "recipeIngredient" => ["320 g basmati rice", "2 onions, chopped", "450 g (2 lb) chicken thighs",
                                    "200 g frozen peas", "3 tbsp oil", "700 ml stock", "1 handful moon moss",
                                    "1 tsp salt"],
             "recipeInstructions" => [
               "Brown the onions in the oil for 12 minutes. Add the chicken and fry it for 8 minutes.",
               "Add the rice, the moss, the stock and the salt, bring to the boil, cover and cook on low " \
               "for 15 minutes. Fold in the peas."
             ], "author" => "nobody" }.freeze

  # A4, or Letter: 8.5 by 11 inches.
  def pages_of_print(wide = 8.27, high = 11.69)
    pdf = page.driver.browser.execute_cdp("Page.printToPDF", printBackground: true, paperWidth: wide,
                                                             paperHeight: high)["data"]
    pdf.unpack1("m").scan(%r{/Type\s*/Page\b(?!s)}).size
  end

  it "is brought in, put right, scaled to nine, printed and given away" do
    visit "/"
    click_link "bring one in"
    fill_in "Paste it here",
            with: "<html><script type=\"application/ld+json\">#{JSON.generate(recipe)}</script></html>"
    click_button "Read it"
    expect(page).to have_css(".notice", text: "nothing is kept yet").and have_css(".notice", text: "author")
    expect(page).to have_css(".asked", text: "moon moss").and have_css(".warnings", text: "0.99 lb, not 2 lb")
    expect(page).to be_accessible

    told = find_field("The dish, in your words").value
    fill_in "The dish, in your words",
            with: told.sub("450 g (2 lb) chicken", "900 g chicken").sub("1 handful moon moss",
                                                                        "30 g moon moss")
    expect(page).to have_no_css(".warnings", text: "2 lb")
    within(".asks-food") { click_button "None of these" }
    expect(page).to have_no_css(".asks-food").and have_css(".read-list li", text: "30 g moon moss")
    click_button "Save"
    expect(page).to have_css("h1", text: "Grandaunt's pea pot")
    expect(find("script[type='application/ld+json']", visible: :all)["text"]).to include("recipeIngredient")

    click_link "Make it"
    all("[name='who[]']").each { |box| box.uncheck if box.checked? }
    fill_in "Guests", with: "9"
    fill_in "Eat at", with: "07:15 PM"
    expect(page).to have_css(".number", text: "720 g")
    expect(page).to have_css("td", text: "2025 g").and have_css(".moved", text: "The water model says")
    expect(page).to have_css(".caution", text: "74 °C")
    expect(page).to be_accessible

    click_link "Print it"
    in_a_round = /For both rounds:[^\n]*20\d\d g chicken/
    expect(page).to have_css("h1", text: "Grandaunt's pea pot").and have_css(".sheet-steps", text: in_a_round)
    expect(pages_of_print).to eq(1)
    expect(page).to be_accessible

    visit "/dishes?q=grandaunt"
    click_link "Grandaunt's pea pot"
    address = find_link("JSON")["href"]
    given = page.evaluate_async_script("fetch('#{address}').then((answer) => " \
                                       "answer.text()).then(arguments[0])")
    expect(JSON.parse(given)).to include("title" => "Grandaunt's pea pot", "serves" => 4.0,
                                         "rice_g" => 320.0)
  end

  it "is found as it is typed, at the table, and laid for those who eat" do
    visit "/"
    fill_in "q", with: "coco"
    expect(page).to have_css("#found .choice", count: 2)
    choose "Coconut sticky rice", allow_label_click: true
    fill_in "Lunch boxes", with: "2"
    click_button "Lay the table"
    expect(page)
      .to have_css("h1", text: "Coconut sticky rice")
      .and have_css(".rice-line", text: "6.8 regular portions")
    expect(page).to have_css(".getting", text: "Rice: soak it")
  end

  it "prints every demo dish for nine on one sheet, A4 and Letter" do
    (1..13).each do |id|
      visit "/evening/print?dish=#{id}&guests=9&serve=19:00"
      expect([pages_of_print, pages_of_print(8.5, 11)]).to eq([1, 1]), find("h1").text
    end
  end

  it "prints plain rice on one sheet too" do
    visit "/pot?grain=basmati&pot=3&for=amount&amount=540&unit=g"
    click_link "Print it"
    expect(page).to have_css(".sheet-steps", text: "540 g basmati")
    expect([pages_of_print, pages_of_print(8.5, 11)]).to eq([1, 1])
  end

  it "is laid on a phone and with the keyboard alone" do
    resize(390, 844)
    visit "/evening?dish=3"
    expect(overflow?).to be(false)
    find("summary", text: "How much").send_keys(:enter)
    find("#guests").send_keys([:control, "a"], "2", :tab)
    expect(page).to have_css(".rice-line",
                             text: "7 at the table").or have_css(".rice-line", text: "2 at the table")
    find("#boxes").send_keys([:control, "a"], "abc", :tab)
    expect(page).to have_css("#boxes-problem", text: "must be")
    expect(find("#boxes").value).to eq("abc")
  end
end
