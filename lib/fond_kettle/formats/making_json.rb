# frozen_string_literal: true

require_relative "../methods/made/cooled"
require_relative "../methods/request/dressing"
require_relative "../methods/made/finishing"
require_relative "../methods/made/long_soak"
require_relative "../methods/made/steaming"

module FondKettle
  module Formats
    # The JSON of steam, pieces, dressing and cooling, in plans that have them.
    module MakingJson
      module_function

      # The keys `steaming`, `pieces`, `dressing` and `cooling` of a Methods::Plan, those that it has.
      def call(plan)
        made = Methods::Finishing.new(plan.request, plan.last)
        dressing = Methods::Dressing.of(plan.request)
        { steaming: steaming(plan), pieces: pieces(made.portions),
          dressing: dressing && dressing(dressing, made.serving, plan),
          cooling: cools?(plan) ? cooling(made.cooled) : nil }.compact
      end

      def cools?(plan)
        plan.method.after.any? { |stage| stage.kind == "cool" }
      end

      def steaming(plan)
        return unless plan.load.steamed?

        steaming = Methods::Steaming.new(plan.request, plan.last)
        laid = steaming.laid
        { batches: laid.batches, tiers: laid.tiers, holes: laid.holes, area_m2: laid.area_m2.round(5),
          across_mm: laid.across_mm,
          bed_mm: laid.bed_mm.round(1),
          minutes: steaming.minutes.round(1), condensed_g: steaming.condensed_g.round(2),
          sprinklings: steaming.sprinklings.map { |one| { at_min: one.at_min.round(1), g: one.g.round(2) } },
          soaked_share: soaked(plan).share.round(4), soaked: soaked(plan).ready?,
          hot_through_min: plan.run.at("first-steam")&.round(1), **below(steaming.below) }
      end

      def below(below)
        { water_below_g: below.first_g.round, needed_g: below.needed_g.round,
          top_up_min: below.top_up_min&.round(1),
          top_ups: below.top_ups.map { |one| { at_min: one.at_min.round(1), g: one.g.round } } }
      end

      # Progress of a plan's long soak.
      def soaked(plan)
        Methods::LongSoak.new(plan.load.grain, plan.load.state.taken_per_g)
      end

      def pieces(portions)
        return unless portions.use

        found = { use: portions.use.key, count: portions.count, rice_g_each: portions.rice_g_each,
                  filling_g_each: portions.filling_g_each.round(1), left_g: portions.left_g.round(2),
                  seasoned_g: portions.seasoned_g.round(2), cut: portions.cut_count,
                  thickness_mm: portions.thickness_mm.round(1) }
        { **found, **parcels(portions.parcels) }.compact
      end

      def parcels(parcels)
        return {} unless parcels

        { steam_min: parcels.steam_min.round(1), frozen_min: parcels.frozen_min.round(1),
          leaf_min: Methods::Parcels::LEAF_MIN, timed_min: parcels.timed_min.round(1),
          from: parcels.from, **parcels.layout, leaves: parcels.leaves, **below(parcels.below) }
      end

      def dressing(dressing, serving, plan)
        { vinegar_ml: dressing.vinegar_ml.round(2), sugar_g: dressing.sugar_g.round(2),
          salt_g: dressing.salt_g.round(2), water_g: Methods::Dressing.water_g(plan.request).round(2),
          per_cent: plan.request.rice_g.then { |rice_g| share(dressing, rice_g) },
          serving: serving.to_h.transform_values { |amount| amount.round(2) } }
      end

      # The dressing as a percentage of the raw rice.
      def share(dressing, rice_g)
        dressing.to_h.transform_values { |amount| (amount / rice_g * 100).round(2) }
      end

      def cooling(cooled)
        { minutes_to_37: cooled.minutes(Methods::Cooled::HAND_C).round(1), minutes: cooled.minutes.round(1),
          folds_min: cooled.folds.map { |min| min.round(1) },
          workable_min: cooled.workable_min.round, depth_mm: cooled.cool.depth_mm.round(1),
          from_c: Methods::Cooled::FROM_C, to_c: cooled.to_c, room_c: Methods::ROOM_C }
      end

      private_class_method :cools?, :steaming, :below, :soaked, :pieces, :parcels, :dressing, :share, :cooling
    end
  end
end
