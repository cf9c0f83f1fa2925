# frozen_string_literal: true

require "nokogiri"
require_relative "../support/served_kitchen"

RSpec.describe "The stove's clock" do
  include Support::ServedKitchen

  let(:start) { Time.new(2026, 5, 9, 18, 0) }

  def dish(title)
    household.dishes.all.find { |record| record[:title].start_with?(title) }[:id]
  end

  # The path of a pot of it that was begun at `start`.
  def begun(title)
    self.now = start
    record = household.dishes.find(dish(title))
    send_form "/pot/start", "dish" => record[:id].to_s, "for" => "amount", "amount" => record[:rice_g].to_s
    last_response.headers.fetch("Location")[%r{/stove/\d+}]
  end

  def at(path, minutes)
    self.now = start + (minutes * 60)
    get path
    page
  end

  def go_on(path, minutes)
    form = at(path, minutes).at_css("#step")
    fields = form.css("input").to_h { |field| [field["name"], field["value"]] }
    self.now = start + (minutes * 60) + 5
    send_form form["action"], fields.except("authenticity_token")
    at(path, minutes)
  end

  def next_words(page)
    page.at_css(".stove-next").text.split("\n").map(&:strip).reject(&:empty?)
  end

  it "says what is next and when while a step goes on by itself, and rings for it" do
    pot = begun("Yoghurt chicken")
    shown = at(pot, 5)
    expect(next_words(shown)).to eq(["18:29, in 24 min: Rinse the rice in 4 changes of water",
                                     "Then nothing to do until 18:29"])
    expect(shown.at_css(".clock-ready").text).to eq("ready at 20:09")
    stove = shown.at_css(".stove")
    expect(stove["data-look"].to_i - stove["data-now"].to_i).to eq(24 * 60_000)
    expect(shown.at_css("#next").text).to eq("Begin the next")
    due = at(pot, 30)
    expect(due.at_css(".stove-next.is-due [role=alert]").text).to start_with("Now: Rinse the rice")
  end

  it "keeps what goes on by itself in sight, with its end, and its alarm" do
    pot = begun("Yoghurt chicken")
    shown = go_on(pot, 30)
    expect(shown.at_css("h1").text).to start_with("Rinse the rice")
    expect(next_words(shown)).to include(a_string_matching(/\AMeanwhile Marinate .* until 19:00\z/))
    expect(shown.at_css("#next").text).to eq("Done, next")
    expect(shown.at_css(".clock-ready").text).to eq("ready at 20:10")
  end

  it "has the oven set going beside the frying pan, in one tap, and keeps the pan at hand" do
    pot = begun("Leek and dill")
    before = at(pot, 5)
    expect(next_words(before).first).to match(/\A18:08, in 3 min: Heat the oven/)
    expect(before.at_css(".stove-next form")).to be_nil
    due = at(pot, 8)
    button = due.at_css(".stove-next.is-due button")
    expect(button.text).to eq("It is on its way")
    send_form "#{pot}/told", "kind" => "going", "what" => button["value"]
    shown = at(pot, 8)
    expect(shown.at_css("h1").text).to eq(before.at_css("h1").text)
    expect(shown.at_css("#next").text).to eq("Done, next")
    expect(next_words(shown)).to include(a_string_matching(/\AMeanwhile Heat the oven .* until 18:20\z/))
    expect(next_words(shown).first).not_to include("Heat the oven")
    expect(shown.at_css(".undo").text).to include("Set going: Heat the oven")
    send_form "#{pot}/told", "kind" => "going", "what" => button["value"]
    expect([last_response.status, last_response.body]).to match([409, /begun already/])
    expect(go_on(pot, 16).at_css("h1").text).not_to include("Heat the oven")
  end

  it "is ready later where a step was begun late" do
    pot = begun("Yoghurt chicken")
    expect(at(pot, 50).at_css(".clock-ready").text).to eq("ready at 20:30")
  end

  it "says on any page when each pot next wants somebody" do
    pot = begun("Yoghurt chicken")
    self.now = start + (10 * 60)
    get "/stove/due"
    first = { "title" => "Yoghurt chicken sealed pot", "path" => pot, "at" => (start.to_i + 1740) * 1000,
              "say" => "Rinse the rice in 4 changes of water" }
    expect(JSON.parse(last_response.body)).to eq("now" => (start.to_i + 600) * 1000, "due" => [first])
    expect(at("/cupboard", 11).at_css("#due-bar")["hidden"]).not_to be_nil
    expect(at(pot, 11).at_css("#due-bar")).to be_nil
  end

  it "has the pots that want somebody first in the list, each with what is next" do
    late = begun("Yoghurt chicken")
    soon = begun("Jam-glass")
    list = at("/stove", 1)
    expect(list.css(".pot-say a").map { |link| link["href"] }).to eq([soon, late])
    expect(list.css(".pot-next").map(&:text)).to match([/\A18:03, in 2 min: Drain/,
                                                        /\A18:29, in 28 min: Rinse/])
    expect(list.css("[data-due]").map { |pot| pot["data-due"].to_i })
      .to eq([(start.to_i + 180) * 1000, (start.to_i + 1740) * 1000])
  end
end
