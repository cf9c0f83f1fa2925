# frozen_string_literal: true

module FondKettle
  # Frozen values with named attributes (Ruby 3.1 has no Data): `==`, `eql?` and
  # `hash` agree, `with` copies. A value is one thing and not a list: what a Struct
  # can do of a list is taken away, so that `*value` is the value itself and nothing
  # can walk through its attributes or reach one by its place.
  #
  #   Point = Value.define(:x, :y)
  #   Point.new(x: 1, y: 2).with(y: 3)
  module Value
    # What a value keeps of a Struct: how it stores, compares and shows itself.
    KEPT = %i[== eql? hash to_h inspect to_s members initialize_copy].freeze
    # What makes a Struct a list, and its own setters.
    LIST = (Struct.public_instance_methods(false) + Enumerable.public_instance_methods - KEPT).uniq.freeze

    # Returns a new class of values with `names`; the block adds methods to it.
    def self.define(*names, &block)
      Struct.new(*names, keyword_init: true) do
        names.each { |name| undef_method(:"#{name}=") }
        (LIST - names).each { |list_method| undef_method(list_method) }
        include Copying

        const_set(:WIDTH, names.size)

        class_eval(&block) if block
      end
    end

    # What every value does besides comparing.
    module Copying
      # How a copy that nobody has seen yet is changed: quicker than to make it of all its parts.
      SET = Struct.instance_method(:[]=)
      private_constant :SET

      # Raises ArgumentError where an attribute is left out, or is none of its own.
      def initialize(**attributes)
        super
        if attributes.size < self.class::WIDTH
          raise ArgumentError, "missing #{(members - attributes.keys).join(', ')}"
        end

        freeze
      end

      # A copy with some attributes changed. Raises ArgumentError where one is none of its own.
      def with(**changes)
        copy = dup
        changes.each { |name, value| SET.bind_call(copy, name, value) }
        copy.freeze
      rescue NameError => e
        raise e unless e.receiver.equal?(copy)

        raise ArgumentError, "unknown keywords: #{(changes.keys - members).join(', ')}"
      end
    end
  end
end
