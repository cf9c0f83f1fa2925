# frozen_string_literal: true

require_relative "../ground/value"

module FondKettle
  module Larder
    # True density of a rice kernel, g/mL (docs/model.md: Grain).
    KERNEL_G_ML = 1.45
    # A soaked bed swells by this many mL per mL of water taken in, over the raw bulk.
    SWELL = 0.9
    # Old-crop rice drinks more than new-crop.
    CROP_UPTAKE = { "old" => 1.05, "usual" => 1.0, "new" => 0.95 }.freeze
    TEXTURES = { "firm" => -1.0, "standard" => 0.0, "soft" => 1.0 }.freeze

    # What the model knows of one kind of rice. `uptake` holds :firm, :standard
    # and :soft, g water per g rice as bought;
    # `traits` what it is like (Vocabulary::TRAITS).
    Grain = Value.define(:key, :name, :rho_g_ml, :uptake, :k1_min, :k2, :full_min, :cooked_g_ml,
                         :soak_min, :clear_per_change, :snap, :also, :traits) do
      # Uptake (g/g) for a texture from -1 (firm) over 0 (standard) to 1 (soft).
      #
      #   basmati.uptake_for(0.5) # => 1.625
      def uptake_for(texture)
        standard = uptake[:standard]
        return standard + (texture * (uptake[:soft] - standard)) if texture.positive?

        standard + (texture * (standard - uptake[:firm]))
      end

      # The same rice, drinking `factor` times as much (crop, house bag, spread).
      def drinking(factor)
        with(uptake: uptake.transform_values { |per_g| per_g * factor }.freeze)
      end

      # Raw rice poured into a pot, mL per g, after `soak_gain` g/g were taken in.
      def bed_ml_per_g(soak_gain)
        (1 + (SWELL * soak_gain)) / rho_g_ml
      end

      # The spaces between the grains of that bed, mL per g of rice.
      def voids_ml_per_g(soak_gain)
        bed_ml_per_g(soak_gain) - (1 / KERNEL_G_ML) - soak_gain
      end
    end
  end
end
