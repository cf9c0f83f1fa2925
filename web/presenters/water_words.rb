# frozen_string_literal: true

require_relative "../../lib/fond_kettle/measure/numeral"
require_relative "../../lib/fond_kettle/measure/spoken"
require_relative "../../lib/fond_kettle/methods/placing/amounts"
require_relative "../../lib/fond_kettle/methods/solved/comes_out"
require_relative "../../lib/fond_kettle/methods/request/own_rule"
require_relative "../../lib/fond_kettle/pot/depth"

module FondKettle
  module Web
    module Presenters
      # Amounts of water as the pages say them: in the house's measures, as ratio and
      # depth, how sure they are, and what to pour off or add.
      module WaterWords
        # What narrows a range less than to this share of it is not worth the trouble.
        WORTH_IT = 0.9

        # A volume of water in the plan's cup and spoons.
        def spoken(amount_g, form)
          Measure::Spoken.say(amount_g, form.kit.measures)
        end

        # Two amounts of water as a cook says them: "between **2 3/4** and **3 1/4 jam glasses** (590 g to
        # 680 g)", or in grams alone where both are the same quarter of the cup.
        def between(low_g, high_g, form)
          measures = form.kit.measures
          low, high = [low_g, high_g].map { |g| (g * 4 / measures.cup.ml).round / 4.0 }
          weights = [low_g, high_g].map { |g| measures.weighed(g) }
          return "between **#{weights.first}** and **#{weights.last}**" if low == high

          cups = [Measure::Numeral.write(low), "#{Measure::Numeral.write(high)} #{measures.cup.named(high)}"]
          "between **#{cups.first}** and **#{cups.last}** (#{weights.join(' to ')})"
        end

        # Range of a plan as an act (pour_g, keep_g, look_min): what to pour, where that is not
        # what is planned anyway, what to keep hot, and when to look.
        def act_words(act, form, plan)
          pour, keep, planned = [act[:pour_g], act[:keep_g], plan.liquid_g].map do |g|
            "**#{form.kit.measures.weighed(g)}** (#{spoken(g, form)})"
          end
          begins = pour == planned ? "Keep" : "Or pour #{pour} and keep"
          "#{begins} #{keep} hot: #{act[:look_min].floor} min after the heat went on, tilt the pot. Are " \
            "the craters dry and the grain firm? Sprinkle it, a little at a time."
        end

        # The water of a plan, or so much of it, in the house's measures.
        def poured(plan, amount_g = plan.liquid_g)
          Methods::Amounts.in_cups(amount_g, plan.load, plan.request.measures)
        end

        # Amounts of a remedy ({add_g, off_g, minutes}), a sentence each; `measures`:
        # a Measure::House. Cooks begun before there was an off_g have none.
        def remedy_amounts(remedy, measures)
          [[remedy[:off_g].to_i, "to pour off"],
           [remedy[:add_g], "hot water"]].filter_map do |amount_g, words|
            "#{grams(amount_g)} #{words}, #{Measure::Spoken.say(amount_g, measures)}." if amount_g.positive?
          end.push(*("#{minutes(remedy[:minutes])} more." if remedy[:minutes].positive? && !remedy[:look]))
        end

        # Outcome of a plan or of a trial, the worst first: "**just right**: the top firm, …".
        def outcome_words(outcome)
          said = "**#{Methods::ComesOut.words(outcome.comes_out)}**"
          outcome.comes_out == outcome.verdict ? "#{said}#{top_and_floor(outcome.floor_and_top)}" : said
        end

        # Text about a deep bed with two outcomes: ": the top firm, the floor just right".
        def top_and_floor(parts)
          return if parts[:top] == parts[:floor]

          top, floor = parts.values_at(:top, :floor).map { |verdict| Methods::ComesOut.words(verdict) }
          ": the top #{top}, the floor #{floor}"
        end

        # The knowledge that would narrow the range: [address or nil, words], or nil.
        def narrower(spread)
          return unless worth_narrowing(spread, spread.largest)

          { lid: ["/tests#lid", "Test the lid once"],
            uptake: [nil, "Cook it and write down how it came out"] }[spread.largest]
        end

        # True when the range is worth the trouble of knowing `cause` better.
        def worth_narrowing(spread, cause)
          narrowed = spread.narrowed[cause]
          narrowed && width(narrowed) < WORTH_IT * width([spread.low_g, spread.high_g])
        end

        def width((low_g, high_g))
          high_g - low_g
        end

        # The planned water in the other ways of saying it; a mark only for a bowl that has some.
        def said_otherwise(plan, form)
          ways = Methods::OwnRule.of(plan, kitchen[:finger_mm])
          volume, weight, finger = %w[volume weight finger].map { |kind| ways.amount(kind, plan.liquid_g) }
          depth = Pot::Depth.words(ways.amount("depth", plan.liquid_g))
          depth = "#{depth} (#{joints(finger)})" if finger.positive?
          ["#{parts(volume)} to 1 of rice by cup", "#{plain(weight.round(2))} by weight", depth,
           *bowl_mark(ways, plan, form)]
        end

        # Finger joints in quarters: a finger tells no more.
        def joints(number)
          quarters = (number * 4).round / 4.0
          return "under 1/4 finger joint" if quarters.zero?

          "about #{Measure::Numeral.write(quarters)} finger joint#{'s' if quarters > 1}"
        end

        def bowl_mark(ways, plan, form)
          return unless plan.request.vessel.kind.marked

          held_ml = ways.amount("mark", plan.liquid_g) * plan.request.measures.cup.ml
          "up to where the empty bowl holds #{held_ml.round} mL (#{spoken(held_ml, form)})"
        end

        # "1.04 parts", "1 part"
        def parts(ratio)
          said = plain(ratio.to_f.round(2))
          said == "1" ? "1 part" : "#{said} parts"
        end
      end
    end
  end
end
