# frozen_string_literal: true

require_relative "../vessels/wash_vessel"
require_relative "rice_course"

module FondKettle
  module Reading
    # Kinds of clauses that say no verb, as KindRules has them by their verb.
    module ImpliedKinds
      # "Half the rice on top", "half the stew, half the rice, the rest of the stew"
      HALF_RICE = /\A\W*(?:then\s+)?(?:half|a\s+third|some)\s+(?:of\s+)?(?:the\s+)?rice\b
                   |\bhalf\s+(?:of\s+)?the\s+rice\b[^.]*\brest\s+of\s+the\s/ix
      ALWAYS = ->(_) { true }
      # "Lid, lowest, 18 minutes" is on the ring, however hot the oven is.
      IN_OVEN = ->(sense) { sense.oven && !sense.says?(:lowest) }
      # What is laid by these is laid on by what follows.
      LAID = %w[lay-in layer].freeze

      # Of a clause without a verb, whatever the rice does.
      ALL = [
        ["marinate", lambda { |one|
          one.minutes && one.clause.say.match?(/\bin(?:to)?\s+(?:the|its)\s+marinade\b/i)
        }],
        ["wrap", ->(sense) { sense.says?(:each_leaf) }],
        ["wrap", ->(sense) { sense.wrapped && sense.previous == "wrap" && !sense.ends? }],
        ["rest", ->(one) { one.in? && one.previous == "bake" && one.says?(:out_alone) }],
        ["take-out", ->(sense) { sense.says?(:out) }],
        ["put-back", ->(sense) { sense.says?(:back) }],
        ["take-out", ->(sense) { sense.minutes && !sense.puts && sense.says?(:into_bowl) }],
        ["simmer", ->(sense) { sense.minutes && sense.puts && sense.says?(:boiling_water) }],
        ["simmer", ->(sense) { sense.minutes && sense.puts && sense.says?(:from_boil) }],
        ["steam", ->(sense) { sense.minutes && sense.says?(:steamer) }],
        ["fry", ->(one) { one.fat && !one.in? && !one.ends? && !one.liquid && one.says?(:pan_heat) }],
        ["sprinkle", ->(one) { one.in? && one.puts && !one.liquid && one.says?(:to_taste) }],
        ["mix", lambda { |one|
          one.says?(:plus) && one.puts && !one.ends? && !one.liquid && (one.in? || !one.last)
        }],
        ["simmer", ->(one) { one.in? && one.liquid && !one.rice && one.says?(:warms) }],
        ["fold", ->(sense) { sense.in? && sense.says?(:through_rice) }],
        ["preheat", lambda { |one|
          one.says?(:oven_hot) && one.minutes.nil? && (!one.done? || one.clause.meanwhile)
        }],
        ["fry", ->(sense) { sense.fat && sense.says?(:fat_hot) }],
        ["fry", ->(one) { one.fat && one.done? && !one.liquid && one.minutes && !one.says?(:over_it) }],
        ["fry", ->(one) { one.puts && one.done? && one.previous == "fry" && one.says?(:put_in) }],
        ["mix", ->(sense) { sense.done? && sense.says?(:everything) }],
        ["serve", ->(sense) { sense.says?(:beside) && sense.minutes.nil? }],
        ["serve", ->(sense) { sense.in? && sense.says?(:platter) }],
        ["fry", ->(one) { one.puts && one.done? && one.previous == "fry" && (one.goes_on || one.minutes) }],
        ["fold", lambda { |sense|
          sense.puts && sense.done? && sense.minutes.nil? && sense.says?(:put_in_gently)
        }],
        ["sprinkle", ->(sense) { sense.puts && sense.done? && (sense.garnish || sense.says?(:on_top)) }],
        ["mix", ->(sense) { sense.several && sense.done? && sense.says?(:small_vessel) }],
        ["cut", ->(sense) { sense.puts && sense.done? && sense.minutes.nil? && sense.says?(:cut_up) }],
        ["simmer", lambda { |one|
          wet = one.liquid || one.says?(:broth) || one.previous == "simmer"
          one.done? && one.puts && one.minutes && wet
        }],
        ["serve", ->(sense) { sense.puts && sense.done? }],
        ["bake", ->(sense) { sense.minutes && sense.says?(:oven) && !sense.says?(:oven_later) }],
        ["bake", ->(sense) { sense.minutes && sense.oven && sense.says?(:tray) }]
      ].freeze

      # And once the rice is in.
      IN = [
        ["rest", ->(sense) { sense.stage == RiceCourse::REST && sense.minutes && !sense.puts }],
        ["rest", ->(sense) { sense.minutes && !sense.puts && sense.says?(:off_fire) }],
        ["seal", ->(sense) { sense.says?(:foil_alone) }],
        ["rest", ->(sense) { sense.says?(:rests) || (sense.says?(:cloth) && !sense.says?(:covers)) }],
        ["bake", ->(sense) { IN_OVEN.call(sense) && sense.minutes && !sense.done? }],
        ["reduce", ->(sense) { sense.says?(:big_flame) && sense.ends? }],
        ["layer", ->(sense) { sense.says?(:names_rice) && sense.minutes.nil? && !sense.says?(:programme) }],
        ["reduce", ->(sense) { sense.says?(:opened) && !sense.says?(:unopened) && !sense.says?(:on_top) }],
        ["fry", lambda { |one|
          one.fat && one.minutes.to_f.between?(0.1, 4) && !one.says?(:low) && !one.says?(:on_top)
        }],
        ["lay-in", ->(sense) { sense.puts && sense.minutes.nil? && !sense.says?(:low) }],
        ["lay-in", ->(sense) { sense.says?(:broth) && !sense.ends? }],
        ["low", ALWAYS]
      ].freeze

      ICED = /\bin(?:to)?\s+(?:an?\s+(?:bowl|basin|sink|pot)\s+of\s+)?(?:iced?|ice-cold)\s+water\b/i
      WATER_OF = WashVessel::SAME_WATER
      # By these something lies in its tin, when the oven is hot.
      TOSSED = %w[mix lay-in sprinkle].freeze
      # And before.
      BEFORE = [
        ["cut", ->(sense) { sense.puts && sense.minutes.nil? && !sense.ends? && sense.says?(:in_shape) }],
        ["mix", ->(sense) { sense.rubbed && sense.puts && !sense.ends? }],
        ["mix", ->(sense) { sense.steeped && !sense.ends? && sense.says?(:into_liquid) }],
        ["layer", ->(sense) { sense.clause.say.match?(HALF_RICE) }],
        ["lay-in", ->(one) { one.puts && one.goes_on && !one.ends? && LAID.include?(one.previous) }],
        ["lay-in", lambda { |one|
          one.says?(:names_rice) && one.goes_on && !one.ends? && LAID.include?(one.previous)
        }],
        ["simmer", ->(one) { one.puts && one.minutes && one.clause.say.match?(WATER_OF) }],
        ["cool", ->(one) { one.clause.say.match?(ICED) }],
        ["bake", ->(one) { one.minutes && !one.puts && one.oven && TOSSED.include?(one.previous) }],
        ["soak", ->(sense) { sense.says?(:soaks) }],
        ["par-boil", ->(one) { one.minutes && !one.puts && one.previous == "par-boil" }],
        ["marinate", ->(one) { one.minutes && !one.puts && one.previous == "mix" && one.says?(:fridge) }],
        ["lay-in", ->(one) { one.says?(:goes_into) && !one.says?(:names_rice) }],
        ["layer", ->(sense) { sense.says?(:names_rice) && sense.says?(:on_top) }],
        ["par-boil", ->(sense) { sense.says?(:rice_in) && sense.minutes && sense.drained }],
        ["par-boil", ->(one) { one.says?(:names_rice) && one.minutes && one.drained && one.says?(:boiling) }],
        ["fill", ->(sense) { sense.says?(:rice_in) }],
        ["lay-in", ->(sense) { sense.says?(:on_top) && !sense.ends? }],
        ["cut", ->(one) { one.puts && !one.several && !one.ends? && !one.goes_on && one.says?(:cut_up) }],
        ["fry", ->(sense) { sense.puts && !sense.liquid && sense.says?(:in_its_fat) }],
        ["simmer", ->(sense) { sense.liquid || (sense.says?(:broth) && !sense.fat) }],
        ["simmer", ->(sense) { sense.minutes && sense.says?(:lidded) }],
        ["fry", :fat.to_proc],
        [:last.to_proc, :last.to_proc],
        ["simmer", ->(one) { one.ends? && one.says?(:everything) }],
        ["fill", ->(one) { one.says?(:all_in_pot) }],
        ["fill", ->(one) { (one.rice || one.says?(:everything)) && one.says?(:cooker) }],
        ["own", ->(sense) { !sense.puts }],
        [->(sense) { sense.ends? ? "fry" : "lay-in" }, ALWAYS]
      ].freeze
    end
  end
end
