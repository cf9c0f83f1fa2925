# frozen_string_literal: true

# The household's word, as bcrypt keeps it; the devices that were let in; tickets that let one in; and who was
# refused. Beside the kitchen's file and not in it: a copy of a kitchen opens no door.
Sequel.migration do
  up do
    create_table(:words) do
      primary_key :id
      String :digest, null: false
      String :made_at, null: false
    end
    create_table(:devices) do
      primary_key :id
      String :name, null: false
      String :token, null: false, unique: true
      TrueClass :guest, null: false, default: false
      String :joined_at, null: false
      String :seen_at, null: false
      String :until
    end
    create_table(:tickets) do
      String :token, primary_key: true
      TrueClass :guest, null: false, default: false
      String :until, null: false
    end
    create_table(:refusals) do
      primary_key :id
      String :kind, null: false
      String :from, null: false
      String :hour, null: false
      Integer :times, null: false, default: 0
      String :last_at, null: false
      unique %i[kind from hour]
    end
  end

  down { raise Sequel::Error, "migrations only go forward" }
end
