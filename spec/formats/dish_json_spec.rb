# frozen_string_literal: true

require "csv"
require_relative "../../lib/fond_kettle/formats/dish_markdown"
require_relative "../../lib/fond_kettle/formats/dish_reader"
require_relative "../../lib/fond_kettle/formats/recipe_ld"
require_relative "../../lib/fond_kettle/formats/shopping_list"
require_relative "../support/scaled_dishes"

RSpec.describe "Dishes in and out" do
  def draft(text)
    FondKettle::Formats::DishReader.draft(text, names: FondKettle::Larder::Names.ours, cups: [])
  end

  def page(recipe, extra = "")
    data = JSON.generate(recipe).gsub("</", "<\\/")
    "<html><head>#{extra}<script " \
      "type=\"application/ld+json\">#{data}</script></head><body>#{'<p>x</p>' * 3}</body></html>"
  end

  recipe = { "@context" => "https://schema.org", "@type" => "Recipe", "name" => "Pea rice",
             "recipeYield" => ["4", "4 servings"],
             "recipeIngredient" => ["1 ½ cups basmati rice, rinsed", "200 g frozen peas", "1 onion | big"],
             "recipeInstructions" => [{ "@type" => "HowToSection",
                                        "itemListElement" => [{ "text" => "Fry." }] },
                                      "Boil <b>it</b>."], "nutrition" => {} }.freeze

  it "comes back from our own JSON, which the published schema allows" do
    suppers = []
    Support::ScaledDishes.suppers { |supper, _| suppers << supper if (supper.factor - 1).abs < 1e-9 }
    expect(suppers.size).to eq(13)
    suppers.map(&:dish).each do |dish|
      again = draft(JSON.generate(FondKettle::Formats::DishJson.call(dish)))
      lines = FondKettle::Dishes::QuickText.new.read(again.lines).lines
      expect([again.title, again.rice.to_f, again.method]).to eq([dish.title, dish.rice_g, dish.method])
      expect(lines.map { |line| [line.g&.round(2), line.stage, line.state, line.scales] })
        .to eq(dish.lines.map { |line| [line.g&.round(2), line.stage, line.state, line.scales] }), dish.title
      expect(FondKettle::Dishes::QuickSteps.read(again.steps)).to eq(dish.steps)
    end
  end

  it "tells where JSON of ours is wrong" do
    bad = { "format" => "fond-kettle-dish-1", "title" => "", "serves" => 900,
            "lines" => [{ "stage" => "oven" }] }
    expect { draft(JSON.generate(bad)) }.to raise_error(FondKettle::InvalidInput) { |error|
      expect(error.problems.to_h { |problem| [problem[:field], problem[:message]] })
        .to include("title" => "must be given", "serves" => "must be between 0.5 and 200",
                    "lines.0" => "must have name", "lines.0.stage" => /must be one of: base/,
                    "dish" => "must have method, grain, rice")
    }
  end

  it "finds a recipe wherever a page keeps it" do
    [page(recipe), page([{ "@type" => "WebPage" }, recipe]),
     page({ "@graph" => [{ "@type" => "Person" }, recipe] }),
     JSON.generate(recipe),
     page({ "@type" => "WebPage",
            "mainEntity" => recipe.merge("@type" => %w[Recipe NewsArticle]) })].each do |text|
      found = draft(text)
      expect([found.title, found.serves, found.grain,
              found.rice]).to eq(["Pea rice", "4", "basmati", "277 g"])
      expect(found.lines.split("\n")).to eq(["200 g frozen peas", "1 onion / big"])
    end
  end

  it "keeps the instructions as a note and lists what it left out" do
    found = draft(page(recipe, '<script type="application/ld+json">{broken</script>'))
    expect(found.note).to include("1. Fry.", "2. Boil it.")
    expect(found.left_out.join).to include("Left out: nutrition.", "1 damaged block", "kept as a note")
    bare = draft(page("@type" => "Recipe", "name" => "Bare", "recipeYield" => "a crowd"))
    expect(bare.left_out.join).to include("“a crowd” was not understood", "No rice with an amount")
  end

  it "takes markup and scripts off and never runs or keeps them" do
    found = draft(page(recipe.merge("name" => "<img src=x onerror=alert(1)>Rice<script>alert(2)</script>",
                                    "description" => "<i>good</i>")))
    expect([found.title, found.note[0, 4]]).to eq(%w[Rice good])
  end

  it "says in words what cannot be read" do
    refusals = { "" => /must be given/, "hello" => /none was found/, "<html></html>" => /none was found/,
                 "{\"a\":1" => /damaged/, "\xFF\xFE".dup => /must be text/,
                 "<div>" * 5000 => /none was found/, ("x" * (9 * 1024 * 1024)) => /at most 8 MB; this has 9/ }
    refusals.each do |text, words|
      expect { draft(text) }.to raise_error(FondKettle::InvalidInput, words)
    end
  end

  it "reads a page of 5 MB and a recipe of 400 lines" do
    many = recipe.merge("recipeIngredient" => ["300 g rice", *(1..400).map { |index| "#{index} g carrot" }])
    found = draft(page(many).sub("<body>", "<body>#{'<p>long</p>' * 460_000}"))
    expect(found.lines.lines.size).to eq(400)
  end

  it "gives recipe data and Markdown with the plan's steps, allergens and cautions" do
    supper = nil
    Support::ScaledDishes.suppers { |found, _| supper ||= found if found.dish.title.start_with?("Leek") }
    grain = supper.plan.request.grain
    data = FondKettle::Formats::RecipeLd.call(supper.dish, supper.plan, grain)
    expect(draft(JSON.generate(data)).lines.lines.size).to eq(supper.dish.lines.size)
    expect(data).to include("recipeYield" => "4 servings", "totalTime" => /\APT\d+M\z/)
    text = FondKettle::Formats::DishMarkdown.call(supper.dish.with(title: "A *bold* <b>dish</b>"),
                                                  supper.plan, grain)
    expect(text).to include("# A \\*bold\\* \\<b\\>dish", "Contains celery, milk.", "- 3 leeks, in rings",
                            "refrigerate at 5 °C")
  end

  it "gives a shopping list as text, and as a table that no spreadsheet takes for a formula" do
    item = FondKettle::Dishes::Item.new(aisle: "spice", key: "x", name: "=SUM(A1)", words: "1 tsp",
                                        weight: nil, need_g: 2.0,
                                        have_g: 0.0, buy_g: 2.0)
    expect(FondKettle::Formats::ShoppingList.text([item])).to eq("Spice:\n- 1 tsp =SUM(A1)\n")
    weighed = item.with(aisle: "butcher", name: "chicken", words: nil, weight: "600 g")
    both = weighed.with(name: "butter", words: "3 tbsp", weight: "45 g")
    expect(FondKettle::Formats::ShoppingList.text([weighed,
                                                   both])).to eq("Butcher:\n- 600 g chicken\n- 3 " \
                                                                 "tbsp (45 g) butter\n")
    rows = CSV.parse(FondKettle::Formats::ShoppingList.csv([item]), headers: true)
    expect(rows.first.to_h).to include("item" => "'=SUM(A1)", "buy_g" => "2.0")
  end

  it "takes a recipe that speaks of an oven for one that is baked, at its heat" do
    baked = draft(page(recipe.merge("recipeInstructions" => "Bake it at 350 °F in the oven.")))
    expect([baked.method, baked.way]).to eq(["oven-pilaf", { "oven_c" => 177 }])
    expect(baked.left_out.join).to include("It speaks of an oven at 177 °C")
    boiled = draft(page(recipe.merge("recipeInstructions" => "Boil it, 100 °C.")))
    expect([boiled.method, boiled.way]).to eq(["covered-pot", {}])
  end
end
