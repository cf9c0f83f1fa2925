# frozen_string_literal: true

require_relative "../support/suppers"

RSpec.describe FondKettle::Dishes::Dish do
  include Support::Suppers

  def main(lines)
    dish(lines).main_liquid&.name
  end

  it "answers for the water, of several waters for the most, and without water for the most of any liquid" do
    expect(main("200 g stock\n500 g water")).to match(/water/i)
    expect(main("1 glass of port\n1 l chicken stock")).to include("stock")
    expect(main("700 g chicken stock\n200 g wine")).to include("stock")
    expect(main("2 onions")).to be_nil
  end
end
