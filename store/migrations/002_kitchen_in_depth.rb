# frozen_string_literal: true

# What a kitchen can tell of itself: how long a finger joint is, what the scale
# reads, what pots lose by their own test, what bags of rice are like.
Sequel.migration do
  up do
    alter_table(:kitchens) do
      add_column :finger_mm, Float, null: false, default: 25.0
      add_column :scale_step_g, Float, null: false, default: 1.0
    end
    alter_table(:pots) do
      # Times the book's figure for its lid; 1.0 until the pot was tested.
      add_column :lid_factor, Float, null: false, default: 1.0
    end
    alter_table(:bags) do
      # Times the book's uptake; the crop; when it was opened (ISO date).
      add_column :drinks, Float, null: false, default: 1.0
      add_column :crop, String, null: false, default: "usual"
      add_column :opened_on, String
    end
  end

  down { raise Sequel::Error, "migrations only go forward" }
end
