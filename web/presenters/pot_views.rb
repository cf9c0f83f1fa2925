# frozen_string_literal: true

require_relative "../../lib/fond_kettle/kit/vessel"
require_relative "../../lib/fond_kettle/larder/grains"
require_relative "../../lib/fond_kettle/methods/made/steaming"
require_relative "../../lib/fond_kettle/pot/depth"
require_relative "../../lib/fond_kettle/pot/fit"
require_relative "../drawings/pot_picture"
require_relative "../drawings/parts/pot_says"

module FondKettle
  module Web
    module Presenters
      # Pots as their pictures are drawn (Drawings::PotView): of the shelf, of a plan, of a cook.
      module PotViews
        module_function

        # An empty pot of the shelf: a Kit::Vessel, and what its own lid looks like.
        def shelf(vessel, look)
          empty(vessel, look).then { |seen| seen.with(water_mm: seen.full_mm) }
        end

        # A Methods::Plan before it is cooked, with what comes out; `liquid_g` in place of its own.
        def plan(plan, look, liquid_g: plan.liquid_g, comes_out: plan.comes_out)
          vessel = plan.request.vessel
          load = plan.load
          return steamer(plan, look, comes_out) if load.steamed?

          base_mm = vessel.depth_mm(load.bulk_ml)
          bed_mm = base_mm + vessel.thick_mm(load.bed_ml, load.bulk_ml)
          water_mm = [bed_mm + Pot::Depth.over_rice_mm(liquid_g, load, vessel), 0.0].max
          empty(vessel, look).with(base_mm: base_mm, bed_mm: bed_mm, water_mm: water_mm,
                                   shape: Drawings::PotFilling.shape(load.grain.traits), **says(comes_out))
        end

        # A steamer on its pot, before it is set on.
        def steamer(plan, look, comes_out)
          vessel = plan.request.vessel
          below_mm = vessel.depth_mm(Methods::Steaming.new(plan.request, plan.last).below.first_g)
          laid = plan.load.steamer
          empty(vessel, look).with(water_mm: below_mm, baskets: baskets(laid.to_h),
                                   shape: Drawings::PotFilling.shape(plan.load.grain.traits),
                                   **says(comes_out))
        end

        # A hash for a laid steamer.
        def baskets(laid)
          Drawings::BasketsSeen.new(**laid.slice(:across_mm, :tiers, :bed_mm))
        end

        # A cook's stored plan at `min` minutes on the heat (nil: not yet): Stove::Cook; or nil.
        # `filled`: is the rice in it? `says`: what comes out.
        def cook(cook, min, comes_out:, filled: true)
          seen = stored(cook.plan).with(**says(comes_out), **(cook.waiting? ? {} : fire(cook.task)))
          return steaming(cook, seen, filled) if cook.plan[:steaming]

          level = level(cook.plan, min || 0)
          return before_the_rice(cook, seen) unless level && filled

          seen.with(bed_mm: level[:bed_mm], water_mm: level[:water_mm], lid: lid_now(cook),
                    steam: !seen.heat.nil? && !cook.boiled_at.nil?)
        end

        # A stored plan's pot as it came out.
        def cooked(plan)
          return stored(plan).with(baskets: baskets(plan[:steaming])) if plan[:steaming]

          last = plan[:levels]&.last || { bed_mm: 0.0, water_mm: 0.0 }
          stored(plan).with(**last.slice(:bed_mm, :water_mm))
        end

        # The steamer of a cook; before it is filled only the pot with its water.
        def steaming(cook, seen, filled)
          vessel = Kit::Vessel.new(id: nil, name: "", lid_factor: nil, kg: 1.0, **cook.plan[:vessel].slice(
            :diameter_mm, :height_mm, :floor_mm, :lid, :material
          ))
          steaming = cook.plan[:steaming]
          seen.with(water_mm: vessel.depth_mm(steaming[:water_below_g]), steam: filled && !seen.heat.nil?,
                    baskets: (baskets(steaming) if filled), lid: lid_now(cook))
        end

        # Open, with its base once something of it has gone in; nil where what is on the fire is not
        # known to be in this pot.
        def before_the_rice(cook, seen)
          return if seen.heat && seen.base_mm.zero?

          done = cook.tasks.take(cook.position + 1)
          based = done.any? { |task| task[:heat] && task[:amounts].to_a.any? }
          seen.with(lid: "none", base_mm: based ? seen.base_mm : 0.0)
        end

        # The fire at a task.
        def fire(task)
          heat = task[:heat]
          return {} if heat.nil? || heat == "off"

          heat == "oven" ? { source: "oven", heat: "medium" } : { heat: heat }
        end

        # The empty pot of a stored plan; what older ones do not know of it is usual.
        def stored(plan)
          vessel = { floor_mm: nil, material: "steel", base_mm: 0, lid: "ordinary", look: "plain",
                     source: "gas", name: "" }.merge(plan.fetch(:vessel))
          height_mm = vessel[:height_mm]
          Drawings::PotView.new(**vessel.slice(:name, :diameter_mm, :floor_mm, :material, :base_mm, :source),
                                height_mm: height_mm, full_mm: height_mm * Pot::Fitting::BOIL_SHARE,
                                lid: Drawings::PotLid.look(vessel[:lid], vessel[:look]),
                                shape: Drawings::PotFilling.shape(traits(plan)),
                                bed_mm: 0.0, water_mm: 0.0, heat: nil, steam: false, says: nil, well: true,
                                baskets: nil, came: nil)
        end

        # The outcome as a text, and whether it is right; empty when it is not known.
        def says(comes_out)
          comes_out ? Drawings::PotSays.of(comes_out) : { says: nil, well: true }
        end

        def empty(vessel, look)
          Drawings::PotView.new(name: vessel.name, diameter_mm: vessel.diameter_mm, floor_mm: vessel.floor_mm,
                                height_mm: vessel.height_mm, material: vessel.material,
                                lid: Drawings::PotLid.look(vessel.lid, look), shape: "long", base_mm: 0.0,
                                bed_mm: 0.0, water_mm: 0.0, full_mm: Pot::Fitting.full_mm(vessel),
                                source: nil, heat: nil, steam: false, says: nil, well: true,
                                baskets: nil, came: nil)
        end

        def traits(plan)
          Larder::Grains.all[plan[:grain]]&.traits || []
        end

        def level(plan, min)
          plan[:levels]&.then { |levels| levels.reverse.find { |one| one[:min] <= min } || levels.first }
        end

        # The lid of the stage at hand, with a cloth where one is under it.
        def lid_now(cook)
          stage = cook.task[:stage] && cook.plan[:stages][cook.task[:stage]]
          vessel = cook.plan[:vessel]
          Drawings::PotLid.look(stage ? stage[:lid] : vessel[:lid], vessel.fetch(:look, "plain"),
                                cloth: stage ? stage[:cloth] : false)
        end
        private_class_method :empty, :steamer, :baskets, :steaming, :traits, :level, :lid_now,
                             :before_the_rice, :fire
      end
    end
  end
end
