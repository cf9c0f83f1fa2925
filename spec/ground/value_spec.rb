# frozen_string_literal: true

RSpec.describe FondKettle::Value do
  # The name of an attribute may be that of a list's method.
  let(:type) { described_class.define(:x, :sum) { def twice = x * 2 } }
  let(:point) { type.new(x: 1, sum: 2) }

  it "compares and copies by its attributes, and cannot be changed" do
    expect([point, point.hash]).to eq([type.new(x: 1, sum: 2), type.new(x: 1, sum: 2).hash])
    expect(point.with(x: 3)).to have_attributes(x: 3, sum: 2, twice: 6)
    expect(point).to be_frozen
    expect { point.instance_variable_set(:@x, 2) }.to raise_error(FrozenError)
  end

  it "is one thing and not a list: it cannot be splatted, walked through or indexed" do
    expect([*point, *[point, nil].compact, *Array(point)]).to eq([point, point, point])
    one, two = point
    expect([one, two]).to eq([point, nil])
    %i[each map to_a [] []= each_pair values_at first select x= deconstruct].each do |name|
      expect(point).not_to respond_to(name)
    end
  end

  it "must be whole, and no more than whole" do
    expect { type.new(x: 1) }.to raise_error(ArgumentError, /missing keyword: :sum/)
    expect { type.new(x: 1, sum: 2, y: 3) }.to raise_error(ArgumentError, /y/)
    expect { point.with(y: 3) }.to raise_error(ArgumentError, "unknown keyword: :y")
    expect { point.with(x: nil.no_such_thing) }.to raise_error(NoMethodError)
  end
end
