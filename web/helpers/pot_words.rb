# frozen_string_literal: true

require_relative "../../lib/fond_kettle/kit/vessel"
require_relative "../../lib/fond_kettle/larder/grains"
require_relative "../../lib/fond_kettle/measure/rounding"
require_relative "../../lib/fond_kettle/measure/unit_table"
require_relative "../../lib/fond_kettle/methods/own_rule"
require_relative "../../lib/fond_kettle/pot/fit"
require_relative "../../lib/fond_kettle/pot/loss"
require_relative "../../lib/fond_kettle/pot/wash"
require_relative "../drawings/course_drawing"
require_relative "../drawings/pot_drawing"
require_relative "water_words"
require_relative "../../lib/fond_kettle/house/shelf_kinds"
require_relative "../forms/fields"
require_relative "../../lib/fond_kettle/ground/words"
require_relative "../../lib/fond_kettle/pot/attributes"

module FondKettle
  module Web
    module Helpers
      # The words of the Pot page: choices, hints and what belongs to them.
      module PotWords
        include WaterWords

        PORTIONS = { "side" => "beside other dishes", "main" => "the main of the meal",
                     "one-pot" => "the whole meal" }.freeze
        DRAINS = [["quick", "quickly"], ["shaken", "shaken well"], ["long", "10 min in the sieve"],
                  ["air-dried", "air-dried an hour"], ["cooked-in", "not: cook in the soaking water"]].freeze
        UNITS = Measure::UnitTable.all.slice(*Forms::RICE_UNITS).transform_values(&:shown).freeze
        TEXTURES = { -1.0 => "firm", -0.5 => "a little firm", 0.0 => "standard", 0.5 => "a little soft",
                     1.0 => "soft" }.freeze

        # What a pot and a cup are told by before they were tested.
        POT_FIELDS = (House::SHELF_KINDS.fetch(:pots).fields - [Kit::LID_TESTED]).freeze
        CUP_FIELDS = House::SHELF_KINDS.fetch(:cups).fields

        # What a plan can have under the lid.
        def covers
          [[Forms::LID_ALONE, "nothing"],
           *Pot::Attributes.switches(:request)
                           .map { |one| [one.key.to_s, Words.of("attributes").fetch(one.key.to_s)] }]
        end

        def grain_name(key)
          Larder::Grains.fetch(key).name
        end

        def grain_choices
          Larder::Grains.all.values.map { |grain| [grain.key, grain.name] }
        end

        def method_choices
          household.library.all.values.map { |method| [method.key, method.name] }
        end

        def own_kinds
          Methods::OwnRule::KINDS.to_a
        end

        def burner_choices(form)
          [["", "what suits"]] +
            form.shelves.burners.map { |burner| [burner.id, "#{burner.name}, #{plain(burner.high_w)} W"] }
        end

        # With `liquid_g`, the water as the cook has it, not as planned.
        def pot_drawing(plan, liquid_g = nil)
          Drawings::PotDrawing.new(plan, liquid_g || plan.liquid_g).to_s
        end

        # The pots and the cups of the cupboard to choose from, or the usual ones.
        def choose_pot(form)
          pots = form.shelves.pots.map { |pot| [pot.id, "#{pot.name}, #{plain(pot.diameter_mm)} mm"] }
          choose("pot", "Pot", form.kit.pot&.id, pots.empty? ? [["", "A usual pot"]] : pots, form.problems)
        end

        def choose_cup(form)
          cups = form.shelves.cups.map { |cup| [cup.id, "#{cup.name}, #{plain(cup.ml)} mL"] }
          choose("cup", "Cup", form.kit.cup&.id, cups.empty? ? [["", "US cup, 237 mL"]] : cups, form.problems)
        end

        def course_drawing(run, other)
          Drawings::CourseDrawing.new(run, other).to_s
        end

        def plan_json(plan)
          Formats::PlanJson.call(plan)
        end

        # Every second minute of a run, with what was seen since the row before.
        def course_rows(run)
          rows = run.curve.each_slice(4).map(&:last)
          before = -1.0
          rows.map do |point|
            seen = run.cues.select { |cue| cue.at_min > before && cue.at_min <= point.min }
            before = point.min
            [point, seen.map do |cue|
              "#{Drawings::CourseDrawing::CUES.fetch(cue.cue)} at " \
                "#{plain(cue.at_min.round(1))}"
            end]
          end
        end

        # The plan's address for another method, with that method's own ways.
        def method_address(form, plan)
          own = { method: plan.method.key, pot: nil, burner: nil, rinse: nil, soak: nil, drain: nil,
                  crust: nil, stir: nil,
                  cover: nil }
          own = own.except(:pot, :burner) if plan.request.vessel.id == form.kit.pot&.id
          form.address(**own)
        end

        # The house's own cup first.
        def unit_choices(form)
          cup = form.kit.cup ? "#{form.kit.cup.name}, #{plain(form.kit.cup.ml)} mL" : "cups"
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
          smallest_fitting(form, plan.request.vessel, plan.load, plan.liquid_g) if too_much?(warning)
        end

        # For one that could go into equal pots and does not yet.
        def splits?(form, plan, warning)
          too_much?(warning) && plan.fit.batches > 1 && form.batches == 1
        end

        def too_much?(warning)
          Pot::Fitting::TOO_MUCH.include?(warning[:code])
        end

        def smallest_fitting(form, vessel, load, liquid_g)
          kind = form.shelves.pots.select { |pot| pot.kind == vessel.kind }
          kind.select { |other| Pot::Fitting.check(load, liquid_g, other).fits? }.min_by(&:volume_ml)
        end
      end
    end
  end
end
