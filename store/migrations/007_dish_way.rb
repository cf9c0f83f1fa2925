# frozen_string_literal: true

# A dish keeps its own way (rinse, soak, lid, rest …) as a JSON object; what was there has
# its method's.
Sequel.migration do
  up { add_column :dishes, :way, String, text: true, null: false, default: "{}" }

  down { raise Sequel::Error, "migrations only go forward" }
end
