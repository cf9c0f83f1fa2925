# frozen_string_literal: true

require_relative "../support/browser"
require_relative "../../app/dishes/lay_bench"
require_relative "../../lib/fond_kettle/reading/answers"
require_relative "../../lib/fond_kettle/reading/reader"

RSpec.describe "A dish on the bench", :browser do
  include Support::Browser

  # Made up for this spec.
  told = <<~DISH
    Harvest lamb with saffron
    For 6

    130 g yoghurt
    800 g lamb shoulder, in pieces
    1 tsp turmeric
    4 shallots, sliced
    70 g ghee
    2 carrots, diced
    1 stick cinnamon
    1.4 litres water
    1 tbsp salt
    480 g basmati
    a pinch saffron
    60 ml milk
    40 g almonds
    1 bunch coriander
    100 g raisins

    Stir the lamb with the yoghurt and the turmeric in a bowl and leave it for 1 hour.
    Fry the shallots in the ghee in a wide pan until dark brown, 20 minutes. Lift out half and keep them for the top.
    Put the lamb to the shallots in the pan and fry it for 10 minutes.
    Simmer the carrots and the cinnamon in the water with the salt in a big pot for 30 minutes.
    Soak the saffron in the warm milk in a cup.
    Wash the rice and soak it for 20 minutes.
    Put the lamb in a heavy pot, pour over 2 cups of the broth and simmer for 30 minutes.
    Spread the rice over it, bring it to the boil, cover and cook on low for 18 minutes. Rest 10 minutes.
    Sprinkle with the saffron milk. Strew with the shallots and the coriander.
  DISH

  def tell(text)
    visit "/dishes/new"
    fill_in "The dish, in your words", with: text
    expect(page).to have_css("#read[aria-busy=false] .bench-vessel h3", text: "Heavy pot")
  end

  def step(words)
    find(".bench-step", text: words)
  end

  def chip(words)
    find(".chip", text: words)
  end

  # The bench after the step that says so.
  def show(words)
    at = step(words)["data-at"]
    page.execute_script("const range = document.getElementById('bench-at'); range.value = #{at};" \
                        "range.dispatchEvent(new Event('input', { bubbles: true }))")
  end

  def vessel(name)
    find(".bench-vessel", text: /\A#{name}/)
  end

  # How high the liquid stands in a vessel, mm, as it is drawn.
  def level_mm(name)
    vessel(name).find(".bench-frame:not([hidden]) rect.water", visible: :all)["height"].to_f / 0.5
  end

  # The same as the core has it after a step.
  def core_level_mm(dish, key, words)
    bench = FondKettle::App::LayBench.new(Support::Browser.household).of_told(dish)
    id = dish["steps"].find { |one| one["say"].match?(words) }["id"]
    contents = bench.steps.find { |one| one.id == id }.after.fetch(key)
    pot = bench.vessels.find { |one| one.key == key }.pot
    solids_ml = contents.foods.select { |food| food.mass_g >= 10 }.sum(&:volume_ml)
    between_ml = 0.4 * solids_ml
    over_ml = contents.liquid_g - between_ml
    pot.depth_mm(over_ml.negative? ? contents.liquid_g / 0.4 : solids_ml + over_ml)
  end

  def read(text, *answers)
    said = answers.map do |about, field, answer|
      FondKettle::Reading::Answer.new(about: about, field: field, answer: answer)
    end
    names = Support::Browser.household.names
    FondKettle::Reading::Answers.new(FondKettle::Reading::Reader.new(text, names: names).dish, said,
                                     names: names).dish
  end

  it "shows each vessel after every step, as the core has it" do
    tell(told)
    show("Simmer the carrots")
    expect(level_mm("Big pot")).to be_within(0.6).of(core_level_mm(read(told), "big-pot",
                                                                   /Simmer the carrots/))
    expect(vessel("Wide pan")).to have_css(".bench-holds", text: "lamb").and have_css(".chip", text: "ghee")
    show("Put the lamb in a heavy pot")
    expect(vessel("Wide pan")).to have_css(".bench-holds", text: "empty")
    expect(vessel("Heavy pot")).to have_css(".fire").and have_css(".is-now")
    expect(all(".is-giving h3").map(&:text)).to match([/Wide pan/, /Big pot/])
    find_by_id("bench-at").send_keys(:home)
    expect(page).to have_css("#bench-moment", text: "Before the first step")
    expect(all(".bench-holds").map(&:text).uniq).to eq(["empty"])
  end

  it "is corrected by pointer: a chip is dragged to a step, a step to another vessel; and taken back" do
    tell(told)
    page.execute_script("arguments[0].scrollIntoView({ block: 'center' })", chip("almonds"))
    chip("almonds").drag_to(step("Strew with the shallots"), html5: false)
    expect(step("Strew with the shallots")).to have_css(".chip", text: "almonds 40 g")
    expect(find(".bench-counter")).to have_no_text("almonds")
    expect(find("ol.read-list > li", text: /\AStrew with the/)).to have_text("almonds")

    show("Put the lamb in a heavy pot")
    before = level_mm("Heavy pot")
    step("Simmer the carrots").find(".bench-grip").click
    within(vessel("Wide pan")) { click_button "Put it here" }
    simmered = read(told)["steps"].find { |one| one["say"].start_with?("Simmer") }["say"]
    moved = read(told, ["40 g almonds", "at", read(told)["steps"].last["id"]],
                 [simmered, "vessel", "wide-pan"])
    expect(vessel("Wide pan")).to have_css(".bench-step", text: "Simmer the carrots")
    expect(all(".bench-vessel h3").map(&:text)).not_to include(/Big pot/)
    expect(level_mm("Heavy pot"))
      .to be_within(0.6).of(core_level_mm(moved, "heavy-pot", /Put the lamb in a heavy pot/))
    click_button "Take the last change on the bench back"
    expect(page).to have_css(".bench-vessel h3", text: "Big pot")
    click_button "Take the last change on the bench back"
    expect(find(".bench-counter")).to have_text("almonds")
    expect(page).to have_no_css("#bench-undo")
    expect(level_mm("Heavy pot")).to eq(before)
  end

  it "is corrected by keyboard alone: a chip, half of one, minutes, the order" do
    tell(told)
    chip("raisins").send_keys(:enter)
    expect(page).to have_css(".bench-hand b", text: "raisins")
    chip("raisins").send_keys(:arrow_up)
    expect(page.active_element.ancestor(".bench-step")).to have_text("Strew with the shallots")
    page.active_element.send_keys(:enter)
    expect(step("Strew with the shallots")).to have_css(".chip", text: "raisins 100 g")
    expect(page.active_element).to have_text("raisins")
    page.active_element.send_keys(:enter)
    find_button("Only half of it").send_keys(:enter)
    step("Soak the saffron").find(".bench-here").send_keys(:enter)
    expect(step("Soak the saffron")).to have_css(".chip", text: "half of it, 50 g")

    step("Soak the saffron").find(".bench-grip").send_keys(:enter)
    find(".bench-dial").send_keys(:page_up, :up, :enter)
    expect(step("Soak the saffron")).to have_css(".bench-minutes", text: "6 min")
    step("Rest 10 minutes").find(".bench-grip").send_keys(:enter)
    find_button("Sooner").send_keys(:enter)
    expect(page).to have_css(".bench-step:has(.bench-grip:focus)", text: "Rest 10 minutes")
    own = vessel("Heavy pot").all(".bench-step").map { |one| one["data-about"] }
    expect(own.index("Rest 10 minutes.")).to be < own.index { |say| say.start_with?("cover") }
    chip("coriander").send_keys(:enter)
    page.active_element.send_keys(:escape)
    expect(page).to have_no_css(".bench-hand")
    expect(page).to be_accessible
  end

  it "is corrected by finger on a phone, a vessel put on an empty place, and kept" do
    resize(390, 844)
    tell(told)
    tap(chip("almonds"))
    here = step("Strew with the shallots").find(".bench-here")
    page.execute_script("arguments[0].scrollIntoView({ block: 'center' })", here)
    tap(here)
    expect(step("Strew with the shallots")).to have_css(".chip", text: "almonds")
    grip = step("Put the lamb to the shallots").find(".bench-grip")
    page.execute_script("arguments[0].scrollIntoView({ block: 'center' })", grip)
    tap(grip)
    place = find(".is-empty .bench-here", text: "bowl")
    page.execute_script("arguments[0].scrollIntoView({ block: 'center' })", place)
    tap(place)
    expect(page).to have_css(".bench-vessel h3", text: "Other bowl")
    expect(overflow?).to be(false)
    expect(page).to be_accessible
    click_button "Save"
    expect(page).to have_css("h1", text: "Harvest lamb")
    expect(vessel("Other bowl")).to have_css(".bench-step", text: "Put the lamb to the shallots")
    expect(page).to be_accessible
  end

  it "says at the thing what goes wrong, and what is asked" do
    tell(told.sub("20 minutes", "3 minutes"))
    expect(step("Fry the shallots")).to have_css(".caution", text: "Dark brown takes about")
    expect(chip("almonds")).to have_css(".chip-whom", text: "avoids nut")
    find(".bench-counter .bench-ask[aria-label*=almonds]").click
    expect(page.current_url).to match(/#answer-\d+\z/)
  end

  it "fits from 320 to 1600 px, in the dim, and for the evening has its hours and tonight's amounts" do
    tell(told)
    [320, 768, 1024, 1600].each do |width|
      resize(width, 900)
      expect(overflow?).to be(false)
      expect(sticking_out(".dish-bench *:not(svg *)")).to eq([])
    end
    click_button "Dim"
    tell(told)
    expect(page).to be_accessible
    click_button "Save"
    click_link "Make it"
    all("input[name='who[]']").each { |box| box.set(false) }
    fill_in "Guests", with: "9"
    fill_in "Eat at", with: "19:00"
    expect(step("Fry the shallots")).to have_css("b", text: /\A\d\d:\d\d\z/)
    expect(chip("yoghurt")).to have_text("195 g")
    expect(page).to be_accessible
  end
end
