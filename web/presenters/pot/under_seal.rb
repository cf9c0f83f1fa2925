# frozen_string_literal: true

require_relative "../../../lib/fond_kettle/ground/value"
require_relative "../../../lib/fond_kettle/methods/solved/comes_out"
require_relative "../../../lib/fond_kettle/methods/sealed/par_cook"
require_relative "../../../lib/fond_kettle/methods/request/programme"
require_relative "../presenter"

module FondKettle
  module Web
    module Presenters
      # The usual programmes, seals, degrees and ways of layering for one pot side by side: each is the
      # same plan with something changed, and its own row.
      class UnderSeal < Presenter
        # A row: its number, `group`, `words`, and the fields that it changes.
        ProgrammeRow = Value.define(:number, :group, :words, :changes)
        SEALS = [["Dough", { lid: "dough", cover: nil }], ["Foil under the lid", { lid: "foil", cover: nil }],
                 ["A tight lid", { lid: "tight", cover: nil }],
                 ["A towel under the lid", { lid: "tight", cover: "cloth" }],
                 ["Parchment under the lid", { lid: "tight", cover: "parchment" }],
                 ["An ordinary lid", { lid: "ordinary", cover: nil }]].freeze
        LAYERED = [["Base below, rice above", { layer: ["base 1", "rice 1"] }],
                   ["In halves", { layer: ["base 0.5", "rice 0.5", "base 0.5", "rice 0.5"] }],
                   ["The rice split by the base", { layer: ["rice 0.5", "base 1", "rice 0.5"] }]].freeze
        BASES = [["Sealed over a cooked base", { method: "sealed-cooked-base", under_raw: "no" }],
                 ["Sealed over a raw base", { method: "sealed-raw-base", under_raw: "yes" }],
                 ["Rice cooked through", { method: "layered-cooked-rice", under_raw: "no" }]].freeze
        HEADS = ["Par-cooked", "Under the seal", "Hot through", "Safe", "Ready", "Steam lost",
                 "Comes out"].freeze

        # `form`: a PlanForm of a sealed pot.
        def initialize(household, form)
          super(household)
          @form = form
        end

        attr_reader :form

        # All Rows.
        def rows
          @rows ||= [*programmes, *group("Seal", SEALS), *group("Par-cooked to", degrees),
                     *group("Layers", LAYERED), *group("Base and rice", BASES)]
                    .each_with_index.map do |(kind, words, changes), number|
            ProgrammeRow.new(number: number, group: kind, words: words, changes: changes)
          end
        end

        # Address of the plan that a row is.
        def address(row)
          form.address(**row.changes)
        end

        # The same plan, with this row's programme laid over its own; nil where the row is no programme.
        def over(row)
          text = row.changes[:programme]
          text && "#{form.address}&over=#{Rack::Utils.escape(text)}"
        end

        # Texts of a Methods::Plan for each of HEADS.
        def cells(plan)
          par = plan.sealed.par_cook
          layers = plan.run.layers
          ["#{(par.done * 100).round} %, #{plain((par.minutes * 2).round / 2.0)} min",
           "#{Methods::Programme.heated_min(plan.sealed.programme).ceil} min", *minutes(layers),
           grams(plan.run.lost_g), Methods::ComesOut.words(plan.comes_out)]
        end

        # A programme as it is typed: "high 5, low 25".
        def self.typed(programme)
          programme.map do |one|
            on = one.oven_c ? "oven #{one.oven_c.round}" : one.heat
            "#{on} #{one.minutes.round}#{' flat pan' if one.flat_pan}"
          end.join(", ")
        end

        private

        def minutes(layers)
          [layers.hot_min, (layers.safe_min if layers.safe_min&.positive?), layers.ready_min]
            .map { |min| min ? "#{min.ceil} min" : "–" }
        end

        def programmes
          advised = ["Programme", "Advised", { programme: nil, steam: nil }]
          [advised, *Methods::Programme.usual.map do |name, stages|
            ["Programme", name, { programme: self.class.typed(stages), steam: nil }]
          end]
        end

        def degrees
          Methods::ParCook::DEGREES.map { |name, done| [name, { done: (done * 100).round }] }
        end

        def group(name, list)
          list.map { |words, changes| [name, words, changes] }
        end
      end
    end
  end
end
