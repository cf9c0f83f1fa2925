# frozen_string_literal: true

# Lessons: each is what a cook has shown of the kitchen, kept as it was worked out
# (Formats::LinearisedJson), so that a history is folded without running its pots anew. The bag from which its
# rice came; its weight before it went on the heat and before it was opened, g. A cook's own water that comes
# right ("mine") teaches before the first pot.
Sequel.migration do
  up do
    create_table(:lessons) do
      foreign_key :cook_id, :cooks, primary_key: true, on_delete: :cascade
      String :seen, text: true, null: false
    end
    add_column :cooks, :bag_id, Integer
    bag = from(:bags).where(grain: Sequel[:cooks][:grain], removed_at: nil).select { min(:id) }
    from(:cooks).exclude(finished_at: nil).update(bag_id: bag)
    add_column :outcomes, :before_g, Float
    add_column :outcomes, :after_g, Float
    create_table(:mine) do
      primary_key :id
      String :title, null: false
      String :address, null: false
      Float :liquid_g, null: false
      String :seen, text: true, null: false
      String :told_at, null: false
      String :removed_at
      Integer :lock_version, null: false, default: 0
    end
  end

  down { raise Sequel::Error, "migrations only go forward" }
end
