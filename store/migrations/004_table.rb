# frozen_string_literal: true

# Dishes and what belongs to the table: portions, what eaters avoid, what is in
# the larder, ingredients of the house's own.
Sequel.migration do
  up do
    create_table(:dishes) do
      primary_key :id
      String :title, null: false
      Float :serves, null: false
      String :method, null: false
      String :grain, null: false
      Float :rice_g, null: false
      Float :pan_mm
      # As the cook wrote them, a line each.
      String :lines, null: false, text: true, default: ""
      String :steps, null: false, text: true, default: ""
      String :note, null: false, text: true, default: ""
      Integer :lock_version, null: false, default: 0
      index :title
    end
    # Full-text search over the dishes, kept by the database itself.
    run "CREATE VIRTUAL TABLE dishes_found USING fts5(title, lines, note, content='dishes', " \
        "content_rowid='id', tokenize='unicode61 remove_diacritics 2')"
    forget = "INSERT INTO dishes_found(dishes_found, rowid, title, lines, note) " \
             "VALUES ('delete', old.id, old.title, old.lines, old.note);"
    learn = "INSERT INTO dishes_found(rowid, title, lines, note) VALUES (new.id, new.title, new.lines, " \
            "new.note);"
    run "CREATE TRIGGER dishes_added AFTER INSERT ON dishes BEGIN #{learn} END"
    run "CREATE TRIGGER dishes_removed AFTER DELETE ON dishes BEGIN #{forget} END"
    run "CREATE TRIGGER dishes_changed AFTER UPDATE ON dishes BEGIN #{forget} #{learn} END"

    # What this house takes a portion to be, where that is not the book's.
    create_table(:portions) do
      primary_key :id
      String :name, null: false, unique: true
      Float :g, null: false
      Integer :lock_version, null: false, default: 0
    end

    create_table(:goods) do
      primary_key :id
      String :ingredient, null: false
      Float :left_g, null: false
      Integer :lock_version, null: false, default: 0
    end

    # Like one of the catalogue (its key), with its own name; what is not null
    # differs from that.
    create_table(:own_ingredients) do
      primary_key :id
      String :name, null: false
      String :like, null: false
      Float :brings
      Float :takes
      Float :g_ml
      Float :salt
      String :allergens, null: false, default: ""
      Integer :lock_version, null: false, default: 0
    end

    # Allergens, with commas between.
    alter_table(:eaters) { add_column :avoids, String, null: false, default: "" }
  end

  down { raise Sequel::Error, "migrations only go forward" }
end
