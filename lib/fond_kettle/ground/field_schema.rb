# frozen_string_literal: true

require_relative "field"
require_relative "schema"

module FondKettle
  # Rules of a schema made from Fields.
  module FieldSchema
    # As the browser sends a day.
    DAY = /\A\d{4}-\d\d-\d\d\z/

    module_function

    # Declares `fields` in `schema` (the block of a Schema.json or Schema.params). `numbers`
    # gives the type of a number field, `wholes` that of whole ones; `optional` makes all of them so.
    def declare(schema, fields, numbers: ->(_field) { Schema::Number }, wholes: Schema::TypedWhole,
                optional: false)
      fields.each do |field|
        place = schema.public_send(optional || field.optional ? :optional : :required, field.key)
        rule(place, field, numbers, wholes)
      end
    end

    # The same for a request as JSON: what is there has a value, and a whole number is one.
    def declare_json(schema, fields)
      fields.each do |field|
        place = schema.public_send(field.optional ? :optional : :required, field.key)
        rule(place, field.with(optional: false), ->(_field) { Schema::Number }, :integer)
      end
    end

    # The rule of one field at its place in a schema.
    def rule(place, field, numbers, wholes)
      case field.type
      when :number then number(place, field, numbers.call(field))
      when :difference then number(place, field, Schema::TypedNumber)
      when :whole then number(place, field, wholes)
      when :choice then number(place, field, :string)
      when :text then place.filled(:string, max_size?: field.range.max)
      when :list then place.value(:string, format?: listed(field.range))
      when :day then place.maybe(:string, format?: DAY)
      when :owned then place.filled(Schema::TypedWhole)
      end
    end

    # Declares a number; an optional one may also be blank.
    def number(place, field, type)
      place.public_send(field.optional ? :maybe : :filled, type, included_in?: field.range)
    end

    # Declares any number of `words`, separated by commas.
    def listed(words)
      /\A\s*(?:(?:#{words.join('|')})\s*(?:,\s*|\z))*\z/
    end
    private_class_method :rule, :number, :listed
  end
end
