# frozen_string_literal: true

# A pot keeps what its plan was made of, whole: the request as JSON (Formats::StoredRequest). NULL where
# nobody has worked it out yet for a cook of before; "null" where it cannot be known. What follows from a tap
# is worked out after it was stored: up to which event that is done.
Sequel.migration do
  up do
    add_column :cooks, :request, String, text: true
    add_column :cooks, :followed_to, Integer, null: false, default: 0
    last = from(:events).where(cook_id: Sequel[:cooks][:id]).select { max(:id) }
    from(:cooks).update(followed_to: Sequel.function(:coalesce, last, 0))
    add_column :meal_dishes, :request, String, text: true
  end

  down { raise Sequel::Error, "migrations only go forward" }
end
