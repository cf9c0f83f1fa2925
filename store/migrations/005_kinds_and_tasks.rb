# frozen_string_literal: true

# What a lid's own test taught stands only where there was one: 1.0 meant untested, and
# 0.999 stood for a test that found the book's figure. Events name a task by its id; the
# tasks of older plans are called by their place.
Sequel.migration do
  up do
    add_column :pots, :lid_measured, Float
    from(:pots).exclude(lid_factor: 1.0).update(lid_measured: Sequel[:lid_factor])
    from(:pots).where(lid_factor: 0.999).update(lid_measured: 1.0)
    drop_column :pots, :lid_factor
    rename_column :pots, :lid_measured, :lid_factor

    # Pairs of hands in the kitchen.
    add_column :kitchens, :hands, Integer, null: false, default: 1

    from(:events).where(kind: "step").update(kind: "task", what: Sequel.join(["step-", :what]))
  end

  down { raise Sequel::Error, "migrations only go forward" }
end
