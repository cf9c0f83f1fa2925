# frozen_string_literal: true

require_relative "../../../lib/fond_kettle/methods/bites"
require_relative "../../../lib/fond_kettle/methods/loads/layering"
require_relative "../../../lib/fond_kettle/methods/sealed/par_cook"
require_relative "../../../lib/fond_kettle/methods/request/programme"
require_relative "../../../lib/fond_kettle/methods/sealed/sealed_changes"
require_relative "../../../lib/fond_kettle/methods/sealed/turned_out"
require_relative "../../../lib/fond_kettle/pot/fit"
require_relative "../../../lib/fond_kettle/pot/verdict"
require_relative "../../drawings/cake_drawing"
require_relative "../../drawings/layers_drawing"
require_relative "../../drawings/par_cook_dial"
require_relative "../../drawings/programme_drawing"
require_relative "layer_bench"
require_relative "../presenter"

module FondKettle
  module Web
    module Presenters
      # Result of a plan of a pot of layers, for the Pot page.
      class LayeredPot < Presenter
        # A change that would close it: its words, and the address of the plan with it (nil: none).
        Mend = Value.define(:say, :address)

        # `form`: a PlanForm; `plan`: Methods::Plan with its curve; `over`: the Pot::Run of another
        # programme, or nil.
        def initialize(household, form, plan, over: nil)
          @over = over
          super(household)
          @form = form
          @plan = plan
        end

        # True when it is sealed, and not turned out.
        def sealed?
          !@plan.sealed.nil?
        end

        # The sentence a cook would say of it: minutes in the water, and under the seal.
        def lead
          return turned_out unless sealed?
          return "The rice goes in raw, then **#{steam_min} min** under the seal." unless par.done.positive?

          "**#{shown(par.minutes)} min** in boiling water, #{Methods::Bites.left(par.done)}; " \
            "then **#{steam_min} min** under the seal."
        end

        # The degrees of par-cooking between which it comes right, and what makes it softer.
        def closes
          return unless sealed?
          return "It does not close as it is." unless par.closes?

          low, high = [par.done_low, par.done_high].map { |done| percent(done) }
          "Between #{low} and #{high} % it comes right over this base. " \
            "Softer: spoon #{grams(par.ladled_g)} of its water over the rice."
        end

        # The changes that would make it come right.
        def mends
          return [] unless sealed?

          Methods::SealedChanges.of(@plan.request, @plan.load, @plan.sealed).map do |change|
            Mend.new(say: change.say, address: address_of(change))
          end
        end

        # SVG of the dial, nil where nothing is par-cooked.
        def dial
          @dial ||= Drawings::ParCookDial.new(par, degrees).to_s if sealed?
        end

        # The layers as a list (LayerBench).
        def bench
          @bench ||= LayerBench.new(@form, @plan.request, @plan.load.state.wet_g)
        end

        # SVG of the pot cut open.
        def drawing
          look = household.lid_look(@plan.request.vessel.id)
          Drawings::LayersDrawing.new(@plan, stack, tier_names, tier_indexes, look: look).to_s
        end

        # SVG of the cake and its slices, nil where nothing is turned out.
        def cake
          return if sealed?
          return @cake if @cake

          tiers = stack.tiers.zip(spans).map { |tier, (from_mm, to_mm)| [tier.what, to_mm - from_mm] }
          @cake = Drawings::CakeDrawing.new(turned.cake, tiers, @plan.request.vessel.bottom_mm).to_s
        end

        # SVG of the heat programme, nil where there is none.
        def programme
          return unless sealed?

          @programme ||= Drawings::ProgrammeDrawing.new(@plan.run, stages, marks, @over).to_s
        end

        # The programme as a table: words, minutes.
        def stages
          @plan.stages.zip(@plan.run.stage_minutes).map do |stage, minutes|
            [if stage.oven_c
               "oven #{stage.oven_c.round} °C"
             else
               (stage.off? ? "rest" : stage.heat)
             end, minutes]
          end
        end

        # The marks on the course: words and minute.
        def marks
          layers = @plan.run.layers
          { "hot through" => layers.hot_min, "safe" => (layers.safe_min if layers.safe_min&.positive?),
            "tender" => (layers.tender_min if layers.tender_min&.positive?), "ready" => layers.ready_min,
            "floor burns" => layers.scorch_min }.compact.to_a
        end

        # Each layer at the end: words, °C, °C of its thickest piece, how it comes out.
        def ends
          return [] unless sealed?

          verdicts = Pot::LayerVerdicts.all(@plan.run, @plan.load)
          @plan.run.layers.ends.zip(verdicts, tier_names).map do |layer, verdict, name|
            [name, layer.hot_min && "#{layer.hot_min.round} min", "#{layer.end_c.round} °C",
             layer.core_c ? "#{layer.core_c.round} °C" : "",
             layer.uptake ? "#{plain(layer.uptake.round(2))} g a gram" : "", verdict.tr("-", " ")]
          end.reverse
        end

        private

        def par
          @plan.sealed.par_cook
        end

        def degrees
          @plan.sealed.degrees.transform_values { |min| "#{shown(min)} min" }
        end

        def turned
          @turned ||= Methods::TurnedOut.new(@plan.request, @plan.last, @plan.run)
        end

        def turned_out
          cake = turned.cake
          stands = cake.stands ? "it stands" : "it falls: #{cake.falls_because}"
          hands = cake.people > 1 ? "two people" : "two hands"
          "**#{@form.kit.measures.weighed(@plan.liquid_g)}** water (#{spoken(@plan.liquid_g,
                                                                             @form)}). Turned " \
            "out **#{cake.height_mm.round} mm** high and **#{cake.diameter_mm.round} mm** wide, " \
            "**#{plain(cake.lift_kg.round(1))} kg** to turn over with #{hands}; #{stands}."
        end

        def steam_min
          Methods::Programme.heated_min(@plan.sealed.programme).ceil
        end

        # Half minutes are as exact as anybody stirs.
        def shown(minutes)
          plain((minutes * 2).round / 2.0)
        end

        def percent(done)
          (done * 100).round
        end

        def address_of(change)
          case change.key
          when "cook-further" then @form.address(done: (change.amount * 100).ceil)
          when "cook-less" then @form.address(done: (change.amount * 100).floor)
          when "steam-longer" then @form.address(steam: steam_min + change.amount, programme: nil)
          when "drain" then @form.address(**less(change.amount))
          when "pour" then @form.address(layer: [*bench.texts, "milk #{change.amount.round}"])
          end
        end

        # The base with so much of its water less, g.
        def less(grams)
          base = @plan.request.in_layers.base
          return {} unless base.water_g >= grams

          { under_g: (base.g - grams).round, under_water: (base.water_g - grams).round, under_meat: base.meat,
            under_raw: base.raw ? "yes" : "no" }
        end

        def stack
          @stack ||= @plan.load.stack || Methods::Layering.new(@plan.request).to_h.fetch(:stack)
        end

        def spans
          @spans ||= Pot::Fitting.spans(stack, @plan.load, @plan.request.vessel)
        end

        def thick
          @thick ||= @plan.request.in_layers.layers.each_with_index.reject { |wish, _| wish.kind.thin }
        end

        def tier_indexes
          thick.map(&:last)
        end

        def tier_names
          thick.zip(spans).map do |(wish, _), (from_mm, to_mm)|
            "#{wish.kind.word} #{(to_mm - from_mm).round} mm"
          end
        end
      end
    end
  end
end
