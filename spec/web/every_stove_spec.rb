# frozen_string_literal: true

require "nokogiri"
require_relative "../support/served_kitchen"
require_relative "../support/typed_dishes"

RSpec.describe "The stove, for every dish" do
  include Support::ServedKitchen

  # What a browser sends with the bar's own button: the fields of its form, wherever they stand.
  def fields
    button = page.at_css("#next")
    form = page.css("#step input, input[form=step], select[form=step]")
    sent = form.to_h { |one| [one["name"], (one.at_css("[selected]") || one)["value"]] }
    sent.except("shown", "hold").merge({ button["name"] => button["value"] }.compact)
  end

  # Cooks a dish through by its bar alone; what stood at each step.
  def cooked_through(stove)
    30.times.map do
      %w[wrong did amounts].each do |panel|
        get "#{stove}?panel=#{panel}"
        expect(last_response.status).to eq(200), "#{panel}: #{last_response.errors}"
      end
      get stove
      expect(last_response.status).to eq(200), last_response.errors
      step = page.at_css(".stove-title").text
      return step if page.at_css("#next").text == "Finish"

      send_form "#{stove}/task", fields
      expect(last_response.status).to eq(303), step
    end
  end

  lines = "3 onions, sliced | half base | half finish\n4 tbsp oil | base\n600 g lamb shanks | base | back\n" \
          "2 carrots | base | out\n1 1/2 tsp salt\n150 g wine | liquid\n900 g stock | liquid\n" \
          "30 g almonds | finish | optional"
  steps = "Brown the onions in the oil, keep half | fry | 15 min | until they are gold\n" \
          "Simmer lamb and carrots in wine and stock | broth | 50 min | wait | until the meat gives\n" \
          "Roast the almonds | while it soaks | fry | 4 min"

  it "can be gone through by the one thing to do at each step, and by all that is one tap away" do
    typed = { "title" => "Shank pot", "serves" => "4", "rice" => "380 g", "grain" => "basmati",
              "method" => "broth-under-rice", "pan_mm" => "240", "lines" => lines, "steps" => steps }
    send_form "/dishes", "text" => Support::TypedDishes.text(typed)
    household.dishes.search("", sides: false).map { |dish| dish[:id] }.each do |id|
      send_form "/pot/start?dish=#{id}&for=people&guests=4"
      expect(cooked_through(last_response.headers["location"][%r{/stove/\d+}])).to be_a(String), "dish #{id}"
    end
  end
end
