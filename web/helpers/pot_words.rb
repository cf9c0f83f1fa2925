# frozen_string_literal: true

require_relative "../../lib/fond_kettle/kit/vessel"
require_relative "../../lib/fond_kettle/larder/grains"
require_relative "../../lib/fond_kettle/measure/rounding"
require_relative "../../lib/fond_kettle/method/own_way"
require_relative "../../lib/fond_kettle/pot/depth"
require_relative "../../lib/fond_kettle/pot/fit"
require_relative "../../lib/fond_kettle/pot/loss"
require_relative "../../lib/fond_kettle/pot/wash"
require_relative "../drawings/balance_drawing"
require_relative "../drawings/course_drawing"
require_relative "../drawings/pot_drawing"
require_relative "unit_names"

module FondKettle
  module Web
    module Helpers
      # The words of the Pot page: choices, hints and what belongs to them.
      module PotWords
        PORTIONS = { "side" => "beside other dishes", "main" => "the main of the meal", "one-pot" => "the whole meal" }.freeze
        LIDS = (Pot::Loss::LIDS - ["cooker"]).map { |lid| [lid, lid] }.push(["cooker", "rice cooker's own"])
               .sort_by { |lid, _| lid == "ordinary" ? 0 : 1 }.freeze
        DRAINS = [["quick", "quickly"], ["shaken", "shaken well"], ["long", "10 min in the sieve"],
                  ["air-dried", "air-dried an hour"], ["cooked-in", "not: cook in the soaking water"]].freeze
        UNITS = UnitNames::RICE
        TEXTURES = { -1.0 => "firm", -0.5 => "a little firm", 0.0 => "standard", 0.5 => "a little soft", 1.0 => "soft" }.freeze
        # What narrows a range less than to this share of it is not worth the trouble.
        WORTH_IT = 0.9
        SPREAD_WORDS = { uptake: "how much this bag drinks",
                         lid: "how much steam the lid lets out",
                         open: "how fast it boils off open", carry: "how well the rice was drained",
                         power: "how strong the burner is" }.freeze

        # What a pot and a cup are told by, for Fields#nested_fields.
        POT_FIELDS = [[:name, "Name"], [:diameter_mm, "Inside width, mm"], [:height_mm, "Inside height, mm"], [:lid, "Lid", LIDS],
                      [:material, "Made of", Kit::MATERIALS.keys], [:kg, "Weight, kg"]].freeze
        # A pot that was tested knows its own lid.
        KNOWN_POT_FIELDS = [*POT_FIELDS, [:lid_factor, "Loss, times the book's"]].freeze
        CUP_FIELDS = [[:name, "Name"], [:ml, "Holds, mL"]].freeze

        def grain_name(key)
          Larder::Grains.fetch(key).name
        end

        def grain_choices
          Larder::Grains.all.values.map { |grain| [grain.key, grain.name] }
        end

        def method_choices
          household.schools.all.values.map { |school| [school.key, school.name] }
        end

        def own_kinds
          Method::OwnWay::KINDS.to_a
        end

        def burner_choices(form)
          [["", "what suits"]] + form.kit.burners.map { |burner| [burner[:id], "#{burner[:name]}, #{plain(burner[:high_w])} W"] }
        end

        # With `liquid_g`, the water as the cook has it, not as planned.
        def pot_drawing(plan, liquid_g = nil)
          Drawings::PotDrawing.new(plan, liquid_g || plan.liquid_g).to_s
        end

        # The pots and the cups of the cupboard to choose from, or the usual ones.
        def choose_pot(form)
          pots = form.kit.pots.map { |pot| [pot[:id], "#{pot[:name]}, #{plain(pot[:diameter_mm])} mm"] }
          choose("pot", "Pot", form.kit.pot && form.kit.pot[:id], pots.empty? ? [["", "A usual pot"]] : pots, form.problems)
        end

        def choose_cup(form)
          cups = form.kit.cups.map { |cup| [cup[:id], "#{cup[:name]}, #{plain(cup[:ml])} mL"] }
          choose("cup", "Cup", form.kit.cup && form.kit.cup[:id], cups.empty? ? [["", "US cup, 237 mL"]] : cups, form.problems)
        end

        # The amounts of a remedy ({add_g, off_g, minutes}), a sentence each; `measures`:
        # a Measure::House. Cooks begun before there was an off_g have none.
        def remedy_amounts(remedy, measures)
          [[remedy[:off_g].to_i, "to pour off"], [remedy[:add_g], "hot water"]].filter_map do |amount_g, words|
            "#{grams(amount_g)} #{words}, #{Measure::Spoken.say(amount_g, measures)}." if amount_g.positive?
          end.push(*("#{minutes(remedy[:minutes])} more." if remedy[:minutes].positive?))
        end

        # What would narrow the range: [address or nil, words], or nil where nothing would.
        def narrower(spread)
          low_g, high_g = spread.then_g
          return unless low_g && high_g - low_g < WORTH_IT * (spread.high_g - spread.low_g)

          { lid: ["/tests#lid", "Test the lid once"],
            uptake: [nil, "Cook it and write down how it came out"] }[spread.largest]
        end

        def own_ways(plan)
          Method::OwnWay.new(plan.charge, plan.request.vessel, plan.request.measures.cup, finger_mm: kitchen[:finger_mm])
        end

        # The planned water in the other ways of saying it; a mark only for a bowl that has some.
        def said_otherwise(plan, form)
          ways = own_ways(plan)
          volume, weight, finger = %w[volume weight finger].map { |kind| ways.amount(kind, plan.liquid_g) }
          depth = Pot::Depth.words(ways.amount("depth", plan.liquid_g))
          depth = "#{depth} (#{plain(finger.round(2))} finger joints)" if finger.positive?
          ["#{parts(volume)} to 1 of rice by cup", "#{plain(weight.round(2))} by weight", depth, *bowl_mark(ways, plan, form)]
        end

        def bowl_mark(ways, plan, form)
          return unless plan.request.vessel.lid == "cooker"

          held_ml = ways.amount("mark", plan.liquid_g) * plan.request.measures.cup.ml
          "up to where the empty bowl holds #{held_ml.round} mL (#{spoken(held_ml, form)})"
        end

        # "1.04 parts", "1 part"
        def parts(ratio)
          said = plain(ratio.to_f.round(2))
          said == "1" ? "1 part" : "#{said} parts"
        end

        def course_drawing(run, other)
          Drawings::CourseDrawing.new(run, other).to_s
        end

        def plan_json(plan)
          Formats::PlanJson.call(plan)
        end

        def balance_drawing(answer, measures)
          Drawings::BalanceDrawing.new(answer, measures)
        end

        # The same in a cup of the cupboard (a record), or the US cup.
        def spoken_by(amount_g, cup)
          Measure::Spoken.say(amount_g, household.measures(cup))
        end

        # Every second minute of a run, with what was seen since the row before.
        def course_rows(run)
          rows = run.curve.each_slice(4).map(&:last)
          before = -1.0
          rows.map do |point|
            seen = run.cues.select { |cue| cue.at_min > before && cue.at_min <= point.min }
            before = point.min
            [point, seen.map { |cue| "#{Drawings::CourseDrawing::CUES.fetch(cue.cue)} at #{plain(cue.at_min.round(1))}" }]
          end
        end

        # The plan's address for another school, with that school's own ways.
        def school_address(form, plan)
          own = { method: plan.school.key, pot: nil, burner: nil, rinse: nil, soak: nil, drain: nil, crust: nil, stir: nil,
                  cover: nil }
          own = own.except(:pot, :burner) if plan.request.vessel.id == form.kit.pot&.fetch(:id)
          form.address(**own)
        end

        # A volume of water in the plan's cup and spoons.
        def spoken(amount_g, form)
          Measure::Spoken.say(amount_g, form.kit.measures)
        end

        # The house's own cup first.
        def unit_choices(form)
          cup = form.kit.cup ? "#{form.kit.cup[:name]}, #{plain(form.kit.cup[:ml])} mL" : "cups"
          [%w[g grams], ["cup", cup], *UNITS.except("g").to_a]
        end

        # The five usual textures and whatever else the address asks for.
        def textures(form)
          asked = Float(form[:texture].to_s, exception: false)
          known = TEXTURES.map { |value, words| [Measure::Rounding.plain(value), words] }
          value = Measure::Rounding.plain(asked) if asked&.finite?
          return known if value.nil? || known.map(&:first).include?(form[:texture].to_s)

          [[form[:texture], "between (#{value})"], *known]
        end

        def cautions_at(answer, step)
          answer[:cautions].select { |caution| step[:cautions].include?(caution[:code]) }
        end

        # "18:05": so many minutes before serving, or nil where no time is set.
        def clock_before(form, before_min)
          hours, mins = form[:serve].to_s.match(/\A(\d\d):(\d\d)\z/)&.captures&.map(&:to_i)
          return unless hours

          at = ((hours * 60) + mins - before_min.ceil) % 1440
          format("%02d:%02d", at / 60, at % 60)
        end

        # For a batch that does not fit: the smallest other pot of the cupboard that takes it.
        def roomier_pot(form, plan, warning)
          smallest_fitting(form, plan.request.vessel, plan.charge, plan.liquid_g) if too_much?(warning)
        end

        # For one that could go into equal pots and does not yet.
        def splits?(form, plan, warning)
          too_much?(warning) && plan.fit.batches > 1 && form.batches == 1
        end

        def too_much?(warning)
          Pot::Fitting::TOO_MUCH.include?(warning[:code])
        end

        def smallest_fitting(form, vessel, charge, liquid_g)
          kind = form.kit.pots.reject { |pot| (pot[:lid] == "cooker") ^ (vessel.lid == "cooker") }
          kind.map { |pot| form.household.value(:pots, pot) }
              .select { |other| Pot::Fitting.check(charge, liquid_g, other).fits? }.min_by(&:volume_ml)
        end
      end
    end
  end
end
