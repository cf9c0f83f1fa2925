# frozen_string_literal: true

# A pot may be narrower at its floor than at its rim; what was there is straight.
Sequel.migration do
  up { add_column :pots, :floor_mm, Float }

  down { raise Sequel::Error, "migrations only go forward" }
end
