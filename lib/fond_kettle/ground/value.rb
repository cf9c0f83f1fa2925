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

        singleton_class.class_eval(Value.making(names), __FILE__, __LINE__)
        class_eval(Value.copying(names), __FILE__, __LINE__)

        class_eval(&block) if block
      end
    end

    # Ruby of a `new` that takes each of `names` as a keyword and nothing else: a plan makes
    # thousands of values, and a Struct's own keywords take four times as long. Raises
    # ArgumentError where an attribute is left out, or is none of its own.
    def self.making(names)
      "alias made new; private :made\n" \
        "def new(#{names.map { |name| "#{name}:" }.join(', ')}) = made(#{given(names)}).freeze"
    end

    # Ruby of a `with` that copies a value with some attributes changed; those that are not given stay. Raises
    # ArgumentError where one is none of its own.
    def self.copying(names)
      kept = names.map { |name| "#{name}: self.#{name}" }.join(", ")
      changed = names.map { |name| "#{name}: #{read(name)}" }.join(", ")
      "def with(#{kept}) = self.class.new(#{changed})"
    end

    def self.given(names)
      names.map { |name| read(name) }.join(", ")
    end

    def self.read(name)
      WORDS.include?(name) ? "binding.local_variable_get(:#{name})" : name
    end
    private_class_method :given, :read
  end
end
