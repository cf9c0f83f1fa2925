# frozen_string_literal: true

# Meals: several dishes on the table at the same minute, when each task starts, and what was tapped.
Sequel.migration do
  up do
    create_table(:meals) do
      primary_key :id
      String :title, null: false
      String :serve_at, null: false
      # Who cooks, rings, quiet hours, what is pinned, lost, done the day before: JSON.
      String :wishes, text: true, null: false
      # When each task starts, and who does it: JSON; NULL where it cannot be met.
      String :schedule, text: true
      String :made_at, null: false
      String :begun_at
      String :ended_at
      Integer :lock_version, null: false, default: 0
      index :ended_at
    end

    create_table(:meal_dishes) do
      primary_key :id
      foreign_key :meal_id, :meals, null: false, on_delete: :cascade
      # "d1": what its tasks are known by.
      String :key, null: false
      String :title, null: false
      # Address of its plan; NULL for what is made beside the rice.
      String :address, text: true
      String :grain
      Integer :pot_id
      String :plan, text: true, null: false
      index %i[meal_id key], unique: true
    end

    # The pots of a meal's dishes, once it is begun.
    create_table(:meal_cooks) do
      foreign_key :meal_dish_id, :meal_dishes, null: false, on_delete: :cascade
      foreign_key :cook_id, :cooks, null: false, on_delete: :cascade
      primary_key %i[meal_dish_id cook_id]
    end

    create_table(:meal_taps) do
      primary_key :id
      foreign_key :meal_id, :meals, null: false, on_delete: :cascade
      # Known by the device that tapped: handed over twice, it is one.
      String :key, null: false
      String :task, null: false
      # begun, over, or that one of these is taken back: not-begun, not-over.
      String :what, null: false
      String :at, null: false
      String :told_at, null: false
      index %i[meal_id key], unique: true
    end
  end

  down { raise Sequel::Error, "migrations only go forward" }
end
