# frozen_string_literal: true

require_relative "rice_course"

module FondKettle
  module Reading
    # What a clause does (a key of Care::Kinds), by its verb's kind or without one: of each list the first
    # rule that fits counts. A rule's test takes a ClauseSense; a kind may be found by one too.
    module KindRules
      ALWAYS = ->(_) { true }
      # What goes on when something is turned or stirred in it.
      GOES_ON = %w[low steam bake boil].freeze
      # What is lifted out of these leaves a liquor behind.
      BOILED = %w[simmer boil broth].freeze
      FRIES = lambda do |sense|
        !sense.liquid && (sense.says?(:in_pan) || (sense.says?(:in_fat) && sense.last != "simmer"))
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
      # "Lid, lowest, 18 minutes" is on the ring, however hot the oven is.
      IN_OVEN = ->(sense) { sense.oven && !sense.says?(:lowest) }
      TOP = ->(sense, there, else_kind) { sense.says?(:on_top) ? there : else_kind }

      # Kinds of verbs behind which a heat and a time mean that it is baked: "brush with oil, 230 °C, 20 min".
      LAID = %w[lay-in layer].freeze
      ROASTED = %w[sprinkle mix take-out stir lay-in].freeze

      # By the kind of a verb; one that is not here does what it says.
      BY_VERB = {
        "stir" => [
          ["mix", ->(sense) { sense.done? && sense.several && sense.says?(:dissolves) }],
          ["par-boil", ->(sense) { sense.previous == "par-boil" && sense.says?(:for_the_last) }],
          ["par-boil", ->(one) { one.rice && one.drained && one.minutes && one.previous == "boil" }],
          ["fry", ->(one) { one.done? && one.previous == "fry" && !one.rice && one.says?(:thrown_in) }],
          [->(sense) { TOP.call(sense, "sprinkle", "fold") }, ->(sense) { sense.stage == RiceCourse::AFTER }],
          ["low", ->(sense) { sense.in? && sense.minutes && sense.says?(:low) }],
          [:previous.to_proc, ->(sense) { sense.in? && sense.minutes && GOES_ON.include?(sense.previous) }],
          ["boil", ->(sense) { sense.in? && sense.minutes.nil? && sense.liquid }],
          [->(sense) { sense.minutes ? "stir" : TOP.call(sense, "lay-in", "stir") }, :in?.to_proc],
          ["mix", ->(sense) { sense.steeped && !sense.in? && !sense.ends? }],
          ["mix", ->(sense) { sense.previous == "cool" && sense.minutes.nil? }],
          ["mix", ->(sense) { sense.several && (sense.says?(:into) || (!sense.in? && sense.says?(:with))) }],
          ["reduce", ->(sense) { !sense.in? && sense.minutes && sense.says?(:thickens) }],
          ["lay-in", ->(sense) { !sense.ends? && (sense.boils || sense.says?(:into_pot)) }],
          ["simmer", :liquid.to_proc],
          [->(sense) { sense.last || (sense.several ? "mix" : "lay-in") }, ALWAYS]
        ],
        "toast" => [["bake", ->(sense) { sense.says?(:oven) || sense.minutes.to_f >= ROAST_MIN }]],
        "lay-in" => [["wrap", ->(sense) { sense.wrapped && sense.says?(:leaves) }],
                     ["sprinkle", :done?.to_proc], ["boil", ->(one) { one.in? && one.liquid && one.boils }]],
        "boil" => [["boil", :in?.to_proc],
                   ["par-boil", ->(sense) { (sense.rice || sense.previous == "par-boil") && sense.drained }],
                   ["boil", ->(sense) { sense.rice || !sense.ends? }], ["simmer", ALWAYS]],
        "simmer" => [
          ["fry", SOON_FRIED],
          ["boil", ->(sense) { sense.in? && !sense.done? && sense.says?(:bubbles) }],
          ["fry", ->(sense) { FRIES.call(sense) || (sense.says?(:heats_fat) && !sense.liquid) }],
          ["simmer", ->(sense) { sense.stage != RiceCourse::WITH || sense.clause.meanwhile }],
          ["reduce", ->(sense) { sense.says?(:opened) }], ["low", ALWAYS]
        ],
        "low" => [
          ["rest", ->(sense) { sense.in? && sense.minutes && sense.says?(:stands) && !sense.says?(:low) }],
          ["rest", ->(sense) { sense.in? && sense.minutes && sense.says?(:off_fire) }],
          ["rest", ->(sense) { sense.stage == RiceCourse::REST || (sense.in? && sense.previous == "drain") }],
          ["rest", STANDS_COVERED],
          ["low", ->(sense) { sense.in? && sense.says?(:programme) }],
          ["bake", ->(sense) { sense.in? && sense.minutes && (sense.says?(:oven) || IN_OVEN.call(sense)) }],
          ["lay-in", ->(sense) { sense.puts && !sense.ends? && sense.previous == "low" }],
          ["layer", ->(sense) { sense.rice && sense.says?(:names_rice) && sense.minutes.nil? }],
          ["low", :in?.to_proc], ["simmer", ->(sense) { sense.minutes || sense.liquid }], ["lay-in", ALWAYS]
        ],
        "layer" => [["serve", ->(sense) { sense.in? && sense.says?(:heaped_on) }],
                    ["cool", ->(sense) { sense.done? && sense.says?(:cools) }],
                    ["low", ->(sense) { sense.stage == RiceCourse::WITH && sense.minutes }]],
        "rest" => [
          ["fold", ->(sense) { sense.in? && sense.puts && !sense.minutes }],
          ["steam", ->(sense) { sense.says?(:steamer) && sense.minutes && !sense.done? }],
          ["lay-in", ->(sense) { sense.says?(:stood_in) && sense.minutes.nil? }],
          ["low", ->(sense) { sense.in? && sense.says?(:flame) }],
          ["soak", ->(sense) { sense.minutes && sense.cold }],
          ["reduce", ->(sense) { sense.in? && sense.says?(:left_open) && !sense.says?(:unopened) }],
          ["rest", :in?.to_proc], ["drain", ->(sense) { sense.says?(:sieve) }],
          ["soak", ->(sense) { sense.says?(:soaks) }], ["marinate", ALWAYS]
        ],
        "fry" => [["bake", ->(one) { one.stage == RiceCourse::WITH && one.minutes && IN_OVEN.call(one) }]],
        "mix" => [["fry", ->(sense) { sense.minutes && !sense.in? && sense.says?(:in_its_fat) }],
                  ["sprinkle", ->(sense) { sense.in? && sense.puts && sense.says?(:over_it) }]],
        "put-back" => [["bake", ->(sense) { sense.minutes && sense.says?(:oven) }],
                       ["steam", ->(sense) { sense.minutes && sense.says?(:steamer) }]],
        "drain" => [["take-out", ->(one) { BOILED.include?(one.previous) && one.says?(:keeps_liquor) }]],
        "take-out" => [["drain", ->(sense) { sense.says?(:water_away) }]],
        "marinate" => [["chill", :done?.to_proc]],
        "fluff" => [["fold", :puts.to_proc]],
        "shape" => [["drain", ->(one) { !one.in? && one.says?(:squeezed) && !one.says?(:pressed_into) }],
                    ["layer", ->(sense) { sense.in? && sense.rice }]],
        "cut" => [["serve", ->(sense) { sense.stage == RiceCourse::AFTER && sense.puts && !sense.strewn }]]
      }.freeze

      # Of a clause without a verb, whatever the rice does.
      IMPLIED = [
        ["wrap", ->(sense) { sense.says?(:each_leaf) }],
        ["wrap", ->(sense) { sense.wrapped && sense.previous == "wrap" && !sense.ends? }],
        ["take-out", ->(sense) { sense.says?(:out) }],
        ["put-back", ->(sense) { sense.says?(:back) }],
        ["take-out", ->(sense) { sense.minutes && !sense.puts && sense.says?(:into_bowl) }],
        ["simmer", ->(sense) { sense.minutes && sense.puts && sense.says?(:boiling_water) }],
        ["steam", ->(sense) { sense.minutes && sense.says?(:steamer) }],
        ["mix", ->(one) { one.says?(:plus) && one.puts && !one.ends? && (one.in? || !one.last) }],
        ["fold", ->(sense) { sense.in? && sense.says?(:through_rice) }],
        ["preheat", ->(sense) { sense.says?(:oven_hot) && !sense.in? && sense.minutes.nil? }],
        ["fry", ->(sense) { sense.fat && sense.says?(:fat_hot) }],
        ["fry", ->(one) { one.puts && one.done? && one.previous == "fry" && one.says?(:put_in) }],
        ["mix", ->(sense) { sense.done? && sense.says?(:everything) }],
        ["serve", ->(sense) { sense.says?(:beside) && sense.minutes.nil? }],
        ["serve", ->(sense) { sense.in? && sense.says?(:platter) }],
        ["fry", ->(one) { one.puts && one.done? && one.previous == "fry" && (one.goes_on || one.minutes) }],
        ["sprinkle", ->(sense) { sense.puts && sense.done? && (sense.garnish || sense.says?(:on_top)) }],
        ["serve", ->(sense) { sense.puts && sense.done? }],
        ["bake", ->(sense) { sense.minutes && sense.says?(:oven) && !sense.says?(:oven_later) }],
        ["bake", ->(sense) { sense.minutes && sense.oven && sense.says?(:tray) }]
      ].freeze

      # And once the rice is in.
      IMPLIED_IN = [
        ["rest", ->(sense) { sense.stage == RiceCourse::REST && sense.minutes && !sense.puts }],
        ["seal", ->(sense) { sense.says?(:foil_alone) }],
        ["rest", ->(sense) { sense.says?(:rests) || (sense.says?(:cloth) && !sense.says?(:covers)) }],
        ["bake", ->(sense) { IN_OVEN.call(sense) && sense.minutes && !sense.done? }],
        ["reduce", ->(sense) { sense.says?(:big_flame) && sense.ends? }],
        ["layer", ->(sense) { sense.says?(:names_rice) && sense.minutes.nil? && !sense.says?(:programme) }],
        ["reduce", ->(sense) { sense.says?(:opened) && !sense.says?(:unopened) && !sense.says?(:on_top) }],
        ["lay-in", ->(sense) { sense.puts && sense.minutes.nil? && !sense.says?(:low) }],
        ["lay-in", ->(sense) { sense.says?(:broth) && !sense.ends? }],
        ["low", ALWAYS]
      ].freeze

      # And before.
      IMPLIED_BEFORE = [
        ["mix", ->(sense) { sense.rubbed && sense.puts && !sense.ends? }],
        ["mix", ->(sense) { sense.steeped && !sense.ends? && sense.says?(:into_liquid) }],
        ["layer", ->(sense) { sense.says?(:half_rice) }],
        ["lay-in", ->(one) { one.puts && one.goes_on && !one.ends? && LAID.include?(one.previous) }],
        ["soak", ->(sense) { sense.says?(:soaks) }],
        ["layer", ->(sense) { sense.says?(:names_rice) && sense.says?(:on_top) }],
        ["par-boil", ->(sense) { sense.says?(:rice_in) && sense.minutes && sense.drained }],
        ["fill", ->(sense) { sense.says?(:rice_in) }],
        ["lay-in", ->(sense) { sense.says?(:on_top) && !sense.ends? }],
        ["fry", ->(sense) { sense.puts && !sense.liquid && sense.says?(:in_its_fat) }],
        ["simmer", ->(sense) { sense.liquid || (sense.minutes && sense.says?(:lidded)) }],
        ["fry", :fat.to_proc],
        [:last.to_proc, :last.to_proc],
        ["own", ->(sense) { !sense.puts }],
        [->(sense) { sense.ends? ? "fry" : "lay-in" }, ALWAYS]
      ].freeze

      module_function

      # The kind of a clause of which `sense` (ClauseSense) is known.
      def kind(sense)
        verb = sense.clause.kind
        return "bake" if ROASTED.include?(verb) && sense.minutes && sense.says?(:hot_air)

        return first(BY_VERB.fetch(verb, []), sense) || verb if verb

        first(IMPLIED, sense) || first(sense.in? && !sense.apart ? IMPLIED_IN : IMPLIED_BEFORE, sense)
      end

      def first(rules, sense)
        kind, = rules.find { |_, test| test.call(sense) }
        kind.respond_to?(:call) ? kind.call(sense) : kind
      end
      private_class_method :first
    end
  end
end
