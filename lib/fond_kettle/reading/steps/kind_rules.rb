# frozen_string_literal: true

require_relative "../vessels/fire_vessel"
require_relative "implied_kinds"
require_relative "kind_tests"
require_relative "rice_course"
require_relative "rice_words"
require_relative "stir_rules"
require_relative "../words/labels"

module FondKettle
  module Reading
    # What a clause does (a key of Care::Kinds), by its verb's kind or without one: of each list the first
    # rule that fits counts. A rule's test takes a ClauseSense; a kind may be found by one too.
    module KindRules
      include KindTests

      ALWAYS = ImpliedKinds::ALWAYS
      IN_OVEN = ImpliedKinds::IN_OVEN
      # Kinds of verbs behind which a heat and a time mean that it is baked: "brush with oil, 230 °C, 20 min".
      ROASTED = %w[sprinkle mix take-out stir lay-in].freeze
      # Whatever its verb: so; what is in the pan stays there when fat is poured off.
      OF_ALL = [
        ["bake", ->(one) { ROASTED.include?(one.clause.kind) && one.minutes && one.says?(:hot_air) }],
        ["bake", lambda { |one|
          one.in? && !one.done? && one.clause.kind == "mix" && one.minutes && one.says?(:oven)
        }],
        ["taste", ->(one) { one.minutes.nil? && one.says?(:fat_off) }],
        ["own", ->(one) { !one.in? && one.says?(:pot_out) }],
        ["marinate", ->(one) { one.says?(:left_in) }],
        ["marinate", ->(one) { one.rice && !one.in? && one.clause.say.match?(RiceWords::INTO_COLD) }]
      ].freeze

      # By the kind of a verb; one that is not here does what it says.
      BY_VERB = {
        "stir" => StirRules::ALL,
        "toast" => [["bake", ->(one) { one.says?(:oven) || one.minutes.to_f >= ROAST_MIN }],
                    ["bake", ->(one) { one.minutes && one.says?(:tray) }]],
        "lay-in" => [["bake", INTO_OVEN], ["take-out", ASIDE], ["rest", CLOTH],
                     ["wrap", ->(sense) { sense.wrapped && sense.says?(:leaves) }],
                     ["bake", ->(one) { !one.puts && BAKED_ON.call(one) }],
                     ["low", ->(one) { one.in? && one.minutes && !one.puts && one.says?(:lid_off) }],
                     ["sprinkle", :done?.to_proc], ["boil", ->(one) { one.in? && one.liquid && one.boils }]],
        "boil" => [["simmer", ->(one) { one.done? && one.liquid && !one.rice }], ["boil", :in?.to_proc],
                   ["par-boil", ->(sense) { (sense.rice || sense.previous == "par-boil") && sense.drained }],
                   ["boil", ->(sense) { sense.rice || !sense.ends? }], ["simmer", ALWAYS]],
        "simmer" => [
          ["simmer", ->(one) { one.in? && !one.rice && one.clause.say.match?(FireVessel::BOILED_ALONE) }],
          ["par-boil", ->(one) { one.previous == "par-boil" && one.drained && !one.puts && one.goes_on }],
          ["mix", ->(one) { one.steeped && !one.ends? && one.says?(:warms) }],
          [:previous.to_proc, ->(one) { one.previous == "fry" && !one.puts && one.says?(:heat_up) }],
          ["fry", SOON_FRIED],
          ["par-boil", lambda { |one|
            one.rice && one.later && one.drained && one.minutes &&
              (one.previous == "boil" || one.says?(:boiling))
          }],
          ["boil", ->(sense) { sense.in? && !sense.done? && sense.says?(:bubbles) }],
          ["fill", ->(one) { one.rice && !one.in? && one.says?(:cooker) }],
          ["simmer", ->(one) { one.several && !one.rice && one.clause.say.match?(Labels::HEADS_LIST) }],
          ["fry", lambda { |one|
            ((one.puts || !one.in?) && FRIES.call(one)) || (one.says?(:heats_fat) && !one.liquid)
          }],
          ["simmer", ->(sense) { sense.stage != RiceCourse::WITH || sense.clause.meanwhile }],
          ["simmer", ->(one) { one.puts && !one.rice && one.says?(:warms) }],
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
          ["boil", WATER_STANDS],
          [->(sense) { TOP.call(sense, "sprinkle", "fold") },
           ->(sense) { sense.in? && sense.puts && !sense.minutes }],
          ["rest", ->(one) { one.minutes && !one.puts && one.says?(:off_fire) }],
          ["steam", ->(sense) { sense.says?(:steamer) && sense.minutes && !sense.done? }],
          ["lay-in", ->(sense) { sense.says?(:stood_in) && sense.minutes.nil? }],
          ["bake", ->(sense) { sense.says?(:stood_in) && sense.says?(:oven) }],
          ["low", ->(sense) { sense.in? && sense.says?(:flame) }],
          ["low", lambda { |one|
            one.in? && !one.done? && one.minutes && one.waits && CLOSED.include?(one.previous)
          }],
          ["soak", ->(sense) { sense.minutes && sense.cold }],
          ["marinate", lambda { |one|
            [RiceCourse::WITH, RiceCourse::REST].include?(one.stage) && one.minutes &&
              one.previous == "mix" && !one.says?(:names_rice)
          }],
          ["reduce", ->(sense) { sense.in? && sense.says?(:left_open) && !sense.says?(:unopened) }],
          ["rest", :in?.to_proc], ["drain", ->(sense) { sense.says?(:sieve) }],
          ["stir", ->(one) { one.puts && one.minutes.nil? && one.says?(:off_fire) }],
          ["soak", ->(sense) { sense.says?(:soaks) }], ["fry", FRIES_ON],
          ["simmer", ->(one) { one.says?(:pressure) }], ["marinate", ALWAYS]
        ],
        "taste" => [["simmer", SET_ON]],
        "sprinkle" => [["bake", BAKED_ON],
                       ["mix", ->(one) { one.several && !one.rice && one.says?(:dusts) }]],
        "seal" => [["bake", ->(one) { one.in? && one.minutes && IN_OVEN.call(one) }]],
        "fry" => [["bake", BROWNED],
                  ["lay-in", ->(one) { one.in? && one.minutes.nil? && one.says?(:lid_off) }],
                  ["soak", ->(one) { one.liquid && !one.fat && one.says?(:blooms) }], ["bake", BAKED_ON],
                  ["bake", ->(one) { one.minutes && one.says?(:in_oven) }]],
        "mix" => [["stir", ->(one) { one.says?(:seasons_pot) }],
                  ["stir", ->(one) { one.says?(:seasons) && SEASONED.include?(one.previous) }],
                  ["fry", ->(sense) { sense.minutes && !sense.in? && sense.says?(:in_its_fat) }],
                  ["sprinkle", ->(sense) { sense.in? && sense.puts && sense.says?(:over_it) }]],
        "put-back" => [["bake", ->(one) { one.minutes && (one.says?(:oven) || (one.oven && !one.puts)) }],
                       ["steam", ->(sense) { sense.minutes && sense.says?(:steamer) }]],
        "drain" => [["lay-in", ->(one) { one.in? && one.puts && one.says?(:over_it) }],
                    ["take-out", ->(one) { BOILED.include?(one.previous) && one.says?(:keeps_liquor) }]],
        "take-out" => [["cut", ->(one) { one.says?(:picks) }],
                       ["turn-out", ->(one) { one.in? && !one.apart && one.says?(:tips_out) }],
                       ["rest", ->(one) { one.previous == "bake" && one.in? && one.says?(:out_of_oven) }],
                       ["own", ->(one) { one.in? && one.oven && one.says?(:out_of_oven) }],
                       ["drain", ->(sense) { sense.says?(:water_away) }]],
        "marinate" => [["chill", ->(one) { one.done? && (!one.puts || one.says?(:kept_cold)) }]],
        "cool" => [["preheat", ->(one) { one.says?(:oven_hot) && one.minutes.nil? }]],
        "preheat" => [["bake", ->(one) { one.in? && one.minutes && !one.clause.say.match?(/heat/i) }]],
        "fluff" => [["stir", TURNED_HALFWAY],
                    ["mix", ->(one) { one.puts && !one.in? }], ["fold", :puts.to_proc]],
        "shape" => [["cut", SKINNED],
                    ["wrap", ->(one) { one.says?(:each_leaf) }], ["drain", SQUEEZED],
                    ["sprinkle", ->(one) { one.in? && one.puts && one.says?(:over_it) }],
                    ["layer", ->(one) { one.in? && one.rice && !one.says?(:into_shape) }]],
        "cut" => [["cut", ->(one) { one.says?(:stones) }],
                  ["dress", ->(one) { one.in? && one.says?(:through_rice) }],
                  ["sprinkle", ->(one) { one.in? && one.puts && one.says?(:grates_over) }],
                  ["sprinkle", ->(one) { one.in? && one.puts && one.says?(:cut_over) }],
                  ["serve", lambda { |one|
                    one.stage == RiceCourse::AFTER && one.puts && one.says?(:amount_first) && !one.strewn
                  }]]
      }.freeze

      module_function

      # The kind of a clause of which `sense` (ClauseSense) is known.
      def kind(sense)
        verb = sense.clause.kind
        first(OF_ALL, sense) || (verb ? first(BY_VERB.fetch(verb, []), sense) || verb : implied(sense))
      end

      def implied(sense)
        first(ImpliedKinds::ALL, sense) ||
          first(sense.in? && !sense.apart ? ImpliedKinds::IN : ImpliedKinds::BEFORE, sense)
      end

      def first(rules, sense)
        kind, = rules.find { |_, test| test.call(sense) }
        kind.respond_to?(:call) ? kind.call(sense) : kind
      end
      private_class_method :first, :implied
    end
  end
end
