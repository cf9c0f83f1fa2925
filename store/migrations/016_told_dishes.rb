# frozen_string_literal: true

# A dish that is told in a cook's own words keeps what was read of them, with the words as they were written
# (a dish of schema 2, JSON), and what the cook answered (JSON); empty where its lines and steps were typed.
Sequel.migration do
  up do
    add_column :dishes, :graph, String, text: true, null: false, default: ""
    add_column :dishes, :answers, String, text: true, null: false, default: "[]"
  end

  down { raise Sequel::Error, "migrations only go forward" }
end
