# frozen_string_literal: true

require_relative "../support/browser"
require_relative "../support/targets"

RSpec.describe "Every view", :browser do
  include Support::Browser
  include Support::Targets

  views = { "table" => "/",
            "pot" => "/pot?grain=basmati&pot=3&for=amount&amount=540&unit=g",
            "a marked pot" => "/pot?guests=10000&soak=x&own=x&burner=x&beside=30+kg+leek",
            "layers" => "/pot?grain=basmati&method=sealed-raw-base&for=amount&amount=400&layer[]=base+0.5" \
                        "&layer[]=rice+1&layer[]=base+0.5&layer[]=coloured-milk+60",
            "a cake" => "/pot?grain=medium-white&method=turned-out&for=amount&amount=400",
            "steamed" => "/pot?grain=glutinous&method=steamed-sticky&for=amount&amount=130",
            "parcels" => "/pot?grain=glutinous&method=leaf-parcels&for=amount&amount=1400&pieces=40",
            "dressed" => "/pot?grain=short-white&method=sushi&for=people&guests=7&style=mild",
            "shaped" => "/pot?grain=short-white&method=shaped&for=amount&amount=420&piece_for=ball",
            "marked pieces" => "/pot?grain=glutinous&method=leaf-parcels&pieces=400&filling_g=x",
            "kept" => "/keep", "labels" => "/keep/labels",
            "side by side" => "/pot/side-by-side?grain=basmati&pot=1&for=amount&amount=130&unit=g",
            "before the rice" => "/pot/before?dish=6&guests=7&pot=3",
            "the course" => "/pot/course?grain=basmati&pot=1&for=amount&amount=130&unit=g&with=sea",
            "under the seal" => "/pot/under-seal?grain=basmati&method=sealed-raw-base&for=amount&amount=400" \
                                "&under_g=1200&under_meat=chicken&under_raw=yes&all=yes",
            "empty stove" => "/stove", "on the stove already" => "/already", "tests" => "/tests",
            "ways" => "/ways",
            "a new way" => "/ways/new?from=level",
            "a way as a file" => "/ways/new/file?from=level",
            "dishes" => "/dishes", "a dish" => "/dishes/2", "a dish in hand" => "/dishes/3/edit",
            "a new dish" => "/dishes/new",
            "measures" => "/measures", "help" => "/help", "settings" => "/settings",
            "bringing in" => "/dishes/import",
            "an evening" => "/evening?dish=6&guests=4&serve=19:00",
            "a sheet" => "/evening/print?dish=2", "a card" => "/card?grain=basmati&method=covered-pot&pot=3",
            "a meal in hand" => "/clock/new",
            "log" => "/log", "outcome" => "/log/2", "cupboard" => "/cupboard",
            "safekeeping" => "/safekeeping", "removed" => "/removed" }.freeze

  # The narrowest and a desk in every check, those between and beyond with --all.
  widths = { 320 => 700, 1280 => 800 }
  widths = { **widths, 390 => 844, 820 => 1100, 1600 => 900 } if Support::THOROUGH

  # A small phone with --all.
  phones = [([320, 700] if Support::THOROUGH), [390, 844]].compact

  # Where what axe looks for is looked for: what it judges does not change with every width.
  axe_widths = [320, *(1280 if Support::THOROUGH)].freeze

  # What is wrong with the page as it stands, in words; what axe finds fails at once.
  def faults(name, width, axe: true)
    expect(page).to be_accessible if axe
    [*("#{name} is wider than #{width} px" if overflow?),
     *sticking_out(".rim *").map { |one| "#{name} at #{width} px, its header is cut off: #{one}" },
     *small_targets.map { |one| "#{name} at #{width} px, too small to hit: #{one}" },
     *hidden_focus.map { |one| "#{name} at #{width} px, focus is not seen: #{one}" }]
  end

  views.each do |name, path|
    it "is accessible, fits and can be hit from 320 to 1600 px: #{name}" do
      widths.each do |width, height|
        resize(width, height)
        visit path
        expect(faults(name, width, axe: axe_widths.include?(width))).to eq([])
      end
    end
  end

  it "is looked through for as long as it takes, also after a script that answers later" do
    visit "/log"
    timeouts = page.driver.browser.manage.timeouts
    page.evaluate_async_script("arguments[0](1)")
    expect(timeouts.script_timeout).to eq(PatientDriver::SCRIPT_S)
  end

  it "has a dish and what was read of it within a phone, one under the other" do
    resize(390, 844)
    visit "/dishes/3/edit"
    find("summary", text: "For how many, rice or way is another").click
    expect(sticking_out(".told-page *")).to eq([])
    fill_in "For how many?", with: "7"
    click_button "Read it so"
    expect(page).to have_css(".told-read .lead", text: "for 7")
    expect(page).to be_accessible
  end

  it "is as accessible dimmed for the evening, by a key that leaves the page where it is", :thorough do
    visit views.fetch("pot")
    find("body").send_keys("m")
    expect(page).to have_css("html.dim").and have_css("#dim[aria-pressed=true]")
    expect(page).to have_current_path(views.fetch("pot"))
    views.each_value do |path|
      visit path
      expect(page).to be_accessible
    end
  end

  it "is accessible at every step of the stove and in what is one tap away, with targets for wet knuckles" do
    visit "/pot?grain=jasmine&for=amount&amount=300&unit=g"
    click_button "Start cooking"
    7.times do |index|
      phones.each do |width, height|
        resize(width, height)
        expect(page).to have_css(".stove-title", text: "step #{index + 1} of 7")
        expect(faults("step #{index + 1}", width)).to eq([])
      end
      go_on if index < 6
    end
    stove = page.current_path
    %w[wrong did amounts].each do |panel|
      visit "#{stove}?panel=#{panel}"
      expect(faults(panel, 390)).to eq([])
    end
    visit "/pot?grain=jasmine&for=amount&amount=300&unit=g"
    click_button "Start cooking"
    expect(page).to have_css(".stove-title", text: "step 1 of 7")
    visit "/stove"
    expect(page).to have_css("h1", text: "2 pots")
    expect(faults("two pots", 390)).to eq([])
  end
end
