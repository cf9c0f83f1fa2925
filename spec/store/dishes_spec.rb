# frozen_string_literal: true

require "tmpdir"
require_relative "../../store/demo"
require_relative "../../store/household"

RSpec.describe "The dishes, on a real file" do
  around { |example| Dir.mktmpdir { |folder| @folder = folder and example.run } }

  let(:household) { FondKettle::Store::Household.new(@folder, busy_ms: 50) }
  let(:dishes) { household.dishes }

  after { household.close }

  def add(title, lines = "", note: "")
    dishes.add(title: title, serves: 4.0, method: "covered-pot", grain: "basmati", rice_g: 300.0,
               lines: lines, note: note)
  end

  it "finds dishes by the beginnings of words in title, lines and note, titles first" do
    add("Friday pot", "2 leeks | base")
    add("Leek rice")
    add("Crème pot", note: "for leek lovers")
    expect(dishes.search("lee")
                 .map { |dish| dish[:title] }).to contain_exactly("Leek rice", "Friday pot", "Crème pot")
    expect(dishes.search("lee").first[:title]).to eq("Leek rice")
    expect([dishes.search("creme").size, dishes.search("friday leek").size,
            dishes.search("nothing").size]).to eq([1, 1, 0])
    expect(dishes.search("").size).to eq(3)
    expect(["leak", "LEK rice"].map { |text| dishes.search(text).first&.fetch(:title) })
      .to all(eq("Leek rice"))
  end

  it "finds what was changed and forgets what was removed" do
    record = add("Leek rice")
    dishes.change(record[:id], 0, title: "Onion rice")
    expect([dishes.search("leek").size, dishes.search("onion").size]).to eq([0, 1])
    dishes.remove(record[:id], 1, Time.now)
    expect(dishes.search("onion")).to eq([])
  end

  it "takes any words for words, never for a query" do
    add("Leek rice")
    ["\"", "leek OR onion", "NEAR(leek", "leek*", "-leek", "title:leek", "'; DROP TABLE dishes; --",
     "%"].each do |text|
      expect { dishes.search(text) }.not_to raise_error, text
    end
    expect(dishes.count).to eq(1)
  end

  it "lets two people save the same dish, but not over each other" do
    record = add("Leek rice")
    dishes.change(record[:id], 0, title: "Mine")
    expect { dishes.change(record[:id], 0, title: "Yours") }.to raise_error(FondKettle::Conflict)
    expect(dishes.find(record[:id])[:title]).to eq("Mine")
  end

  it "keeps portions, own ingredients, what eaters avoid and what there is" do
    household.portions.keep("main" => 82.0, "side" => 60.0)
    expect(household.portions.grams).to include("main" => 82.0, "side" => 60.0, "sushi" => 80.0)
    household.shelf(:own_ingredients)
             .add(name: "Moon root", like: "turnip", salt: 1.5, allergens: "celery, mustard")
    root = household.names.find("moon roots")
    expect([root.name, root.brings, root.salt,
            root.allergens]).to eq(["Moon root", 0.2, 1.5, %w[celery mustard]])
    household.shelf(:eaters).add(name: "Ada", appetite: "light", age: "teen", avoids: "egg, soya")
    expect(household.values(:eaters).first.avoids).to eq(%w[egg soya])
    household.shelf(:goods).add(ingredient: "onion", left_g: 300.0)
    household.shelf(:bags).add(name: "Bag", grain: "basmati", left_g: 900.0)
    expect(household.stock_g).to include("onion" => 300.0, "basmati" => 900.0)
  end

  it "brings a kitchen of the version before forward with all that is in it" do
    household.close
    file = File.join(@folder, "old")
    FileUtils.mkdir_p(file)
    Sequel.connect(adapter: "sqlite", database: File.join(file, "kettle.db")) do |db|
      Sequel.extension :migration
      Sequel::Migrator.run(db, FondKettle::Store::Database::MIGRATIONS, target: 2)
      db[:kitchens].insert(name: "Old", altitude_m: 640.0)
      db[:eaters].insert(name: "Ilse", appetite: "light", age: "adult")
    end
    old = FondKettle::Store::Household.new(file)
    expect([old.kitchen[:altitude_m], old.values(:eaters).first.name,
            old.values(:spoons).map(&:ml)]).to eq([640.0, "Ilse", [15.0, 5.0]])
    expect(old.dishes.count).to eq(0)
    old.close
  end
end
