# frozen_string_literal: true

require_relative "../support/browser"

RSpec.describe "A dish told in plain sentences, from the first word to the stove", :browser do
  include Support::Browser

  # Made up for this spec: a marinade, onions used twice, a broth that is ladled off.
  told = <<~DISH
    Friday lamb over broth rice
    For 5

    800 g lamb shoulder, in cubes
    200 g yoghurt
    1 tsp turmeric
    3 onions, sliced
    60 g ghee
    1 carrot
    1 stick cinnamon
    1.6 litres water
    1 tbsp salt
    380 g basmati
    1/2 bunch parsley

    Stir the lamb with the yoghurt and the turmeric in a bowl and leave it for 2 hours.
    Fry the onions in the ghee in a wide pan until dark brown, 25 minutes. Lift out half and keep them for the top.
    Put the lamb to the onions in the pan and fry it for 10 minutes.
    Simmer the carrot and the cinnamon in the water with the salt in a big pot for 40 minutes.
    Wash the rice and soak it for 20 minutes.
    Put the lamb in a heavy pot, pour over 2 cups of the broth and simmer for 30 minutes.
    Spread the rice over it, bring it to the boil, cover and cook on low for 18 minutes. Rest 10 minutes.
    Strew with the onions and the parsley.
  DISH

  it "is corrected where it stands, by keyboard, and the house remembers what a thing weighs" do
    visit "/dishes/new"
    fill_in "The dish, in your words", with: told
    find(".read-list li", text: "3 onions, sliced").find(".mend").send_keys(:enter)
    expect(page).to have_css(".mended input:focus")
    page.active_element.send_keys("shallots")
    fill_in "How much is it?", with: "420 g"
    find(".mended button", text: "Read it so").send_keys(:enter)
    expect(page).to have_css("li", text: "420 g shallot")
    find(".read-list li", text: "Fry the onions in the ghee").find(".mend").send_keys(:enter)
    select "another pot", from: "In what?"
    within(find(".mended", text: "In what?")) { click_button "Read it so" }
    expect(page).to have_css("h3", text: "In the other pot")
    expect(page).to be_accessible
    click_button "Save"
    expect(page).to have_css("h1", text: "Friday lamb")
    visit "/cupboard"
    expect(find("#weights")).to have_text("onions").and have_text("140")
    expect(page).to be_accessible
  end

  it "is read, asked about, scaled to nine and cooked two steps, its vessels drawn" do
    visit "/dishes/new"
    fill_in "The dish, in your words", with: told
    expect(page).to have_css(".told-read .lead", text: "Friday lamb over broth rice for 5: 380 g basmati")
    expect(page).to have_css("h3",
                             text: "In the wide pan").and have_css("li", text: "½ of what is in the wide pan")
    expect(page).to be_accessible
    resize(390, 844)
    expect(overflow?).to be(false)
    resize(1280, 900)
    answer_everything
    find(".told-read .read-words", text: "60 g ghee").click
    expect(page.evaluate_script("document.activeElement.id")).to eq("text")
    click_button "Save"
    expect(page).to have_css("h1", text: "Friday lamb").and have_no_css(".warnings", text: "How many minutes")
    expect(page).to be_accessible

    click_link "Make it"
    all("input[name='who[]']").each { |box| box.set(false) }
    fill_in "Guests", with: "9"
    expect(page).to have_css(".amounts", text: "685 g").and have_css(".bench-vessel h3", text: "Wide pan")
    expect(all(".slip .puts-in").map(&:text).join).to include("lamb shoulder", "from the wide pan")
    expect(page).to be_accessible

    click_button "Start cooking"
    expect(page).to have_css(".stove-say").and have_css(".level .vessel-picture")
    expect(page).to be_accessible
    2.times { go_on }
    expect(page).to have_css(".stove-title", text: "step 3 of")
  end

  it "is brought in from a page's recipe data, its sections and steps read" do
    simmer = { "@type" => "HowToStep", "text" => "Simmer the lentils in a pan for 20 minutes" }
    steps = [{ "@type" => "HowToSection", "name" => "For the lentils", "itemListElement" => [simmer] },
             "Fry the onion in the oil in a pot for 10 minutes. Add the rice and the water, bring to the " \
             "boil and cook on low for 15 minutes.", { "text" => "Fold in the lentils." }]
    data = { "@context" => "https://schema.org", "@type" => "Recipe", "name" => "Lentil rice",
             "recipeYield" => "6", "recipeInstructions" => steps,
             "recipeIngredient" => ["200 g brown lentils", "1 onion", "3 tbsp oil", "400 g long grain rice",
                                    "700 ml water"] }
    visit "/dishes/import"
    fill_in "Paste it here", with: "<script type=\"application/ld+json\">#{JSON.generate(data)}</script>"
    click_button "Read it"
    expect(page).to have_css(".told-read .lead", text: "Lentil rice for 6: 400 g long white")
    expect(page).to have_css(".read-list li",
                             text: "Simmer the lentils in a pan for 20 minutes. simmer · 20 min")
    click_button "Save"
    expect(page).to have_css("h1", text: "Lentil rice")
  end

  # Takes the first choice of each question, or a time, an amount, a number.
  def answer_everything
    all(".question input[type=text], .question input:not([type=hidden])").each { |field| field.set("12 min") }
    all(".question select").each { |list| list.find("option:nth-child(2)").select_option }
    click_button "Read it with these answers"
    expect(page).to have_css(".told-read .lead")
  end
end
