# frozen_string_literal: true

require_relative "../support/vessels"

RSpec.describe FondKettle::Vessels::Graph do
  include Support::Vessels

  def pour(vessel, **given)
    FondKettle::Vessels::Pour.new(vessel: vessel, what: "all", share: nil, g: nil, **given)
  end

  def graph_step(key, vessel, **given)
    FondKettle::Vessels::GraphStep.of(key, vessel, **given)
  end

  def vessel_step(kind, **given)
    FondKettle::Vessels::Step.of(kind, **given)
  end

  # The contents by vessel when the given steps are over, each [vessel, what it takes and does].
  def after(lines, steps)
    foods = lines.to_h { |key, grams| [key, food(key.to_s, grams, line: key)] }
    list = steps.each_with_index.map { |(vessel, given), index| graph_step(index, vessel, **given) }
    graph = described_class.new(lines: foods, settings: steps.to_h do |vessel, _|
      [vessel, setting]
    end, steps: list)
    FondKettle::Vessels::GraphRun.new(graph).contents
  end

  # Up to eight vessels and thirty steps at random: lines go in, are worked on, and move by pours.
  def random_graph(random)
    keys = Array.new(random.rand(2..8)) { |index| "v#{index}" }
    lines = random_lines(random)
    settings = keys.to_h { |key| [key, random_setting(random)] }
    open = lines.keys.flat_map { |line| random.rand < 0.5 ? [[line, 1.0]] : [[line, 0.4], [line, 0.6]] }
    steps = Array.new(random.rand(5..30)) do |index|
      takes = open.shift(random.rand(0..2))
      random_graph_step(random, "s#{index}", keys, takes)
    end
    described_class.new(lines: lines, settings: settings, steps: steps)
  end

  def random_lines(random)
    (0..random.rand(0..5)).to_h do |index|
      [index, food(Support::Vessels::FOODS.sample(random: random), random.rand(5.0..500.0), line: index)]
    end
  end

  def random_graph_step(random, key, keys, takes)
    vessel, other = keys.sample(2, random: random)
    from = pour(other, what: %w[all liquid solids].sample(random: random),
                       share: [nil, random.rand(0.1..1.0)].sample(random: random))
    graph_step(key, vessel, does: (random_does(random) if random.rand < 0.7), takes: takes,
                            from: random.rand < 0.4 ? [from] : [], to: (other if random.rand < 0.5))
  end

  def random_does(random)
    kind = %w[fry simmer reduce soak marinate take-out].sample(random: random)
    vessel_step(kind, minutes: random.rand(1.0..60.0), share: random.rand(0.1..1.0), lid: "ordinary")
  end

  it "closes its ledgers over vessels at random: what went in is in a vessel, gone as steam, or put away" do
    random = Random.new(3101)
    60.times do
      graph = random_graph(random)
      run = FondKettle::Vessels::GraphRun.new(graph)
      in_g = run.rows.sum { |row| row.step.takes.sum { |line, share| graph.lines[line].mass_g * share } }
      out_g = run.rows.sum { |row| row.steam_g + (row.put_away&.mass_g || 0.0) }
      expect(run.contents.each_value.sum(&:mass_g) + out_g).to be_within(0.001).of(in_g)
      water = ->(contents) { contents.sum(&:water_g) }
      put_away = run.rows.filter_map(&:put_away)
      in_water = run.rows.sum { |row| row.step.takes.sum { |line, share| graph.lines[line].water_g * share } }
      expect(water.call(run.contents.values) + water.call(put_away) + run.rows.sum(&:steam_g))
        .to be_within(0.001).of(in_water)
    end
  end

  it "fries half of a pan's onions again elsewhere, by shares of what was there when it was done" do
    half = { from: [pour("pan", share: 0.5)] }
    fried = { takes: [[:onion, 1.0]], does: vessel_step("fry", state: "golden") }
    found = after({ onion: 150.0 }, [["pan", fried], ["pot", half], ["bowl", half]])
    expect(found.values_at("pan", "pot", "bowl").map { |one| one.mass_g.round(6) }).to eq([0.0, 37.5, 37.5])
  end

  it "leaves fat and liquid behind where only pieces are poured, and says how many grams" do
    pan, pot = after({ oil: 30.0, onion: 150.0 },
                     [["pan", { takes: [[:oil, 1.0], [:onion, 1.0]] }],
                      ["pot", { from: [pour("pan", what: "solids", g: 50.0)] }]]).values_at("pan", "pot")
    expect([pan.fat_g, pot.fat_g, pot.mass_g.round(6), pan.mass_g.round(6)]).to eq([30.0, 0.0, 50.0, 130.0])
  end

  it "leaves a vessel as it is where its fire can never do the step, and says so" do
    weak = setting(pan(diameter_mm: 320.0), high_w: 150.0)
    step = graph_step("s", "pan", takes: [[0, 1.0]], does: vessel_step("fry", state: "golden", heat: "low"))
    row = described_class.new(lines: { 0 => food("onion", 150.0, line: 0) }, settings: { "pan" => weak },
                              steps: [step]).rows.first
    expect(row.never_hot).to include("never gets hot enough to fry")
    expect([row.contents.mass_g, row.steam_g]).to eq([150.0, 0.0])
  end

  it "knows its lines and vessels, and nothing else" do
    step = graph_step("s", "pan", takes: [[:onion, 1.0]])
    graph = described_class.new(lines: {}, settings: { "pan" => setting }, steps: [step])
    expect { graph.rows }.to raise_error(KeyError)
    expect { graph.with(settings: {}, steps: [step.with(takes: [])]).rows }.to raise_error(KeyError)
  end
end
