# frozen_string_literal: true

require_relative "../../lib/fond_kettle/formats/dish_markdown"
require_relative "../../lib/fond_kettle/formats/dish_reader"
require_relative "../../lib/fond_kettle/formats/recipe_ld"
require_relative "../support/scaled_dishes"
require_relative "../support/suppers"

RSpec.describe "A dish that goes out and comes in again" do
  include Support::Suppers

  def stored(data)
    FondKettle::Formats::StoredDish.of(data, names: FondKettle::Larder::Names.ours,
                                             library: FondKettle::Methods::Library.ours)
  end

  def given(dish, plan)
    FondKettle::Formats::GivenDish.of(dish, plan)
  end

  def json(dish, _plan)
    JSON.generate(dish.graph.data)
  end

  def ld(dish, plan)
    JSON.generate(FondKettle::Formats::RecipeLd.call(given(dish, plan)))
  end

  def markdown(dish, plan)
    FondKettle::Formats::DishMarkdown.call(given(dish, plan))
  end

  full = { lines: "2 onions, sliced | 1/2 base | 1/2 finish | browned\n600 g lamb | base | out\n" \
                  "2 carrots | base | back\n30 g raisins | with | optional\n" \
                  "20 g currants | with | instead of raisins\n" \
                  "900 g stock | liquid\n100 g wine | base\n1 lemon | beside",
           steps: "Fry the onions | fry | 12 min | until they are gold\n" \
                  "Simmer it | broth | 60 min | wait | takes lamb, carrots, wine, stock\n" \
                  "Add the mint | at 10 min | mix | 1 min\n" \
                  "Whisk the sauce | while it soaks | mix | 3 min",
           way: { rinse: 2, soak: 45, soak_c: 35, drain: "long", start: "boiling", heat: "medium",
                  lid: "foil", cover: "weight", rest: 15, finish: "dig", texture: -0.5 } }.freeze

  %i[json ld markdown].each do |format|
    it "is the same after three times round: #{format}" do
      ours = [dish(full[:lines], steps: full[:steps], method: "broth-under-rice",
                                 way: FondKettle::Dishes::Way.of(full[:way]))]
      Support::ScaledDishes.suppers { |supper, _| ours << supper.dish if (supper.factor - 1).abs < 1e-9 }
      ours.each do |dish|
        plan = supper(dish).plan
        again = (1..3).reduce(dish) do |now, _|
          stored(FondKettle::Formats::DishReader.read(public_send(format, now, plan)))
        end
        expect(again.graph.data).to eq(dish.graph.data), dish.title
        expect([again.lines, again.steps, again.way]).to eq([dish.lines, dish.steps, dish.way]), dish.title
      end
    end
  end
end
