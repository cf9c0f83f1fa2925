# frozen_string_literal: true

# What was no longer hot when it was put away: for how long it had been below 60 °C, where somebody knew.
Sequel.migration do
  up do
    alter_table(:kept) { add_column :below_60_min, Float }
  end

  down { raise Sequel::Error, "migrations only go forward" }
end
