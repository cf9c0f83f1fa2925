# frozen_string_literal: true

require_relative "../../lib/fond_kettle/reading/answered_dish"
require_relative "../../lib/fond_kettle/reading/reader"

RSpec.describe FondKettle::Reading::AnsweredDish do
  text = "Green rice\n300 g basmati\n2 onions\n40 g ghee\n450 g water\n\n" \
         "Fry the onions in the ghee in a pan. Put the onions in a pot with the rice and the water. " \
         "Bring it to the boil. Cook on low for 12 minutes. Strew with salt."
  read = FondKettle::Reading::Reader.new(text).dish.freeze

  def answered(read, about, field, answer)
    described_class.new(read).with(about, field, answer)
  end

  def places(dish, line)
    taken = dish["steps"].flat_map do |step|
      step.fetch("takes", []).map do |take|
        [step["id"], *take.values]
      end
    end
    taken.select { |_, id, _| id == line }.map { |step, _, share| [step, share] }
  end

  onions = read["lines"].find { |line| line["food"] == "onions" }["id"]
  ids = read["steps"].map { |step| step["id"] }

  it "puts half of a line in at a second step, and all of it there is still once" do
    dish = answered(read, onions, "also", ids.last)
    expect(places(dish, onions)).to eq([[ids.first, 0.5], [ids.last, 0.5]])
    again = answered(dish, onions, "also", ids[1])
    expect(places(again, onions).sum(&:last)).to eq(1.0)
    expect(places(answered(dish, onions, "at", ids[1]), onions)).to eq([[ids[1], 1]])
  end

  it "does a step sooner or later, beside the rice as its new neighbours are" do
    by_id = ->(dish, id) { dish["steps"].find { |step| step["id"] == id } }
    later = answered(read, ids[3], "before", ids[2])
    expect(later["steps"].map { |step| step["id"] }).to eq(ids.values_at(0, 1, 3, 2, *(4...ids.size)))
    last = answered(read, ids.first, "before", "last")
    expect(last["steps"].last["id"]).to eq(ids.first)
    boiled = read["steps"].find { |step| step["kind"] == "boil" }["id"]
    first = answered(read, boiled, "before", ids[1])
    expect(by_id[first, boiled]["rice"]).to eq("before")
    expect(by_id[answered(first, boiled, "before", "last"), boiled]["rice"]).not_to eq("before")
    expect(answered(read, ids.first, "before", ids.first)).to eq(read)
  end

  it "puts a step into a further vessel, whichever answer comes first" do
    other = answered(read, ids.first, "vessel", "other-bowl")
    expect(other["vessels"].last).to include("key" => "other-bowl", "kind" => "bowl")
  end

  it "says which step it does not know" do
    %w[at also before].each do |field|
      about = field == "before" ? ids.first : onions
      expect { answered(read, about, field, "s99") }.to raise_error(FondKettle::InvalidInput, /a step of the/)
    end
  end
end
