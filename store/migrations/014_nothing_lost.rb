# frozen_string_literal: true

# Nothing is lost by removing: a removed record stays for thirty days, and for good where something else
# still names it. Every change is written down with what stood there before, so that it can be taken back.
Sequel.migration do
  up do
    %i[pots cups spoons steamers ovens burners bags eaters goods own_ingredients dishes cooks].each do |table|
      # Since when it is removed; NULL while it is there.
      add_column table, :removed_at, String
    end

    create_table(:changes) do
      primary_key :id
      # What was done, as a cook reads it, and the page that it is about.
      String :text, null: false
      String :path, null: false
      # change, addition or removal.
      String :kind, null: false
      # What it changed: JSON, a list of {table, key, before, after}.
      String :rows, text: true, null: false
      String :at, null: false
      # When it was taken back.
      String :taken_back_at
    end

    # What is still to be done to the files of the household's own methods; text NULL: taken away.
    create_table(:method_changes) do
      String :key, primary_key: true
      String :text, text: true
    end
  end

  down { raise Sequel::Error, "migrations only go forward" }
end
