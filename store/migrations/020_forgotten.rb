# frozen_string_literal: true

# When what a cook has taught was forgotten (NULL: it was not); and after which other lessons one was worked
# out (KeptLessons; NULL: nobody knows).
Sequel.migration do
  up do
    add_column :cooks, :forgotten_at, String
    add_column :lessons, :after, String
  end

  down { raise Sequel::Error, "migrations only go forward" }
end
