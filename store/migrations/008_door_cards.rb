# frozen_string_literal: true

# Cards that were printed for a pot and a bag: by which address, when, and what they say to
# pour (JSON, g for 1 to 9 people); `moved` once the log says something else.
Sequel.migration do
  up do
    create_table :cards do
      primary_key :id
      foreign_key :pot_id, :pots, on_delete: :cascade
      String :grain, null: false
      String :address, text: true, null: false
      String :liquids, text: true, null: false
      DateTime :printed_at, null: false
      TrueClass :moved, null: false, default: false
      Integer :lock_version, null: false, default: 0
      index %i[pot_id grain]
    end
  end

  down { raise Sequel::Error, "migrations only go forward" }
end
