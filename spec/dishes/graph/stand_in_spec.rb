# frozen_string_literal: true

require_relative "../../support/graphs"
require_relative "../../../lib/fond_kettle/dishes/graph/stand_in"

RSpec.describe FondKettle::Dishes::StandIn do
  include Support::Graphs

  def with_component(name = "goat", **given)
    component = { "vessel" => "pan", "ingredient" => "browned-onion", "g" => 200,
                  **given.transform_keys(&:to_s) }
    graph_request(name).merge("components" => [component])
  end

  it "puts what was made already where its vessel gave, all of it once, and makes nothing of it again" do
    found = answer(with_component(food: "fried onions"))
    taken = found[:tasks].flat_map { |task| task[:amounts] }.select { |one| one[:name] == "fried onions" }
    expect([taken.sum { |one| one[:g] }, taken.size]).to eq([200.0, 2])
    expect(found[:vessels].map { |one| one[:key] }).to eq(%w[pot bowl jug])
    expect(found[:tasks].map { |task| task[:kind] }).not_to include("fry")
    # The ghee was for the onions alone.
    expect(found[:tasks].flat_map { |task| task[:amounts] }.map { |one| one[:what] }).not_to include("ghee")
  end

  it "holds for random dishes: no line goes in more than once, and nothing is poured from what is gone" do
    random = Random.new(32)
    60.times do
      request = random_request(random)
      pan = request["dish"]["vessels"].map { |one| one["key"] }.find { |key| key != "pot" }
      next unless pan

      graph = FondKettle::Formats::GraphDishReader.new(request["dish"]).dish
      line = described_class.line(1, FondKettle::Larder::Ingredients.fetch("browned-onion"), 150.0)
      left = described_class.new(graph, pan, line).dish
      expect(FondKettle::Dishes::GraphCheck.new(left).faults).to eq([])
    end
  end

  it "refuses in words to stand in for the rice's vessel, its broth, or what is no vessel" do
    { { vessel: "pot" } => /the rice's own/, { vessel: "wok" } => /not a vessel/, { g: 0 } => /between/ }
      .each do |change, words|
      expect { answer(with_component(**change)) }.to raise_error(FondKettle::InvalidInput, words)
    end
    expect { answer(with_component("fish-broth", vessel: "big")) }
      .to raise_error(FondKettle::InvalidInput, /liquid that the rice needs/)
  end
end
