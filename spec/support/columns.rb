# frozen_string_literal: true

module Support
  # Sealed pots for the specs: bases of so much food and water, and rice over them.
  module Columns
    Pot = FondKettle::Pot

    module_function

    # A wide steel pot on gas at sea level.
    def setting(**vessel)
      pot = FondKettle::Kit::Vessel.new(id: nil, name: "pot", diameter_mm: 240.0, height_mm: 120.0,
                                        floor_mm: nil,
                                        lid: "dough", material: "steel", kg: 1.5, lid_factor: nil, **vessel)
      Pot::Setting.new(vessel: pot, burner: FondKettle::Kit::Burner.usual("gas"), boil_c: 100.0, room_c: 20.0,
                       lid_factor: 1.0, open_factor: 1.0, oven_factor: 1.0)
    end

    # A layer of food; `share` of all water that the food brings.
    def base(grams, share: 1.0, start_c: 8.0, what: "base", water_g: 200.0, cut: nil, bound: 0.1)
      Pot::Tier.new(what: what, rice_share: 0.0, water_share: share, kept_share: share, g: grams,
                    solids_j_k: (grams - (water_g * share)) * Pot::MOIST_FOOD_J_G_K, bound_g: grams * bound,
                    bulk_ml: grams, start_c: start_c, cut: cut)
    end

    # A layer of rice.
    def rice(share = 1.0, start_c: 8.0)
      Pot::Tier.new(what: "rice", rice_share: share, water_share: 0.0, kept_share: 0.0, g: 0.0,
                    solids_j_k: 0.0,
                    bound_g: 0.0, bulk_ml: 0.0, start_c: start_c, cut: nil)
    end

    # So much soaked basmati par-cooked as far as `done`, in `tiers` that bring `water_g`.
    def load(tiers, rice_g: 500.0, done: 0.7, water_g: 200.0, residue_g: 0.0, surface: 0.08)
      grain = FondKettle::Larder::Grains.fetch("basmati")
      kinetics = Pot::Kinetics.of(grain, 0.25)
      taken = FondKettle::Methods::Budgets.uptake(kinetics, done)
      state = Pot::GrainState.dry(grain, rice_g, temp_c: 8.0)
                             .with(taken_per_g: taken, surface_per_g: surface, progress: done,
                                   kinetics: (kinetics if done.positive?))
      Pot::Load.new(state: state, brought_g: water_g, poured_g: 0.0, poured_ml: 0.0, food_c: 20.0,
                    dried_g: 0.0, bound_g: 0.0,
                    drink_g: 0.0, solids_j_k: 0.0, bulk_ml: tiers.sum(&:bulk_ml), uptake: 1.5,
                    residue_g: residue_g, kept_g: 0.0, start_c: 8.0, liquid_c: 8.0,
                    parts: nil, done: 1.0, crust: false, steamer: nil, dressed_g: 0.0,
                    stack: Pot::Stack.new(tiers: tiers))
    end

    def stage(heat, minutes, **more)
      Pot::Stage.plain(key: heat, lid: "dough", heat: heat, minutes: minutes.to_f, **more)
    end

    # [heat, minutes] pairs, high 5 then low 30 unless told.
    def run(load, programme = [["high", 5], ["low", 30]], setting: self.setting, step_min: 0.5)
      stages = programme.map { |heat, minutes, more| stage(heat, minutes, **(more || {})) }
      Pot::Cooking.run(load, 0.0, stages, setting, step_min: step_min, curve: true)
    end
  end
end
