# frozen_string_literal: true

# Weights of things in this house, as a cook has corrected it: "thin onions" 110 g each.
Sequel.migration do
  up do
    create_table(:weights) do
      primary_key :id
      String :name, null: false
      Float :each_g, null: false
      String :removed_at
      Integer :lock_version, null: false, default: 0
    end
  end

  down { raise Sequel::Error, "migrations only go forward" }
end
