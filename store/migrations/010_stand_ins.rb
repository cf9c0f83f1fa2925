# frozen_string_literal: true

# What the stand-ins for outside devices read: one value a device, until it is set anew.
Sequel.migration do
  up do
    create_table :stand_ins do
      String :key, primary_key: true
      Float :value, null: false
      String :at, null: false
    end
  end

  down { raise Sequel::Error, "migrations only go forward" }
end
