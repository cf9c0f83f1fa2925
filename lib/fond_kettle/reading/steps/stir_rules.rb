# frozen_string_literal: true

require_relative "implied_kinds"
require_relative "kind_tests"
require_relative "rice_course"

module FondKettle
  module Reading
    # Rules, as KindRules has them, of what a clause does by whose verb something is stirred or put in.
    module StirRules
      include KindTests

      ALL = [
        ["layer", ->(one) { one.in? && one.rice && one.says?(:tips_into) }],
        ["bake", INTO_OVEN], ["take-out", ASIDE], ["rest", CLOTH],
        ["put-back", ->(one) { !one.rice && one.says?(:puts_back) }],
        ["soak", ->(one) { one.dried && !one.in? && one.says?(:water_over) }],
        ["mix", ->(sense) { sense.done? && sense.several && sense.says?(:dissolves) }],
        ["mix", ->(one) { one.done? && one.previous == "cut" && one.several && one.says?(:stirs_into) }],
        ["par-boil", lambda { |one|
          one.says?(:for_the_last) && (one.previous == "par-boil" || (one.drained && one.says?(:with_rice)))
        }],
        ["par-boil", ->(one) { one.rice && one.drained && one.previous == "boil" && !one.in? }],
        ["fry", ->(one) { one.done? && one.previous == "fry" && !one.rice && one.says?(:thrown_in) }],
        [->(sense) { TOP.call(sense, "sprinkle", "fold") },
         ->(sense) { sense.stage == RiceCourse::AFTER && !sense.apart }],
        ["low", ->(sense) { sense.in? && sense.minutes && sense.says?(:low) }],
        [:previous.to_proc, ->(sense) { sense.in? && sense.minutes && GOES_ON.include?(sense.previous) }],
        ["low", ->(one) { one.in? && !one.done? && one.minutes && !one.puts && one.says?(:heat_up) }],
        ["boil", ->(sense) { sense.in? && sense.minutes.nil? && sense.liquid }],
        [->(sense) { sense.minutes ? "stir" : TOP.call(sense, "lay-in", "stir") }, :in?.to_proc],
        ["lay-in", ->(sense) { sense.says?(:bottom_of) && !sense.in? }],
        ["mix", ->(one) { one.steeped && !one.in? && !one.ends? && !one.says?(:pours_in) }],
        ["mix", ->(sense) { sense.previous == "cool" && sense.minutes.nil? }],
        ["mix", ->(sense) { sense.several && (sense.says?(:into) || (!sense.in? && sense.says?(:with))) }],
        ["reduce", ->(sense) { !sense.in? && sense.minutes && sense.says?(:thickens) }],
        ["lay-in", ->(sense) { !sense.ends? && (sense.boils || sense.says?(:into_pot)) }],
        ["simmer", ->(one) { one.liquid || (one.rice && one.broth?) }],
        [->(sense) { sense.last || (sense.several ? "mix" : "lay-in") }, ImpliedKinds::ALWAYS]
      ].freeze
    end
  end
end
