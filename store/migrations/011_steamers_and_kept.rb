# frozen_string_literal: true

# The steamers of a house, what is kept of what was cooked, and its components: made once, used in
# many dishes.
Sequel.migration do
  up do
    create_table(:steamers) do
      primary_key :id
      String :name, null: false
      Float :diameter_mm, null: false
      Integer :tiers, null: false, default: 1
      Integer :lock_version, null: false, default: 0
    end

    create_table(:kept) do
      primary_key :id
      String :what, null: false
      # The grain that is in it, where it is rice; the cook that it came from.
      String :grain
      foreign_key :cook_id, :cooks, on_delete: :set_null
      Integer :portions, null: false
      Float :g_each, null: false
      Float :depth_mm, null: false
      # As it cools: tray, pot or parcel.
      String :vessel, null: false
      Float :start_c, null: false
      # Since when, and since when in its place (cooling, fridge, freezer).
      String :made_at, null: false
      String :moved_at
      String :place, null: false
      # Where it cooled, and how cold it is there, °C, where somebody measured it.
      String :cooled_in
      Float :place_c
      # When it left the freezer.
      String :thawed_at
      String :contains, null: false, default: ""
      String :not_checked, null: false, default: ""
      # When the last of it was taken, and whether it was thrown away.
      String :gone_at
      TrueClass :thrown, null: false, default: false
      Integer :lock_version, null: false, default: 0
      index :gone_at
    end

    create_table(:components) do
      primary_key :id
      # What it is to a dish: its water, salt and allergens.
      foreign_key :own_ingredient_id, :own_ingredients, null: false, on_delete: :cascade
      Float :left_g, null: false
      String :made_at, null: false
      # The last day (YYYY-MM-DD) on which it is used.
      String :use_by, null: false
      String :place, null: false
      Integer :lock_version, null: false, default: 0
    end
  end

  down { raise Sequel::Error, "migrations only go forward" }
end
