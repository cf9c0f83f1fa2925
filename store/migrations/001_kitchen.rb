# frozen_string_literal: true

# The first kitchen: who eats, what stands in the cupboard, what was cooked.
# Times are ISO 8601 text in UTC.
Sequel.migration do
  up do
    create_table(:kitchens) do
      primary_key :id
      String :name, null: false
      Float :altitude_m, null: false, default: 0.0
      TrueClass :demo, null: false, default: false
      Integer :lock_version, null: false, default: 0
    end

    create_table(:eaters) do
      primary_key :id
      String :name, null: false
      String :appetite, null: false
      String :age, null: false
      Integer :lock_version, null: false, default: 0
    end

    create_table(:cups) do
      primary_key :id
      String :name, null: false
      Float :ml, null: false
      Integer :lock_version, null: false, default: 0
    end

    create_table(:pots) do
      primary_key :id
      String :name, null: false
      Float :diameter_mm, null: false
      Float :height_mm, null: false
      String :lid, null: false
      String :material, null: false
      Float :kg, null: false
      Integer :lock_version, null: false, default: 0
    end

    create_table(:burners) do
      primary_key :id
      String :name, null: false
      String :source, null: false
      Float :high_w, null: false
      Integer :lock_version, null: false, default: 0
    end

    create_table(:bags) do
      primary_key :id
      String :name, null: false
      String :grain, null: false
      Float :left_g, null: false
      Integer :lock_version, null: false, default: 0
    end

    create_table(:cooks) do
      primary_key :id
      String :title, null: false
      String :grain, null: false
      foreign_key :pot_id, :pots, on_delete: :set_null
      String :address, null: false, text: true
      String :plan, null: false, text: true
      Float :planned_g, null: false
      Float :poured_g, null: false
      String :started_at, null: false
      String :finished_at
      Integer :lock_version, null: false, default: 0
      index %i[grain pot_id]
      index :finished_at
    end

    create_table(:events) do
      primary_key :id
      foreign_key :cook_id, :cooks, null: false, on_delete: :cascade, index: true
      String :kind, null: false
      String :what, null: false
      String :at, null: false
    end

    create_table(:outcomes) do
      foreign_key :cook_id, :cooks, primary_key: true, on_delete: :cascade
      String :grain, null: false
      String :wetness, null: false
      String :floor, null: false
      String :note, null: false, default: "", text: true
      Integer :lock_version, null: false, default: 0
    end
  end

  down { raise Sequel::Error, "migrations only go forward" }
end
