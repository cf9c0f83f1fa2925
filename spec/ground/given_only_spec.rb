# frozen_string_literal: true

RSpec.describe FondKettle::Schema::GivenOnly do
  def schema
    FondKettle::Schema.json do
      required(:rice).hash { optional(:g).filled(:integer) }
      optional(:soak).hash { required(:minutes).filled(:integer) }
      optional(:notes).array(:string)
    end
  end

  it "builds what must be given and what is, for who asks once, and all of it from then on" do
    one = schema
    keys = Array.new(2) { one.fitting({ "rice" => {}, "soak" => {} }).key_map.map(&:name) }
    expect(keys).to eq([%w[rice soak], %w[rice soak notes]])
  end

  it "judges what is given as the whole does" do
    [{ "soak" => { "minutes" => "x" } }, { "rice" => { "g" => 3 }, "soak" => {} }, {}].each do |input|
      asked = schema.fitting(input).call(input).errors.to_h
      expect(asked).to eq(schema.call(input).errors.to_h)
    end
  end
end
