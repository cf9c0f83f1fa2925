# frozen_string_literal: true

require "nokogiri"
require_relative "../support/served_kitchen"
require_relative "../support/typed_dishes"

# What nobody knows is asked about where the dish is written and at the step that it brings, in one tap each.
RSpec.describe "Food that nobody knows" do
  include Support::ServedKitchen

  let(:typed) do
    { "text" => Support::TypedDishes.text(
      "title" => "Seaweed rice", "serves" => "4", "rice" => "300 g", "grain" => "short-white",
      "method" => "covered-pot", "lines" => "40 g moonweed | base\n2 onions | base",
      "steps" => "Soften the onions with the moonweed", "note" => "Kept."
    ) }
  end

  # Presses a button that the page shows.
  def answer(kind, path: "/foods", **more)
    button = page.css(".asks-food button").find { |one| one["value"].start_with?("#{kind} ") }
    send_form path, { "answer" => button["value"], **more.transform_keys(&:to_s) }
  end

  def saved
    send_form "/dishes", typed
    last_response.headers["location"][/\d+\z/].to_i
  end

  it "is asked about in the dish's form, and nothing typed is lost by answering" do
    send_form "/dishes/look", typed
    expect(page.css(".asks-food button").map(&:text))
      .to eq(["Raw meat or fish", "Egg", "A pulse", "None of these"])
    expect(page.at_css(".asks-food button")["formaction"]).to eq("/dishes/look")
    answer("plain-food", path: "/dishes/look", **typed.transform_keys(&:to_sym))
    expect([page.at_css(".asks-food"), page.at_css("#text").text.strip]).to eq([nil, typed["text"]])
    expect(household.names.find("moonweed").care).to eq([])
    expect(household.names.find("moonweed").unchecked).to eq("moonweed")
  end

  it "is answered by nothing but its buttons: Enter in a field only looks the dish over" do
    send_form "/dishes/look", typed
    first = page.at_css(".dish-form button")
    expect([first["formaction"], first["name"]]).to eq(["/dishes/look", nil])
  end

  it "is asked at its page and at its probe step, one caution and 74 °C until somebody answers" do
    id = saved
    get "/pot?dish=#{id}"
    step = page.css(".slip li").find { |one| one.at_css(".asks-food") }
    expect(step.at_css(".say").text).to include("74")
    expect(page.css(".slip .caution").map(&:text).grep(/Nobody has said what moonweed is/).size).to eq(1)
    expect(page.css(".slip .caution").map(&:text).join).not_to match(/Poultry|Whole cuts|Minced/i)
    get "/evening?dish=#{id}"
    expect(page.at_css(".slip .asks-food").text).to include("What is moonweed?")
    get "/dishes/#{id}"
    answer("plain-food", back: "/dishes/#{id}")
    expect(last_response.headers["location"]).to end_with("/dishes/#{id}")
    get "/pot?dish=#{id}"
    expect(page.text).not_to match(/Nobody has said|74 °C right through/)
  end

  it "keeps the probe step of a pot at the stove, and asks there" do
    send_form "/pot/start?dish=#{saved}"
    pot = last_response.headers["location"][/\d+\z/].to_i
    tasks = household.cooks.find(pot)[:plan][:tasks].map { |task| task[:id] }
    probe = tasks.index { |task| task.include?("check-heat") }
    household.cooks.move(pot, tasks.first, tasks[probe], Time.now)
    get "/stove/#{pot}"
    expect(page.at_css(".asks-food").text).to include("What is moonweed?")
    answer("raw-meat", back: "/stove/#{pot}")
    get "/stove/#{pot}"
    expect([page.at_css(".asks-food"), page.at_css("#heat").nil?]).to eq([nil, false])
    expect(FondKettle::Care::Cautions.core_c(household.names.find("moonweed").care.map do |care|
      "in:#{care}"
    end)).to eq(74)
  end

  it "refuses an answer that is none, and goes nowhere else" do
    ["", "plain-food", "x moonweed", "plain-food #{'w' * 200}"].each do |text|
      send_form "/foods", "answer" => text
      expect([text, last_response.status]).to eq([text, 422])
    end
    send_form "/foods", "answer" => "egg duck egg", "back" => "//elsewhere.test/"
    expect(last_response.headers["location"]).to end_with("/dishes")
    expect { send_form "/foods", "answer" => "egg Duck egg" }
      .not_to(change { household.shelf(:own_ingredients).all.size })
  end
end
