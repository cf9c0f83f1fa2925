# frozen_string_literal: true

require_relative "implied_kinds"
require_relative "rice_course"

module FondKettle
  module Reading
    # Tests by which KindRules tells kinds apart, and the kinds that they go by. Each takes a ClauseSense.
    module KindTests
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
      BAKED_ON = ->(one) { one.stage == RiceCourse::WITH && one.minutes && ImpliedKinds::IN_OVEN.call(one) }
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
        !one.in? && !one.puts && one.goes_on && one.ends? && one.last == "fry" &&
          %w[fry lay-in].include?(one.previous)
      end
      # "Squeeze the sausages out of their skins"
      SKINNED = lambda do |one|
        one.clause.say.match?(/\bsqueeze\b[^.;]*\bout\s+of\s+(?:their|its|the)\s+(?:skin|casing)s?\b/i)
      end
      # "Squeeze", of what was washed or boiled apart.
      SQUEEZED = lambda do |one|
        (!one.in? || one.boiled_apart?) && one.says?(:squeezed) && !one.says?(:pressed_into)
      end
      # "Put the chicken and the water in a pot, bring to a simmer and skim"
      SET_ON = lambda do |one|
        one.several && !one.in? && one.clause.say.match?(/\A\W*(?:then\s+)?(?:put|add|tip|place|pour)\b/i)
      end
      # "Turn it over halfway", "turn it over once", of rice that cooks.
      TURNED_HALFWAY = lambda do |one|
        one.stage == RiceCourse::WITH && one.clause.say.match?(/\bhalf\s?way\b|\bturn\b[^.;]*\bonce\b/i)
      end
      # "Season with mace", of what is on the fire.
      SEASONED = %w[fry toast simmer reduce boil broth stir low take-out].freeze
      # "Pour in boiling water to stand 1.5 cm above the rice"
      WATER_STANDS = lambda do |one|
        one.in? && one.clause.say.match?(/\bwater\b[^.;]*\bto\s+(?:stand|come|reach)\s+
                                          (?:about\s+|up\s+)?(?:\d|an?\s|two\s|half\s)/ix)
      end
      # "20 minutes at 220 to brown": so hot is an oven.
      BROWNED = lambda do |one|
        one.minutes && one.clause.say.match?(/\bat\s+[12]\d\d\b[^.;]*\bto\s+(?:brown|crisp|colou?r)\b/i)
      end
      TOP = ->(sense, there, else_kind) { sense.says?(:on_top) ? there : else_kind }
    end
  end
end
