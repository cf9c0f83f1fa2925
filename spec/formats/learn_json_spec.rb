# frozen_string_literal: true

require_relative "../../lib/fond_kettle/formats/history/history_reader"
require_relative "../../lib/fond_kettle/formats/history/learn_json"
require_relative "../../lib/fond_kettle/formats/run_json"
require_relative "../../lib/fond_kettle/methods/planning/trial"

RSpec.describe FondKettle::Formats::LearnJson do
  request = { "grain" => "basmati", "method" => "covered-pot", "rice" => { "amount" => 300, "unit" => "g" },
              "vessel" => { "diameter_mm" => 200, "height_mm" => 110 } }
  scopes = { "bag" => "b1", "pot" => "steel", "burner" => "left", "dish" => nil, "oven" => nil }
  cook = { "on" => "2026-11-02", "scopes" => scopes, "request" => request, "liquid" => { "g" => 450 },
           "weighed" => { "before_g" => 2310, "after_g" => 2235 },
           "seen" => [{ "cue" => "boil", "at_min" => 5.2 }],
           "outcome" => { "grain" => "firm", "wetness" => "right", "floor" => "clean" } }

  define_method(:history) do |**given|
    { "request" => request, "scopes" => scopes, "cooks" => [cook] }.merge(given.transform_keys(&:to_s))
  end

  def answer(history)
    described_class.new(FondKettle::Formats::HistoryReader.new(history)).call
  end

  def problems(history)
    answer(history)
    []
  rescue FondKettle::InvalidInput => e
    e.problems.map { |one| one[:field] }
  end

  it "answers the next plan, what is held true, causes and words" do
    found = answer(history)
    book = answer(history(cooks: []))
    expect(found[:plan][:liquid][:g]).to be > book[:plan][:liquid][:g]
    lid = found[:belief].find { |one| one[:unknown] == "lid" }
    expect(lid).to include(scope: "pot:steel", cooks: 1, factor: be_between(lid[:low], lid[:high]))
    expect(found[:causes].map { |one| one[:unknown] }).to include("lid")
    expect(found.values_at(:say, :asked)).to match([/lid/, []])
    expect(book.values_at(:belief, :causes, :tells_apart)).to eq([[], [], nil])
  end

  it "moves the plan to what a cook tells to come right, before any pot" do
    book_g = answer(history(cooks: []))[:plan][:liquid][:g]
    told = answer(history(cooks: [], mine: [{ "request" => request, "liquid" => { "g" => book_g + 60 } }]))
    expect(told[:plan][:liquid][:g]).to be_between(book_g + 40, book_g + 70)
  end

  it "asks whether something was different where a cook lies far off" do
    odd = cook.merge("weighed" => { "before_g" => 2310, "after_g" => 1600 })
    expect(answer(history(cooks: [odd]))[:asked]).to include(include(on: "2026-11-02", of: "weight"))
  end

  it "takes a cook for nothing where something was different, and in full where nothing was" do
    odd = cook.merge("weighed" => { "before_g" => 2310, "after_g" => 2160 })
    lid = lambda do |different|
      found = answer(history(cooks: [odd.merge({ "different" => different }.compact)]))
      [found[:belief].find { |one| one[:unknown] == "lid" }&.fetch(:factor), found[:asked].size]
    end
    (unsure, asked), (sure, answered) = [nil, false].map(&lid)
    expect([lid.call(true), asked, answered]).to match([[nil, 0], be >= 1, 0])
    expect(sure).to be > unsure * 1.5
  end

  it "says which field is wrong, of which cook" do
    expect(problems(history(cooks: [cook, cook.merge("request" => request.merge("grain" => "oats"))])))
      .to eq(["cooks.1.request.grain"])
    expect(problems(history(cooks: [cook.merge("weighed" => { "before_g" => 10, "after_g" => 20 })])))
      .to eq(["cooks.0.weighed.after_g"])
    expect(problems(history(cooks: [cook.merge("outcome" => { "grain" => "lovely" })])))
      .to eq(["cooks.0.outcome.grain"])
    expect(problems(history(scopes: { "bags" => "b1" }))).to eq(["scopes.bags"])
    expect(problems(history(cooks: Array.new(401, cook)))).to eq(["cooks"])
  end

  it "runs a kitchen that truly differs, by the minutes of a plan that does not know it" do
    run = lambda do |kitchen|
      asked = request.merge({ "liquid" => { "g" => 450 }, "kitchen" => kitchen }.compact)
      reader = FondKettle::Formats::RequestReader.new(asked)
      FondKettle::Formats::RunJson.call(
        FondKettle::Methods::Trying.run(reader.request, reader.liquid_g, kitchen: reader.kitchen)
      )
    end
    book, lid, slow = [nil, { "lid" => 2.0 }, { "core" => 2.5 }].map { |kitchen| run.call(kitchen)[:end] }
    expect(lid[:lost_g]).to be > 1.6 * book[:lost_g]
    expect(slow[:core]).to be > book[:core]
    expect(run.call({ "drink" => 1.0 })[:end][:lost_g]).to be_within(0.1).of(book[:lost_g])
  end
end
