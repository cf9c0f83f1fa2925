# frozen_string_literal: true

require_relative "../support/columns"

RSpec.describe FondKettle::Pot::Column do
  columns = Support::Columns

  let(:setting) { columns.setting }
  let(:rice) { columns.load(400.0) }
  let(:bed) { FondKettle::Pot::Bed.new(rice, 0.0, temp_c: 8.0) }

  # Base below, a drier base in the middle, rice on top; all cold.
  let(:layers) do
    [columns.base(900.0, water_g: 500.0), columns.base(300.0, water_g: 60.0, name: "middle"), bed]
  end

  def run(layers, minutes: 60, step_min: 0.5, heat: "high")
    column = columns.column(layers, setting)
    [column,
     FondKettle::Pot::Cooking.column(rice, column, [columns.stage(heat, minutes)], setting,
                                     step_min: step_min, curve: true)]
  end

  def hot_after(layer)
    fresh = [columns.base(900.0, water_g: 500.0), columns.base(300.0, water_g: 60.0),
             FondKettle::Pot::Bed.new(rice, 0.0, temp_c: 8.0)]
    (1..80).find do |minutes|
      run(fresh.map(&:dup), minutes: minutes / 2.0).first.layers[layer].temp_c >= 99.9
    end
  end

  define_method(:columns) { columns }

  it "heats from the floor up: the lower layer is hot first" do
    first, second, third = [0, 1, 2].map { |layer| hot_after(layer) }
    expect(first).to be < second
    expect(second).to be < third
  end

  it "conserves water across its layers, to a thousandth of a gram, at every step" do
    poured_g = 500 + 60 + rice.carried_g
    column, course = run(layers)
    course.curve.each do |point|
      expect(point.free_g + point.taken_g + point.lost_g).to be_within(1e-3).of(poured_g)
    end
    expect(column.bed.uptake).to be > 0.25
    expect(column.floor.free_g).to be < 500
  end

  it "closes its energy while the layers heat" do
    column = columns.column(layers, setting)
    simulation = FondKettle::Pot::Simulation.new(column, 1.5, setting, 1.0)
    simulation.enter(columns.stage("high", 60), nil)
    simulation.advance(0.5) while column.cold(100.0) && simulation.min < 60
    expect(column.lost_g).to eq(0.0)
    expect(simulation.energy.open_j.abs).to be < 0.001 * simulation.energy.in_j
  end

  it "ends alike whether a layer is one or two equal ones" do
    one = [columns.base(900.0, water_g: 500.0), columns.base(400.0, water_g: 60.0),
           FondKettle::Pot::Bed.new(rice, 0.0, temp_c: 8.0)]
    two = [columns.base(900.0, water_g: 500.0), columns.base(200.0, water_g: 30.0),
           columns.base(200.0, water_g: 30.0),
           FondKettle::Pot::Bed.new(rice, 0.0, temp_c: 8.0)]
    merged, apart = [one, two].map { |stack| run(stack, minutes: 40).first }
    expect(apart.bed.uptake).to be_within(0.005 * merged.bed.uptake).of(merged.bed.uptake)
    expect(apart.lost_g).to be_within(0.005 * merged.lost_g).of(merged.lost_g)
    expect(apart.free_g).to be_within(0.005 * merged.free_g).of(merged.free_g)
  end

  it "ends alike whether the step is halved or not" do
    stack = lambda {
      [columns.base(900.0, water_g: 500.0), columns.base(300.0, water_g: 60.0),
       FondKettle::Pot::Bed.new(rice, 0.0, temp_c: 8.0)]
    }
    whole, half = [0.5, 0.25].map { |step_min| run(stack.call, minutes: 35, step_min: step_min).first }
    expect(half.bed.uptake).to be_within(0.005 * whole.bed.uptake).of(whole.bed.uptake)
    expect(half.bed.core).to be_within(0.005).of(whole.bed.core)
    expect(half.lost_g).to be_within(0.005 * whole.lost_g).of(whole.lost_g)
  end

  it "stops heating upward where its floor runs dry" do
    column, = run([columns.base(400.0, water_g: 20.0), columns.base(900.0, water_g: 100.0), bed], minutes: 60)
    expect(column.floor).to be_dry
    expect(column.layers.last.temp_c).to be < 65
  end

  it "needs a layer" do
    expect { described_class.new([], pot_j_k: 1.0) }.to raise_error(ArgumentError)
  end
end
