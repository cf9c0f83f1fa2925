# frozen_string_literal: true

require_relative "../vessels/fire_vessel"
require_relative "implied_kinds"
require_relative "rice_course"

module FondKettle
  module Reading
    # What a clause does (a key of Care::Kinds), by its verb's kind or without one: of each list the first
    # rule that fits counts. A rule's test takes a ClauseSense; a kind may be found by one too.
    module KindRules
      ALWAYS = ImpliedKinds::ALWAYS
      IN_OVEN = ImpliedKinds::IN_OVEN
      # What goes on when something is turned or stirred in it.
      GOES_ON = %w[low steam bake boil].freeze
      CLOSED = %w[low seal].freeze
      # What is lifted out of these leaves a liquor behind.
      BOILED = %w[simmer boil broth].freeze
      FRIES = lambda do |sense|
        fresh = sense.last != "simmer" || sense.says?(:other_pan)
        !sense.liquid && (sense.says?(:in_pan) || (sense.says?(:in_fat) && fresh))
      end
      # What is roasted for so long is roasted in the oven; spices and rice are toasted in a pan.
      ROAST_MIN = 12
      # "Stir in the garlic and cook for a minute", in what was fried.
      SOON_FRIED = lambda do |sense|
        !sense.in? && sense.previous == "fry" && !sense.liquid && sense.minutes.to_f.between?(0.1, 1.5)
      end
      # "Pour the sauce over, cover for 20 minutes", once the rice is done.
      STANDS_COVERED = lambda do |sense|
        done = sense.stage == RiceCourse::AFTER && sense.minutes
        done && !(sense.apart || sense.puts || sense.says?(:flame))
      end
      # "Scatter the plums round it, back in for 20 minutes", of what is in the oven.
      BAKED_ON = ->(one) { one.stage == RiceCourse::WITH && one.minutes && IN_OVEN.call(one) }
      # "Put it into the oven for 18 minutes"
      INTO_OVEN = ->(sense) { sense.minutes && sense.says?(:into_oven) }
      # "Lay it aside", "tip it into a bowl", of what was cooked.
      COOKED = %w[fry toast simmer reduce boil broth bake low steam].freeze
      ASIDE = lambda do |sense|
        sense.says?(:put_aside) && COOKED.include?(sense.previous) && !sense.rice && sense.minutes.nil?
      end
      # "Put a cloth under the lid", of rice that rests.
      CLOTH = ->(one) { one.stage == RiceCourse::REST && !one.puts && one.says?(:cloth_under) }
      # "The carrots in a layer; leave for 5 minutes before you stir", of what is on the fire.
      FRIES_ON = lambda do |one|
        !one.in? && !one.puts && one.goes_on && one.minutes && one.last == "fry" &&
          %w[fry lay-in].include?(one.previous)
      end
      # "Season with mace", of what is on the fire.
      SEASONED = %w[fry toast simmer reduce boil broth stir low].freeze
      TOP = ->(sense, there, else_kind) { sense.says?(:on_top) ? there : else_kind }

      # Kinds of verbs behind which a heat and a time mean that it is baked: "brush with oil, 230 °C, 20 min".
      ROASTED = %w[sprinkle mix take-out stir lay-in].freeze

      # By the kind of a verb; one that is not here does what it says.
      BY_VERB = {
        "stir" => [
          ["layer", ->(one) { one.in? && one.rice && one.says?(:tips_into) }],
          ["bake", INTO_OVEN], ["take-out", ASIDE], ["rest", CLOTH],
          ["soak", ->(one) { one.dried && !one.in? && one.says?(:water_over) }],
          ["mix", ->(sense) { sense.done? && sense.several && sense.says?(:dissolves) }],
          ["mix", ->(one) { one.done? && one.previous == "cut" && one.several && one.says?(:stirs_into) }],
          ["par-boil", ->(one) { (one.previous == "par-boil" || one.drained) && one.says?(:for_the_last) }],
          ["par-boil", ->(one) { one.rice && one.drained && one.previous == "boil" && !one.in? }],
          ["fry", ->(one) { one.done? && one.previous == "fry" && !one.rice && one.says?(:thrown_in) }],
          [->(sense) { TOP.call(sense, "sprinkle", "fold") },
           ->(sense) { sense.stage == RiceCourse::AFTER && !sense.apart }],
          ["low", ->(sense) { sense.in? && sense.minutes && sense.says?(:low) }],
          [:previous.to_proc, ->(sense) { sense.in? && sense.minutes && GOES_ON.include?(sense.previous) }],
          ["boil", ->(sense) { sense.in? && sense.minutes.nil? && sense.liquid }],
          [->(sense) { sense.minutes ? "stir" : TOP.call(sense, "lay-in", "stir") }, :in?.to_proc],
          ["lay-in", ->(sense) { sense.says?(:bottom_of) && !sense.in? }],
          ["mix", ->(sense) { sense.steeped && !sense.in? && !sense.ends? }],
          ["mix", ->(sense) { sense.previous == "cool" && sense.minutes.nil? }],
          ["mix", ->(sense) { sense.several && (sense.says?(:into) || (!sense.in? && sense.says?(:with))) }],
          ["reduce", ->(sense) { !sense.in? && sense.minutes && sense.says?(:thickens) }],
          ["lay-in", ->(sense) { !sense.ends? && (sense.boils || sense.says?(:into_pot)) }],
          ["simmer", ->(one) { one.liquid || (one.rice && one.broth?) }],
          [->(sense) { sense.last || (sense.several ? "mix" : "lay-in") }, ALWAYS]
        ],
        "toast" => [["bake", ->(sense) { sense.says?(:oven) || sense.minutes.to_f >= ROAST_MIN }]],
        "lay-in" => [["bake", INTO_OVEN], ["take-out", ASIDE], ["rest", CLOTH],
                     ["wrap", ->(sense) { sense.wrapped && sense.says?(:leaves) }],
                     ["sprinkle", :done?.to_proc], ["boil", ->(one) { one.in? && one.liquid && one.boils }]],
        "boil" => [["boil", :in?.to_proc],
                   ["par-boil", ->(sense) { (sense.rice || sense.previous == "par-boil") && sense.drained }],
                   ["boil", ->(sense) { sense.rice || !sense.ends? }], ["simmer", ALWAYS]],
        "simmer" => [
          ["simmer", ->(one) { one.in? && !one.rice && one.clause.say.match?(FireVessel::BOILED_ALONE) }],
          ["par-boil", ->(one) { one.previous == "par-boil" && one.drained && !one.puts && one.goes_on }],
          ["mix", ->(one) { one.steeped && !one.ends? && one.says?(:warms) }],
          [:previous.to_proc, ->(one) { one.previous == "fry" && !one.puts && one.says?(:heat_up) }],
          ["fry", SOON_FRIED],
          ["par-boil", lambda { |one|
            one.rice && one.later && one.drained && one.minutes && one.says?(:boiling)
          }],
          ["boil", ->(sense) { sense.in? && !sense.done? && sense.says?(:bubbles) }],
          ["fry", ->(sense) { FRIES.call(sense) || (sense.says?(:heats_fat) && !sense.liquid) }],
          ["simmer", ->(sense) { sense.stage != RiceCourse::WITH || sense.clause.meanwhile }],
          ["reduce", ->(sense) { sense.says?(:opened) }], ["low", ALWAYS]
        ],
        "low" => [
          ["rest", ->(sense) { sense.in? && sense.minutes && sense.says?(:stands) && !sense.says?(:low) }],
          ["lay-in", ->(one) { one.puts && !one.ends? && one.says?(:bottom) }],
          ["rest", ->(sense) { sense.in? && sense.minutes && sense.says?(:off_fire) }],
          ["rest", ->(sense) { sense.stage == RiceCourse::REST || (sense.in? && sense.previous == "drain") }],
          ["rest", STANDS_COVERED], ["rest", ->(one) { one.off && one.minutes && !one.says?(:flame) }],
          ["low", ->(one) { (one.in? && one.says?(:programme)) || (one.rice && one.says?(:cooker_on)) }],
          ["bake", ->(sense) { sense.in? && sense.minutes && (sense.says?(:oven) || IN_OVEN.call(sense)) }],
          ["lay-in", ->(sense) { sense.puts && !sense.ends? && sense.previous == "low" }],
          ["layer", ->(sense) { sense.rice && sense.says?(:names_rice) && sense.minutes.nil? }],
          ["low", :in?.to_proc], ["simmer", ->(sense) { sense.minutes || sense.liquid }], ["lay-in", ALWAYS]
        ],
        "layer" => [["mix", ->(one) { one.previous == "mix" && one.puts && !one.rice }],
                    ["serve", ->(sense) { sense.in? && sense.says?(:heaped_on) }],
                    ["cool", ->(sense) { sense.done? && sense.says?(:cools) }],
                    ["low", ->(sense) { sense.stage == RiceCourse::WITH && sense.minutes }]],
        "rest" => [
          [->(sense) { TOP.call(sense, "sprinkle", "fold") },
           ->(sense) { sense.in? && sense.puts && !sense.minutes }],
          ["steam", ->(sense) { sense.says?(:steamer) && sense.minutes && !sense.done? }],
          ["lay-in", ->(sense) { sense.says?(:stood_in) && sense.minutes.nil? }],
          ["low", ->(sense) { sense.in? && sense.says?(:flame) }],
          ["low", lambda { |one|
            one.in? && !one.done? && one.minutes && one.waits && CLOSED.include?(one.previous)
          }],
          ["soak", ->(sense) { sense.minutes && sense.cold }],
          ["marinate", ->(one) { one.stage == RiceCourse::WITH && one.minutes && one.previous == "mix" }],
          ["reduce", ->(sense) { sense.in? && sense.says?(:left_open) && !sense.says?(:unopened) }],
          ["rest", :in?.to_proc], ["drain", ->(sense) { sense.says?(:sieve) }],
          ["soak", ->(sense) { sense.says?(:soaks) }], ["fry", FRIES_ON],
          ["simmer", ->(one) { one.says?(:pressure) }], ["marinate", ALWAYS]
        ],
        "sprinkle" => [["bake", BAKED_ON],
                       ["mix", ->(one) { one.several && !one.rice && one.says?(:dusts) }]],
        "seal" => [["bake", ->(one) { one.in? && one.minutes && IN_OVEN.call(one) }]],
        "fry" => [["soak", ->(one) { one.liquid && !one.fat && one.says?(:blooms) }], ["bake", BAKED_ON],
                  ["bake", ->(one) { one.minutes && one.says?(:in_oven) }]],
        "mix" => [["stir", ->(one) { one.says?(:seasons_pot) }],
                  ["stir", ->(one) { one.says?(:seasons) && SEASONED.include?(one.previous) }],
                  ["fry", ->(sense) { sense.minutes && !sense.in? && sense.says?(:in_its_fat) }],
                  ["sprinkle", ->(sense) { sense.in? && sense.puts && sense.says?(:over_it) }]],
        "put-back" => [["bake", ->(sense) { sense.minutes && sense.says?(:oven) }],
                       ["steam", ->(sense) { sense.minutes && sense.says?(:steamer) }]],
        "drain" => [["lay-in", ->(one) { one.in? && one.puts && one.says?(:over_it) }],
                    ["take-out", ->(one) { BOILED.include?(one.previous) && one.says?(:keeps_liquor) }]],
        "take-out" => [["turn-out", ->(one) { one.in? && !one.apart && one.says?(:tips_out) }],
                       ["rest", ->(one) { one.previous == "bake" && one.in? && one.says?(:out_of_oven) }],
                       ["drain", ->(sense) { sense.says?(:water_away) }]],
        "marinate" => [["chill", :done?.to_proc]],
        "cool" => [["preheat", ->(one) { one.says?(:oven_hot) && one.minutes.nil? }]],
        "preheat" => [["bake", ->(one) { one.in? && one.minutes && !one.clause.say.match?(/heat/i) }]],
        "fluff" => [["mix", ->(one) { one.puts && !one.in? }], ["fold", :puts.to_proc]],
        "shape" => [["drain", ->(one) { !one.in? && one.says?(:squeezed) && !one.says?(:pressed_into) }],
                    ["layer", ->(one) { one.in? && one.rice && !one.says?(:into_shape) }]],
        "cut" => [["cut", ->(one) { one.says?(:stones) }],
                  ["sprinkle", ->(one) { one.in? && one.puts && one.says?(:grates_over) }],
                  ["serve", lambda { |one|
                    one.stage == RiceCourse::AFTER && one.puts && one.says?(:amount_first) && !one.strewn
                  }]]
      }.freeze

      module_function

      # The kind of a clause of which `sense` (ClauseSense) is known.
      def kind(sense)
        verb = sense.clause.kind
        return "bake" if ROASTED.include?(verb) && sense.minutes && sense.says?(:hot_air)
        return first(BY_VERB.fetch(verb, []), sense) || verb if verb

        first(ImpliedKinds::ALL, sense) ||
          first(sense.in? && !sense.apart ? ImpliedKinds::IN : ImpliedKinds::BEFORE, sense)
      end

      def first(rules, sense)
        kind, = rules.find { |_, test| test.call(sense) }
        kind.respond_to?(:call) ? kind.call(sense) : kind
      end
      private_class_method :first
    end
  end
end
