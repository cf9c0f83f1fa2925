# frozen_string_literal: true

require_relative "../../app/forms/plan_form"
require_relative "../../app/plans/look"
require_relative "../../lib/fond_kettle/ground/errors"
require_relative "../../lib/fond_kettle/ground/value"
require_relative "../../lib/fond_kettle/house/usual"
require_relative "../../lib/fond_kettle/measure/numeral"
require_relative "../../lib/fond_kettle/table/avoids"
require_relative "../drawings/kept_box"
require_relative "../drawings/parts/plate"
require_relative "../drawings/pot_picture"
require_relative "../html/markup"
require_relative "pot_views"
require_relative "presenter"

module FondKettle
  module Web
    module Presenters
      # A plate on the table: the eater's `id` (nil: a guest's), `name`, a `note` on them, whether they are
      # `seated`, the `drawing`, what they `get` tonight, and why they must not have it (`never`), or nil.
      TablePlate = Value.define(:id, :name, :note, :seated, :drawing, :get, :never)

      # Tonight's table from above: a plate for each eater and guest, with what they get, and the pot that it
      # is cooked in.
      class TableTop < Presenter
        PASSED_ON = %w[who guests boxes freezer serve dish].freeze
        # Of plain rice only: a dish has its own.
        PLAIN = %w[portion grain].freeze
        # Across a plate of one regular adult's portion, half of it, in the drawing's own units.
        RADIUS = 34.0
        LEAST = 20.0
        MOST_GUESTS = 24
        POT_SCALE = 0.42
        QUARTER = 4

        # `typed`: the parameters of the page; where `who` is not among them everybody is seated.
        def initialize(household, typed)
          super(household)
          @typed = typed
        end

        # TablePlates of the house's eaters, in their order.
        def plates
          household.values(:eaters).map { |eater| plate(eater, seated?(eater)) }
        end

        # TablePlates of the guests; no more than fit on a table.
        def guests
          Array.new(guests_now.clamp(0, MOST_GUESTS)) { plate(House::HowMuch::GUEST, true) }
        end

        # Boxes for another day, at the table's edge: the drawing of one, and how many of them in words.
        def boxes
          { boxes: ["lunch box", "lunch boxes"], freezer: ["box to freeze", "boxes to freeze"] }
            .filter_map do |field, names|
              count = form[field].to_i
              next unless count.positive?

              words = "#{count} #{names[count == 1 ? 0 : 1]}"
              [Drawings::KeptBox.new(Drawings::KeptBox::ROW, "days", words).to_s, words]
            end
        end

        # Number of guests, when one more comes or one less.
        def guests_now
          form[:guests].to_i
        end

        # "5 at the table: 405 g raw rice …, 1 h 09 from the first rinse.", or what is wrong.
        def sentence
          return problem unless plan

          pots = plan.request.pots
          rice_g = plan.load.rice_g * pots
          "**#{form.heads} at the table:** #{measures.weighed(rice_g)} raw rice#{in_pots(pots)} (the " \
            "plates show it cooked), **#{minutes(plan.total_min.ceil)}** from the first rinse."
        end

        # Drawing of the pot that it is cooked in, or nil where no plan comes of it.
        def pot
          return unless plan

          look = household.lid_look(plan.request.vessel.id)
          Drawings::PotPicture.new(PotViews.plan(plan, look), "table-pot", scale: POT_SCALE)
        end

        # The pot's name.
        def pot_name
          plan.request.vessel.name
        end

        private

        def seated?(eater)
          who = @typed["who"]
          who.nil? || Array(who).include?(eater.id.to_s)
        end

        def form
          @form ||= Forms::PlanForm.new({ **passed, "who" => seated_ids, "for" => "people" }, household)
        end

        def passed
          dish = !@typed["dish"].to_s.empty?
          { "guests" => House::Usual.guests(household.shelves).to_s,
            **@typed.slice(*PASSED_ON, *(PLAIN unless dish)).reject { |_, value| value == "" } }
        end

        def seated_ids
          household.values(:eaters).select { |eater| seated?(eater) }.map { |eater| eater.id.to_s }
        end

        def plan
          return @plan if defined?(@plan)

          @plan = form.ok? ? App::LookAtPlan.new(form, household.kitchen).plan : nil
        rescue InvalidInput
          @plan = nil
        end

        def problem
          found = form.problems.first
          found ? "Not yet: #{found[:field].tr('_', ' ')} #{found[:message]}." : "Nothing comes of this yet."
        end

        def in_pots(pots)
          pots > 1 ? ", in #{pots} pots" : ""
        end

        def measures
          form.kit.measures
        end

        def plate(eater, seated)
          clash = plan && seated ? clash_of(eater) : nil
          TablePlate.new(id: eater.id, name: eater.name, note: note(eater), seated: seated,
                         drawing: drawing(eater, clash), get: (get(eater) if plan), never: clash)
        end

        # "regular, adult, no milk"
        def note(eater)
          avoids = "no #{eater.avoids.join(', ')}" unless eater.avoids.empty?
          [eater.appetite, eater.age.tr("-", " "), *avoids].join(", ")
        end

        def clash_of(eater)
          request = plan.request
          Table::Avoids.clashes([eater], request.allergens, request.not_checked).map(&:to_s).first
        end

        # As large as their appetite.
        def drawing(eater, clash)
          radius = [RADIUS * Math.sqrt(eater.share), LEAST].max
          side = (radius + 3) * 2
          drawn = Drawings::Plate.draw(x: side / 2, y: side / 2, radius: radius)
          Html::Markup.tag("svg", drawn, viewBox: "0 0 #{side.round(1)} #{side.round(1)}", width: side.round,
                                         height: side.round, class: "plates#{' is-wrong' if clash}",
                                         aria_hidden: "true")
        end

        # "1 1/4 jam glasses", cooked.
        def get(eater)
          load = plan.load
          portion_g = load.rice_g * plan.request.pots * eater.share / form.servings
          ml = portion_g * (1 + load.uptake) / load.grain.cooked_g_ml
          count = [(ml * QUARTER / measures.cup.ml).round, 1].max / QUARTER.to_f
          "#{Measure::Numeral.write(count)} #{measures.cup.named(count)}"
        end
      end
    end
  end
end
