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

    # Ruby's own words, which cannot be read as a variable where a keyword argument is named so.
    WORDS = %i[alias and begin break case class def do else elsif end ensure false for if in module next
               nil not or redo rescue retry return self super then true undef unless until when while
               yield].freeze

    # Returns a new class of values with `names`; the block adds methods to it.
    def self.define(*names, &block)
      Struct.new(*names) do
        names.each { |name| undef_method(:"#{name}=") }
        (LIST - names).each { |list_method| undef_method(list_method) }
        include Copying

        singleton_class.class_eval(Value.making(names), __FILE__, __LINE__)

        class_eval(&block) if block
      end
    end

    # Ruby of a `new` that takes each of `names` as a keyword and nothing else: a plan makes
    # thousands of values, and a Struct's own keywords take four times as long. Raises
    # ArgumentError where an attribute is left out, or is none of its own.
    def self.making(names)
      given = names.map { |name| WORDS.include?(name) ? "binding.local_variable_get(:#{name})" : name }
      "alias made new; private :made\n" \
        "def new(#{names.map { |name| "#{name}:" }.join(', ')}) = made(#{given.join(', ')}).freeze"
    end

    # A copy of a value that differs.
    module Copying
      # How a copy that nobody has seen yet is changed: quicker than to make it of all its parts.
      SET = Struct.instance_method(:[]=)
      private_constant :SET

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
