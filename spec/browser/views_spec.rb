# frozen_string_literal: true

require_relative "../support/browser"

RSpec.describe "Every view", :browser do
  include Support::Browser

  views = { "table" => "/",
            "pot" => "/pot?grain=basmati&pot=3&for=amount&amount=540&unit=g",
            "a marked pot" => "/pot?guests=10000&soak=x&own=x&burner=x&beside=30+kg+leek",
            "side by side" => "/pot/side-by-side?grain=basmati&pot=1&for=amount&amount=130&unit=g",
            "the course" => "/pot/course?grain=basmati&pot=1&for=amount&amount=130&unit=g&with=sea",
            "empty stove" => "/stove", "tests" => "/tests", "ways" => "/ways",
            "a new way" => "/ways/new?from=level",
            "a way as a file" => "/ways/new/file?from=level",
            "dishes" => "/dishes", "a dish" => "/dishes/2", "a dish in hand" => "/dishes/3/edit",
            "measures" => "/measures", "bringing in" => "/dishes/import",
            "an evening" => "/evening?dish=6&guests=4&serve=19:00",
            "a sheet" => "/evening/print?dish=2",
            "log" => "/log", "outcome" => "/log/2", "cupboard" => "/cupboard" }.freeze

  # The narrowest and the widest in every check, those between with --all.
  widths = { 360 => 780, 1600 => 900 }
  widths = { **widths, 480 => 900, 820 => 1100, 1280 => 800 } if Support::THOROUGH

  views.each do |name, path|
    it "is accessible and fits from 360 to 1600 px: #{name}" do
      visit path
      widths.each do |width, height|
        resize(width, height)
        expect(page).to be_axe_clean.according_to(:wcag2a, :wcag2aa, :wcag21aa, :wcag22aa)
        expect(overflow?).to be(false), "#{name} is wider than #{width} px"
      end
    end
  end

  it "is as accessible dimmed for the evening, by a key that leaves the page where it is", :thorough do
    visit views.fetch("pot")
    find("body").send_keys("m")
    expect(page).to have_css("html.dim").and have_css("#dim[aria-pressed=true]")
    expect(page).to have_current_path(views.fetch("pot"))
    views.each_value do |path|
      visit path
      expect(page).to be_axe_clean.according_to(:wcag2a, :wcag2aa, :wcag21aa, :wcag22aa)
    end
  end

  it "is accessible at every step of the stove, with targets for wet knuckles" do
    visit "/pot?grain=jasmine&for=amount&amount=300&unit=g"
    click_button "Start cooking"
    resize(390, 844)
    7.times do |index|
      expect(page).to have_css(".stove-title", text: "step #{index + 1} of 7")
      expect(page).to be_axe_clean.according_to(:wcag2a, :wcag2aa, :wcag22aa)
      heights = page.evaluate_script("[...document.querySelectorAll('.stove " \
                                     ".button')].map(b => b.offsetHeight)")
      expect(heights.min).to be >= 56
      click_button "Done, next" if index < 6
    end
  end
end
