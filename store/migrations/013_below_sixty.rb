# frozen_string_literal: true

# What was no longer hot when it was put away: for how long it had been below 60 °C, where somebody knew.
# Until when what is put away keeps is worked out once, when it is written down (`judged`), and not
# whenever it is looked at: NULL where it must not be eaten, and while it still cools.
Sequel.migration do
  up do
    alter_table(:kept) do
      add_column :below_60_min, Float
      add_column :use_by, String
      add_column :judged, TrueClass, null: false, default: false
      add_index %i[gone_at use_by]
    end
    # How often a meal was planned anew: a page from before the last time is told so.
    alter_table(:meals) { add_column :planned, Integer, null: false, default: 0 }
  end

  down { raise Sequel::Error, "migrations only go forward" }
end
