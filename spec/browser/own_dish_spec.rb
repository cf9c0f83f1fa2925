# frozen_string_literal: true

require_relative "../support/browser"
require_relative "../support/typed_dishes"

RSpec.describe "A dish of one's own, from the first line to the table", :browser do
  include Support::Browser

  lines = "3 onions, sliced | half base | half finish\n4 tbsp oil | base\n600 g lamb shanks | base | back\n" \
          "2 carrots | base | out\n1 tsp cumin | base\n1 1/2 tsp salt\n150 g wine | liquid\n" \
          "900 g stock | liquid\n30 g almonds | finish | optional\n1 glass zorbe | beside"
  steps = "Brown the onions in the oil, keep half | fry | 15 min | until they are gold\n" \
          "Simmer lamb and carrots in wine and stock | broth | 50 min | wait | until the meat gives\n" \
          "Roast the almonds | while it soaks | fry | 4 min"

  def slip
    all(".slip .puts-in").map(&:text)
  end

  def told(lines, steps)
    Support::TypedDishes.text("title" => "Shank pot", "serves" => 4, "rice" => "380 g", "pan_mm" => 240,
                              "grain" => "basmati", "method" => "broth-under-rice", "lines" => lines,
                              "steps" => steps)
  end

  it "is typed, put right, scaled to nine, printed and cooked: two liquids, something taken out and put " \
     "back, something in two places" do
    visit "/dishes/new"
    fill_in "The dish, in your words", with: told(lines, steps)
    expect(page).to have_css(".asked", text: "zorbe").and have_no_css(".asked", text: "How big is the glass?")
    expect(page).to have_css(".read-list", text: /Simmer lamb and carrots.*in goes lamb shanks, carrots/m)
    fill_in "The dish, in your words", with: told("#{lines.sub('1 glass', '250 ml')} | like yoghurt", steps)
    expect(page).to have_no_css(".asked", text: "zorbe")
    find("#drawer-way summary").click
    fill_in "Soak for, min", with: "45"
    fill_in "Rest, min", with: "15"
    select "dig from the side to the bottom", from: "In the end"
    expect(page).to be_accessible
    click_button "Save"
    expect(page).to have_css("h1", text: "Shank pot").and have_text("rest 15 min")

    click_link "Make it"
    all("input[name='who[]']").each { |box| box.set(false) }
    fill_in "Guests", with: "9"
    expect(page).to have_css(".amounts", text: "1350 g").and have_css(".options", text: "Leave out almonds")
    expect(slip.join).to include("stock", "wine").and match(/\d+ g from the/)
    expect(page).to have_css(".slip", text: "the onions that were kept")
    find(".options input").set(true)
    expect(page).to have_no_css(".amounts", text: "almonds")
    expect(page).to have_css(".options", text: "with it back")

    click_link "Print it"
    expect(page).to have_css(".sheet-steps", text: /lift out: carrots/i)
      .and have_css(".sheet-steps", text: "what was lifted out").and have_no_css(".sheet", text: "almond")
    expect(page).to be_accessible
    page.go_back
    click_button "Start cooking"
    told = walk_the_stove
    expect(told.grep(/stock/).size).to eq(1)
    expect(told.grep(/\d+ g onions|onions, sliced/).size).to eq(1)
    expect(page).to have_css(".stove-say", text: "Serve").and have_css(".stove-puts-in", text: "zorbe")
  end

  # Goes through every step; what each of them puts in.
  def walk_the_stove
    told = []
    loop do
      title = find(".stove-title").text
      told << all(".stove-puts-in", wait: false).map(&:text).join
      here, all = title.scan(/step (\d+) of (\d+)/).first.map(&:to_i)
      return told if here == all

      go_on
      expect(page).to have_css(".stove-title", text: "step #{here + 1} of #{all}")
    end
  end
end
