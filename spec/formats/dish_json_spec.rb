# frozen_string_literal: true

require "csv"
require_relative "../../lib/fond_kettle/formats/dish_markdown"
require_relative "../../lib/fond_kettle/formats/dish_reader"
require_relative "../../lib/fond_kettle/formats/recipe_ld"
require_relative "../../lib/fond_kettle/formats/shopping_list"
require_relative "../support/scaled_dishes"

RSpec.describe "Dishes in and out" do
  def in_again(text)
    FondKettle::Formats::DishReader.read(text)
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

  it "tells where JSON of ours is wrong" do
    bad = { "format" => "fond-kettle-dish-1", "title" => "", "serves" => 900,
            "lines" => [{ "stage" => "oven" }] }
    expect { in_again(JSON.generate(bad)) }.to raise_error(FondKettle::InvalidInput) { |error|
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
      lines = ["1 ½ cups basmati rice, rinsed", "200 g frozen peas", "1 onion | big"]
      expect(in_again(text).text.lines(chomp: true)).to eq(["Pea rice", "For 4.", "", *lines, "", "Fry.",
                                                            "Boil it."])
    end
  end

  it "heads a section by its name, goes into what is nested, and lists what it left out" do
    sections = [{ "@type" => "HowToSection", "name" => "For the onions",
                  "itemListElement" => [{ "@type" => "HowToStep", "text" => "Brown them" },
                                        { "@type" => "HowToSection", "itemListElement" => ["Drain."] }] }]
    found = in_again(page(recipe.merge("recipeInstructions" => sections),
                          '<script type="application/ld+json">{broken</script>'))
    expect(found.text).to end_with("For the onions:\nBrown them.\nDrain.")
    expect(found.left_out.join).to include("Left out: nutrition.", "1 damaged block")
    bare = in_again(page("@type" => "Recipe", "name" => "Bare", "recipeYield" => "a crowd"))
    expect(bare.left_out.join).to include("“a crowd” was not understood")
  end

  it "takes what a cook jotted down as it stands" do
    expect(in_again("Plain rice\n300 g basmati").text).to eq("Plain rice\n300 g basmati")
  end

  it "takes markup and scripts off and never runs or keeps them" do
    found = in_again(page(recipe.merge("name" => "<img src=x onerror=alert(1)>Rice<script>alert(2)</script>",
                                       "recipeIngredient" => ["<i>300 g</i> rice"])))
    expect(found.text).to start_with("Rice\nFor 4.\n\n300 g rice\n")
  end

  it "says in words what cannot be read" do
    refusals = { "" => /must be given/, "<html></html>" => /none was found/,
                 "{\"a\":1" => /damaged/, "\xFF\xFE".dup => /must be text/,
                 ("<div>" * 5000) => /none was found/,
                 ("x" * (9 * 1024 * 1024)) => /at most 8 MB; this has 9/ }
    refusals.each do |text, words|
      expect { in_again(text) }.to raise_error(FondKettle::InvalidInput, words)
    end
  end

  it "reads a page of 5 MB and a recipe of 400 lines" do
    many = recipe.merge("recipeIngredient" => ["300 g rice", *(1..400).map { |index| "#{index} g carrot" }])
    found = in_again(page(many).sub("<body>", "<body>#{'<p>long</p>' * 460_000}"))
    expect(found.text.scan("g carrot").size).to eq(400)
  end

  it "gives recipe data and Markdown with the plan's steps, allergens and cautions" do
    supper = nil
    Support::ScaledDishes.suppers { |found, _| supper ||= found if found.dish.title.start_with?("Leek") }
    given = FondKettle::Formats::GivenDish.of(supper.dish, supper.plan)
    data = FondKettle::Formats::RecipeLd.call(given)
    expect(data["recipeIngredient"].size).to eq(supper.dish.lines.size + 1)
    expect(data).to include("recipeYield" => "4 servings", "totalTime" => /\APT\d+M\z/)
    text = FondKettle::Formats::DishMarkdown.call(given.with(title: "A *bold* <b>dish</b>"))
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
end
