# frozen_string_literal: true

require_relative "../../lib/fond_kettle/dishes/used_before"

RSpec.describe FondKettle::Dishes::UsedBefore::Early do
  early = described_class.new(what: "The liquid in the jug", used_min: 61, there_min: 39)

  it "says when, in minutes before serving or by the clock" do
    expect(early.say).to start_with("The liquid in the jug is used 61 min before serving and is there only " \
                                    "39 min before serving: ")
    times = { 61 => "at 17:59", 39 => "at 18:21" }
    expect(early.say { |min| times.fetch(min) })
      .to start_with("The liquid in the jug is used at 17:59 and is there only at 18:21: ")
    expect(early.say { |_| nil }).to eq(early.say)
  end
end
