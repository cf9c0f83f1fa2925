# frozen_string_literal: true

# Whether something was different when a pot came out far from what was expected: asked once, and what the
# answer was (NULL: not asked, or nobody said).
Sequel.migration do
  up { add_column :outcomes, :different, TrueClass }

  down { raise Sequel::Error, "migrations only go forward" }
end
