# frozen_string_literal: true

require_relative "../../lib/fond_kettle/formats/request/dish_request"
require_relative "../../lib/fond_kettle/formats/supper_json"

module Support
  # Dishes of schema 2, of spec/fixtures/graphs or at random.
  module Graphs
    FOLDER = File.expand_path("../fixtures/graphs", __dir__)
    FOODS = { "onion" => 300, "carrot" => 250, "chicken" => 500, "tomato" => 300, "yoghurt" => 200,
              "oil" => 60, "salt" => 8, "cumin" => 4, "mushroom" => 200, "leafy-greens" => 150 }.freeze
    METHODS = %w[covered-pot toasted-pilaf mixed-rice sealed-raw-base sealed-cooked-base one-pot-sauce
                 boil-and-drain].freeze
    KINDS = %w[fry simmer marinate mix cut reduce].freeze
    VESSELS = { "pan" => "frying-pan", "bowl" => "bowl", "side" => "pot" }.freeze
    POT = { "key" => "pot", "kind" => "pot", "rice" => true }.freeze

    # A request by the name of its file.
    def graph_request(name)
      JSON.parse(File.read(File.join(FOLDER, "#{name}.json")))
    end

    def laid(request)
      FondKettle::Formats::DishRequest.new(request)
    end

    def answer(request)
      FondKettle::Formats::SupperJson.new(laid(request)).call
    end

    # A request with a dish of some vessels at random: each line goes in once, in one or two parts.
    def random_request(random)
      vessels = VESSELS.keys.sample(random.rand(0..3), random: random)
      lines = random_graph_lines(random)
      dish = { "schema" => 2, "title" => "Any", "serves" => 4, "grain" => "basmati", "lines" => lines,
               "rice_g" => random.rand(150..600), "method" => METHODS.sample(random: random),
               "vessels" => [POT, *vessels.map { |key| { "key" => key, "kind" => VESSELS[key] } }],
               "steps" => random_graph_steps(random, lines, vessels) }
      { "dish" => dish, "for" => { "guests" => random.rand(1..9) },
        "vessel" => { "diameter_mm" => 260, "height_mm" => 140 } }
    end

    def random_graph_lines(random)
      FOODS.keys.sample(random.rand(2..8), random: random).each_with_index.map do |key, index|
        { "id" => "l#{index}", "food" => key, "ingredient" => key, "g" => FOODS[key] * random.rand(0.5..1.5) }
      end
    end

    def random_graph_steps(random, lines, vessels)
      takes = lines.flat_map do |line|
        shares = random.rand < 0.2 ? [0.5, 0.5] : [1.0]
        shares.map { |share| { "line" => line["id"], "share" => share } }
      end
      steps = takes.shuffle(random: random).each_slice(random.rand(1..3)).map do |some|
        { "kind" => KINDS.sample(random: random), "minutes" => random.rand(2..30), "takes" => some,
          "vessel" => ["pot", *vessels].sample(random: random) }
      end
      numbered([*steps, laid_in(steps)].compact)
    end

    # What was made in other vessels goes into the rice's in the end.
    def laid_in(steps)
      used = steps.map { |step| step["vessel"] }.uniq - ["pot"]
      from = used.map { |key| { "vessel" => key } }
      { "kind" => "lay-in", "vessel" => "pot", "from" => from } if from.any?
    end

    def numbered(steps)
      steps.each_with_index.map { |step, index| { "id" => "s#{index}", "say" => "Do #{index}", **step } }
    end
  end
end
