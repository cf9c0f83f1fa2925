# frozen_string_literal: true

require "nokogiri"
require_relative "../support/served_kitchen"

RSpec.describe "Every dish of the demo, for any number" do
  include Support::ServedKitchen

  it "answers on the evening, its sheet and the pot, for 1, 13 and 40 people" do
    compared = 0
    household.dishes.with_rice.each do |dish|
      [1, 13, 40].each do |guests|
        ["/evening?dish=#{dish[:id]}&for=people&guests=#{guests}",
         "/evening/print?dish=#{dish[:id]}&for=people&guests=#{guests}",
         "/pot?dish=#{dish[:id]}&for=people&guests=#{guests}"].each do |path|
          get path
          expect([dish[:title], path, last_response.status]).to eq([dish[:title], path, 200])
        end
        poured = last_response.body[/(\d+) g poured/, 1]
        headline = page.at_css("p.number strong")&.text
        next unless poured && headline.to_s.end_with?(" g")

        compared += 1
        expect([dish[:title], headline]).to eq([dish[:title], "#{poured} g"])
      end
    end
    expect(compared).to be > 15
  end

  it "answers an address whose dish is gone in words, everywhere" do
    asked = "dish=999&portion=dish&for=people&guests=3"
    %w[/pot /evening /evening/print /pot/course /pot/before /pot/ways /pot/card /card /pot/plan.json
       /evening/shopping.txt].each do |path|
      get "#{path}?#{asked}"
      expect([path, last_response.status]).to match([path, be < 500])
    end
    get "/pot?#{asked}"
    expect([last_response.status,
            last_response.body]).to match([422, include("is not among the dishes any more")])
  end
end
