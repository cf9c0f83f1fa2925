# frozen_string_literal: true

module FondKettle
  module Schema
    # Stands between the block of a schema and what it is declared to, and passes on only what must be
    # given and what was: most requests give four fields of sixty, and each costs some milliseconds.
    class GivenOnly
      # Takes any rule for what was not given.
      module AnyRule
        module_function

        %i[filled maybe value array hash].each { |rule| define_method(rule) { |*| self } }
      end

      # `dsl`: the Dry::Schema's own; `names`: of what was given.
      def initialize(dsl, names)
        @dsl = dsl
        @names = names
      end

      # The rules of what must be given.
      def required(name)
        @dsl.required(name)
      end

      # The rules of what may be given, where it was; else what takes any.
      def optional(name)
        @names.include?(name.to_s) ? @dsl.optional(name) : AnyRule
      end
    end
  end
end
