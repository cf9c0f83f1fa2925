# frozen_string_literal: true

module Support
  # What somebody might send, from a seed: a failing one can be sent again.
  class Noise
    VALUES = ["", " ", "0", "-1", "2", "7", "300", "0.5", "1 1/2", "1e400", "NaN", "9" * 40, "１２",
              "½", "abc", "<b>", "%{x}", "a\u0000b", "\u202e", "{}", "[]", "true", "null",
              "covered-pot", "basmati", "rice-cooker", "boil-and-drain", "glutinous",
              "people", "amount", "pot", "have", "cup",
              "1 jam glass + 2 tbsp", "less 3 g", "dough", "2 onions | base\n400 g tomatoes", "18:30"].freeze
    THINGS = [nil, true, false, -1, 0, 1e308, 2**70, "", "x", [], {}, [[]], { "a" => 1 }, "300", 0.001,
              5000, 60, "cooker", "none",
              "oven-pilaf", "brown-short", "soft"].freeze
    WORDS = ["2", "1/2", "½", "cups", "g", "cloves", "of", "and", "a", "half", "|", "base", "like", "(",
             ")", "[", "]",
             "{", "}", ":", "- ", "\n", "\t", ",", "rice", "stock", "400 g", "plus", "less", "until", "min",
             "to taste", "%{rice}", "“", "&a", "*a", "!!x", "\\", "'"].freeze
    REQUEST = { "grain" => "basmati", "method" => "covered-pot", "rice" => { "amount" => 300, "unit" => "g" },
                "texture" => "standard", "rinse" => { "changes" => 4 },
                "soak" => { "minutes" => 30, "water_c" => 20 }, "drain" => "shaken",
                "vessel" => { "diameter_mm" => 220, "height_mm" => 120, "lid" => "ordinary",
                              "material" => "steel", "kg" => 1.5 },
                "burner" => { "source" => "gas", "high_w" => 1200 }, "altitude_m" => 0,
                "additions" => [{ "ingredient" => "tomato", "g" => 200 }],
                "measure" => { "name" => "house glass", "ml" => 230 }, "hands" => 1,
                "stages" => [{ "lid" => "ordinary", "heat" => "high", "until" => "boil" }] }.freeze

    attr_reader :seed

    def initialize(seed)
      @seed = seed
      @random = Random.new(seed)
    end

    def pick(list)
      list[@random.rand(list.size)]
    end

    # True once in so many times.
    def chance(times)
      @random.rand(times).zero?
    end

    # Some of `names` with values of any kind.
    def fields(names)
      names.map(&:to_s).select { chance(3) }.to_h do |name|
        chance(12) ? ["#{name}[]", [pick(VALUES)]] : [name, pick(VALUES)]
      end
    end

    # A copy of a request in which up to three things are something else, or gone.
    def mutated(request)
      copy = Marshal.load(Marshal.dump(request))
      (1 + @random.rand(3)).times { mutate(copy) }
      copy
    end

    # Words in any order.
    def text
      Array.new(1 + @random.rand(40)) { pick(WORDS) }.join(chance(2) ? " " : "")
    end

    private

    def mutate(node)
      key = pick(node.is_a?(Hash) ? node.keys : (0...node.size).to_a)
      return if key.nil?
      return mutate(node[key]) if inner?(node[key]) && !chance(3)

      if chance(4) && node.is_a?(Hash)
        node.delete(key)
      else
        node[key] = Marshal.load(Marshal.dump(pick(THINGS)))
      end
    end

    def inner?(value)
      (value.is_a?(Hash) || value.is_a?(Array)) && !value.empty? && !value.frozen?
    end
  end
end
