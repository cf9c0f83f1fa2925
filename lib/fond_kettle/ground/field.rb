# frozen_string_literal: true

require_relative "limits"
require_relative "value"

module FondKettle
  # One fact that is asked of a cook or of a file: its `key`, what it is called (`label`,
  # and the `unit` of its number), its `type`, what it may be (`range`: a Range of numbers,
  # the keys of a choice, the letters of a text, the words of a list), the `options` of a
  # choice (pairs of key and words), whether it may be left out (`optional`), and what a form
  # shows of something new (`usual`). Schemas, forms and lines of records are derived from it.
  Field = Value.define(:key, :label, :type, :range, :unit, :options, :optional, :usual) do
    # A Field with the given attributes; the others take their defaults.
    def self.of(**said)
      new(range: nil, unit: nil, options: nil, optional: false, usual: nil, **said)
    end

    # A number within a Range.
    def self.number(key, label, range, **more)
      of(key: key, label: label, type: :number, range: range, **more)
    end

    # A whole number within a Range.
    def self.whole(key, label, range)
      number(key, label, range).with(type: :whole)
    end

    # A Field for a difference in a unit: a difference of 10 °F is not converted like a reading of 10 °F.
    def self.difference(key, label, range, unit:)
      number(key, label, range, unit: unit).with(type: :difference)
    end

    # A Field for one of `range`: an Array of keys or a Hash of key to words.
    def self.choice(key, label, range, usual: nil)
      words = range.is_a?(Hash) ? range : range.to_h { |one| [one, one.tr("-", " ")] }
      of(key: key, label: label, type: :choice, range: words.keys, options: words.to_a.freeze, usual: usual)
    end

    # A text.
    def self.text(key, label, range: 1..Limits::NAME_LENGTH)
      of(key: key, label: label, type: :text, range: range)
    end

    # A Field for any number of `range`, separated by commas; may be empty.
    def self.list(key, label, range)
      of(key: key, label: label, type: :list, range: range, optional: true)
    end

    # A day, or none.
    def self.day(key, label)
      of(key: key, label: label, type: :day, optional: true)
    end

    # A Field for one of the house's things; the form that shows it knows the choices.
    def self.owned(key, label)
      of(key: key, label: label, type: :owned)
    end

    # Label with its unit: "Inside width, mm".
    def title
      [label, unit].compact.join(", ")
    end
  end
end
