# frozen_string_literal: true

module Support
  # Columns of layers for the specs: bases of so much food and water, and beds of rice.
  module Columns
    Pot = FondKettle::Pot

    module_function

    # A wide steel pot on gas at sea level.
    def setting(**vessel)
      pot = FondKettle::Kit::Vessel.new(id: nil, name: "pot", diameter_mm: 240.0, height_mm: 150.0,
                                        floor_mm: nil,
                                        lid: "tight", material: "steel", kg: 1.5, lid_factor: nil, **vessel)
      Pot::Setting.new(vessel: pot, burner: FondKettle::Kit::Burner.usual("gas"), boil_c: 100.0, room_c: 20.0,
                       lid_factor: 1.0, open_factor: 1.0)
    end

    def base(grams, water_g:, temp_c: 8.0, name: "base")
      Pot::Layer.new(name: name, solids_j_k: (grams - water_g) * Pot::MOIST_FOOD_J_G_K, free_g: water_g,
                     temp_c: temp_c)
    end

    # What a bed of soaked basmati is to become, with so much rice.
    def load(rice_g, taken_per_g: 0.25)
      state = Pot::GrainState.dry(FondKettle::Larder::Grains.fetch("basmati"), rice_g, temp_c: 8.0)
      Pot::Load.new(state: state.with(taken_per_g: taken_per_g, surface_per_g: 0.08), brought_g: 0.0,
                    poured_g: 0.0, poured_ml: 0.0, food_c: 20.0,
                    drink_g: 0.0, solids_j_k: 0.0, bulk_ml: 0.0, uptake: 1.5, residue_g: 0.0, kept_g: 0.0,
                    start_c: 8.0, liquid_c: 8.0,
                    parts: nil, done: 1.0, crust: false)
    end

    def column(layers, setting)
      Pot::Column.new(layers, pot_j_k: setting.vessel.heat_capacity_j_k)
    end

    def stage(heat, minutes)
      Pot::Stage.plain(key: heat, lid: "tight", heat: heat, minutes: minutes.to_f)
    end
  end
end
