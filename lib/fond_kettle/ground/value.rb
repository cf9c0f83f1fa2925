# frozen_string_literal: true

module FondKettle
  # Frozen values with named attributes (Ruby 3.1 has no Data): `==`, `eql?` and
  # `hash` agree, `with` copies. A value is one thing and not a list: it has no
  # to_a, cannot be splatted into its attributes, walked through or indexed.
  #
  #   Point = Value.define(:x, :y)
  #   Point.new(x: 1, y: 2).with(y: 3)
  module Value
    # Returns a new class of values with `names`; the block adds methods to it.
    def self.define(*names, &block)
      names.freeze
      Class.new do
        attr_reader(*names)

        define_singleton_method(:members) { names }
        include Behaviour

        class_eval(&block) if block
      end
    end

    # What every value does.
    module Behaviour
      # Raises ArgumentError where an attribute is left out, or is none of its own.
      def initialize(**attributes)
        check(attributes) unless attributes.size == members.size && members.all? { |name| attributes.key?(name) }

        attributes.each { |name, value| instance_variable_set(:"@#{name}", value) }
        freeze
      end

      # The names of its attributes.
      def members
        self.class.members
      end

      # Attributes by name.
      def to_h
        members.to_h { |name| [name, instance_variable_get(:"@#{name}")] }
      end

      # A copy with some attributes changed.
      def with(**changes)
        self.class.new(**to_h, **changes)
      end

      def ==(other)
        other.instance_of?(self.class) && to_h == other.to_h
      end

      def eql?(other)
        other.instance_of?(self.class) && to_h.eql?(other.to_h)
      end

      def hash
        [self.class, to_h].hash
      end

      def inspect
        "#<#{self.class.name} #{to_h.map { |name, value| "#{name}=#{value.inspect}" }.join(', ')}>"
      end

      private

      def check(attributes)
        missing = members - attributes.keys
        raise ArgumentError, "missing #{missing.join(', ')}" if missing.any?

        raise ArgumentError, "unknown #{(attributes.keys - members).join(', ')}"
      end
    end
  end
end
