# frozen_string_literal: true

require "timeout"

# Every reader of a cook's text goes from its front to its end, and has a budget: noise
# that once took a minute, or a gigabyte, takes no longer than its length.
RSpec.describe "Readers of a cook's text" do
  letters = 100_000
  enough_s = 20
  sounds = [" ", "(", "()", "9", "a", "a ", "1/", "½", "|", ",", "-", "1 g (", "1 to ", "and ", "1 g ", "\t",
            "1 tbsp + ", "rice ", "\n", "1 g a\n", "ies", "200 (100 g each) ", "[", "- ", "{a: ",
            "<b><i></b>", "<script>", "<script type=\"application/ld+json\">", "%{", "“", "‘1’ ", "a|",
            "1 h ", "4 h|"]
  noise = ["1 g#{' ' * letters}or", *sounds.map { |sound| sound * (letters / sound.size) }].freeze
  names = FondKettle::Larder::Names.ours
  readers = {
    "lines" => ->(text) { FondKettle::Dishes::QuickText.new.read(text) },
    "steps" => ->(text) { FondKettle::Reading::BarredSteps.read(text) },
    "contradictions" => ->(text) { FondKettle::Dishes::Contradictions.in(text) },
    "unread times" => ->(text) { FondKettle::Reading::BarredSteps.unread(text) },
    "times" => ->(text) { FondKettle::Measure::Durations.all(text) },
    "figures" => ->(text) { FondKettle::Figures.read(text) },
    "heats" => ->(text) { FondKettle::Measure::Degrees.first(text) },
    "numbers" => ->(text) { FondKettle::Measure::Numeral.read(text) },
    "amounts" => ->(text) { FondKettle::Measure::Amounts.new.read(text) },
    "names" => ->(text) { [names.find(text), names.grain(text)] },
    "keys" => ->(text) { FondKettle::Slug.of(text) },
    "recipes" => ->(text) { FondKettle::Formats::DishReader.read(text) },
    "dishes" => ->(text) { FondKettle::Reading::Reader.new(text).dish },
    "files" => ->(text) { FondKettle::Catalogue.parse(text, "noise") },
    "requests" => ->(text) { FondKettle::Formats::RequestReader.parse(text) }
  }.freeze

  # What is none of ours is refused in words.
  def read_or_refused(reader, text)
    reader.call(text)
  rescue FondKettle::UserError => e
    e.message
  end

  readers.each do |name, reader|
    it "take noise for noise: #{name}" do
      noise.each do |text|
        expect { Timeout.timeout(enough_s) { read_or_refused(reader, text) } }.not_to raise_error, text[0, 20]
      end
    end
  end

  it "read no more lines, ingredients or letters than anybody writes, and say so" do
    long = "1 g #{'a' * 2000}"
    questions = FondKettle::Dishes::QuickText.new.read("2 onions\n#{long}").questions
    expect(questions.map(&:ask)).to contain_exactly(/at most 1000 are read/)
    recipe = JSON.generate("@type" => "Recipe", "name" => "x",
                           "recipeIngredient" => Array.new(501) { "1 g carrot" })
    expect { FondKettle::Formats::DishReader.read(recipe) }
      .to raise_error(FondKettle::InvalidInput, /at most 500 ingredients; this lists 501/)
  end
end
