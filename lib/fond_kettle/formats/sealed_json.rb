# frozen_string_literal: true

require_relative "../methods/sealed/holding"
require_relative "../methods/layer_kinds"
require_relative "../methods/request/programme"
require_relative "../methods/sealed/sealed_changes"
require_relative "../methods/tasks/task_words"
require_relative "../methods/sealed/turned_out"
require_relative "../pot/fit"
require_relative "../pot/verdict"

module FondKettle
  module Formats
    # The JSON that plans of layers have besides: how far the rice is par-cooked, how the layers come out,
    # what is turned out.
    module SealedJson
      module_function

      # The keys `par_cook`, `sealed` and `cake` of a Methods::Plan, those that it has.
      def call(plan)
        return turned_out(plan) if plan.method.turned_out?
        return {} unless plan.sealed

        { par_cook: par_cook(plan), sealed: sealed(plan) }
      end

      # The JSON that the stove needs besides: the result of draining sooner or later, and the cut of the
      # thickest piece (nil when nothing has to be made safe).
      def for_the_stove(plan)
        return {} unless plan.sealed

        cut = plan.load.stack.tiers.filter_map(&:cut).find(&:safe_c)
        { drained: plan.sealed.drained(plan.load), cut: cut && { shape: cut.shape, mm: cut.mm } }
      end

      def par_cook(plan)
        par = plan.sealed.par_cook
        { done: par.done.round(4), done_low: par.done_low.round(4), done_high: par.done_high.round(4),
          minutes: par.minutes.round(2), minutes_low: par.minutes_low.round(2),
          minutes_high: par.minutes_high.round(2), closes: par.closes?, water_budget: water(par.water),
          time_budget: time(par.time), rounds: par.rounds, boil_back_min: par.boil_back_min&.round(2),
          save_g: par.save_g.round(1), salt: salt(plan),
          changes: Methods::SealedChanges.of(plan.request, plan.load, plan.sealed).map(&:to_h) }
      end

      # The salt in the boiling water, and the salt that the rice takes up with its water, both in g.
      def salt(plan)
        boiled = plan.phases.first
        return { water_g: 0.0, taken_g: 0.0 } unless boiled.load.plenty?

        per_g = Methods::TaskWords::SALT_G_G
        taken_g = (boiled.run.uptake - boiled.load.state.taken_per_g) * boiled.load.rice_g
        { water_g: (boiled.standing_g * per_g).round(1), taken_g: (taken_g * per_g).round(2) }
      end

      def water(budget)
        { needed_g: budget.needed_g.round(2), carried_g: budget.carried_g.round(2),
          net_from_base_g: budget.net_from_base_g.round(2), low: budget.low&.round(4),
          high: budget.high&.round(4) }
      end

      def time(budget)
        { steam_min: budget.steam_min.round(2), hot_after_min: budget.hot_after_min&.round(2),
          low: budget.low.round(4) }
      end

      def sealed(plan)
        layers = plan.run.layers
        { programme: programme(plan.sealed.programme), advised: plan.sealed.advised,
          ready_min: layers.ready_min&.round(1), hot_through_min: layers.hot_min&.round(1),
          meat_safe_min: layers.safe_min&.round(1), meat_tender_min: layers.tender_min&.round(1),
          scorch_min: layers.scorch_min&.round(1), layers: layers(plan),
          holds_min: Methods::Holding.off_heat_min(plan.load, plan.stages, plan.setting).round }
      end

      def programme(stages)
        stages.map do |stage|
          { heat: (stage.heat unless stage.oven_c), oven_c: stage.oven_c, minutes: stage.minutes,
            flat_pan: stage.flat_pan || nil }.compact
        end
      end

      # The layers as they were asked for; thin ones belong to the layer under them.
      def layers(plan)
        stack = plan.load.stack
        spans = Pot::Fitting.spans(stack, plan.load, plan.request.vessel)
        verdicts = Pot::LayerVerdicts.all(plan.run, plan.load)
        plan.run.layers.ends.zip(stack.tiers, spans, verdicts).map do |layer, tier, (from_mm, to_mm), verdict|
          { what: tier.what, g: (layer.g + layer.rice_g).round(1), height_mm: (to_mm - from_mm).round(1),
            end_c: layer.end_c.round(1), core_c: layer.core_c&.round(1), uptake_per_g: layer.uptake&.round(4),
            core: layer.core&.round(4), hot_min: layer.hot_min&.round(1), verdict: verdict }
        end
      end

      def turned_out(plan)
        turned = Methods::TurnedOut.new(plan.request, plan.last, plan.run)
        { sealed: boiled(plan, turned), cake: cake(turned.cake) }
      end

      # The same keys for a pot that boils.
      def boiled(plan, turned)
        stages = plan.stages.map { |stage| { heat: stage.heat, minutes: minutes(plan, stage) } }
        { programme: stages, ready_min: plan.run.at("core-gone")&.round(1),
          hot_through_min: plan.run.at("boil")&.round(1), meat_safe_min: turned.safe_min&.round(1),
          scorch_min: plan.run.at("scorch-risk")&.round(1), layers: laid(plan) }
      end

      def cake(cake)
        { diameter_mm: cake.diameter_mm.round, height_mm: cake.height_mm.round, kg: cake.kg.round(2),
          stands: cake.stands, falls_because: cake.falls_because, lift_kg: cake.lift_kg.round(2),
          people: cake.people, plate_mm: cake.plate_mm.round, slices: cake.slices,
          wall_slices: cake.wall_slices }
      end

      def minutes(plan, stage)
        plan.run.stage_minutes[plan.stages.index(stage)].round(1)
      end

      # The layers of one bed, each as warm as the next.
      def laid(plan)
        stack = Methods::Layering.new(plan.request).to_h.fetch(:stack)
        spans = Pot::Fitting.spans(stack, plan.load, plan.request.vessel)
        stack.tiers.zip(spans).map do |tier, (from_mm, to_mm)|
          { what: tier.what, g: (tier.g + (tier.rice_share * plan.load.rice_g)).round(1),
            height_mm: (to_mm - from_mm).round(1), end_c: plan.run.temp_c.round(1),
            uptake_per_g: (plan.run.uptake.round(4) if tier.rice?),
            verdict: tier.rice? ? plan.verdict : "done" }
        end
      end
      private_class_method :par_cook, :salt, :water, :time, :sealed, :programme, :layers, :turned_out,
                           :boiled, :cake, :minutes, :laid
    end
  end
end
