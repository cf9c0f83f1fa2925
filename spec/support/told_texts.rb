# frozen_string_literal: true

require_relative "../../lib/fond_kettle/reading/reader"

module Support
  # Dishes told by a list of lines and by what is done, and what was read of them.
  module ToldTexts
    # The list of a plain pilaf.
    def rice
      "300 g long grain rice\n450 ml stock\n2 onions\n3 tbsp oil"
    end

    # What is done with that list, up to the boil, and then.
    def cooked(rest)
      "Fry the onions in the oil in a wide pan. Stir in the rice, pour on the stock, bring to the " \
        "boil. #{rest}"
    end

    # The dish of a list and what is done.
    def read(lines, done)
      FondKettle::Reading::Reader.new("Some rice\n\n#{lines}\n\n#{done}").dish
    end

    # The dish of a whole text.
    def told(text)
      FondKettle::Reading::Reader.new(text).dish
    end

    # The dish of a text of spec/fixtures/texts (its name).
    def whole(name)
      told(File.read(File.join(__dir__, "..", "fixtures", "texts", "#{name}.txt")))
    end

    # [kind, vessel, minutes] of the step that has some words.
    def done(dish, words)
      step(dish, words).values_at("kind", "vessel", "minutes")
    end

    # Grams of each line, by the name of its food.
    def grams(dish)
      dish["lines"].to_h { |line| [line["food"], line["g"]] }
    end

    # Keys of the vessels that give something at the step that has some words.
    def froms(dish, words)
      step(dish, words)["from"].map { |one| one["vessel"] }
    end

    # The step of a dish that has some words.
    def step(dish, words)
      dish["steps"].find { |one| one["say"].include?(words) }
    end

    # Names of what goes in at a step.
    def taken(dish, step)
      names = dish["lines"].to_h { |line| [line["id"], line["food"]] }
      step["takes"].map { |take| names.fetch(take["line"]) }
    end

    # Names of what goes in at the step that has some words.
    def taken_at(dish, words)
      taken(dish, step(dish, words))
    end

    # The kind of each step.
    def kinds(dish)
      dish["steps"].map { |step| step["kind"] }
    end

    # [kind, minutes, vessel, beside the rice] of each step.
    def steps(dish)
      dish["steps"].map { |step| step.values_at("kind", "minutes", "vessel", "rice") }
    end
  end
end
