# frozen_string_literal: true

require "dry/schema"
require_relative "figures"

Dry::Schema.load_extensions(:hints)

module FondKettle
  # Number types that turn a whole number into a float and nothing else into anything.
  module Schema
    Number = Dry::Types["float"].constructor { |value| value.is_a?(Integer) ? value.to_f : value }
    # As typed into a form: "1.5" or "1,5"; anything else stays what it was.
    TypedNumber = Dry::Types["float"].constructor do |value|
      next value unless value.is_a?(String)

      decimal(value) || value
    end
    TypedWhole = Dry::Types["integer"].constructor do |value|
      next value unless value.is_a?(String)

      number = Figures.read(value, whole: true)
      number && number == number.to_i ? number.to_i : value
    end
  end
end
