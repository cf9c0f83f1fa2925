# frozen_string_literal: true

# The spoons that a house measures with, and its ovens.
Sequel.migration do
  up do
    create_table(:spoons) do
      primary_key :id
      String :name, null: false
      Float :ml, null: false
      Integer :lock_version, null: false, default: 0
    end
    # What nearly every house has; a cook can change or remove them.
    from(:spoons).multi_insert([{ name: "tbsp", ml: 15.0 }, { name: "tsp", ml: 5.0 }])

    create_table(:ovens) do
      primary_key :id
      String :name, null: false
      # Hotter than its dial says, and the most it gets to, °C.
      Float :hotter_c, null: false, default: 0.0
      Float :most_c, null: false, default: 250.0
      Integer :lock_version, null: false, default: 0
    end
  end

  down { raise Sequel::Error, "migrations only go forward" }
end
