# frozen_string_literal: true

require_relative "../../lib/fond_kettle/kit/vessel"
require_relative "../../lib/fond_kettle/larder/grains"
require_relative "../../lib/fond_kettle/measure/rounding"
require_relative "../../lib/fond_kettle/method/schools"
require_relative "../../lib/fond_kettle/pot/fit"
require_relative "../../lib/fond_kettle/pot/loss"
require_relative "../../lib/fond_kettle/pot/wash"
require_relative "../drawings/balance_drawing"
require_relative "../drawings/pot_drawing"

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
        UNITS = { "g" => "grams", "kg" => "kilograms", "oz" => "ounces", "lb" => "pounds", "ml" => "millilitres",
                  "us-cup" => "US cups, 237 mL", "metric-cup" => "metric cups, 250 mL",
                  "rice-cup" => "rice-cooker cups, 180 mL" }.freeze
        TEXTURES = { -1.0 => "firm", -0.5 => "a little firm", 0.0 => "standard", 0.5 => "a little soft", 1.0 => "soft" }.freeze
        SPREAD_WORDS = { uptake: "how much this bag drinks", lid: "how much steam the lid lets out",
                         open: "how fast it boils off open", carry: "how well the rice was drained",
                         power: "how strong the burner is" }.freeze

        # What a pot and a cup are told by, for Fields#nested_fields.
        POT_FIELDS = [[:name, "Name"], [:diameter_mm, "Inside width, mm"], [:height_mm, "Inside height, mm"], [:lid, "Lid", LIDS],
                      [:material, "Made of", Kit::MATERIALS.keys], [:kg, "Weight, kg"]].freeze
        CUP_FIELDS = [[:name, "Name"], [:ml, "Holds, mL"]].freeze

        def grain_choices
          Larder::Grains.all.values.map { |grain| [grain.key, grain.name] }
        end

        def method_choices
          Method::Schools.all.values.map { |school| [school.key, school.name] }
        end

        def pot_drawing(plan)
          Drawings::PotDrawing.new(plan).to_s
        end

        def balance_drawing(answer)
          Drawings::BalanceDrawing.new(answer)
        end

        # The house's own cup first.
        def unit_choices(form)
          cup = form.cup ? "#{form.cup[:name]}, #{plain(form.cup[:ml])} mL" : "cups"
          [%w[g grams], ["cup", cup], *UNITS.except("g").to_a]
        end

        # The five usual textures and whatever else the address asks for.
        def textures(form)
          asked = Float(form[:texture].to_s, exception: false)
          known = TEXTURES.map { |value, words| [Measure::Rounding.plain(value), words] }
          value = asked && Measure::Rounding.plain(asked)
          return known if value.nil? || known.map(&:first).include?(form[:texture].to_s)

          [[form[:texture], "between (#{value})"], *known]
        end

        # Hints that follow what is chosen.
        def hints(form)
          { "rinse" => "0: not rinsed. #{cloudiness(form)}",
            "soak" => "Blank: the usual #{plain(form.school.soak_min(form.grain))} min for #{form.grain.name.downcase}" }
        end

        # What a change moves beside the answer: hints and problems, by the name of their spot.
        def spots(form)
          hints(form).to_h { |name, hint| ["hint-#{name}", Html::Markup.escape(hint)] }
                     .merge(form.problems.to_h { |problem| ["problem-#{problem[:field]}", told(problem[:message])] })
        end

        def cloudiness(form)
          changes = Integer(form[:rinse].to_s, 10, exception: false)
          return "" unless changes&.between?(1, 20)

          "#{changes}: #{(Pot::Wash.cloudiness(form.grain, changes) * 100).round} % of the cloudiness is left."
        end

        def cautions_at(answer, step)
          answer[:cautions].select { |caution| step[:cautions].include?(caution[:code]) }
        end

        # "18:05", back from the serving time, or nil.
        def start_time(form, answer)
          hours, mins = form[:serve].to_s.match(/\A(\d\d):(\d\d)\z/)&.captures&.map(&:to_i)
          return unless hours

          start = ((hours * 60) + mins - answer[:minutes][:total].ceil) % 1440
          format("%02d:%02d", start / 60, start % 60)
        end

        # For a batch that does not fit: the smallest other pot of the cupboard that takes it.
        def roomier_pot(form, plan, warning)
          return unless Pot::Fitting::TOO_MUCH.include?(warning[:code])

          fitting = form.pots.reject { |pot| (pot[:lid] == "cooker") ^ (plan.request.vessel.lid == "cooker") }
                        .map { |pot| form.household.value(:pots, pot) }
                        .select { |vessel| Pot::Fitting.check(plan.charge, plan.liquid_g, vessel).fits? }
          fitting.min_by(&:volume_ml)&.name
        end
      end
    end
  end
end
