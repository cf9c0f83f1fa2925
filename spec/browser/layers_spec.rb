# frozen_string_literal: true

require_relative "../support/browser"

RSpec.describe "A pot of layers", type: :browser do
  include Support::Browser

  # As a cook sets out from an empty page.
  def plan(way, grams, **fields)
    visit "/pot"
    open_thing("pot")
    select way, from: "Way"
    expect(page).to have_css(".layered-lead")
    open_thing("plates")
    choose "an amount"
    fill_in "Raw rice", with: grams.to_s
    fields.each { |id, value| page.find("##{id}", visible: :all).then { |field| put(field, value) } }
    expect(page).to have_css(".rice-line", text: "#{grams} g")
  end

  # Into a field of a drawer, open or not.
  def put(field, value)
    page.execute_script("arguments[0].closest('details').open = true", field)
    field.tag_name == "select" ? field.find("option[value='#{value}']").select_option : field.set(value)
  end

  def rows
    all("ol.layers li > span:first-child").map(&:text)
  end

  def cook_through
    click_button "Start cooking"
    steps = find(".stove-title").text[/of (\d+)/, 1].to_i
    (1..steps).map do |position|
      expect(page).to have_css(".stove-title", text: "step #{position} of #{steps}")
      said = find("h1.stove-say").text
      yield said if block_given?
      spend(4)
      go_on unless position == steps
      said
    end
  end

  def expect_clean
    expect(page).to be_accessible
    expect(overflow?).to be(false)
  end

  it "over a cooked base is built from what lies in it, by links, by the arrow keys, and taken back" do
    resize(1280, 800)
    plan("Sealed over a cooked base", 500, under_g: 1100, under_water: 250, under_meat: "lamb",
                                           under_raw: "no")
    expect(find(".layered-lead").text).to match(/min in boiling water, .* then \d+ min under the seal/)
    expect(rows.size).to eq(2)
    find("#layer-split-0").click
    expect(page).to have_css("ol.layers li", count: 3)
    find("#layer-split-1").send_keys(:enter)
    expect(page).to have_css("ol.layers li", count: 4)
    click_link "coloured milk"
    expect(page).to have_css("ol.layers li", count: 5)
    expect(page.current_url).to include("layer")
    dial = find("[data-drag=done]")
    now = dial["aria-valuenow"].to_i
    dial.send_keys(*Array.new(6, :right))
    expect(page).to have_css("#dial-title", text: "Par-cooked to #{now + 6} %", visible: :all)
    expect(find("#done", visible: :all).value.to_i).to eq(now + 6)
    click_link "As it was"
    expect(page).to have_css("ol.layers li", count: 2)
    expect_clean
  end

  it "lays a layer elsewhere where it is dragged to" do
    resize(1280, 1000)
    plan("Sealed over a cooked base", 500)
    click_link "chopped herbs"
    expect(page).to have_css("ol.layers li", count: 3)
    top = rows.first
    from, to = all("ol.layers li > span:first-child").to_a.values_at(0, 1)
    page.driver.browser.action.click_and_hold(from.native).move_to(to.native).release.perform
    expect(page).to have_css("ol.layers li:nth-child(2)", text: top)
  end

  it "stacks the drawing anew at the drop, before any figure comes" do
    resize(1280, 1000)
    plan("Sealed over a cooked base", 500)
    expect(page).to have_css(".layers-drawing .layer", count: 2)
    at_once = page.evaluate_script(<<~JS)
      (() => {
        const row = (index) => document.querySelector(`ol.layers [data-row="${index}"]`);
        const middle = (index) => {
          const box = document.querySelector(`.layers-drawing [data-layer="${index}"]`).getBoundingClientRect();
          return box.top + box.height / 2;
        };
        const point = (type, index) => {
          row(index).scrollIntoView({ block: "center" });
          const box = row(index).getBoundingClientRect();
          row(index).dispatchEvent(new PointerEvent(type, { bubbles: true, clientX: box.x + 20,
                                                            clientY: box.y + box.height / 2 }));
        };
        const before = middle(0) > middle(1);
        point("pointerdown", 0);
        point("pointerup", 1);
        return [before, middle(0) < middle(1)];
      })()
    JS
    expect(at_once).to eq([true, true])
    expect(page).to have_css("ol.layers li:first-child", text: "base")
    expect(page).to have_no_css(".layers-drawing.reckoning")
  end

  it "over a cooked base is cooked by the bar alone, the layers ticked off one by one" do
    resize(390, 844)
    plan("Sealed over a cooked base", 360, under_g: 800, under_water: 200, under_meat: "vegetables",
                                           under_raw: "no")
    expect_clean
    said = cook_through do |step|
      next unless step.start_with?("Layer")

      all(".stove-list label").each(&:click)
      expect(all(".stove-list input").all?(&:checked?)).to be(true)
      expect_clean
    end
    expect(said.join).to match(/hard boil.*Boil it hard.*Drain it at once.*Layer.*rope of dough.*low.*Dig/m)
  end

  it "over a raw base is not let past a thermometer that shows too little" do
    resize(390, 844)
    plan("Sealed over a raw base", 400, under_g: 1200, under_water: 360, under_meat: "chicken",
                                        under_raw: "yes")
    expect(find(".programme").text).to include("safe")
    cook_through do |step|
      next unless step.start_with?("Measure the thickest")

      fill_in "It shows", with: "66"
      click_button "Check"
      expect(page).to have_css(".caution", text: /66 °C is not safe yet.*give it \d+ min more/m)
      fill_in "It shows", with: "76"
      click_button "Check"
      expect(page).to have_css(".seen", text: "hot enough")
      expect_clean
    end
  end

  it "is turned out, with its cake, its slices and its cautions" do
    resize(390, 844)
    plan("Turned out", 400)
    expect(find(".layered-lead").text).to match(/\d+ mm high and \d+ mm wide, .* kg to turn over/)
    expect(page).to have_css(".cake-drawing .slice", minimum: 5)
    expect_clean
    said = cook_through do |step|
      if step.start_with?("Lay a flat plate")
        expect(page).to have_css(".caution", text: /two dry cloths/,
                                             visible: :all)
      end
    end
    expect(said.join).to match(/show side.*boiling hard.*Turn to low.*Lay a flat plate/m)
  end

  it "says what is wrong in the place where it was typed, and keeps it" do
    resize(1280, 800)
    plan("Sealed over a raw base", 400)
    { "programme" => ["oven 900 45", /between 60 and 300/], "under_c" => ["-18", /between 0 and 100/],
      "under_g" => ["900", /must be given/] }.each do |id, (value, said)|
      field = find("##{id}", visible: :all)
      put(field, value)
      spot = id == "under_g" ? "under_meat" : id
      expect(page).to have_css("##{spot}-problem", text: said)
      expect(find("##{id}").value).to eq(value)
      put(field, "")
      expect(page).to have_no_css("##{spot}-problem", text: said)
    end
  end
end
