# frozen_string_literal: true

# What happened at the stove is undone by when it was told (`tapped_at`), which is not always
# when it happened. A cook is one of several pots, may be left uncooked, and teaches or not
# (nil: nobody was asked). What a form made is known by the form's own key.
Sequel.migration do
  up do
    add_column :events, :tapped_at, String
    from(:events).update(tapped_at: Sequel[:at])
    # What was poured stood in the cook's own row alone.
    from(:cooks).where(finished_at: nil).exclude(poured_g: :planned_g).each do |cook|
      from(:events).insert(cook_id: cook[:id], kind: "poured", what: cook[:poured_g].to_s,
                           at: cook[:started_at], tapped_at: cook[:started_at])
    end
    add_column :cooks, :pot_no, Integer, null: false, default: 1
    add_column :cooks, :pots, Integer, null: false, default: 1
    add_column :cooks, :left_at, String
    add_column :cooks, :teaches, TrueClass
    from(:cooks).where(id: from(:outcomes).select(:cook_id)).update(teaches: true)
    add_column :pots, :lid_look, String, null: false, default: "plain"
    create_table :made do
      String :key, primary_key: true
      String :path, text: true, null: false
      String :at, null: false
    end
  end

  down { raise Sequel::Error, "migrations only go forward" }
end
