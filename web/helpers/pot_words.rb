# frozen_string_literal: true

require_relative "../../lib/fond_kettle/kit/vessel"
require_relative "../../lib/fond_kettle/larder/grains"
require_relative "../../lib/fond_kettle/measure/rounding"
require_relative "../../lib/fond_kettle/measure/unit_table"
require_relative "../../lib/fond_kettle/methods/base_foods"
require_relative "../../lib/fond_kettle/methods/loads/rice_vessel"
require_relative "../../lib/fond_kettle/methods/request/own_rule"
require_relative "../../lib/fond_kettle/pot/fit"
require_relative "../../lib/fond_kettle/pot/heat/loss"
require_relative "../../lib/fond_kettle/pot/water/wash"
require_relative "../../lib/fond_kettle/house/shelf_kinds"
require_relative "../../app/forms/fields"
require_relative "../../app/forms/first_form"
require_relative "../../lib/fond_kettle/ground/vocabulary"
require_relative "../../lib/fond_kettle/ground/words"
require_relative "../../lib/fond_kettle/pot/attributes"

module FondKettle
  module Web
    module Helpers
      # The words of the Pot page: choices, hints and what belongs to them.
      module PotWords
        PORTIONS = { "side" => "beside other dishes", "main" => "the main of the meal",
                     "one-pot" => "the whole meal", "layered" => "a layered pot" }.freeze
        DRAINS = Words.of("drains").to_a.freeze
        STIRS = [["never", "never stir"], ["at-boil", "stir once"]].freeze
        CRUSTS = [["no", "not wanted"], %w[yes wanted]].freeze
        FIRSTS = [["meat", "the meat"], ["onion", "the onion"]].freeze
        RAW = [["", "as this way has it"], %w[yes raw], %w[no cooked]].freeze
        SHAPES = [["", "cubes, or nobody knows"], ["flat", "flat pieces"], ["bone-in",
                                                                            "whole, on the bone"]].freeze
        FOR = { "people" => "for people", "amount" => "an amount", "pot" => "what the pot takes",
                "have" => "what there is" }.freeze
        AS_DISH = { "dish" => "as the dish has it" }.freeze

        # True where food is fried or cooked down before the rice of a Methods::Plan goes in.
        def worked_before?(plan)
          Methods::RiceVessel.of(plan.request).worked?
        end

        # What belongs to a dish in an address.
        WITHOUT_DISH = { dish: nil, have: nil, have_g: nil, for: nil, portion: nil }.freeze
        UNITS = Measure::UnitTable.all.slice(*Forms::RICE_UNITS).transform_values(&:shown).freeze
        TEXTURES = { -1.0 => "firm", -0.5 => "a little firm", 0.0 => "as usual", 0.5 => "a little soft",
                     1.0 => "soft" }.freeze

        # What a pot and a cup are told by before they were tested.
        POT_FIELDS = (House::SHELF_KINDS.fetch(:pots).fields - [Kit::LID_TESTED]).freeze
        # A width and a height are all that is needed; the rest can be told.
        POT_NEEDS = POT_FIELDS.select { |field| %i[diameter_mm height_mm].include?(field.key) }.freeze
        POT_MORE = (POT_FIELDS - POT_NEEDS).freeze
        CUP_FIELDS = House::SHELF_KINDS.fetch(:cups).fields
        HEIGHT_FIELDS = Forms::FirstForm::HEIGHT_FIELDS
        # What a new kitchen puts in first.
        FIRST_FIELDS = [*POT_NEEDS.map do |field|
          field.with(label: field.label.sub("Inside", "Pot, inside"))
        end,
                        House::CUP_ML.with(label: "Glass or cup holds"), *HEIGHT_FIELDS].freeze
        OWN_FIELDS = Forms::FirstForm::OWN_FIELDS

        # Foods that may lie in a base.
        def base_foods
          [["", "nothing of these"], *Methods::BaseFoods.all.values.map { |food| [food.key, food.word] }]
        end

        # The lids that can close a pot.
        def lid_choices(method)
          lids = Words.of("lids")
          own = "its own lid"
          own = "as this way is sealed: #{lids.fetch(method.vessel[:lid])}" if method.sealed?
          [["", own], *lids.slice(*Vocabulary::LIDS).except("cooker")]
        end

        # The covers that a plan can have under the lid.
        def covers
          [[Forms::LID_ALONE, "nothing"],
           *Pot::Attributes.switches(:request)
                           .map { |one| [one.key.to_s, Words.of("attributes").fetch(one.key.to_s)] }]
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

        # A plan with a dish, in one sentence.
        def with_dish(form)
          times = plain(form.factor ? form.factor.round(2) : 1)
          "With all that belongs to **#{form.dish.title}**, #{times} times as written."
        end

        # The ways to give the amount of rice; by the stock of something only when there is some.
        def how_much(form)
          form[:for] == "have" ? FOR : FOR.except("have")
        end

        def portions(form)
          (form.dish ? { **AS_DISH, **PORTIONS } : PORTIONS).to_a
        end

        def broken_ways
          count = household.library.problems.size
          "#{count == 1 ? 'A way of yours' : "#{count} ways of yours"} cannot be read."
        end

        # The choice of a burner, or nil when there is none.
        def choose_burner(form)
          return unless form.shelves.burners.any?

          choose("burner", "Heat", form[:burner], burner_choices(form), form.problems)
        end

        def choose_oven(form)
          ovens = form.shelves.ovens.map { |oven| [oven.id, oven.name] }
          return if ovens.empty?

          choose("oven", "Oven", form[:oven] || ovens.first.first, ovens, form.problems)
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
      end
    end
  end
end
