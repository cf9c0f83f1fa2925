# frozen_string_literal: true

module FondKettle
  # Frozen values with named attributes. Ruby 3.1 has no Data, so this is a
  # Struct without its setters: `==`, `eql?` and `hash` agree, `with` copies.
  #
  #   Point = Value.define(:x, :y)
  #   Point.new(x: 1, y: 2).with(y: 3)
  module Value
    # Returns a new class; the block, as with Struct, adds methods to it.
    def self.define(*names, &block)
      Struct.new(*names, keyword_init: true) do
        names.each { |name| undef_method(:"#{name}=") }
        undef_method(:[]=)
        include Copying

        class_eval(&block) if block
      end
    end

    # What every value does besides comparing.
    module Copying
      # Raises ArgumentError when an attribute is left out.
      def initialize(**attributes)
        raise ArgumentError, "missing #{(members - attributes.keys).join(', ')}" if attributes.size < self.class.members.size

        super
        freeze
      end

      # A copy with some attributes changed.
      def with(**changes)
        self.class.new(**to_h, **changes)
      end
    end
  end
end
