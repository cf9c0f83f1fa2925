# frozen_string_literal: true

require "nokogiri"
require_relative "../support/served_kitchen"

RSpec.describe "The bench of a dish, without a script" do
  include Support::ServedKitchen

  def dish(title)
    household.dishes.all.find { |record| record[:title].start_with?(title) }[:id]
  end

  def at(path)
    get path
    expect(last_response.status).to eq(200)
    page
  end

  # What the form sends besides what is typed.
  def fields_of(form)
    hidden = form.css(".dish-form input[type=hidden]").to_h { |field| [field["name"], field["value"]] }
    hidden.reject { |name, _| name.start_with?("answers") }
          .merge("text" => form.at_css("textarea").text.delete_prefix("\n")).except("authenticity_token")
  end

  def shown(page)
    page.css(".bench-vessel").to_h do |vessel|
      [vessel.at_css("h3").children.first.text.strip,
       vessel.at_css(".bench-frame:not([hidden]) .bench-holds").text]
    end
  end

  it "shows each vessel after as many steps as are asked for" do
    id = dish("Cauliflower")
    bench = at("/dishes/#{id}?after=0")
    form = bench.at_css("form##{bench.at_css('.bench-range')['form']}")
    expect([form["method"], bench.at_css(".bench-time button")["form"]]).to eq(["get", form["id"]])
    before = shown(bench)
    expect(before.keys).to eq(["Cup", "Wide pan", "Plate", "Boiling pot", "Heavy pot"])
    expect(before.values.uniq).to eq(["empty"])
    fried = shown(at("/dishes/#{id}?after=3"))
    expect(fried.values_at("Wide pan", "Plate")).to all(include("90 g onion, golden"))
    expect(shown(at("/dishes/#{id}?after=999"))).to eq(shown(at("/dishes/#{id}?after=17")))
    expect(at("/dishes/#{id}?after=3").at_css("output").text).to start_with("After step 3: Lift out half")
  end

  it "is a list of vessels with steps and contents, each drawing with words of its own" do
    bench = at("/dishes/#{dish('Cauliflower')}")
    expect(bench.css(".bench-vessel svg").map { |svg| svg.at_css("title").text }).to all(match(/\A.+: /))
    ids = bench.css("[id]").map { |one| one["id"] }
    expect(ids).to eq(ids.uniq)
    steps = bench.css(".bench-step").size
    expect(steps).to eq(household.dish(household.dishes.find(dish("Cauliflower"))).graph.graph.steps.size)
  end

  it "stands other dishes of the house beside it, and leaves aside what is none" do
    other = dish("Roast squash")
    bench = at("/dishes/#{dish('Smoky')}?beside[]=#{other}&beside[]=9999&beside[]=soup")
    expect(bench.css(".dish-bench h2").map(&:text)).to eq(["On the bench", "Roast squash with seeds"])
    ids = bench.css("[id]").map { |one| one["id"] }
    expect(ids).to eq(ids.uniq)
    expect(bench.css("#beside option").map { |one| one["value"] }).not_to include(other.to_s)
  end

  it "opens the correction of a chip or step where it is pressed" do
    form = at("/dishes/#{dish('Smoky')}/edit")
    chip = form.at_css(".bench-step .chip")
    send_form "/dishes/look", fields_of(form).merge("mend" => chip["value"])
    expect(page.at_css("#mend-#{chip['value']}").text).to include("At which step does it go in?",
                                                                  "half of it")
  end

  it "keeps a move on the bench with the dish, and the evening and its sheet have it" do
    id = dish("Smoky")
    form = at("/dishes/#{id}/edit")
    grip = form.css(".bench-step").find { |step| step.text.include?("garlic") }
    answer = { "about" => grip["data-about"], "field" => "vessel", "answer" => "new-frying-pan" }
    send_form "/dishes/#{id}", fields_of(form).merge("answers" => { "0" => answer })
    expect(last_response.status).to eq(303)
    evening = at("/evening?dish=#{id}&guests=9&serve=19:00")
    expect(shown(evening).keys).to include("Other frying pan")
    expect(evening.css(".bench-step b").map(&:text).grep(/\A\d\d:\d\d\z/)).not_to be_empty
    sheet = at("/evening/print?dish=#{id}&guests=9&serve=19:00")
    expect(sheet.css(".sheet-vessels b").map(&:text)).to include("Other frying pan", "Pot")
  end
end
